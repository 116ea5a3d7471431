import {
  type CompleteSetupDocument,
  type ExerciseDocument,
  parseDocument,
  setupDocument,
  type SetupRecord,
} from '@wiry-otter/contracts';
import {
  anchorPlaceOf,
  bandOfCopy,
  copiesInUse,
  copyOfId,
  type Fault,
  rigSetup,
  type RouteForm,
  routesOfRuns,
} from '@wiry-otter/core';
import { downloadJson } from '../../../ui/files/json-file';
import type { KnownBand } from '../../bands/band-law';
import { laidAs, type WorkbenchState } from '../workbench/workbench-state';

/** A set-up document larger than this is not one, bytes. */
export const LARGEST_SETUP = 2_000_000;

/** Hands a saved set-up's open document to the browser as a file. */
export function downloadSetup({ document, title }: SetupRecord): void {
  downloadJson(title, 'setup', document);
}

/** What a set-up document puts on the workbench, or why it cannot be opened, in words and in detail. */
export type ReadSetup =
  | { readonly ok: true; readonly part: Partial<WorkbenchState> }
  | { readonly ok: false; readonly words: string; readonly faults: readonly string[] };

/** What the workbench has for a set-up document. */
export interface WorkbenchKit {
  readonly usable: readonly KnownBand[];
  readonly exercises: ReadonlyMap<string, ExerciseDocument>;
  /** Girth of the anchor that the exercise would get at a height, m. */
  readonly girthOffered: (exercise: ExerciseDocument, height_m: number) => number;
}

/**
 * Reads a `wiry-otter.setup` document onto the workbench. Its bands are those of
 * the rail with the same ids; its body is tried out in place of the person's.
 * What the workbench could not lay the same way is refused, not bent.
 */
export function readSetup(json: unknown, kit: WorkbenchKit): ReadSetup {
  const parsed = parseDocument(setupDocument, json);
  if (!parsed.ok) return refused(NO_SETUP, parsed.faults);
  const document = parsed.value;
  const { exercise: named } = document;
  const id = typeof named === 'string' ? named : named.id;
  const exercise = kit.exercises.get(id);
  if (exercise === undefined) {
    return refused('Its exercise is neither in the catalogue nor your own.', [
      {
        path: '$.exercise',
        found: `"${id}"`,
        expected: 'an exercise of the catalogue or your own',
      },
    ]);
  }
  const complete = { ...document, exercise };
  const missing = document.bands
    .filter(({ id: laid }) => {
      const band = kit.usable.find(({ record }) => record.id === bandOfCopy(laid));
      return band === undefined || copiesInUse(band) < copyOfId(laid);
    })
    .map(({ id: band }) => ({
      path: '$.bands',
      found: `"${band}"`,
      expected: 'a band that hangs on the rail and may be used',
    }));
  if (missing.length > 0) {
    return refused('A band of this set-up is not on your rail, or may not be used.', missing);
  }
  const rigged = rigSetup(complete);
  if (!rigged.ok) return refused(NO_SETUP, rigged.faults);
  const strange = strangePaths(complete);
  if (strange.length > 0) {
    return refused(`Its bands run as no way of doing ${exercise.title} does.`, strange);
  }
  const place = anchorPlaceOf(exercise, complete.body.stature_m, complete.points);
  const girth_m = kit.girthOffered(exercise, place?.height_m ?? 0);
  return { ok: true, part: partOf(complete, laidAs(complete, girth_m, kit.usable)) };
}

type Said = Pick<Fault, 'path' | 'found' | 'expected'>;

const NO_SETUP = 'This document holds no set-up that can be opened.';

function refused(words: string, faults: readonly Said[]): ReadSetup {
  return {
    ok: false,
    words,
    faults: faults.map(
      ({ path, found, expected }) => `${path}: found ${found}, expected ${expected}`,
    ),
  };
}

/** Paths that are none of the exercise's routes. */
function strangePaths(complete: CompleteSetupDocument): Said[] {
  const { exercise, runs } = complete;
  const routes = routesOfRuns(complete);
  return runs.flatMap(({ path }, r) =>
    routes[r] === undefined
      ? [
          {
            path: `$.runs[${r}].path`,
            found: path.join(' '),
            expected: `a route of ${exercise.title}`,
          },
        ]
      : [],
  );
}

function partOf(
  complete: CompleteSetupDocument,
  laid: Partial<WorkbenchState>,
): Partial<WorkbenchState> {
  const { bands, body, exercise } = complete;
  const routes = routesOfRuns(complete);
  const routeOf = (form: RouteForm): string | null =>
    routes.find((route) => route?.for === form)?.id ?? null;
  return {
    exerciseId: exercise.id,
    anchorId: null,
    bandIds: bands.map(({ id }) => bandOfCopy(id)),
    routeIds: { continuous: routeOf('continuous'), open: routeOf('open') },
    body,
    acknowledged: [],
    ...laid,
  };
}
