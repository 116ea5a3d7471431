import { askedDemand } from '../demand/prepared.js';
import { helpAt, helpFloor, phaseWeight } from '../demand/summary.js';
import type { Options } from './options.js';
import type { Metric, SearchLimits } from './search.js';

/** Options that make a candidate, bands ascending: the first `size` of `chosen`. */
export interface Choice {
  readonly chosen: Int32Array;
  size: number;
}

/**
 * Works candidates out to the last bit as the solver would: forces are summed from the first band
 * to the last.
 */
export class Evaluation {
  private readonly sum: Float64Array;
  private readonly floor: number;

  constructor(
    private readonly options: Options,
    private readonly metric: Metric,
    private readonly limits: SearchLimits,
  ) {
    this.sum = new Float64Array(options.base.length);
    const { demand } = options.prepared;
    this.floor = demand.kind === 'linear' ? helpFloor(demand.unassisted) : 0;
  }

  /** The figure that is looked for; NaN where the candidate is not feasible. */
  valueOf(choice: Choice): number {
    this.addUp(choice);
    const isWithin =
      this.startsHighEnough() &&
      this.helpsNotTooMuch() &&
      this.anchorsHold(choice) &&
      this.isTaut(choice);
    if (!isWithin) return NaN;
    const value = this.figure();
    return value > 0 ? value : NaN;
  }

  isFeasible(choice: Choice): boolean {
    return !Number.isNaN(this.valueOf(choice));
  }

  private addUp({ chosen, size }: Choice): void {
    const { added, base } = this.options;
    const { sum } = this;
    sum.set(base);
    for (let n = 0; n < size; n++) {
      const at = (chosen[n] as number) * sum.length;
      for (let j = 0; j < sum.length; j++) sum[j] = (sum[j] as number) + (added[at + j] as number);
    }
  }

  private asked(k: number): number {
    return askedDemand(this.signed(k), this.options.prepared.demand.sided);
  }

  private signed(k: number): number {
    const { sum } = this;
    if (this.options.dimensions === 1) return sum[k] as number;
    const [x, y, z] = [sum[3 * k] as number, sum[3 * k + 1] as number, sum[3 * k + 2] as number];
    return Math.sqrt(x * x + y * y + z * z);
  }

  private figure(): number {
    const { samples } = this.options.prepared;
    switch (this.metric) {
      case 'start':
        return this.asked(0);
      case 'end':
        return this.asked(samples - 1);
      case 'peak': {
        let peak = 0;
        for (let k = 0; k < samples; k++) peak = Math.max(peak, this.asked(k));
        return peak;
      }
      case 'mean': {
        let sum = 0;
        for (let k = 0; k < samples; k++) sum += phaseWeight(k, samples) * this.asked(k);
        return sum / (samples - 1);
      }
      case 'assistMean': {
        const { unassisted } = this.options.prepared.demand;
        let [left, alone] = [0, 0];
        for (let k = 0; k < samples; k++) {
          left += phaseWeight(k, samples) * this.signed(k);
          alone += phaseWeight(k, samples) * (unassisted[k] as number);
        }
        return 1 - left / alone;
      }
    }
  }

  private startsHighEnough(): boolean {
    const { start } = this.limits;
    return start === undefined || this.asked(0) >= start;
  }

  private isTaut({ chosen, size }: Choice): boolean {
    if (this.limits.taut !== true) return true;
    const { prepared, slack } = this.options;
    const { samples } = prepared;
    for (let k = 0; k < samples; k++) {
      let isSlack = true;
      for (let n = 0; isSlack && n < size; n++) {
        isSlack = slack[(chosen[n] as number) * samples + k] === 1;
      }
      if (isSlack) return false;
    }
    return true;
  }

  private helpsNotTooMuch(): boolean {
    const { bodyweight, demand, samples } = this.options.prepared;
    if (!bodyweight || demand.kind !== 'linear') return true;
    let turned = 0;
    let stated = 0;
    for (let k = 0; k < samples; k++) {
      const left = this.sum[k] as number;
      const alone = demand.unassisted[k] as number;
      if (helpAt(left, alone, this.floor) === null) continue;
      stated++;
      if (left * alone < 0) turned++;
    }
    return stated === 0 || turned / stated <= (this.limits.overAssist ?? 0);
  }

  private anchorsHold({ chosen, size }: Choice): boolean {
    const { anchor_N } = this.limits;
    const { anchorPull_N, anchors, prepared } = this.options;
    if (anchor_N === undefined) return true;
    const perWay = 3 * prepared.samples;
    const block = 2 * perWay;
    for (let p = 0; p < anchors; p++) {
      for (let j = 0; j < block; j += 3) {
        let [x, y, z] = [0, 0, 0];
        for (let n = 0; n < size; n++) {
          const at = ((chosen[n] as number) * anchors + p) * block + j;
          x += anchorPull_N[at] as number;
          y += anchorPull_N[at + 1] as number;
          z += anchorPull_N[at + 2] as number;
        }
        if (Math.sqrt(x * x + y * y + z * z) > anchor_N) return false;
      }
    }
    return true;
  }
}
