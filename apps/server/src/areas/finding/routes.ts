import { findExercise } from '@wiry-otter/catalogue';
import {
  type ExerciseDocument,
  type FoundDocument,
  foundDocument,
  ladderDocument,
  type RungsDocument,
  rungsDocument,
  searchDocument,
  type SearchDocument,
} from '@wiry-otter/contracts';
import type { App } from '../../platform/app-context.js';
import { refuseDocument } from '../../platform/problems/refusal.js';

/** The finder as open documents: the same search that the browser's worker and `otter` make. */
export function findingRoutes(app: App, _options: unknown, done: () => void): void {
  const { solver } = app;

  app.post(
    '/find',
    { schema: { body: searchDocument, response: { 200: foundDocument } } },
    async ({ body }) => {
      const { setup } = body;
      const exercise = exerciseOf(setup.exercise);
      const found = await solver.find({ ...body, setup: { ...setup, exercise } });
      if (!found.ok) return refuseDocument(found.faults);
      const { top, ...counted } = found.value;
      const answer: FoundDocument = {
        format: 'wiry-otter.found',
        version: 1,
        ...counted,
        top: [...top],
      };
      return answer;
    },
  );

  app.post(
    '/ladder',
    { schema: { body: ladderDocument, response: { 200: rungsDocument } } },
    async ({ body }) => {
      const { setup } = body;
      const exercise = exerciseOf(setup.exercise);
      const found = await solver.ladder({ ...body, setup: { ...setup, exercise } });
      if (!found.ok) return refuseDocument(found.faults);
      const { gaps, pooled, rungs } = found.value;
      const answer: RungsDocument = {
        format: 'wiry-otter.rungs',
        version: 1,
        rungs: [...rungs],
        gaps: [...gaps],
        pooled,
      };
      return answer;
    },
  );
  done();
}

/** The exercise itself, where it stands in the document by its id of the catalogue. */
function exerciseOf(exercise: SearchDocument['setup']['exercise']): ExerciseDocument {
  if (typeof exercise !== 'string') return exercise;
  return (
    findExercise(exercise) ??
    refuseDocument([
      {
        code: 'unknown-name',
        path: '$.setup.exercise',
        found: `"${exercise}"`,
        expected: 'an exercise document or an id of the catalogue',
      },
    ])
  );
}
