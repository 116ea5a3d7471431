import {
  band,
  bandEventInput,
  bandInput,
  cutInput,
  eventParams,
  idParams,
  lawChoice,
  measurementInput,
  measurementParams,
  readingInput,
  readingParams,
  readingAsideInput,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { chooseLaw, cutPiece, listBands, putBand, readBand, setBandRemoved } from './band-store.js';
import { addBandEvent } from './care-store.js';
import { addReading, putMeasurement, setReadingAside } from './measurement-store.js';

const answersBand = { 200: band };

/** The studio's bands, their measurements and what happens to them. */
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
    '/bands/:id/law',
    { schema: { params: idParams, body: lawChoice, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) => chooseLaw(manager, scope, params.id, body)),
  );

  app.post(
    '/bands/:id/cut',
    { schema: { params: idParams, body: cutInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) => cutPiece(manager, scope, params.id, body)),
  );

  app.put(
    '/bands/:id/measurements/:measurementId',
    { schema: { params: measurementParams, body: measurementInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        putMeasurement(manager, scope, params.id, params.measurementId, body),
      ),
  );

  app.put(
    '/bands/:id/measurements/:measurementId/readings/:readingId',
    { schema: { params: readingParams, body: readingInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        addReading(manager, scope, params.id, params.measurementId, params.readingId, body),
      ),
  );

  app.put(
    '/bands/:id/measurements/:measurementId/readings/:readingId/set-aside',
    { schema: { params: readingParams, body: readingAsideInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        setReadingAside(manager, scope, params.id, params.readingId, body),
      ),
  );

  app.put(
    '/bands/:id/events/:eventId',
    { schema: { params: eventParams, body: bandEventInput, response: answersBand } },
    ({ scope, params, body }) =>
      database.transaction((manager) =>
        addBandEvent(manager, scope, params.id, params.eventId, body),
      ),
  );
  done();
}
