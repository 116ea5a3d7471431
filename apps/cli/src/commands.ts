import { findExercise } from '@wiry-otter/catalogue';
import {
  ladderDocument,
  parseDocument,
  reviewDocument,
  samplesDocument,
  searchDocument,
  type ExerciseDocument,
  type SetupDocument,
  setupDocument,
} from '@wiry-otter/contracts';
import {
  calibrate,
  decide,
  fail,
  find,
  findLadder,
  predictStrand,
  type Result,
  solveSetup,
  succeed,
} from '@wiry-otter/core';

/** A document in, a document or faults out. */
export type Command = (document: unknown) => Result<object>;

/** The commands of `otter`, by name. */
export const COMMANDS: Readonly<Record<string, Command>> = {
  solve: solveCommand,
  find: findCommand,
  ladder: ladderCommand,
  calibrate: calibrateCommand,
  decide: decideCommand,
};

function solveCommand(document: unknown): Result<object> {
  const setup = parseDocument(setupDocument, document);
  if (!setup.ok) return setup;
  const exercise = exerciseOf(setup.value.exercise, '$.exercise');
  if (!exercise.ok) return exercise;
  return withHead('wiry-otter.solution', solveSetup({ ...setup.value, exercise: exercise.value }));
}

function findCommand(document: unknown): Result<object> {
  const search = parseDocument(searchDocument, document);
  if (!search.ok) return search;
  const { setup } = search.value;
  const exercise = exerciseOf(setup.exercise, '$.setup.exercise');
  if (!exercise.ok) return exercise;
  return withHead(
    'wiry-otter.found',
    find({ ...search.value, setup: { ...setup, exercise: exercise.value } }),
  );
}

function ladderCommand(document: unknown): Result<object> {
  const ladder = parseDocument(ladderDocument, document);
  if (!ladder.ok) return ladder;
  const { setup } = ladder.value;
  const exercise = exerciseOf(setup.exercise, '$.setup.exercise');
  if (!exercise.ok) return exercise;
  return withHead(
    'wiry-otter.rungs',
    findLadder({ ...ladder.value, setup: { ...setup, exercise: exercise.value } }),
  );
}

/** The exercise itself, where it stands in the document by its id of the catalogue. */
function exerciseOf(exercise: SetupDocument['exercise'], path: string): Result<ExerciseDocument> {
  if (typeof exercise !== 'string') return succeed(exercise);
  const written = findExercise(exercise);
  if (written !== undefined) return succeed(written);
  return fail({
    code: 'unknown-name',
    path,
    found: `"${exercise}"`,
    expected: 'an exercise document or an id of the catalogue',
  });
}

function calibrateCommand(document: unknown): Result<object> {
  const samples = parseDocument(samplesDocument, document);
  if (!samples.ok) return samples;
  const fitted = calibrate(samples.value);
  if (!fitted.ok) return fitted;
  const { law, loss, grade, misfit } = fitted.value;
  const predict = (samples.value.predict ?? []).map((stretch) =>
    predictStrand(fitted.value, stretch),
  );
  return withHead('wiry-otter.calibration', {
    ok: true,
    value: { law, loss, grade, misfit, predict },
  });
}

function decideCommand(document: unknown): Result<object> {
  const review = parseDocument(reviewDocument, document);
  return review.ok ? withHead('wiry-otter.decision', decide(review.value)) : review;
}

function withHead(format: string, result: Result<object>): Result<object> {
  return result.ok ? { ok: true, value: { format, version: 1, ...result.value } } : result;
}
