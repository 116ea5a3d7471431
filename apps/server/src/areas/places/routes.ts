import { idParams, place, placeInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { listPlaces, putPlace } from './place-store.js';

/** The places people train at, with their anchors. */
export function placeRoutes(app: App, _options: unknown, done: () => void): void {
  app.get('/places', { schema: { response: { 200: z.array(place) } } }, ({ scope }) =>
    listPlaces(app.database.manager, scope),
  );

  app.put(
    '/places/:id',
    { schema: { params: idParams, body: placeInput, response: { 200: place } } },
    ({ scope, params, body }) =>
      app.database.transaction((inside) => putPlace(inside, scope, params.id, body)),
  );
  done();
}
