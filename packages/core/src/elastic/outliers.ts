import { type BandSamples, calibrate, predictStrand, toStrandReading } from './calibration.js';

/** A reading further off than this many standard deviations is flagged. */
export const OUTLIER_DEVIATIONS = 3;

/** With fewer other readings the rest cannot speak against one. */
const LEAST_OTHERS = 2;

/** How far a reading lies from the law. */
export interface Residual {
  /** Reading less law, of one strand, N. */
  readonly strand_N: number;
  /**
   * Distance from the law of all the other readings, in standard deviations of
   * both together; null where the others are too few to tell.
   */
  readonly deviations: number | null;
  readonly outlier: boolean;
}

/**
 * Residual of every sample, in their order. A reading is compared with the law
 * fitted to the others, |t − t₋ᵢ(λ)| / √(σ² + σ₋ᵢ²(λ)), because a gross error
 * pulls its own fit along and inflates its ±; more than 3 is an outlier. The
 * worst is taken out before the rest are asked again, or it would speak against
 * good ones. On the way back rubber pulls less by an amount that is only then
 * being learnt, so those readings are never flagged.
 */
export function residuals(band: BandSamples): Residual[] {
  const fitted = calibrate(band);
  const deviations = deviationsFromOthers(band);
  return band.samples.map((sample, i) => {
    const reading = toStrandReading(band, sample);
    const law_N = fitted.ok ? predictStrand(fitted.value, reading.stretch).strand_N : 0;
    const deviation = deviations[i] ?? null;
    return {
      strand_N: reading.strand_N - law_N,
      deviations: deviation,
      outlier: deviation !== null && deviation > OUTLIER_DEVIATIONS,
    };
  });
}

function deviationsFromOthers(band: BandSamples): (number | null)[] {
  const result: (number | null)[] = band.samples.map(() => null);
  const trusted = new Set(
    band.samples.flatMap(({ direction }, i) => (direction === 'unloading' ? [] : [i])),
  );
  for (;;) {
    let worst: number | undefined;
    for (const i of trusted) {
      result[i] = deviationFrom(band, i, trusted);
      if ((result[i] ?? 0) > (worst === undefined ? 0 : (result[worst] ?? 0))) worst = i;
    }
    if (worst === undefined || (result[worst] ?? 0) <= OUTLIER_DEVIATIONS) return result;
    trusted.delete(worst);
  }
}

function deviationFrom(
  band: BandSamples,
  index: number,
  trusted: ReadonlySet<number>,
): number | null {
  const sample = band.samples[index];
  const others = band.samples.filter((_, i) => i !== index && trusted.has(i));
  if (sample === undefined || others.length < LEAST_OTHERS) return null;
  const without = calibrate({ ...band, samples: others, label: undefined });
  if (!without.ok) return null;
  const reading = toStrandReading(band, sample);
  const { strand_N, std_N } = predictStrand(without.value, reading.stretch);
  return Math.abs(reading.strand_N - strand_N) / Math.hypot(reading.std_N, std_N);
}
