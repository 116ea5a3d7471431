import type { FastifyInstance, FastifyRequest } from 'fastify';
import fp from 'fastify-plugin';
import { Refusal } from '../problems/refusal.js';

/** These change nothing. */
const READING: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/**
 * Writes come from pages of our own alone. Every browser says where a write comes from; a program that
 * is none says nothing, and nobody's sign-in travels with it unasked.
 */
export const sameOrigin = fp(
  (app: FastifyInstance, _options, done) => {
    app.addHook('onRequest', (request, _reply, next) => {
      const isRefused = !READING.has(request.method) && !isOurs(request);
      next(isRefused ? new Refusal('another-site') : undefined);
    });
    done();
  },
  { name: 'same-origin', fastify: '5.x' },
);

function isOurs({ headers, host }: FastifyRequest): boolean {
  const { origin, 'sec-fetch-site': site } = headers;
  if (origin !== undefined) return URL.canParse(origin) && new URL(origin).host === host;
  return site === undefined || site === 'same-origin' || site === 'none';
}
