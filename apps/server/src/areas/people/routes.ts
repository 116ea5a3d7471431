import { idParams, personInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { putPerson } from './people-store.js';

/** The people that trainers work with. */
export function peopleRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/people/:id',
    params: idParams,
    body: personInput,
    answers: 'person',
    work: (scoped, { body, params }) => putPerson(scoped, params.id, body),
  });
  done();
}
