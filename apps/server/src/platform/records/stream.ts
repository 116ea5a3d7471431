import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import type { ServerResponse } from 'node:http';

/** What a transaction that wrote records tells every server process, with the studio's id. */
export const RECORDS_CHANNEL = 'records';

/** A line now and then keeps proxies from closing what seems idle, ms. */
const HEARTBEAT_MS = 25_000;

declare module 'fastify' {
  interface FastifyInstance {
    /** Tells a browser to look again whenever something of the studio was written. */
    tellWhenWritten(studioId: string, response: ServerResponse): void;
  }
}

/** Tells browsers of what any server process has written. */
export const stream = fp(
  async (app: FastifyInstance) => {
    const listening = new Map<string, Set<ServerResponse>>();
    const tell = (responses: Iterable<ServerResponse>, line: string): void => {
      for (const response of responses) response.write(line);
    };
    const everyone = (): ServerResponse[] => [...listening.values()].flatMap((some) => [...some]);

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
    app.addHook('onClose', () => clearInterval(heartbeat));
    await app.notifications.on(
      RECORDS_CHANNEL,
      (studioId) => tell(listening.get(studioId) ?? [], 'data: look\n\n'),
      () => tell(everyone(), 'data: look\n\n'),
    );
  },
  { name: 'stream', fastify: '5.x', dependencies: ['notifications'] },
);
