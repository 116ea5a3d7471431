import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import type { ServerResponse } from 'node:http';
import pg from 'pg';

/** What a transaction that wrote records tells every server process, with the studio's id. */
export const RECORDS_CHANNEL = 'records';

/** A line now and then keeps proxies from closing what seems idle, ms. */
const HEARTBEAT_MS = 25_000;
/** After the connection to PostgreSQL broke, ms. */
const RETRY_MS = 1_000;

declare module 'fastify' {
  interface FastifyInstance {
    /** Tells a browser to look again whenever something of the studio was written. */
    tellWhenWritten(studioId: string, response: ServerResponse): void;
  }
}

export interface StreamOptions {
  readonly databaseUrl: string;
}

/** Listens to PostgreSQL, so that any number of server processes tell of each other's writes. */
export const stream = fp(
  async (app: FastifyInstance, { databaseUrl }: StreamOptions) => {
    const listening = new Map<string, Set<ServerResponse>>();
    let client: pg.Client | undefined;
    let retry: NodeJS.Timeout | undefined;
    let closed = false;

    const tell = (responses: Iterable<ServerResponse>, line: string): void => {
      for (const response of responses) response.write(line);
    };
    const everyone = (): ServerResponse[] => [...listening.values()].flatMap((some) => [...some]);

    async function listen(): Promise<void> {
      const next = new pg.Client({ connectionString: databaseUrl, keepAlive: true });
      client = next;
      next.on('error', () => undefined); // `end` follows
      next.on('end', () => {
        if (closed) return;
        retry = setTimeout(() => void listen().catch(() => undefined), RETRY_MS);
      });
      next.on('notification', ({ payload }) =>
        tell(listening.get(payload ?? '') ?? [], 'data: look\n\n'),
      );
      await next.connect();
      await next.query(`LISTEN ${RECORDS_CHANNEL}`);
      // What was written meanwhile nobody was told of.
      tell(everyone(), 'data: look\n\n');
    }

    const heartbeat = setInterval(() => tell(everyone(), ': still here\n\n'), HEARTBEAT_MS);
    app.decorate('tellWhenWritten', (studioId, response) => {
      const known = listening.get(studioId) ?? new Set();
      listening.set(studioId, known.add(response));
      response.on('close', () => {
        known.delete(response);
        if (known.size === 0) listening.delete(studioId);
      });
    });
    app.addHook('preClose', () => {
      for (const response of everyone()) response.end();
    });
    app.addHook('onClose', async () => {
      closed = true;
      clearInterval(heartbeat);
      clearTimeout(retry);
      await client?.end();
    });
    await listen();
  },
  { name: 'stream', fastify: '5.x' },
);
