import type { BandToday, ExerciseDocument } from '@wiry-otter/contracts';
import { canBeUsed, DEFAULT_WIDTHS, isContinuous } from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import type { WorkbenchState } from './workbench-state';

export type RouteOfExercise = NonNullable<ExerciseDocument['routes']>[number];

/** One route per form of band: the chosen one, else the exercise's first. */
export function chosenRoutes(
  exercise: ExerciseDocument,
  { routeIds }: Pick<WorkbenchState, 'routeIds'>,
): readonly RouteOfExercise[] {
  const routes = exercise.routes ?? [];
  return (['continuous', 'open'] as const).flatMap((form) => {
    const offered = routes.filter((route) => route.for === form);
    return offered.find(({ id }) => id === routeIds[form]) ?? offered[0] ?? [];
  });
}

/** For each form of the bands put on, the first route that folds it once more than the chosen one. */
export function foldedRoutes(
  exercise: ExerciseDocument,
  state: Pick<WorkbenchState, 'routeIds'>,
  bands: readonly KnownBand[],
): RouteOfExercise[] {
  const on = bands.map(({ record }) => isContinuous(record.kind));
  return chosenRoutes(exercise, state)
    .filter((chosen) => on.includes(chosen.for === 'continuous'))
    .flatMap(
      (chosen) =>
        exercise.routes?.find(
          (route) => route.for === chosen.for && folds(route) > folds(chosen),
        ) ?? [],
    );
}

/** How often a path comes back to a contact it has been at. */
function folds({ path }: { readonly path: readonly string[] }): number {
  return path.length - new Set(path).size;
}

/** Width of grip or stance of an exercise, in statures. */
export function defaultWidth({ widths }: ExerciseDocument, which: 'grip' | 'stance'): number {
  return widths?.[which] ?? DEFAULT_WIDTHS[which];
}

/** Bands that may be put into a set-up, tagged ones first. */
export function usableBands(bands: readonly KnownBand[]): KnownBand[] {
  const rank = ({ record }: { record: BandToday }): number => record.tag ?? 10;
  return bands
    .filter((band) => canBeUsed(band) && band.calibration !== null)
    .sort((a, b) => rank(a) - rank(b));
}
