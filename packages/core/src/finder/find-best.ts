import type { Band } from '../elastic/band.js';
import { BestList } from './best-list.js';
import { type Bounds, boundsOf } from './bounds.js';
import { Evaluation } from './candidate.js';
import { BAND_COST, stretchCost } from './cost.js';
import type { Options } from './options.js';
import { DEFAULT_TOP, type FoundCandidate, type Search, type Target } from './search.js';
import { suffixExtreme, SuffixLists } from './suffix-lists.js';

/** So far from the target costs 1: a share of a load, or a share of help. */
const LOAD_STEP = Math.log(1.05);
const HELP_STEP = 0.02;
/** Candidates and sets of bands that are looked at, at most: some ten seconds. */
const MOST_STEPS = 1e8;
/** Bounds are sums in another order than the figure itself. */
const ROUNDING = 1e-9;

/** How far a figure is from what is wanted. */
export function errorOf({ metric, value: target }: Target, value: number): number {
  return metric === 'assistMean'
    ? Math.abs(value - target) / HELP_STEP
    : Math.abs(Math.log(value / target)) / LOAD_STEP;
}

/** The figures that are at most so far from what is wanted. */
function window({ metric, value: target }: Target, error: number): [number, number] {
  if (metric === 'assistMean') return [target - error * HELP_STEP, target + error * HELP_STEP];
  const factor = Math.exp(error * LOAD_STEP);
  return [target / factor, target * factor];
}

/** The options at one value of the reach, with all that the search for the best looks up. */
interface SearchedReach {
  readonly reachIndex: number;
  readonly options: Options;
  readonly bounds: Bounds;
  readonly evaluation: Evaluation;
  readonly byLow: SuffixLists;
  readonly leastLow: Float64Array;
  readonly mostHigh: Float64Array;
  /** Greatest distance of an option's bounds. */
  readonly slack: number;
}

/**
 * The best candidates of all, exactly: candidates of one band, then of two, and so on, as long as
 * one more can come in. Of each only those are worked out whose bounds let the figure come near
 * enough to the target to cost less than the last that is in. Undefined where that takes more steps
 * than anybody would wait for.
 */
export function findBest(
  search: Search,
  bands: readonly Band[],
  all: readonly Options[],
): FoundCandidate[] | undefined {
  const { limits, routes, target, top = DEFAULT_TOP } = search;
  const best = new BestList(top);
  const reaches = all.map((options, reachIndex) =>
    searchedReach(search, bands.length, options, reachIndex),
  );
  let steps = 0;
  const choice = { chosen: new Int32Array(limits.maxBands), size: 0 };

  const keyOf = ({ options, reachIndex }: SearchedReach): string => {
    const laid = Array.from(choice.chosen.subarray(0, choice.size), (i) => {
      const band = bands[options.band[i] as number]?.id ?? '';
      return `${band}:${routes[options.route[i] as number]?.id ?? ''}`;
    });
    return `${reachIndex}|${laid.join(',')}`;
  };

  const offerLast = (reached: SearchedReach, from: number, sums: Sums): void => {
    const { bounds, byLow, evaluation, options, slack } = reached;
    const fixed = sums.cost + BAND_COST * (choice.size - 1);
    const list = byLow.from(from);
    const [wantedLow, wantedHigh] = window(
      target,
      best.threshold - fixed - stretchCost(sums.stretch),
    );
    const least = wantedLow - sums.high - slack - ROUNDING * (1 + Math.abs(wantedLow));
    const most = wantedHigh - sums.low + ROUNDING * (1 + Math.abs(wantedHigh));
    const last = choice.size - 1;
    for (let at = byLow.countUpTo(list, least); at < list.length; at++) {
      const i = list[at] as number;
      if ((bounds.low[i] as number) > most) break;
      const stretch = Math.max(sums.stretch, options.peakStretch[i] as number);
      const own = fixed + (options.ownCost[i] as number) + stretchCost(stretch);
      if (own > best.threshold) continue;
      choice.chosen[last] = i;
      steps++;
      const value = evaluation.valueOf(choice);
      if (Number.isNaN(value)) continue;
      best.offer(own + errorOf(target, value), value, choice.size, () => keyOf(reached));
    }
  };

  const extend = (reached: SearchedReach, depth: number, from: number, sums: Sums): void => {
    const left = choice.size - depth;
    if (steps > MOST_STEPS) return;
    steps++;
    if (left === 1) return offerLast(reached, from, sums);
    const { bounds, leastLow, mostHigh, options } = reached;
    // As many later bands as are still to come have to be left.
    const end = options.firstOf[Math.max(from, bands.length - left + 1)] as number;
    for (let i = options.firstOf[from] as number; i < end; i++) {
      const band = options.band[i] as number;
      const stretch = Math.max(sums.stretch, options.peakStretch[i] as number);
      const cost = sums.cost + (options.ownCost[i] as number);
      const error = best.threshold - cost - BAND_COST * (choice.size - 1) - stretchCost(stretch);
      if (error < 0) continue;
      const low = sums.low + (bounds.low[i] as number);
      const high = sums.high + (bounds.high[i] as number);
      const [wantedLow, wantedHigh] = window(target, error);
      const rounding = ROUNDING * (1 + Math.abs(high));
      if (low + (left - 1) * (leastLow[band + 1] as number) > wantedHigh + rounding) continue;
      if (high + (left - 1) * (mostHigh[band + 1] as number) < wantedLow - rounding) continue;
      choice.chosen[depth] = i;
      extend(reached, depth + 1, band + 1, { low, high, cost, stretch });
    }
  };

  for (let size = 1; size <= Math.min(limits.maxBands, bands.length); size++) {
    if (BAND_COST * (size - 1) > best.threshold) break;
    choice.size = size;
    for (const reached of reaches) {
      const { baseHigh, baseLow } = reached.bounds;
      extend(reached, 0, 0, { low: baseLow, high: baseHigh, cost: 0, stretch: 0 });
    }
  }
  return steps > MOST_STEPS ? undefined : best.list();
}

/** Of the bands that are chosen so far. */
interface Sums {
  readonly low: number;
  readonly high: number;
  readonly cost: number;
  readonly stretch: number;
}

function searchedReach(
  { limits, target }: Search,
  bands: number,
  options: Options,
  reachIndex: number,
): SearchedReach {
  const bounds = boundsOf(options, target.metric, limits);
  let slack = 0;
  for (let i = 0; i < options.count; i++) {
    slack = Math.max(slack, (bounds.high[i] as number) - (bounds.low[i] as number));
  }
  return {
    reachIndex,
    options,
    bounds,
    evaluation: new Evaluation(options, target.metric, limits),
    byLow: new SuffixLists(options, bands, bounds.low),
    leastLow: suffixExtreme(options, bands, bounds.low, 'least'),
    mostHigh: suffixExtreme(options, bands, bounds.high, 'most'),
    slack,
  };
}
