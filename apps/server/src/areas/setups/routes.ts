import { idParams, personQuery, setup, setupInput } from '@wiry-otter/contracts';
import { clearanceWords } from '@wiry-otter/core';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { PlaceEntity } from '../places/entities.js';
import { StudioEntity } from '../studio/entities.js';
import { findPerson } from '../people/people-store.js';
import { dayInZone } from '../../platform/days.js';
import { findOwn } from '../../platform/access/scope.js';
import { markSheet } from './mark-sheet.js';
import { listSetups, putSetup, readSetup, setSetupRemoved } from './setup-store.js';

const answersSetup = { 200: setup };

/** Set-ups: a person, an exercise, an anchor and the bands on it. */
export function setupRoutes(app: App, _options: unknown, done: () => void): void {
  const { database, solver } = app;

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

  app.get(
    '/setups/:id/marks.pdf',
    { schema: { params: idParams, response: { 200: z.unknown() } } },
    async ({ scope, params }, reply) => {
      const found = await readSetup(database.manager, scope, params.id);
      const person = await findPerson(database.manager, scope, found.personId);
      const place = await findOwn(database.manager, PlaceEntity, scope, { id: found.placeId });
      const studio = await database.manager.findOneByOrFail(StudioEntity, { id: scope.studioId });
      const today = dayInZone(new Date(), studio.zone);
      const clearance = clearanceWords(person, today);
      const head = { person: person.name, place: place.name, clearance };
      return reply
        .type('application/pdf')
        .send(await markSheet(solver, found, head, studio.forceUnit));
    },
  );

  app.put(
    '/setups/:id',
    { schema: { params: idParams, body: setupInput, response: answersSetup } },
    ({ scope, params, body }) =>
      database.transaction((manager) => putSetup(manager, solver, scope, params.id, body)),
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
