import { type Band, naturalStrands } from '../elastic/band.js';
import { strandForce } from '../elastic/strand-law.js';
import { searchOn } from '../finder/proposal-search.js';
import { layOptions } from '../finder/options.js';
import type { LadderSearch } from '../finder/search.js';
import { fillPool, heightOf, SAME_HEIGHT, stepHeight } from '../ladder/ladder-pool.js';
import { type LadderRequest, tautFromStart, wayOf } from '../ladder/propose-ladder.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type FittedBand, routeFor } from '../rig/compose.js';

/** A ladder that a new band is to serve. */
export interface LadderToServe<Ex extends AnchoredExercise> {
  readonly request: LadderRequest<Ex>;
  /** The demand is a force. */
  readonly isForce: boolean;
}

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
  readonly before: readonly number[];
  readonly tried: readonly Purchase[];
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
  ladders: readonly LadderToServe<Ex>[],
): Generator<number, Purchases, void> {
  const present = ladders.map((ladder) => heightsOf(ladder));
  const before = ladders.map((ladder, l) => gapsOver(ladder, present[l] ?? []));
  const tried: Purchase[] = [];
  const bands = bandsToTry();
  for (const [b, band] of bands.entries()) {
    const each = ladders.map((ladder, l) =>
      gapsOver(ladder, merged(present[l] ?? [], heightsOf(ladder, usualBand(band)))),
    );
    tried.push({ ...band, each, gaps: each.reduce((sum, gap) => sum + gap, 0) });
    yield (b + 1) / bands.length;
  }
  tried.sort((a, b) => a.gaps - b.gaps || a.pull_N - b.pull_N);
  return { before, tried };
}

/** How high up the ladder each feasible set-up stands, ascending; with a new band, only those that have it. */
function heightsOf<Ex extends AnchoredExercise>(
  { isForce, request }: LadderToServe<Ex>,
  band?: FittedBand,
): number[] {
  const kit = [...(band === undefined ? [] : [band]), ...request.kit].sort((a, b) =>
    a.id < b.id ? -1 : 1,
  );
  const laid = tautFromStart({ ...request, kit }, isForce);
  const way = wayOf(laid);
  if (way === undefined) return [];
  const suited = kit.filter((one) => routeFor(way, one) !== undefined);
  if (band !== undefined && !suited.includes(band)) return [];
  const { count: _count, ...space } = searchOn(laid, way, suited);
  const search: LadderSearch = { ...space, target: request.target };
  const options = layOptions(search, suited);
  if (!options.ok) return [];
  const pool = fillPool(search, suited, options.value, band !== undefined);
  return pool === undefined ? [] : pool.list().map(({ height }) => height);
}

/** The intervals from the first end to the last that are wider than a step, together. */
function gapsOver<Ex extends AnchoredExercise>(
  { request: { target } }: LadderToServe<Ex>,
  heights: readonly number[],
): number {
  const step = stepHeight(target) + SAME_HEIGHT;
  const top = heightOf(target, target.to);
  // Where help ends at none, the bare exercise is the last rung.
  const ends = [0, ...heights, top];
  let gaps = 0;
  for (let i = 1; i < ends.length; i++) {
    const width = (ends[i] as number) - (ends[i - 1] as number);
    if (width > step) gaps += width;
  }
  return gaps;
}

function merged(a: readonly number[], b: readonly number[]): number[] {
  return [...a, ...b].sort((x, y) => x - y);
}
