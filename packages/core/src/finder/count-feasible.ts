import type { Band } from '../elastic/band.js';
import { type Bounds, boundsOf } from './bounds.js';
import { type Choice, Evaluation } from './candidate.js';
import type { Options } from './options.js';
import type { Search } from './search.js';
import { suffixExtreme, SuffixLists } from './suffix-lists.js';

/** So near to a limit bounds decide nothing, as share of it: the candidate is worked out. */
const ROUNDING = 1e-9;

/**
 * How many candidates are feasible, exactly. Every set of bands but the last is gone through; the
 * last bands that fit surely are counted by a look into a sorted list, those that surely do not are
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

/** At one value of the reach. */
class FeasibleCount {
  private readonly choice: Choice;
  private readonly evaluation: Evaluation;
  /** Demand without turning, as share of the demand without bands: what is left at each sample. */
  private readonly left: Float64Array[];
  /** What an option takes of it. */
  private readonly taken: Float64Array;
  private readonly helpLimited: boolean;
  /** Not at one sample may the demand be turned round. */
  private readonly strict: boolean;
  /** Pulls on the limited anchors of the bands so far. */
  private readonly pulls: Float64Array[];
  private readonly greatestPull: Float64Array;
  /** Least share of a limit that an option surely leaves: sorted, for the last band. */
  private readonly byUse: SuffixLists;
  private readonly mostTakenBack: number;
  private readonly metric: Bounds;
  private readonly start: Bounds | undefined;
  private readonly leastMetric: Float64Array;
  private readonly leastStart: Float64Array | undefined;
  private readonly mostStart: Float64Array | undefined;

  constructor(
    private readonly search: Search,
    private readonly bands: number,
    private readonly options: Options,
  ) {
    const { limits, target } = search;
    const { anchors, count, prepared } = options;
    const { bodyweight, demand, samples } = prepared;
    const depths = limits.maxBands + 1;
    this.choice = { chosen: new Int32Array(limits.maxBands), size: 0 };
    this.evaluation = new Evaluation(options, target.metric, limits);
    this.helpLimited = bodyweight && demand.kind === 'linear' && (limits.overAssist ?? 0) < 1;
    this.strict = (limits.overAssist ?? 0) * samples < 1;
    this.left = Array.from({ length: depths }, () => new Float64Array(samples));
    this.left[0]?.fill(1);
    this.taken = new Float64Array(count * samples);
    this.pulls = Array.from({ length: depths }, () => new Float64Array(anchors * 6 * samples));
    this.greatestPull = new Float64Array(count);
    const use = new Float64Array(count);
    let takenBack = 0;
    for (let i = 0; i < count; i++) {
      let most = -Infinity;
      for (let k = 0; k < samples && this.helpLimited; k++) {
        const alone = demand.unassisted[k] as number;
        // Nothing can be turned round where nothing is asked.
        const share = alone === 0 ? 0 : -(options.added[i * samples + k] as number) / alone;
        this.taken[i * samples + k] = share;
        if (share > most) most = share;
        if (-share > takenBack) takenBack = -share;
      }
      const block = anchors * 6 * samples;
      let pull_N = 0;
      for (let j = i * block; j < (i + 1) * block; j += 3) {
        pull_N = Math.max(pull_N, sizeAt(options.anchorPull_N, j));
      }
      this.greatestPull[i] = pull_N / (limits.anchor_N ?? Infinity);
      use[i] = Math.max(most, this.greatestPull[i] as number);
    }
    this.mostTakenBack = takenBack;
    this.byUse = new SuffixLists(options, bands, use);
    this.metric = boundsOf(options, target.metric, limits);
    this.leastMetric = suffixExtreme(options, bands, this.metric.low, 'least');
    if (limits.start !== undefined) {
      this.start = boundsOf(options, 'start', limits);
      this.leastStart = suffixExtreme(options, bands, this.start.low, 'least');
      this.mostStart = suffixExtreme(options, bands, this.start.high, 'most');
    }
  }

  count(): number {
    const { metric, start } = this;
    return this.countFrom(0, 0, {
      metric: metric.baseLow,
      startLow: start?.baseLow ?? 0,
      startHigh: start?.baseHigh ?? 0,
    });
  }

  /** Candidates of the bands so far and one or more of band `from` and later ones. */
  private countFrom(depth: number, from: number, sums: Sums): number {
    const { bands, options, search } = this;
    const { anchor_N, maxBands, start = -Infinity } = search.limits;
    const list = this.byUse.from(from);
    if (list.length === 0) return 0;
    const more = maxBands - depth;
    const tightest = this.helpLimited ? this.tightestSample(depth) : -1;
    const left = tightest < 0 ? Infinity : (this.left[depth]?.[tightest] as number);
    if (this.strict && left + more * this.mostTakenBack < -ROUNDING) return 0;
    if (this.mostStart !== undefined) {
      const reachable = sums.startHigh + more * Math.max(0, this.mostStart[from] as number);
      if (reachable < start - ROUNDING * Math.abs(start)) return 0;
    }
    const pulled = anchor_N === undefined ? 0 : this.pulledShare(depth);
    const room = Math.min(left, 1 - pulled) - ROUNDING;
    let count = this.countLast(depth, from, list, sums, { room, left, tightest });
    if (more === 1) return count;
    for (let i = 0; i < options.count; i++) {
      const band = options.band[i] as number;
      if (band < from || band + 1 >= bands) continue;
      this.choice.chosen[depth] = i;
      this.add(depth, i);
      count += this.countFrom(depth + 1, band + 1, this.sumsWith(sums, i));
    }
    return count;
  }

  /** Candidates of the bands so far and exactly one of the list. */
  private countLast(
    depth: number,
    from: number,
    list: Int32Array,
    sums: Sums,
    { left, room, tightest }: { room: number; left: number; tightest: number },
  ): number {
    const { samples } = this.options.prepared;
    const { limits } = this.search;
    const floor = limits.start === undefined ? -Infinity : limits.start * (1 + ROUNDING);
    const startIsSure =
      limits.start === undefined || sums.startLow + (this.leastStart?.[from] as number) >= floor;
    const metricIsSure = sums.metric + (this.leastMetric[from] as number) > ROUNDING;
    const roomy = this.byUse.countUpTo(list, room);
    const sure = startIsSure && metricIsSure;
    let count = sure ? roomy : 0;
    this.choice.size = depth + 1;
    for (let at = count; at < list.length; at++) {
      const i = list[at] as number;
      if (this.strict && tightest >= 0) {
        if (left - (this.taken[i * samples + tightest] as number) < -ROUNDING) continue;
      }
      if (limits.start !== undefined && this.start !== undefined) {
        const most = sums.startHigh + (this.start.high[i] as number);
        if (most < limits.start * (1 - ROUNDING)) continue;
      }
      if (at < roomy && this.isSure(sums, i, floor)) {
        count++;
        continue;
      }
      this.choice.chosen[depth] = i;
      if (this.evaluation.isFeasible(this.choice)) count++;
    }
    return count;
  }

  private isSure(sums: Sums, i: number, floor: number): boolean {
    return (
      (this.start === undefined || sums.startLow + (this.start.low[i] as number) >= floor) &&
      sums.metric + (this.metric.low[i] as number) > ROUNDING
    );
  }

  private sumsWith(sums: Sums, i: number): Sums {
    return {
      metric: sums.metric + (this.metric.low[i] as number),
      startLow: sums.startLow + (this.start?.low[i] ?? 0),
      startHigh: sums.startHigh + (this.start?.high[i] ?? 0),
    };
  }

  /** Where the bands so far leave least to turn round. */
  private tightestSample(depth: number): number {
    const left = this.left[depth] as Float64Array;
    let tightest = 0;
    for (let k = 1; k < left.length; k++) {
      if ((left[k] as number) < (left[tightest] as number)) tightest = k;
    }
    return tightest;
  }

  /** The greatest pull of the bands so far on an anchor, as share of what it may bear. */
  private pulledShare(depth: number): number {
    const pulls = this.pulls[depth] as Float64Array;
    let most_N = 0;
    for (let j = 0; j < pulls.length; j += 3) most_N = Math.max(most_N, sizeAt(pulls, j));
    return most_N / (this.search.limits.anchor_N ?? Infinity);
  }

  private add(depth: number, i: number): void {
    if (this.helpLimited) {
      const [before, after] = [this.left[depth], this.left[depth + 1]] as [
        Float64Array,
        Float64Array,
      ];
      const at = i * after.length;
      for (let k = 0; k < after.length; k++) {
        after[k] = (before[k] as number) - (this.taken[at + k] as number);
      }
    }
    const [before, after] = [this.pulls[depth], this.pulls[depth + 1]] as [
      Float64Array,
      Float64Array,
    ];
    const at = i * after.length;
    for (let j = 0; j < after.length; j++) {
      after[j] = (before[j] as number) + (this.options.anchorPull_N[at + j] as number);
    }
  }
}

/** Lower and upper sums of the bands so far. */
interface Sums {
  readonly metric: number;
  readonly startLow: number;
  readonly startHigh: number;
}

function sizeAt(vectors: Float64Array, at: number): number {
  const [x, y, z] = [vectors[at] as number, vectors[at + 1] as number, vectors[at + 2] as number];
  return Math.sqrt(x * x + y * y + z * z);
}
