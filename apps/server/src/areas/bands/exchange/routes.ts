import { importPlan, importQuery, LARGEST_IMPORT } from '@wiry-otter/contracts';
import { knowBands } from '@wiry-otter/core';
import * as z from 'zod';
import type { App } from '../../../platform/app-context.js';
import { refuse } from '../../../platform/problems/refusal.js';
import { listBands } from '../band-store.js';
import { bandDocumentOf, bandsCsv, measurementsCsv } from './export-bands.js';
import { planCsv, planDocuments } from './import-plan.js';
import { refuseFile } from './read-csv.js';
import { savePlan } from './save-plan.js';
import { tagSheet } from './tag-sheet.js';

const CSV = 'text/csv; charset=utf-8';
const file = { 200: z.unknown() };

/** Bands in and out: CSV, open documents, and tags to print. */
export function exchangeRoutes(app: App, _options: unknown, done: () => void): void {
  // A file is taken as it is; what it means is found out with its own messages.
  app.addContentTypeParser(
    ['text/csv', 'application/json'],
    { parseAs: 'buffer' },
    (_request, body, parsed) => parsed(null, body),
  );

  app.post(
    '/bands/import',
    {
      bodyLimit: LARGEST_IMPORT,
      schema: { querystring: importQuery, response: { 200: importPlan } },
    },
    ({ scoped, query, headers, body }) => {
      if (!Buffer.isBuffer(body) || body.length === 0) {
        return refuseFile('no file', 'a CSV file or a JSON document');
      }
      const csv = headers['content-type']?.startsWith('text/csv') === true;
      return scoped.transaction(async (inside) => {
        const bands = await listBands(inside);
        const { shown, steps } = csv
          ? planCsv(body, bands, scoped.scope.units)
          : planDocuments(body, bands);
        if (query.save === undefined) return shown;
        // Something changed since the plan was shown: show the new one instead of saving it.
        if (query.save !== shown.digest) return refuse('plan-changed');
        await savePlan(inside, steps);
        return { ...shown, saved: true };
      });
    },
  );

  app.get('/bands/export/bands.csv', { schema: { response: file } }, async ({ scoped }, reply) =>
    reply.type(CSV).send(bandsCsv(await listBands(scoped))),
  );

  app.get(
    '/bands/export/measurements.csv',
    { schema: { response: file } },
    async ({ scoped }, reply) => reply.type(CSV).send(measurementsCsv(await listBands(scoped))),
  );

  app.get('/bands/export/bands.json', { schema: { response: file } }, async ({ scoped }) => ({
    format: 'wiry-otter.bands',
    version: 1,
    bands: (await listBands(scoped)).map(bandDocumentOf),
  }));

  app.get('/bands/export/tags.pdf', { schema: { response: file } }, async ({ scoped }, reply) => {
    const known = knowBands(await listBands(scoped));
    const wanted = known.filter(
      ({ record }) => record.stock === 'band' && record.state !== 'retired',
    );
    const { studioId, units } = scoped.scope;
    // Not where this request was sent to: a tag is read for years, by other devices.
    const address = await app.mailer.addressOf(studioId);
    const pdf = await tagSheet(wanted, units, ({ id }) => `${address}/bands/${id}`);
    return reply.type('application/pdf').send(pdf);
  });
  done();
}
