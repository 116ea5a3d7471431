import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import pg from 'pg';

/** After the connection to PostgreSQL broke, ms. */
const RETRY_MS = 1_000;

export interface Notifications {
  /** False while nothing can be heard: then nothing may rest on having heard nothing. */
  readonly areHeard: boolean;
  /**
   * @param told whenever somebody notifies, with what they say
   * @param missed whenever it is heard again after it was not: something may have been said
   */
  on(channel: string, told: (payload: string) => void, missed: () => void): Promise<void>;
}

declare module 'fastify' {
  interface FastifyInstance {
    readonly notifications: Notifications;
  }
}

export interface NotificationsOptions {
  readonly databaseUrl: string;
}

/** One connection that listens to PostgreSQL, so that server processes hear of each other's writes. */
export const notifications = fp(
  async (app: FastifyInstance, { databaseUrl }: NotificationsOptions) => {
    const channels = new Map<string, { told: (payload: string) => void; missed: () => void }>();
    let client: pg.Client | undefined;
    let retry: NodeJS.Timeout | undefined;
    let closed = false;
    let areHeard = false;

    async function listen(): Promise<void> {
      const next = new pg.Client({ connectionString: databaseUrl, keepAlive: true });
      client = next;
      next.on('error', () => undefined); // `end` follows
      next.on('end', () => {
        areHeard = false;
        if (closed) return;
        retry = setTimeout(() => void listen().catch(() => undefined), RETRY_MS);
      });
      next.on('notification', ({ channel, payload }) => channels.get(channel)?.told(payload ?? ''));
      await next.connect();
      for (const channel of channels.keys()) await next.query(`LISTEN ${channel}`);
      areHeard = true;
      for (const { missed } of channels.values()) missed();
    }

    app.decorate('notifications', {
      get areHeard() {
        return areHeard;
      },
      async on(channel, told, missed) {
        channels.set(channel, { told, missed });
        await client?.query(`LISTEN ${channel}`);
      },
    } satisfies Notifications);
    app.addHook('onClose', async () => {
      closed = true;
      clearTimeout(retry);
      await client?.end();
    });
    await listen();
  },
  { name: 'notifications', fastify: '5.x' },
);
