import { anchorPlaceOf } from './anchor-points.js';
import { bandOfCopy } from './band-copies.js';
import type { Composition } from './compose.js';
import { type MarkedSetup, slippedLength, turnsRound } from './marks.js';
import type { Load } from './setup.js';

/** What a set-up does not say of itself. */
export interface Surroundings {
  /** Length once round its anchor, m; 0 where there is none to lie round. */
  readonly girth_m: number;
  /** Mass of a band's handles and clips at both ends together, kg, by the band's id. */
  readonly fittingsMass_kg: (bandId: string) => number;
}

/** Less than this is what rounding leaves of a load, kg. */
const NOTHING_KG = 1e-6;
const HANDS = ['gripL', 'gripR'] as const;

/**
 * A set-up read back as what it was composed of, so that a part of it can be set anew: the inverse
 * of composing it, but for its bands and their routes.
 */
export function recompose<Setup extends MarkedSetup>(
  setup: Setup,
  surroundings: Surroundings,
): Omit<Composition<Setup['exercise']>, 'bands' | 'routes'> {
  const { body, exercise, links = {}, marked, phases, points, stagger_m, widths } = setup;
  const place = anchorPlaceOf(exercise, body.stature_m, points);
  return {
    exercise,
    body,
    anchor: place && { ...place, girth_m: surroundings.girth_m || undefined },
    widths,
    slip_m: inCentimetres(slippedLength(setup)),
    wraps: turnsRound(setup, surroundings.girth_m),
    phases,
    stagger_m,
    marked,
    linked: Object.keys(links).length > 0,
    weights: freeWeights(setup, surroundings),
  };
}

/** What the hands hold besides the handles of the bands. */
function freeWeights({ loads = [], runs }: MarkedSetup, { fittingsMass_kg }: Surroundings): Load[] {
  return HANDS.flatMap((at) => {
    const held_kg = sumOf(loads.flatMap((load) => (load.at === at ? load.mass_kg : [])));
    const handles_kg = sumOf(
      runs.flatMap(({ band, path }) =>
        [path[0], path.at(-1)].flatMap((end) =>
          end === at ? fittingsMass_kg(bandOfCopy(band)) / 2 : [],
        ),
      ),
    );
    const mass_kg = held_kg - handles_kg;
    return mass_kg > NOTHING_KG ? [{ at, mass_kg }] : [];
  });
}

function sumOf(figures: readonly number[]): number {
  return figures.reduce((sum, figure) => sum + figure, 0);
}

function inCentimetres(length_m: number): number {
  return Math.round(100 * length_m) / 100;
}
