import {
  type CompleteSetupDocument,
  type ExerciseDocument,
  parseDocument,
  setupDocument,
  type SetupRecord,
} from '@wiry-otter/contracts';
import { isLaidAlong } from '@wiry-otter/core';
import { downloadJson } from '../documents/json-file';
import type { KnownBand } from '../bands/band-law';
import { laidOver, savedPlace, type WorkbenchState } from './workbench-model';

/** A set-up document larger than this is not one, bytes. */
export const LARGEST_SETUP = 2_000_000;

/** Hands a saved set-up's open document to the browser as a file. */
export function downloadSetup({ document, title }: SetupRecord): void {
  downloadJson(title, 'setup', document);
}

/** What a set-up document puts on the bench, or what is wrong with it, in words. */
export type ReadSetup =
  | { readonly ok: true; readonly part: Partial<WorkbenchState> }
  | { readonly ok: false; readonly faults: readonly string[] };

/**
 * Reads a `wiry-otter.setup` document onto the bench. Its bands are those of
 * the rail with the same ids; its body is tried out in place of the person's.
 */
export function readSetup(
  json: unknown,
  usable: readonly KnownBand[],
  exercises: ReadonlyMap<string, ExerciseDocument>,
): ReadSetup {
  const parsed = parseDocument(setupDocument, json);
  if (!parsed.ok) {
    return {
      ok: false,
      faults: parsed.faults.map(
        ({ path, found, expected }) => `${path}: found ${found}, expected ${expected}`,
      ),
    };
  }
  const document = parsed.value;
  const { exercise: named } = document;
  const id = typeof named === 'string' ? named : named.id;
  const exercise = exercises.get(id);
  if (exercise === undefined) {
    return {
      ok: false,
      faults: [`$.exercise: found "${id}", expected an exercise of the catalogue or your own`],
    };
  }
  const missing = document.bands.filter(
    ({ id: band }) => !usable.some(({ record }) => record.id === band),
  );
  if (missing.length > 0) {
    return {
      ok: false,
      faults: missing.map(
        (band) =>
          `$.bands: found "${band.id}", expected a band that hangs on the rail and may be used`,
      ),
    };
  }
  return { ok: true, part: partOf({ ...document, exercise }) };
}

function partOf(complete: CompleteSetupDocument): Partial<WorkbenchState> {
  const { bands, body, exercise, runs, widths } = complete;
  const routeOf = (form: 'continuous' | 'open'): string | null =>
    exercise.routes?.find(
      (route) => route.for === form && runs.some(({ path }) => isLaidAlong(path, route, complete)),
    )?.id ?? null;
  return {
    exerciseId: exercise.id,
    anchorId: null,
    bandIds: bands.map(({ id }) => id),
    routeIds: { continuous: routeOf('continuous'), open: routeOf('open') },
    body,
    grip_m: widths?.grip_m ?? null,
    stance_m: widths?.stance_m ?? null,
    acknowledged: [],
    ...savedPlace(complete),
    ...laidOver(complete),
  };
}
