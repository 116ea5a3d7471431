import {
  bandEventInput,
  bandInput,
  cutInput,
  eventParams,
  idParams,
  lawChoice,
  measurementInput,
  measurementParams,
  readingAsideInput,
  readingInput,
  readingParams,
} from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { chooseLaw, cutPiece, putBand, setBandRemoved } from './band-store.js';
import { addBandEvent } from './care-store.js';
import { addReading, putMeasurement, setReadingAside } from './measurement-store.js';

/** The studio's bands, their measurements and what happens to them. */
export function bandRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id',
    params: idParams,
    body: bandInput,
    answers: 'band',
    work: (scoped, { body, params }) => putBand(scoped, params.id, body),
  });

  writeRoute(app, {
    method: 'DELETE',
    url: '/bands/:id',
    params: idParams,
    answers: 'band',
    work: (scoped, { params }) => setBandRemoved(scoped, params.id, true),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/bands/:id/restore',
    params: idParams,
    answers: 'band',
    work: (scoped, { params }) => setBandRemoved(scoped, params.id, false),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id/law',
    params: idParams,
    body: lawChoice,
    answers: 'band',
    work: (scoped, { body, params }) => chooseLaw(scoped, params.id, body),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/bands/:id/cut',
    params: idParams,
    body: cutInput,
    answers: 'band',
    work: (scoped, { body, params }) => cutPiece(scoped, params.id, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id/measurements/:measurementId',
    params: measurementParams,
    body: measurementInput,
    answers: 'band',
    work: (scoped, { body, params: { id, measurementId } }) =>
      putMeasurement(scoped, id, measurementId, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id/measurements/:measurementId/readings/:readingId',
    params: readingParams,
    body: readingInput,
    answers: 'band',
    work: (scoped, { body, params: { id, measurementId, readingId } }) =>
      addReading(scoped, id, measurementId, readingId, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id/measurements/:measurementId/readings/:readingId/set-aside',
    params: readingParams,
    body: readingAsideInput,
    answers: 'band',
    work: (scoped, { body, params: { id, readingId } }) =>
      setReadingAside(scoped, id, readingId, body),
  });

  writeRoute(app, {
    method: 'PUT',
    url: '/bands/:id/events/:eventId',
    params: eventParams,
    body: bandEventInput,
    answers: 'band',
    work: (scoped, { body, params: { eventId, id } }) => addBandEvent(scoped, id, eventId, body),
  });

  done();
}
