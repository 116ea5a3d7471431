import type { Band } from '../elastic/band.js';
import { type Bounds, boundsOf } from './bounds.js';
import { type Choice, Evaluation } from './candidate.js';
import { helpAt, helpFloor } from '../demand/summary.js';
import type { Options } from './options.js';
import type { Search, SearchLimits } from './search.js';
import { suffixExtreme, SuffixLists } from './suffix-lists.js';

/** So near to a limit bounds decide nothing, as share of it: the candidate is worked out. */
const ROUNDING = 1e-9;

/**
 * How many candidates are feasible, exactly. Every set of bands but the last is gone through; the
 * last bands that surely fit are counted by a look into a sorted list, those that surely do not are
 * left out, and only what is near a limit is worked out.
 */
export function countFeasible(
  search: Search,
  bands: readonly Band[],
  all: readonly Options[],
): number {
  let count = 0;
  for (const options of all) count += new FeasibleCount(search, bands.length, options).count();
  return count;
}

/** Sets of bands that are gone through at most: some ten seconds. */
export const MOST_SETS = 1e8;

/** How many sets of bands {@link countFeasible} may have to go through: all but the last band of each candidate. */
export function setsToCount(
  { limits }: Pick<Search, 'limits'>,
  bands: number,
  all: readonly Options[],
): number {
  let sets = 0;
  for (const { band, count } of all) {
    const routes = new Int32Array(bands);
    for (let i = 0; i < count; i++) {
      const b = band[i] as number;
      routes[b] = (routes[b] as number) + 1;
    }
    // Sets of so many different bands, each on one of its routes: elementary symmetric sums.
    const ofSize = new Float64Array(limits.maxBands);
    ofSize[0] = 1;
    for (const own of routes) {
      for (let size = limits.maxBands - 1; size > 0; size--) {
        ofSize[size] = (ofSize[size] as number) + own * (ofSize[size - 1] as number);
      }
    }
    for (const some of ofSize) sets += some;
  }
  return sets;
}

/** At one value of the reach. */
class FeasibleCount {
  private readonly choice: Choice;
  private readonly evaluation: Evaluation;
  private readonly mayBeSlack: boolean;
  private readonly help: HelpLimit;
  private readonly pull: Bounds;
  private readonly start: Bounds;
  private readonly metric: Bounds;
  private readonly leastStart: Float64Array;
  private readonly mostStart: Float64Array;
  private readonly mostMetric: Float64Array;
  private readonly leastMetric: Float64Array;
  private readonly leastPull: Float64Array;
  /** By the share of a limit that an option uses up at most. */
  private readonly byUse: SuffixLists;
  /** For each place of each list, the least pull from there on. */
  private readonly leastPullFrom: readonly Float64Array[];
  /** Sums of the bands so far, by depth. */
  private readonly sums: Readonly<Record<Sum, Float64Array>>;
  /** A demand at the start from which on it surely is, and below which it surely is not, high enough. */
  private readonly startFloor: { readonly sure: number; readonly possible: number };

  constructor(
    private readonly search: Search,
    private readonly bands: number,
    private readonly options: Options,
  ) {
    const { limits, target } = search;
    this.mayBeSlack = limits.taut !== true;
    const depths = limits.maxBands + 1;
    this.choice = { chosen: new Int32Array(limits.maxBands), size: 0 };
    this.evaluation = new Evaluation(options, target.metric, limits);
    this.help = new HelpLimit(options, limits, depths);
    this.pull = anchorBounds(options, limits);
    this.start = boundsOf(options, 'start', limits);
    this.metric = boundsOf(options, target.metric, limits);
    const { start: floor } = limits;
    const off = floor === undefined ? 0 : ROUNDING * Math.abs(floor);
    this.startFloor = { sure: (floor ?? -Infinity) + off, possible: (floor ?? -Infinity) - off };
    this.leastStart = suffixExtreme(options, bands, this.start.low, 'least');
    this.mostStart = suffixExtreme(options, bands, this.start.high, 'most');
    this.mostMetric = suffixExtreme(options, bands, this.metric.high, 'most');
    this.leastMetric = suffixExtreme(options, bands, this.metric.low, 'least');
    this.leastPull = suffixExtreme(options, bands, this.pull.low, 'least');
    const use = Float64Array.from({ length: options.count }, (_, i) =>
      Math.max(this.help.most[i] as number, this.pull.high[i] as number),
    );
    this.byUse = new SuffixLists(options, bands, use);
    this.leastPullFrom = Array.from({ length: bands + 1 }, (_, b) =>
      leastFrom(this.byUse.from(b), (i) => this.pull.low[i] as number),
    );
    this.help.lookAhead(this.byUse, bands);
    const perDepth = (): Float64Array => new Float64Array(depths);
    this.sums = {
      metric: perDepth(),
      startLow: perDepth(),
      metricHigh: perDepth(),
      startHigh: perDepth(),
      pullLow: perDepth(),
      pullHigh: perDepth(),
    };
    this.sums.metric[0] = this.metric.baseLow;
    this.sums.startLow[0] = this.start.baseLow;
    this.sums.startHigh[0] = this.start.baseHigh;
    this.sums.metricHigh[0] = this.metric.baseHigh;
  }

  count(): number {
    return this.countFrom(0, 0);
  }

  /** Candidates of the bands so far and one or more of band `from` and later ones. */
  private countFrom(depth: number, from: number): number {
    const list = this.byUse.from(from);
    const more = this.search.limits.maxBands - depth;
    if (list.length === 0 || !this.canFit(depth, from, more)) return 0;
    let count = this.countLast(depth, from, list);
    if (more === 1) return count;
    const { band, firstOf } = this.options;
    // A band at least has to be left for the last.
    const end = firstOf[Math.max(from, this.bands - 1)] as number;
    for (let i = firstOf[from] as number; i < end; i++) {
      this.put(depth, i);
      count += this.countFrom(depth + 1, (band[i] as number) + 1);
    }
    return count;
  }

  /** Whether anything more can lead to a feasible candidate. */
  private canFit(depth: number, from: number, more: number): boolean {
    const { metricHigh, pullLow, startHigh } = this.sums;
    // What is slack all along asks nothing, however many of them there are.
    const most = more * Math.max(0, this.mostMetric[from] as number);
    if ((metricHigh[depth] as number) + most <= 0) return false;
    if (!this.help.canFit(depth, more)) return false;
    const pulled = (pullLow[depth] as number) + more * Math.min(0, this.leastPull[from] as number);
    if (pulled > 1 + ROUNDING) return false;
    const start = (startHigh[depth] as number) + more * Math.max(0, this.mostStart[from] as number);
    return start >= this.startFloor.possible;
  }

  /** Candidates of the bands so far and exactly one of the list. */
  private countLast(depth: number, from: number, list: Int32Array): number {
    const { help, sums } = this;
    const startLow = sums.startLow[depth] as number;
    const metric = sums.metric[depth] as number;
    const pullLow = sums.pullLow[depth] as number;
    const room = Math.min(help.left(depth), 1 - (sums.pullHigh[depth] as number));
    const roomy = this.byUse.countUpTo(list, room - ROUNDING);
    const sure =
      this.isHigh(startLow + (this.leastStart[from] as number)) &&
      metric + (this.leastMetric[from] as number) > ROUNDING;
    const leastPull = this.leastPullFrom[from] as Float64Array;
    let count = sure ? roomy : 0;
    for (let at = count; at < list.length; at++) {
      if (at >= roomy) {
        if (pullLow + (leastPull[at] as number) > 1 + ROUNDING) break;
        if (help.isOverFrom(depth, from, at)) break;
      }
      const i = list[at] as number;
      const fits = this.fits(depth, i, at < roomy);
      if (fits === undefined ? this.isFeasible(depth, i) : fits) count++;
    }
    return count;
  }

  /** Whether the bands so far and option i surely are feasible or surely not; undefined near a limit. */
  private fits(depth: number, i: number, roomy: boolean): boolean | undefined {
    const { sums } = this;
    if ((sums.metricHigh[depth] as number) + (this.metric.high[i] as number) <= 0) return false;
    const startHigh = (sums.startHigh[depth] as number) + (this.start.high[i] as number);
    if (startHigh < this.startFloor.possible) return false;
    const spare = roomy ? Infinity : this.help.spare(depth, i);
    if (spare < -ROUNDING) return false;
    const pulled = (sums.pullLow[depth] as number) + (this.pull.low[i] as number);
    if (!roomy && pulled > 1 + ROUNDING) return false;
    const sure =
      this.mayBeSlack &&
      spare > ROUNDING &&
      (roomy || (sums.pullHigh[depth] as number) + (this.pull.high[i] as number) < 1 - ROUNDING) &&
      this.isHigh((sums.startLow[depth] as number) + (this.start.low[i] as number)) &&
      (sums.metric[depth] as number) + (this.metric.low[i] as number) > ROUNDING;
    return sure ? true : undefined;
  }

  private isHigh(start: number): boolean {
    return start >= this.startFloor.sure;
  }

  private isFeasible(depth: number, i: number): boolean {
    this.choice.chosen[depth] = i;
    this.choice.size = depth + 1;
    return this.evaluation.isFeasible(this.choice);
  }

  private put(depth: number, i: number): void {
    this.choice.chosen[depth] = i;
    this.help.put(depth, i);
    addTo(this.sums.metric, depth, this.metric.low, i);
    addTo(this.sums.metricHigh, depth, this.metric.high, i);
    addTo(this.sums.startLow, depth, this.start.low, i);
    addTo(this.sums.startHigh, depth, this.start.high, i);
    addTo(this.sums.pullLow, depth, this.pull.low, i);
    addTo(this.sums.pullHigh, depth, this.pull.high, i);
  }
}

/** The sum of the next depth: with what option i adds. */
function addTo(sums: Float64Array, depth: number, of: Float64Array, i: number): void {
  sums[depth + 1] = (sums[depth] as number) + (of[i] as number);
}

type Sum = 'metric' | 'metricHigh' | 'startLow' | 'startHigh' | 'pullLow' | 'pullHigh';

/**
 * How much of the demand without bands is left before they turn it round, at every sample, as share
 * of it. Without a limit on that all of it is left for ever.
 */
class HelpLimit {
  /** What an option takes at most at any sample. */
  readonly most: Float64Array;
  private readonly samples: number;
  private readonly taken: Float64Array;
  private readonly lefts: readonly Float64Array[];
  /** The least of what is left, by depth, and at which sample. */
  private readonly leasts: Float64Array;
  private readonly tightest: Int32Array;
  private readonly isLimited: boolean;
  /** Not at one sample may the demand be turned round. */
  private readonly isStrict: boolean;
  /** An option gives back so much at most. */
  private readonly mostBack: number;
  private leastTakenFrom: readonly Float64Array[] = [];

  constructor(
    { added, count, prepared }: Options,
    { overAssist = 0 }: SearchLimits,
    depths: number,
  ) {
    const { bodyweight, demand, samples } = prepared;
    this.samples = samples;
    this.isLimited = bodyweight && demand.kind === 'linear' && overAssist < 1;
    const alones = demand.kind === 'linear' ? demand.unassisted : new Float64Array(samples);
    const floor = helpFloor(alones);
    const isStated = (alone: number): boolean => helpAt(0, alone, floor) !== null;
    this.isStrict = this.isLimited && overAssist * alones.filter(isStated).length < 1;
    this.lefts = Array.from({ length: depths }, () => new Float64Array(samples).fill(1));
    this.leasts = new Float64Array(depths).fill(1);
    this.tightest = new Int32Array(depths);
    this.taken = new Float64Array(count * samples);
    this.most = new Float64Array(count).fill(-Infinity);
    let back = 0;
    for (let i = 0; this.isLimited && i < count; i++) {
      for (let k = 0; k < samples; k++) {
        const alone = alones[k] as number;
        // Nothing counts as turned round where next to nothing is asked.
        const share = isStated(alone) ? -(added[i * samples + k] as number) / alone : 0;
        this.taken[i * samples + k] = share;
        this.most[i] = Math.max(this.most[i] as number, share);
        back = Math.max(back, -share);
      }
    }
    this.mostBack = back;
  }

  /** For every place of the lists, what is taken at least from there on at each sample. */
  lookAhead(lists: SuffixLists, bands: number): void {
    const { samples, taken } = this;
    if (!this.isStrict) return;
    this.leastTakenFrom = Array.from({ length: bands + 1 }, (_, b) => {
      const list = lists.from(b);
      const least = new Float64Array((list.length + 1) * samples).fill(Infinity);
      for (let at = list.length - 1; at >= 0; at--) {
        for (let k = 0; k < samples; k++) {
          const own = taken[(list[at] as number) * samples + k] as number;
          least[at * samples + k] = Math.min(own, least[(at + 1) * samples + k] as number);
        }
      }
      return least;
    });
  }

  /** What the bands so far leave where they leave least. */
  left(depth: number): number {
    return this.isLimited ? (this.leasts[depth] as number) : Infinity;
  }

  canFit(depth: number, more: number): boolean {
    if (!this.isStrict) return true;
    return (this.leasts[depth] as number) + more * this.mostBack >= -ROUNDING;
  }

  /** Whether every option of a list from this place on takes more than is left at the tightest sample. */
  isOverFrom(depth: number, from: number, at: number): boolean {
    if (!this.isStrict) return false;
    const k = this.tightest[depth] as number;
    const taken = (this.leastTakenFrom[from] as Float64Array)[at * this.samples + k] as number;
    return (this.leasts[depth] as number) - taken < -ROUNDING;
  }

  /** What option i leaves where it leaves least; 0, on the limit, where that alone decides nothing. */
  spare(depth: number, i: number): number {
    if (!this.isLimited) return Infinity;
    const left = this.lefts[depth] as Float64Array;
    const { samples, taken } = this;
    let least = Infinity;
    for (let k = 0, j = i * samples; k < samples; k++, j++) {
      const own = (left[k] as number) - (taken[j] as number);
      if (own < least) least = own;
    }
    return least < 0 && !this.isStrict ? 0 : least;
  }

  put(depth: number, i: number): void {
    if (!this.isLimited) return;
    const { samples, taken } = this;
    const before = this.lefts[depth] as Float64Array;
    const after = this.lefts[depth + 1] as Float64Array;
    let least = Infinity;
    let tightest = 0;
    for (let k = 0, j = i * samples; k < samples; k++, j++) {
      const left = (before[k] as number) - (taken[j] as number);
      after[k] = left;
      if (left < least) {
        least = left;
        tightest = k;
      }
    }
    this.leasts[depth + 1] = least;
    this.tightest[depth + 1] = tightest;
  }
}

/**
 * Pull on the limited anchors as share of what they may bear: at most the sum of the greatest of
 * every option, at least what they pull in one direction at one sample.
 */
function anchorBounds(options: Options, { anchor_N }: SearchLimits): Bounds {
  const { anchorPull_N, anchors, count, prepared } = options;
  const low = new Float64Array(count);
  const high = new Float64Array(count);
  if (anchor_N === undefined) return { low, high, baseLow: 0, baseHigh: 0 };
  const block = anchors * 6 * prepared.samples;
  const together = new Float64Array(block);
  for (let i = 0; i < count; i++) {
    for (let j = 0; j < block; j++) {
      together[j] = (together[j] as number) + (anchorPull_N[i * block + j] as number);
    }
  }
  let likely = 0;
  for (let j = 0; j < block; j += 3) if (sizeAt(together, j) > sizeAt(together, likely)) likely = j;
  const size = block === 0 ? 0 : sizeAt(together, likely);
  for (let i = 0; i < count; i++) {
    let most_N = 0;
    for (let j = i * block; j < (i + 1) * block; j += 3) {
      most_N = Math.max(most_N, sizeAt(anchorPull_N, j));
    }
    let along = 0;
    for (let d = likely; size > 0 && d < likely + 3; d++) {
      along += (anchorPull_N[i * block + d] as number) * (together[d] as number);
    }
    high[i] = most_N / anchor_N;
    low[i] = size > 0 ? along / size / anchor_N : 0;
  }
  return { low, high, baseLow: 0, baseHigh: 0 };
}

/** For every place of a list, the least of a figure from there on. */
function leastFrom(list: Int32Array, figure: (i: number) => number): Float64Array {
  const least = new Float64Array(list.length + 1).fill(Infinity);
  for (let at = list.length - 1; at >= 0; at--) {
    least[at] = Math.min(figure(list[at] as number), least[at + 1] as number);
  }
  return least;
}

function sizeAt(vectors: Float64Array, at: number): number {
  const [x, y, z] = [vectors[at] as number, vectors[at + 1] as number, vectors[at + 2] as number];
  return Math.sqrt(x * x + y * y + z * z);
}
