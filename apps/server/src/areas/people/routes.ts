import { idParams, person } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { listPeople, readPerson } from './people-store.js';

/** The people a trainer looks after. */
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
  done();
}
