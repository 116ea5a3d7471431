import { idParams, personQuery, setup, setupInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../platform/app-context.js';
import { listSetups, putSetup, readSetup, setSetupRemoved } from './setup-store.js';

const answersSetup = { 200: setup };

/** Set-ups: a person, an exercise, an anchor and the bands on it. */
export function setupRoutes(app: App, _options: unknown, done: () => void): void {
  const { database } = app;

  app.get(
    '/setups',
    { schema: { querystring: personQuery, response: { 200: z.array(setup) } } },
    ({ scope, query }) => listSetups(database.manager, scope, query.personId),
  );

  app.get(
    '/setups/:id',
    { schema: { params: idParams, response: answersSetup } },
    ({ scope, params }) => readSetup(database.manager, scope, params.id),
  );

  app.put(
    '/setups/:id',
    { schema: { params: idParams, body: setupInput, response: answersSetup } },
    ({ scope, params, body }) =>
      database.transaction((manager) => putSetup(manager, scope, params.id, body)),
  );

  app.delete(
    '/setups/:id',
    { schema: { params: idParams, response: answersSetup } },
    ({ scope, params }) =>
      database.transaction((manager) => setSetupRemoved(manager, scope, params.id, true)),
  );

  app.post(
    '/setups/:id/restore',
    { schema: { params: idParams, response: answersSetup } },
    ({ scope, params }) =>
      database.transaction((manager) => setSetupRemoved(manager, scope, params.id, false)),
  );
  done();
}
