import { idParams, ladder, ladderInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { listLadders, putLadder, setLadderRemoved } from './ladder-store.js';

const answersLadder = { 200: ladder };

/** Ladders: a person's rungs of one exercise at one place. */
export function ladderRoutes(app: App, _options: unknown, done: () => void): void {
  const { database, solver } = app;

  app.get('/ladders', { schema: { response: { 200: z.array(ladder) } } }, ({ scope }) =>
    listLadders(database.manager, scope),
  );

  app.put(
    '/ladders/:id',
    { schema: { params: idParams, body: ladderInput, response: answersLadder } },
    ({ scope, params, body }) =>
      database.transaction((manager) => putLadder(manager, solver, scope, params.id, body)),
  );

  app.delete(
    '/ladders/:id',
    { schema: { params: idParams, response: answersLadder } },
    ({ scope, params }) =>
      database.transaction((manager) => setLadderRemoved(manager, scope, params.id, true)),
  );

  app.post(
    '/ladders/:id/restore',
    { schema: { params: idParams, response: answersLadder } },
    ({ scope, params }) =>
      database.transaction((manager) => setLadderRemoved(manager, scope, params.id, false)),
  );
  done();
}
