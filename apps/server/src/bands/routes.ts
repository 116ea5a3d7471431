import {
  band,
  bandInput,
  idParams,
  readingInput,
  readingParams,
  setAsideInput,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../platform/app-context.js';
import {
  addReading,
  listBands,
  putBand,
  readBand,
  setBandRemoved,
  setReadingAside,
} from './band-store.js';

const answersBand = { 200: band };

/** The studio's bands and their measurements. */
export function bandRoutes(app: App, _options: unknown, done: () => void): void {
  const { database } = app;

  app.get('/bands', { schema: { response: { 200: z.array(band) } } }, ({ scope }) =>
    listBands(database.manager, scope),
  );

  app.get(
    '/bands/:id',
    { schema: { params: idParams, response: answersBand } },
    ({ scope, params }) => readBand(database.manager, scope, params.id),
  );

  app.put(
    '/bands/:id',
    { schema: { params: idParams, body: bandInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) => putBand(manager, scope, params.id, body)),
  );

  app.delete(
    '/bands/:id',
    { schema: { params: idParams, response: answersBand } },
    ({ scope, params }) =>
      database.transaction((manager) => setBandRemoved(manager, scope, params.id, true)),
  );

  app.post(
    '/bands/:id/restore',
    { schema: { params: idParams, response: answersBand } },
    ({ scope, params }) =>
      database.transaction((manager) => setBandRemoved(manager, scope, params.id, false)),
  );

  app.put(
    '/bands/:id/readings/:readingId',
    { schema: { params: readingParams, body: readingInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        addReading(manager, scope, params.id, params.readingId, body),
      ),
  );

  app.put(
    '/bands/:id/readings/:readingId/set-aside',
    { schema: { params: readingParams, body: setAsideInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        setReadingAside(manager, scope, params.id, params.readingId, body.setAside),
      ),
  );
  done();
}
