import type { FastifyInstance } from 'fastify';
import fp from 'fastify-plugin';
import type { Scope } from './scope.js';
import { scopeOfToken } from './sign-in-store.js';

/** Told by triggers whenever a sign-in ends, or what trainers or studios are like changes. */
const SCOPES_CHANNEL = 'scopes';

/** A sign-in is looked up again after this, whatever was heard, ms. */
const KNOWN_MS = 60_000;
/** So many are known at a time; the oldest is looked up again. */
const MOST_KNOWN = 5000;

declare module 'fastify' {
  interface FastifyInstance {
    readonly signIns: KnownSignIns;
  }
}

export interface KnownSignIns {
  /** Who asks with a token; undefined where it was withdrawn or has run out. */
  scopeOf(token: string): Promise<Scope | undefined>;
  /** Looks all of them up anew: at once where this process has changed something itself. */
  forget(): void;
}

/** Looks a sign-in up once a minute, not at each request; forgets it at once when it is withdrawn. */
export const knownSignIns = fp(
  async (app: FastifyInstance) => {
    const known = new Map<string, { readonly scope: Scope; readonly until: number }>();
    const forget = (): void => known.clear();
    app.decorate('signIns', {
      async scopeOf(token) {
        const now = new Date();
        const kept = known.get(token);
        if (kept !== undefined && kept.until > now.getTime() && app.notifications.areHeard) {
          return { ...kept.scope, now };
        }
        known.delete(token);
        const scope = await scopeOfToken(app.database, token, now);
        if (scope === undefined) return undefined;
        const [oldest] = known.keys();
        if (known.size >= MOST_KNOWN && oldest !== undefined) known.delete(oldest);
        known.set(token, { scope, until: now.getTime() + KNOWN_MS });
        return scope;
      },
      forget,
    } satisfies KnownSignIns);
    await app.notifications.on(SCOPES_CHANNEL, forget, forget);
  },
  { name: 'known-sign-ins', fastify: '5.x', dependencies: ['notifications'] },
);
