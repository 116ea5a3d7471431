import { mean, median } from '../statistics/centre.js';

/** One value of the gauge's stream. */
export interface GaugeValue {
  /** On the stream's own clock, rising, s. */
  readonly time_s: number;
  readonly force_N: number;
}

/** A stretch of the stream over which the pull was held. */
export interface Plateau {
  readonly from_s: number;
  readonly to_s: number;
  /** Median of the values, N: a tremor does not move it. */
  readonly force_N: number;
  /** Standard deviation of the values, N. */
  readonly std_N: number;
}

/** How long a pull must be held, and how long a gap in the stream breaks it off, s. */
const HOLD_S = 1.5;
const GREATEST_GAP_S = 0.6;

/** A held pull stays within this share of itself, or this much, whichever is more. */
const STEADY_SHARE = 0.05;
const STEADY_N = 2.5;

/** Below this nobody pulls, N. */
const LEAST_PULL_N = 4;

/** The end of a window may lie this far, as a share, from its start: creep, not a pull still growing. */
const DRIFT_SHARE = 0.03;

/**
 * Finds the held pull in a gauge's stream: the plateau, not the peak. Values
 * are pushed as they arrive; while the last 1.5 s stay within 5 % (or 2.5 N)
 * and do not drift by more than 3 %, there is a plateau.
 */
export class PlateauFinder {
  private window: GaugeValue[] = [];

  /** The plateau that the stream is on after this value; null while there is none. */
  push(value: GaugeValue): Plateau | null {
    const last = this.window.at(-1);
    if (last !== undefined && value.time_s - last.time_s > GREATEST_GAP_S) this.window = [];
    this.window.push(value);
    this.window = this.window.filter(({ time_s }) => value.time_s - time_s <= HOLD_S + 1e-9);
    return this.held();
  }

  /** Forgets the stream so far, as after a dropped connection or an accepted reading. */
  reset(): void {
    this.window = [];
  }

  private held(): Plateau | null {
    const first = this.window[0];
    const last = this.window.at(-1);
    if (first === undefined || last === undefined) return null;
    if (last.time_s - first.time_s < 0.9 * HOLD_S) return null;
    const forces = this.window.map(({ force_N }) => force_N);
    const middle = median(forces);
    if (middle < LEAST_PULL_N) return null;
    if (Math.max(...forces) - Math.min(...forces) > Math.max(STEADY_N, STEADY_SHARE * middle)) {
      return null;
    }
    const half = forces.length >> 1;
    const drift = Math.abs(mean(forces.slice(half)) - mean(forces.slice(0, half)));
    if (drift > Math.max(STEADY_N / 2, DRIFT_SHARE * middle)) return null;
    const average = mean(forces);
    const variance = mean(forces.map((force) => (force - average) ** 2));
    return {
      from_s: first.time_s,
      to_s: last.time_s,
      force_N: middle,
      std_N: Math.sqrt(variance),
    };
  }
}
