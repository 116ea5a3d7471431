import { idParams, LARGEST_EXERCISE, ownExerciseInput } from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { writeRoute } from '../../platform/records/write.js';
import { putOwnExercise, setOwnExerciseRemoved } from './exercise-store.js';

/** Exercises of the studio's own. */
export function exerciseRoutes(app: App, _options: unknown, done: () => void): void {
  writeRoute(app, {
    method: 'PUT',
    url: '/exercises/:id',
    params: idParams,
    body: ownExerciseInput,
    bodyLimit: LARGEST_EXERCISE,
    answers: 'exercise',
    work: (scoped, { body, params }) => putOwnExercise(scoped, params.id, body),
  });

  writeRoute(app, {
    method: 'DELETE',
    url: '/exercises/:id',
    params: idParams,
    answers: 'exercise',
    work: (scoped, { params }) => setOwnExerciseRemoved(scoped, params.id, true),
  });

  writeRoute(app, {
    method: 'POST',
    url: '/exercises/:id/restore',
    params: idParams,
    answers: 'exercise',
    work: (scoped, { params }) => setOwnExerciseRemoved(scoped, params.id, false),
  });

  done();
}
