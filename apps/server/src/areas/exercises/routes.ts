import { idParams, LARGEST_EXERCISE, ownExercise, ownExerciseInput } from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { listOwnExercises, putOwnExercise, setOwnExerciseRemoved } from './exercise-store.js';

const answersExercise = { 200: ownExercise };

/** Exercises of the studio's own. */
export function exerciseRoutes(app: App, _options: unknown, done: () => void): void {
  const { database } = app;

  app.get('/exercises', { schema: { response: { 200: z.array(ownExercise) } } }, ({ scope }) =>
    listOwnExercises(database.manager, scope),
  );

  app.put(
    '/exercises/:id',
    {
      bodyLimit: LARGEST_EXERCISE,
      schema: { params: idParams, body: ownExerciseInput, response: answersExercise },
    },
    ({ scope, params, body }) =>
      database.transaction((manager) => putOwnExercise(manager, scope, params.id, body)),
  );

  app.delete(
    '/exercises/:id',
    { schema: { params: idParams, response: answersExercise } },
    ({ scope, params }) =>
      database.transaction((manager) => setOwnExerciseRemoved(manager, scope, params.id, true)),
  );

  app.post(
    '/exercises/:id/restore',
    { schema: { params: idParams, response: answersExercise } },
    ({ scope, params }) =>
      database.transaction((manager) => setOwnExerciseRemoved(manager, scope, params.id, false)),
  );
  done();
}
