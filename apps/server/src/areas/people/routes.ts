import { idParams, noteInput, personInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { putNote } from './note-store.js';
import { putPersonAndLift } from '../sessions/lift-by-clearance.js';

/** The people that trainers work with, and what is noted of them. */
export function peopleRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/people/:id',
    params: idParams,
    body: personInput,
    answers: 'person',
    work: (scoped, { body, params }) => putPersonAndLift(scoped, app.solver, params.id, body),
  });
  writeRoute(app, {
    method: 'PUT',
    url: '/notes/:id',
    params: idParams,
    body: noteInput,
    answers: 'note',
    work: (scoped, { body, params }) => putNote(scoped, params.id, body),
  });
  done();
}
