import { STANDARD_GRAVITY_M_S2 } from '../units/units.js';
import { type BandKind, naturalStrands } from './band.js';

/**
 * How a band is rigged to be measured: with the scale at its free end, folded
 * over a bar with the scale at its two ends, or hung from a bar while a person
 * stands in it on a bathroom scale.
 */
export const RIGGINGS = ['end', 'folded', 'standing'] as const;
export type Rigging = (typeof RIGGINGS)[number];

export interface Rigged {
  /** Strands that share the pull. */
  readonly strands: number;
  /** Unstretched length of the elastic as rigged, m. */
  readonly rest_m: number;
  /** Length of the fittings along the pull, m. */
  readonly dead_m: number;
}

/** A band as far as rigging goes: its kind, the length of its elastic and of its fittings. */
export interface RiggedBand {
  readonly kind: BandKind;
  readonly flatLength_m: number;
  /** Length of handles and clips at both ends together, m. */
  readonly deadLength_m?: number | undefined;
}

/** Standard error of one bathroom-scale reading, kg; the pull is a difference of two. */
const BATHROOM_SCALE_ERROR_KG = 0.2;

/** Standard error of a pull read as the difference of two bathroom-scale readings, N. */
export const STANDING_ERROR_N = Math.SQRT2 * BATHROOM_SCALE_ERROR_KG * STANDARD_GRAVITY_M_S2;

/**
 * Strands, rest length and fittings of a band as rigged. Folding halves the
 * length and doubles the strands; both ends then hang side by side, so that
 * half of the fittings lies along the pull.
 */
export function riggedForGauge(band: RiggedBand, rigging: Rigging): Rigged {
  const strands = naturalStrands(band.kind);
  const dead_m = band.deadLength_m ?? 0;
  return rigging === 'folded'
    ? { strands: 2 * strands, rest_m: band.flatLength_m / 2, dead_m: dead_m / 2 }
    : { strands, rest_m: band.flatLength_m, dead_m };
}

/** Length between hook and fixed end at a stretch ratio, m: λ · rest + fittings. */
export function riggedLength(rigged: Rigged, stretch: number): number {
  return stretch * rigged.rest_m + rigged.dead_m;
}

/** A person's weight on a bathroom scale, free and while the band pulls the foot up. */
export interface Weighing {
  readonly free_kg: number;
  readonly standing_kg: number;
  /** Height of the bar over the scale's platform, m. */
  readonly bar_m: number;
  /** Height over the platform at which the band lies on or under the foot, m. */
  readonly foot_m: number;
}

/**
 * Pull and length by the bar-and-bathroom-scale method: the pull is what the
 * person weighs less, (free − standing) · g, N; the length is the bar's height
 * less the foot's thickness, m.
 */
export function weighedPull({ free_kg, standing_kg, bar_m, foot_m }: Weighing): {
  force_N: number;
  length_m: number;
} {
  return {
    force_N: (free_kg - standing_kg) * STANDARD_GRAVITY_M_S2,
    length_m: bar_m - foot_m,
  };
}
