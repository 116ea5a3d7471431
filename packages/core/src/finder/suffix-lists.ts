import type { Options } from './options.js';

/**
 * The options of band b and all later ones, in the order of a figure: a candidate's last band is
 * looked up in such a list instead of tried one by one.
 */
export class SuffixLists {
  private readonly lists: Int32Array[];

  constructor(
    { band, count }: Options,
    bands: number,
    readonly figure: Float64Array,
  ) {
    const all = Int32Array.from({ length: count }, (_, i) => i).sort(
      (i, j) => (figure[i] as number) - (figure[j] as number),
    );
    this.lists = Array.from({ length: bands + 1 }, (_, b) =>
      all.filter((i) => (band[i] as number) >= b),
    );
  }

  from(band: number): Int32Array {
    return this.lists[band] as Int32Array;
  }

  /** How many of a list have at most this figure. */
  countUpTo(list: Int32Array, most: number): number {
    let [from, to] = [0, list.length];
    while (from < to) {
      const middle = (from + to) >> 1;
      if ((this.figure[list[middle] as number] as number) <= most) from = middle + 1;
      else to = middle;
    }
    return from;
  }
}

/** For every band, the least (or most) that a figure is over the options of it and all later ones. */
export function suffixExtreme(
  { band, count }: Options,
  bands: number,
  figure: Float64Array,
  which: 'least' | 'most',
): Float64Array {
  const sign = which === 'least' ? 1 : -1;
  const extreme = new Float64Array(bands + 1).fill(sign * Infinity);
  for (let i = 0; i < count; i++) {
    const b = band[i] as number;
    const value = figure[i] as number;
    if (sign * value < sign * (extreme[b] as number)) extreme[b] = value;
  }
  for (let b = bands - 1; b >= 0; b--) {
    const later = extreme[b + 1] as number;
    if (sign * later < sign * (extreme[b] as number)) extreme[b] = later;
  }
  return extreme;
}
