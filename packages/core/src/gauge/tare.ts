import { median } from '../statistics/centre.js';
import type { GaugeValue } from './plateau.js';

/** Most that an idle hook shows, N: the band hanging on it, its clips, the scale's drift. */
export const GREATEST_TARE_N = 20;

/** How much of the stream the zero is taken from, s. */
const SETTLED_S = 1;

export type Zeroing =
  /** What is taken off every value from now on, N. */
  | { readonly ok: true; readonly tare_N: number }
  /** What is on the hook instead of nothing, N; null while nothing has arrived. */
  | { readonly ok: false; readonly found_N: number | null };

/**
 * The zero of a gauge. Hanging scales drift by some hundred grams over an
 * hour, and few can be told over the air to begin from zero, so it is taken
 * here, alike for all of them.
 */
export class Tare {
  private recent: GaugeValue[] = [];
  private tare_N = 0;

  /** The value with the tare taken off. */
  apply(value: GaugeValue): GaugeValue {
    this.recent = this.recent.filter(({ time_s }) => value.time_s - time_s < SETTLED_S);
    this.recent.push(value);
    return { time_s: value.time_s, force_N: value.force_N - this.tare_N };
  }

  /** Makes the middle of the last second the zero; refused while something pulls. */
  zero(): Zeroing {
    if (this.recent.length === 0) return { ok: false, found_N: null };
    const found_N = median(this.recent.map(({ force_N }) => force_N));
    if (Math.abs(found_N) > GREATEST_TARE_N) return { ok: false, found_N };
    this.tare_N = found_N;
    return { ok: true, tare_N: found_N };
  }
}
