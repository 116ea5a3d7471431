import { type Band, naturalStrands } from '../elastic/band.js';
import { strandForce } from '../elastic/strand-law.js';
import { searchOn } from '../finder/proposal-search.js';
import { usualWayOf } from '../finder/ways.js';
import { layOptions } from '../finder/options.js';
import type { Gap, LadderSearch, LadderTarget } from '../finder/search.js';
import { gapsBetween } from '../ladder/gaps.js';
import { fillPool } from '../ladder/ladder-pool.js';
import { type LadderRequest } from '../ladder/propose-ladder.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type FittedBand, routeFor } from '../rig/compose.js';

/** A band as a shop could be asked for it: never a maker's name. */
export interface BandToBuy {
  readonly kind: Band['kind'];
  readonly flatLength_m: number;
  /** Pull at twice its length, N. */
  readonly pull_N: number;
}

/** What a new band would do for the ladders. */
export interface Purchase extends BandToBuy {
  /** Gaps of all ladders together: ln of the ratios of loads, differences of help. */
  readonly gaps: number;
  /** The same of each ladder, in their order. */
  readonly each: readonly number[];
}

/** What the ladders lack as they are, and with each band that was tried, the best first. */
export interface Purchases {
  /** The gaps of each ladder as it is, and with the best of the bands. */
  readonly before: readonly (readonly Gap[])[];
  readonly after: readonly (readonly Gap[])[];
  readonly tried: readonly Purchase[];
}

interface Rung {
  readonly value: number;
}

/** Kinds and lengths that are tried: loops of about a metre, shorter ones, tubes with handles. */
const FORMS: readonly Pick<BandToBuy, 'kind' | 'flatLength_m'>[] = [
  { kind: 'loop', flatLength_m: 1.04 },
  { kind: 'loop', flatLength_m: 0.7 },
  { kind: 'tube', flatLength_m: 1.2 },
];
/** Pulls at twice the length, each as much above the one before, N. */
const PULLS = { from_N: 20, to_N: 420, count: 20 } as const;
/** Coefficients of a usual band to each other. */
const USUAL_SHAPE = { c1_N: 1, c2_N: 0.8, c3_N: 0.01 } as const;
const AT_STRETCH = 2;
/** Comes before the id of every band: the new one is the first of the kit. */
const NEW_BAND = '!';

/** The sixty bands that are tried. */
export function bandsToTry(): BandToBuy[] {
  const { count, from_N, to_N } = PULLS;
  const pulls = Array.from({ length: count }, (_, i) =>
    Math.round(from_N * (to_N / from_N) ** (i / (count - 1))),
  );
  return FORMS.flatMap((form) => pulls.map((pull_N) => ({ ...form, pull_N })));
}

/** The law of a usual band that pulls so at twice its length. */
export function usualBand({ flatLength_m, kind, pull_N }: BandToBuy): FittedBand {
  const scale = pull_N / naturalStrands(kind) / strandForce(USUAL_SHAPE, AT_STRETCH);
  const { c1_N, c2_N, c3_N } = USUAL_SHAPE;
  return {
    id: NEW_BAND,
    kind,
    flatLength_m,
    law: { c1_N: scale * c1_N, c2_N: scale * c2_N, c3_N: scale * c3_N },
  };
}

/**
 * Which one band leaves the least gaps in some ladders: each of a grid of bands is tried in all of
 * them. Only the set-ups that have the new band are new; those without are gone through once.
 *
 * Yields the share that is done after each band; returns them all, the best first, of equals the
 * slimmest.
 */
export function* bandToBuy<Ex extends AnchoredExercise>(
  ladders: readonly LadderRequest<Ex>[],
): Generator<number, Purchases, void> {
  const present = ladders.map((ladder) => valuesOf(ladder));
  const gapsWith = (band: BandToBuy): Gap[][] =>
    ladders.map((ladder, l) => {
      const { target } = ladder;
      const values = [...(present[l] ?? []), ...valuesOf(ladder, usualBand(band))];
      return gapsBetween(target, inOrder(target, values));
    });
  const before = ladders.map(({ target }, l) => gapsBetween(target, present[l] ?? []));
  const tried: Purchase[] = [];
  const bands = bandsToTry();
  for (const [b, band] of bands.entries()) {
    const each = gapsWith(band).map(totalOf);
    tried.push({ ...band, each, gaps: each.reduce((sum, gap) => sum + gap, 0) });
    yield (b + 1) / bands.length;
  }
  tried.sort((a, b) => a.gaps - b.gaps || a.pull_N - b.pull_N);
  const [best] = tried;
  return { before, after: best === undefined ? before : gapsWith(best), tried };
}

/** The value of each feasible set-up in the ladder's order; with a new band, only of those that have it. */
function valuesOf<Ex extends AnchoredExercise>(
  request: LadderRequest<Ex>,
  band?: FittedBand,
): Rung[] {
  const kit = [...(band === undefined ? [] : [band]), ...request.kit].sort((a, b) =>
    a.id < b.id ? -1 : 1,
  );
  const way = usualWayOf({ ...request, kit });
  if (way === undefined) return bareRung(request.target);
  const suited = kit.filter((one) => routeFor(way.routes, one) !== undefined);
  if (band !== undefined && !suited.includes(band)) return [];
  const { count: _count, ...space } = searchOn({ ...request, kit }, way, suited);
  const search: LadderSearch = { ...space, target: request.target };
  const options = layOptions(search, suited);
  if (!options.ok) return bareRung(request.target);
  const pool = fillPool(search, suited, options.value, band !== undefined);
  return [...(pool?.list() ?? []), ...bareRung(request.target)].map(({ value }) => ({ value }));
}

/** Where help ends at none, the bare exercise is the last rung. */
function bareRung({ metric, to }: LadderTarget): Rung[] {
  return metric === 'assistMean' && to === 0 ? [{ value: 0 }] : [];
}

function inOrder({ metric }: LadderTarget, rungs: readonly Rung[]): Rung[] {
  const sign = metric === 'assistMean' ? -1 : 1;
  return rungs.toSorted((a, b) => sign * (a.value - b.value));
}

/** Gaps added up: ln of the ratios of loads, the differences of help. */
function totalOf(gaps: readonly Gap[]): number {
  return gaps.reduce((sum, { difference, ratio = 1 }) => sum + (difference ?? Math.log(ratio)), 0);
}
