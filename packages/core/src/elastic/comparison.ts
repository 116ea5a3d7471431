import type { Calibration } from './calibration.js';
import { predictStrand } from './calibration.js';
import { type BandKind, naturalStrands } from './band.js';
import { RANGE_90 } from './worst-spread.js';

/** A band with its law, as it is compared with others. */
export interface ComparedBand {
  readonly id: string;
  readonly kind: BandKind;
  readonly calibration: Calibration;
}

/** Pull of a band hung by its two ends at the stretch compared at. */
export interface ComparedPull {
  readonly id: string;
  readonly force_N: number;
  readonly std_N: number;
  /** How much more it pulls than the one before it, as a share; null for the first. */
  readonly step: number | null;
}

/** Two bands that together pull as a third. */
export interface EqualSum {
  readonly pair: readonly [string, string];
  readonly whole: string;
  /** Pull of the pair less that of the one, N. */
  readonly difference_N: number;
  /** Its standard deviation, N. */
  readonly std_N: number;
}

/**
 * Pulls at one stretch ratio λ, least first, each with its step from the one
 * before: F = strands · t(λ), N.
 */
export function comparePulls(bands: readonly ComparedBand[], stretch: number): ComparedPull[] {
  const pulls = bands
    .map(({ id, kind, calibration }) => {
      const strands = naturalStrands(kind);
      const { strand_N, std_N } = predictStrand(calibration, stretch);
      return { id, force_N: strands * strand_N, std_N: strands * std_N };
    })
    .sort((a, b) => a.force_N - b.force_N);
  return pulls.map((pull, i) => {
    const before = pulls[i - 1];
    const step = before === undefined ? null : pull.force_N / before.force_N - 1;
    return { ...pull, step: step !== null && Number.isFinite(step) ? step : null };
  });
}

/**
 * Pairs whose pulls add up to that of a third band within the 90 % range of
 * the difference: |F₁ + F₂ − F₃| ≤ 1.645 · √(σ₁² + σ₂² + σ₃²). The closest
 * for their ± come first.
 */
export function equalSums(pulls: readonly ComparedPull[]): EqualSum[] {
  const found: EqualSum[] = [];
  for (const [i, first] of pulls.entries()) {
    for (const second of pulls.slice(i + 1)) {
      for (const whole of pulls) {
        if (whole === first || whole === second) continue;
        const difference_N = first.force_N + second.force_N - whole.force_N;
        const std_N = Math.hypot(first.std_N, second.std_N, whole.std_N);
        if (Math.abs(difference_N) > RANGE_90 * std_N) continue;
        found.push({ pair: [first.id, second.id], whole: whole.id, difference_N, std_N });
      }
    }
  }
  return found.sort(
    (a, b) => Math.abs(a.difference_N) / a.std_N - Math.abs(b.difference_N) / b.std_N,
  );
}
