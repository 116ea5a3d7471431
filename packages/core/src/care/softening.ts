import { type Calibration, predictStrand } from '../elastic/calibration.js';

/** The pulls of two laws are compared here: well inside every limit, beyond the soft start. */
const COMPARED_AT = 2;

/** A band that has lost more than this share of its first pull is worn. */
export const SOFT_SHARE = 0.12;

export interface Softening {
  /** Share of the first pull that is gone; negative where the band pulls more than before. */
  readonly share: number;
  readonly std: number;
  /** Above {@link SOFT_SHARE}. */
  readonly soft: boolean;
}

/**
 * How much softer a band is than when first measured, at ×2 (or the limit, if
 * less): s = 1 − t/t₀ with σ² = (t/t₀)² · ((σ/t)² + (σ₀/t₀)²). Null where
 * either law is a label's or pulls nothing there.
 */
export function softening(
  first: Calibration,
  latest: Calibration,
  limit: number,
): Softening | null {
  if (first.grade === 'label' || latest.grade === 'label') return null;
  const stretch = Math.min(COMPARED_AT, limit);
  const before = predictStrand(first, stretch);
  const now = predictStrand(latest, stretch);
  if (before.strand_N <= 0 || now.strand_N <= 0) return null;
  const left = now.strand_N / before.strand_N;
  return {
    share: 1 - left,
    std: left * Math.hypot(now.std_N / now.strand_N, before.std_N / before.strand_N),
    soft: 1 - left > SOFT_SHARE,
  };
}
