import { idParams, ladderInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { putLadder, setLadderRemoved } from './ladder-store.js';

/** Ladders: a person's rungs of one exercise at one place. */
export function ladderRoutes(app: App, _options: unknown, done: () => void): void {
  const { solver } = app;

  writeRoute(app, {
    method: 'PUT',
    url: '/ladders/:id',
    params: idParams,
    body: ladderInput,
    answers: 'ladder',
    work: (scoped, { body, params }) => putLadder(scoped, solver, params.id, body),
  });

  writeRoute(app, {
    method: 'DELETE',
    url: '/ladders/:id',
    params: idParams,
    answers: 'ladder',
    work: (scoped, { params }) => setLadderRemoved(scoped, params.id, true),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/ladders/:id/restore',
    params: idParams,
    answers: 'ladder',
    work: (scoped, { params }) => setLadderRemoved(scoped, params.id, false),
  });

  done();
}
