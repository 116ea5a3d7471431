import { changes, changesQuery, recordParams, RECORDS } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../app-context.js';
import { changesAfter } from './feed.js';
import { recordText } from './read-records.js';

/** What devices keep: the changes after a cursor, one record, and word that there are some. */
export function recordRoutes(app: App, _options: unknown, done: () => void): void {
  app.get(
    '/changes',
    { schema: { querystring: changesQuery, response: { 200: changes } } },
    async ({ query, scoped }, reply) => {
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
