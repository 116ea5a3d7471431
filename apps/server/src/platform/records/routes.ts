import {
  changes,
  changesQuery,
  PAGE,
  PAGE_HEADER,
  recordParams,
  RECORDS,
} from '@wiry-otter/contracts';
import type { FastifyRequest } from 'fastify';
import * as z from 'zod';
import type { App } from '../app-context.js';
import { TRAINER_HEADER } from '../access/sign-in-plugin.js';
import { refuse } from '../problems/refusal.js';
import { changesAfter } from './feed.js';
import { recordText } from './read-records.js';

/**
 * Whether a page of ours asks that would not read all it is told, or drop it unseen. Such pages say
 * as whom they act, from a browser; a program that asks says neither and is told all.
 */
function isOlderPage({ headers }: FastifyRequest): boolean {
  const isPage = headers[TRAINER_HEADER] !== undefined && headers['sec-fetch-site'] !== undefined;
  return isPage && !(Number(headers[PAGE_HEADER]) >= PAGE);
}

/** What devices keep: the changes after a cursor, one record, and word that there are some. */
export function recordRoutes(app: App, _options: unknown, done: () => void): void {
  app.get(
    '/changes',
    { schema: { querystring: changesQuery, response: { 200: changes } } },
    async (request, reply) => {
      const { query, scoped } = request;
      if (isOlderPage(request)) return refuse('page-outdated');
      const text = await changesAfter(scoped, query.after, query.limit);
      return reply.type('application/json; charset=utf-8').send(text as never);
    },
  );

  app.get(
    '/records/:kind/:id',
    { schema: { params: recordParams, response: { 200: z.union(Object.values(RECORDS)) } } },
    async ({ params, scoped }, reply) => {
      const text = await recordText(scoped, params.kind, params.id);
      return reply.type('application/json; charset=utf-8').send(text as never);
    },
  );

  app.get(
    '/changes/stream',
    { schema: { response: { 200: z.unknown() } }, compress: false },
    ({ scope }, reply) => {
      reply.hijack();
      reply.raw.writeHead(200, {
        'content-type': 'text/event-stream',
        'cache-control': 'no-store',
        'x-accel-buffering': 'no',
      });
      reply.raw.write('data: look\n\n');
      app.tellWhenWritten(scope.studioId, reply.raw);
    },
  );
  done();
}
