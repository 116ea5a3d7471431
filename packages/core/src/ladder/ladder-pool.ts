import type { Band } from '../elastic/band.js';
import { type Bounds, boundsOf } from '../finder/bounds.js';
import { type Choice, Evaluation } from '../finder/candidate.js';
import { BAND_COST, highestOfRounded, roundedCost, stretchCost } from '../finder/cost.js';
import { setsToCount } from '../finder/count-feasible.js';
import type { Options } from '../finder/options.js';
import type { LadderSearch, LadderTarget } from '../finder/search.js';

/** A feasible set-up that may become a rung. */
export interface LadderSetup {
  readonly key: string;
  readonly value: number;
  /** How far up the ladder: ln(value/from) of loads, from − value of help. */
  readonly height: number;
  /** Without an error: nothing is its own target. */
  readonly cost: number;
  readonly rounded: number;
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
/** Bounds are sums in another order than the figure itself. */
const ROUNDING = 1e-9;
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
  private readonly buckets: Bucket[];
  private readonly top: number;
  private readonly perHeight: number;
  pooled = false;

  constructor(private readonly target: LadderTarget) {
    this.top = heightOf(target, target.to);
    this.perHeight = BUCKETS_PER_STEP / stepHeight(target);
    // What is on an end to the last bit may fall just outside.
    const count = Math.floor((this.top + SAME_HEIGHT) * this.perHeight) + 2;
    this.buckets = Array.from({ length: Math.min(count, MOST_BUCKETS) }, () => new Bucket());
  }

  isWithin(height: number): boolean {
    return height >= -SAME_HEIGHT && height <= this.top + SAME_HEIGHT;
  }

  /** Whether a set-up whose height lies so and that costs so much could still come in. */
  mayTake(lowest: number, highest: number, cost: number): boolean {
    if (!this.pooled) return true;
    const bucket = this.bucketOf(lowest);
    return bucket !== this.bucketOf(highest) || bucket.mayTake(lowest, highest, cost);
  }

  take(setup: LadderSetup): void {
    if (!this.pooled) this.all.push(setup);
    this.bucketOf(setup.height).take(setup);
    if (this.all.length > MOST_SETUPS) {
      this.pooled = true;
      this.all.length = 0;
    }
  }

  /** From the lowest up. */
  list(): LadderSetup[] {
    const list = this.pooled
      ? [...new Set(this.buckets.flatMap((bucket) => bucket.list()))]
      : this.all;
    return list.sort((a, b) => a.height - b.height);
  }

  private bucketOf(height: number): Bucket {
    const at = Math.floor(this.perHeight * height) + 1;
    return this.buckets[Math.max(0, Math.min(this.buckets.length - 1, at))] as Bucket;
  }
}

/** A ladder of finer steps is told apart no further. */
const MOST_BUCKETS = 100_000;

class Bucket {
  private readonly cheapest: LadderSetup[] = [];
  private lowest: LadderSetup | undefined;
  private highest: LadderSetup | undefined;
  /** What decides whether anything else comes in, kept at hand. */
  private mostCost = Infinity;
  private lowestHeight = Infinity;
  private highestHeight = -Infinity;

  mayTake(lowest: number, highest: number, cost: number): boolean {
    return (
      cost <= this.mostCost ||
      lowest <= this.lowestHeight + SAME_HEIGHT ||
      highest >= this.highestHeight - SAME_HEIGHT
    );
  }

  take(setup: LadderSetup): void {
    const at = this.cheapest.findIndex((other) => comesBefore(setup, other));
    if (at >= 0) this.cheapest.splice(at, 0, setup);
    else if (this.cheapest.length < KEPT_OF_BUCKET) this.cheapest.push(setup);
    if (this.cheapest.length > KEPT_OF_BUCKET) this.cheapest.pop();
    const last = this.cheapest[KEPT_OF_BUCKET - 1];
    if (last !== undefined) this.mostCost = highestOfRounded(last.rounded);
    if (isFarther(this.lowest, setup, -1)) this.lowest = setup;
    if (isFarther(this.highest, setup, 1)) this.highest = setup;
    this.lowestHeight = this.lowest?.height ?? Infinity;
    this.highestHeight = this.highest?.height ?? -Infinity;
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
  return a.rounded === b.rounded ? a.key < b.key : a.rounded < b.rounded;
}

/** Candidates that are gone through, at most: some ten seconds. */
const MOST_STEPS = 5e8;
/** One that is looked at takes as long as so many that are passed over. */
const STEPS_OF_LOOK = 60;

/**
 * Fills a pool with what is feasible; undefined where there is more to go through than anybody
 * would wait for.
 *
 * @param withFirst only what has the first of the bands in it
 */
export function fillPool(
  search: LadderSearch,
  bands: readonly Band[],
  all: readonly Options[],
  withFirst = false,
): LadderPool | undefined {
  const { limits } = search;
  const sizes = { ...search, limits: { ...limits, maxBands: limits.maxBands + 1 } };
  if (!withFirst && setsToCount(sizes, bands.length, all) > MOST_STEPS) return undefined;
  const pool = new LadderPool(search.target);
  let steps = MOST_STEPS;
  for (const [reachIndex, options] of all.entries()) {
    const filling = new Filling(search, bands, options, reachIndex, pool, steps);
    filling.extend(0, 0, withFirst ? 1 : bands.length);
    steps = filling.stepsLeft;
    if (steps <= 0) return undefined;
  }
  return pool;
}

/** Goes through all candidates at one value of the reach, and works out what may come in. */
class Filling {
  private readonly choice: Choice;
  private readonly evaluation: Evaluation;
  private readonly bounds: Bounds;
  /** Bounds of the figure, cost and stretch of the bands so far, by depth. */
  private readonly low: Float64Array;
  private readonly high: Float64Array;
  private readonly cost: Float64Array;
  private readonly stretch: Float64Array;
  private readonly isHelp: boolean;
  /** Figures outside are on no rung. */
  private readonly least: number;
  private readonly most: number;

  constructor(
    private readonly search: LadderSearch,
    private readonly bands: readonly Band[],
    private readonly options: Options,
    private readonly reachIndex: number,
    private readonly pool: LadderPool,
    public stepsLeft: number,
  ) {
    const { limits, target } = search;
    this.choice = { chosen: new Int32Array(limits.maxBands), size: 0 };
    this.evaluation = new Evaluation(options, target.metric, limits);
    this.bounds = boundsOf(options, target.metric, limits);
    const depths = limits.maxBands + 1;
    this.low = new Float64Array(depths).fill(this.bounds.baseLow);
    this.high = new Float64Array(depths).fill(this.bounds.baseHigh);
    this.cost = new Float64Array(depths);
    this.stretch = new Float64Array(depths);
    this.isHelp = target.metric === 'assistMean';
    const rounding = ROUNDING * (1 + Math.abs(this.bounds.baseHigh));
    this.least = Math.min(target.from, target.to) - rounding;
    this.most = Math.max(target.from, target.to) + rounding;
  }

  /**
   * All candidates of the bands so far and one or more of band `from` and later ones, the next of
   * them before band `to`.
   */
  extend(depth: number, from: number, to = this.bands.length): void {
    const { bounds, options } = this;
    const { maxBands } = this.search.limits;
    const end = options.firstOf[to] as number;
    this.stepsLeft -= end - (options.firstOf[from] as number);
    if (this.stepsLeft <= 0) return;
    for (let i = options.firstOf[from] as number; i < end; i++) {
      const low = (this.low[depth] as number) + (bounds.low[i] as number);
      const high = (this.high[depth] as number) + (bounds.high[i] as number);
      const cost = (this.cost[depth] as number) + (options.ownCost[i] as number);
      const own = options.peakStretch[i] as number;
      const stretch = own > (this.stretch[depth] as number) ? own : (this.stretch[depth] as number);
      if (high >= this.least && low <= this.most) this.look(depth, i, low, high, cost, stretch);
      if (depth + 1 === maxBands) continue;
      this.choice.chosen[depth] = i;
      this.low[depth + 1] = low;
      this.high[depth + 1] = high;
      this.cost[depth + 1] = cost;
      this.stretch[depth + 1] = stretch;
      this.extend(depth + 1, (options.band[i] as number) + 1);
    }
  }

  /** Works out the bands so far with option i, if they may come in. */
  private look(
    depth: number,
    i: number,
    low: number,
    high: number,
    bandsCost: number,
    stretch: number,
  ): void {
    const { choice, pool } = this;
    const { target } = this.search;
    this.stepsLeft -= STEPS_OF_LOOK;
    const cost = bandsCost + BAND_COST * depth + stretchCost(stretch);
    if (pool.pooled) {
      const lowest = this.heightOfBound(this.isHelp ? high : low) - SAME_HEIGHT;
      const highest = this.heightOfBound(this.isHelp ? low : high) + SAME_HEIGHT;
      if (!pool.mayTake(lowest, highest, cost)) return;
    }
    choice.chosen[depth] = i;
    choice.size = depth + 1;
    const value = this.evaluation.valueOf(choice);
    if (Number.isNaN(value)) return;
    const height = heightOf(target, value);
    if (pool.isWithin(height)) pool.take(this.setupOf(value, height, cost));
  }

  /** What is no load is at the very foot of a ladder. */
  private heightOfBound(value: number): number {
    return this.isHelp || value > 0 ? heightOf(this.search.target, value) : -Infinity;
  }

  private setupOf(value: number, height: number, cost: number): LadderSetup {
    const { bands, choice, options, reachIndex } = this;
    const { routes } = this.search;
    const chosen = Array.from(choice.chosen.subarray(0, choice.size));
    const laid = chosen.map((i) => options.band[i] as number);
    const on = chosen.map((i) => options.route[i] as number);
    const names = laid.map((b, n) => `${bands[b]?.id ?? ''}:${routes[on[n] as number]?.id ?? ''}`);
    return {
      key: `${reachIndex}|${names.join(',')}`,
      value,
      height,
      cost,
      rounded: roundedCost(cost),
      reachIndex,
      bands: laid,
      routes: on,
    };
  }
}
