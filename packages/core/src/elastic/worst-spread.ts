import { type Calibration, predictStrand } from './calibration.js';

/** Half-width of the 90 % range of a normal distribution, in standard deviations. */
export const RANGE_90 = 1.645;

/** Least stretch ratio that a measurement answers for, and the step it is looked at. */
export const LEAST_MEASURED_STRETCH = 1.3;
const STRETCH_STEP = 0.05;

/** A measurement is finished when the 90 % range is at most this share of the pull. */
export const FINISHED_SPREAD = 0.07;

/** The stretch at which the law is least sure, and its 90 % range there as a share of the pull. */
export interface WorstSpread {
  readonly stretch: number;
  readonly share: number;
}

/** Stretch ratios from {@link LEAST_MEASURED_STRETCH} to the limit, the limit among them. */
export function measuredStretches(limit: number): number[] {
  const steps = Math.max(0, Math.ceil((limit - LEAST_MEASURED_STRETCH) / STRETCH_STEP - 1e-9));
  return Array.from({ length: steps + 1 }, (_, i) =>
    Math.min(limit, LEAST_MEASURED_STRETCH + i * STRETCH_STEP),
  );
}

/**
 * Where between ×1.3 and the limit the law's ± is widest: the largest
 * 1.645 · σ(λ) / t(λ). A law without pull is unsure without bounds.
 */
export function worstSpread(
  calibration: Calibration,
  limit: number,
  at: readonly number[] = measuredStretches(limit),
): WorstSpread {
  let worst: WorstSpread = { stretch: at[0] ?? limit, share: 0 };
  for (const stretch of at) {
    const { strand_N, std_N } = predictStrand(calibration, stretch);
    const share = strand_N > 0 ? (RANGE_90 * std_N) / strand_N : Infinity;
    if (share > worst.share) worst = { stretch, share };
  }
  return worst;
}
