import { idParams, placeInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { putPlace } from './place-store.js';

/** The places people train at, with their anchors. */
export function placeRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/places/:id',
    params: idParams,
    body: placeInput,
    answers: 'place',
    work: (scoped, { body, params }) => putPlace(scoped, params.id, body),
  });

  done();
}
