import { idParams, person, place, placeInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../platform/app-context.js';
import { listPeople, listPlaces, putPlace, readPerson } from './people-store.js';

/** People and the places they train at. */
export function peopleRoutes(app: App, _options: unknown, done: () => void): void {
  const { manager } = app.database;

  app.get('/people', { schema: { response: { 200: z.array(person) } } }, ({ scope }) =>
    listPeople(manager, scope),
  );

  app.get(
    '/people/:id',
    { schema: { params: idParams, response: { 200: person } } },
    ({ scope, params }) => readPerson(manager, scope, params.id),
  );

  app.get('/places', { schema: { response: { 200: z.array(place) } } }, ({ scope }) =>
    listPlaces(manager, scope),
  );

  app.put(
    '/places/:id',
    { schema: { params: idParams, body: placeInput, response: { 200: place } } },
    ({ scope, params, body }) =>
      app.database.transaction((inside) => putPlace(inside, scope, params.id, body)),
  );
  done();
}
