import { idParams, setup, setupInput, setupVersionParams } from '@wiry-otter/contracts';
import { clearanceWords } from '@wiry-otter/core';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { dayInZone } from '@wiry-otter/derived';
import { writeRoute } from '../../platform/records/write.js';
import { findPerson } from '../people/people-store.js';
import { PlaceEntity } from '../places/entities.js';
import { markSheet } from './mark-sheet.js';
import { putSetup, readSetup, readSetupVersion, setSetupRemoved } from './setup-store.js';

/** Set-ups: a person, an exercise, an anchor and the bands on it. */
export function setupRoutes(app: App, _options: unknown, done: () => void): void {
  const { solver } = app;

  app.get(
    '/setups/:id/versions/:version',
    { schema: { params: setupVersionParams, response: { 200: setup } } },
    ({ params, scoped }) => readSetupVersion(scoped, params.id, params.version),
  );

  app.get(
    '/setups/:id/marks.pdf',
    { schema: { params: idParams, response: { 200: z.unknown() } } },
    async ({ params, scoped }, reply) => {
      const { now, units, zone } = scoped.scope;
      const found = await readSetup(scoped, params.id);
      const person = await findPerson(scoped, found.personId);
      const place = await scoped.findOwn(PlaceEntity, { id: found.placeId });
      const clearance = clearanceWords(person, dayInZone(now, zone));
      const { figuresShown, name } = person;
      const head = { person: name, place: place.name, figuresShown, clearance };
      return reply.type('application/pdf').send(await markSheet(solver, found, head, units));
    },
  );

  writeRoute(app, {
    method: 'PUT',
    url: '/setups/:id',
    params: idParams,
    body: setupInput,
    answers: 'setup',
    work: (scoped, { body, params }) => putSetup(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'DELETE',
    url: '/setups/:id',
    params: idParams,
    answers: 'setup',
    work: (scoped, { params }) => setSetupRemoved(scoped, params.id, true),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/setups/:id/restore',
    params: idParams,
    answers: 'setup',
    work: (scoped, { params }) => setSetupRemoved(scoped, params.id, false),
  });
  done();
}
