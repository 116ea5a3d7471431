import { Readable } from 'node:stream';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { zipOf } from '../../platform/files/zip.js';
import { studioDocuments } from './studio-documents.js';

/** A whole studio as open documents. */
export function studioDocumentRoutes(app: App, _options: unknown, done: () => void): void {
  app.get(
    '/studio/documents.zip',
    { config: { owners: true }, schema: { response: { 200: z.unknown() } } },
    ({ scoped }, reply) =>
      reply.type('application/zip').send(Readable.from(zipOf(studioDocuments(scoped)))),
  );
  done();
}
