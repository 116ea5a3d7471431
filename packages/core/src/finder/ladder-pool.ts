import type { Band } from '../elastic/band.js';
import { type Bounds, boundsOf } from './bounds.js';
import { Evaluation } from './candidate.js';
import { BAND_COST, costUnits, stretchCost } from './cost.js';
import type { Options } from './options.js';
import type { LadderSearch, LadderTarget } from './search.js';

/** A feasible set-up that may become a rung. */
export interface LadderSetup {
  readonly key: string;
  readonly value: number;
  /** How far up the ladder: ln(value/from) of loads, from − value of help. */
  readonly height: number;
  /** Without an error: nothing is its own target. */
  readonly cost: number;
  readonly units: number;
  readonly reachIndex: number;
  /** Bands ascending, each with its route. */
  readonly bands: readonly number[];
  readonly routes: readonly number[];
}

/** So near to each other values are the same, and a step or an edge still reached. */
export const SAME_HEIGHT = 1e-9;

/** Beyond so many set-ups only some of each value are kept. */
const MOST_SETUPS = 10_000;
/** Values are told apart by this share of a step then. */
const BUCKETS_PER_STEP = 10;
/** Of each bucket so many are kept that cost least, and those of the lowest and highest value. */
const KEPT_OF_BUCKET = 4;

export function heightOf({ from, metric }: LadderTarget, value: number): number {
  return metric === 'assistMean' ? from - value : Math.log(value / from);
}

/** How much higher the next rung may be. */
export function stepHeight({ metric, step }: LadderTarget): number {
  return metric === 'assistMean' ? step : Math.log(1 + step);
}

/**
 * All feasible set-ups with a value in from … to; where they are too many, of each tenth of a step
 * those that cost least and those of the lowest and the highest value, so that no gap is missed.
 */
export class LadderPool {
  private readonly all: LadderSetup[] = [];
  private readonly buckets = new Map<number, Bucket>();
  private readonly top: number;
  pooled = false;

  constructor(private readonly target: LadderTarget) {
    this.top = heightOf(target, target.to);
  }

  isWithin(height: number): boolean {
    return height >= -SAME_HEIGHT && height <= this.top + SAME_HEIGHT;
  }

  /** Whether a set-up whose height lies so and that costs so much could still come in. */
  mayTake(lowest: number, highest: number, units: number): boolean {
    if (!this.pooled) return true;
    const bucket = this.bucketOf(lowest);
    if (bucket !== this.bucketOf(highest)) return true;
    const kept = this.buckets.get(bucket);
    return kept === undefined || kept.mayTake(lowest, highest, units);
  }

  take(setup: LadderSetup): void {
    if (!this.pooled) this.all.push(setup);
    const index = this.bucketOf(setup.height);
    let bucket = this.buckets.get(index);
    if (bucket === undefined) this.buckets.set(index, (bucket = new Bucket()));
    bucket.take(setup);
    if (this.all.length > MOST_SETUPS) {
      this.pooled = true;
      this.all.length = 0;
    }
  }

  /** From the lowest up. */
  list(): LadderSetup[] {
    const list = this.pooled
      ? [...new Set([...this.buckets.values()].flatMap((bucket) => bucket.list()))]
      : this.all;
    return list.sort((a, b) => a.height - b.height);
  }

  private bucketOf(height: number): number {
    return Math.floor((BUCKETS_PER_STEP * height) / stepHeight(this.target));
  }
}

class Bucket {
  private readonly cheapest: LadderSetup[] = [];
  private lowest: LadderSetup | undefined;
  private highest: LadderSetup | undefined;

  mayTake(low: number, high: number, units: number): boolean {
    const last = this.cheapest[KEPT_OF_BUCKET - 1];
    if (last === undefined || units <= last.units) return true;
    return (
      low <= (this.lowest?.height ?? Infinity) + SAME_HEIGHT ||
      high >= (this.highest?.height ?? -Infinity) - SAME_HEIGHT
    );
  }

  take(setup: LadderSetup): void {
    const at = this.cheapest.findIndex((other) => comesBefore(setup, other));
    if (at >= 0) this.cheapest.splice(at, 0, setup);
    else if (this.cheapest.length < KEPT_OF_BUCKET) this.cheapest.push(setup);
    if (this.cheapest.length > KEPT_OF_BUCKET) this.cheapest.pop();
    if (isFarther(this.lowest, setup, -1)) this.lowest = setup;
    if (isFarther(this.highest, setup, 1)) this.highest = setup;
  }

  list(): LadderSetup[] {
    return [this.lowest, this.highest, ...this.cheapest].filter((setup) => setup !== undefined);
  }
}

/** Whether a set-up lies farther in a direction than another; where they are the same, is cheaper. */
function isFarther(than: LadderSetup | undefined, setup: LadderSetup, sign: 1 | -1): boolean {
  if (than === undefined) return true;
  const by = sign * (setup.height - than.height);
  return Math.abs(by) <= SAME_HEIGHT ? comesBefore(setup, than) : by > 0;
}

function comesBefore(a: LadderSetup, b: LadderSetup): boolean {
  return a.units === b.units ? a.key < b.key : a.units < b.units;
}

/** The options at one value of the reach. */
interface Place {
  readonly reachIndex: number;
  readonly options: Options;
  readonly bounds: Bounds;
  readonly evaluation: Evaluation;
}

/** Candidates that are looked at, at most: some ten seconds. */
const MOST_STEPS = 5e8;

/** Fills a pool with what is feasible; undefined where there is more to go through than anybody would wait for. */
export function fillPool(
  search: LadderSearch,
  bands: readonly Band[],
  all: readonly Options[],
): LadderPool | undefined {
  const { limits, routes, target } = search;
  const pool = new LadderPool(target);
  const choice = { chosen: new Int32Array(limits.maxBands), size: 0 };
  let steps = 0;

  const setupOf = (
    { options, reachIndex }: Place,
    value: number,
    height: number,
    cost: number,
  ): LadderSetup => {
    const chosen = Array.from(choice.chosen.subarray(0, choice.size));
    const laid = chosen.map((i) => options.band[i] as number);
    const on = chosen.map((i) => options.route[i] as number);
    const names = laid.map((b, n) => `${bands[b]?.id ?? ''}:${routes[on[n] as number]?.id ?? ''}`);
    return {
      key: `${reachIndex}|${names.join(',')}`,
      value,
      height,
      cost,
      units: costUnits(cost),
      reachIndex,
      bands: laid,
      routes: on,
    };
  };

  /** Height of a bound: help falls as the ladder rises, and what is no load is at its very foot. */
  const bounded = (value: number): number =>
    target.metric === 'assistMean' || value > 0 ? heightOf(target, value) : -Infinity;

  const extend = (place: Place, depth: number, from: number, sums: Sums): void => {
    const { bounds, evaluation, options } = place;
    const own = BAND_COST * depth;
    for (let i = 0; i < options.count && steps <= MOST_STEPS; i++) {
      const band = options.band[i] as number;
      if (band < from) continue;
      steps++;
      const stretch = Math.max(sums.stretch, options.peakStretch[i] as number);
      const ownCost = sums.cost + (options.ownCost[i] as number);
      const low = sums.low + (bounds.low[i] as number);
      const high = sums.high + (bounds.high[i] as number);
      choice.chosen[depth] = i;
      const [a, b] = [bounded(low), bounded(high)];
      const [lowest, highest] = [Math.min(a, b) - SAME_HEIGHT, Math.max(a, b) + SAME_HEIGHT];
      if (pool.isWithin(highest) || pool.isWithin(lowest) || (lowest < 0 && highest > 0)) {
        const cost = ownCost + own + stretchCost(stretch);
        if (pool.mayTake(lowest, highest, costUnits(cost))) {
          choice.size = depth + 1;
          const value = evaluation.valueOf(choice);
          const height = heightOf(target, value);
          if (pool.isWithin(height)) pool.take(setupOf(place, value, height, cost));
        }
      }
      if (depth + 1 < limits.maxBands) {
        extend(place, depth + 1, band + 1, { low, high, cost: ownCost, stretch });
      }
    }
  };

  all.forEach((options, reachIndex) => {
    const bounds = boundsOf(options, target.metric, limits);
    const evaluation = new Evaluation(options, target.metric, limits);
    const place = { reachIndex, options, bounds, evaluation };
    extend(place, 0, 0, { low: bounds.baseLow, high: bounds.baseHigh, cost: 0, stretch: 0 });
  });
  return steps > MOST_STEPS ? undefined : pool;
}

/** Of the bands that are chosen so far. */
interface Sums {
  readonly low: number;
  readonly high: number;
  readonly cost: number;
  readonly stretch: number;
}
