import { findExercise } from '@wiry-otter/catalogue';
import {
  parseDocument,
  reviewDocument,
  samplesDocument,
  type CompleteSetupDocument,
  setupDocument,
} from '@wiry-otter/contracts';
import {
  calibrate,
  decide,
  fail,
  type Fault,
  predictStrand,
  type Result,
  solveSetup,
} from '@wiry-otter/core';

/** A document in, a document or faults out. */
export type Command = (document: unknown) => Result<object>;

/** The commands of `otter`, by name. */
export const COMMANDS: Readonly<Record<string, Command>> = {
  solve: solveCommand,
  calibrate: calibrateCommand,
  decide: decideCommand,
};

/** Commands of the design that a later version brings. */
export const COMMANDS_TO_COME: readonly string[] = ['find', 'ladder'];

function solveCommand(document: unknown): Result<object> {
  const setup = parseDocument(setupDocument, document);
  if (!setup.ok) return setup;
  const { exercise } = setup.value;
  if (typeof exercise !== 'string') return solved({ ...setup.value, exercise });
  const written = findExercise(exercise);
  if (written === undefined) return fail(unknownExercise(exercise));
  return solved({ ...setup.value, exercise: written });
}

function solved(complete: CompleteSetupDocument): Result<object> {
  return withHead('wiry-otter.solution', solveSetup(complete));
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

function unknownExercise(id: string): Fault {
  return {
    code: 'unknown-name',
    path: '$.exercise',
    found: `"${id}"`,
    expected: 'an exercise document or an id of the catalogue',
  };
}
