import { naturalStrands } from './band.js';
import {
  type BandSamples,
  calibrate,
  type Calibration,
  MEASURED_SAMPLES,
  predictStrand,
  type PullSample,
  toStrandReading,
} from './calibration.js';
import {
  FINISHED_SPREAD,
  LEAST_MEASURED_STRETCH,
  measuredStretches,
  worstSpread,
} from './worst-spread.js';

/** A length nearer than this to one already pulled says little that is new (stretch ratio). */
const APART = 0.1;

/**
 * The stretch ratio to pull next. The first three go upward from ×1.3 and reach
 * the limit last, since a band that rested pulls too hard at what it has not
 * been stretched to again: whatever is planned lies beyond the longest pull so
 * far. Then it is where the law's ± is widest between ×1.3 and the limit, away
 * from the lengths pulled already. Never above the limit.
 */
export function nextStretch(band: BandSamples, limit: number): number {
  const pulled = loadingStretches(band);
  const longest = Math.max(1, ...pulled);
  const planned = firstStretches(limit).find((stretch) => stretch > longest + APART / 2);
  const fitted = planned === undefined ? calibrate(band) : undefined;
  if (fitted?.ok !== true) return planned ?? limit;
  const untried = untriedStretches(pulled, limit);
  const all = untried.length > 0 ? untried : measuredStretches(limit);
  return worstSpread(fitted.value, limit, all).stretch;
}

/**
 * Whether nothing more need be pulled: three pulls or more, and the ± is at most
 * 7 % from ×1.3 to the limit, or even the best next pull would narrow its widest
 * by less than a tenth.
 */
export function isMeasuringDone(band: BandSamples, limit: number): boolean {
  const pulled = loadingStretches(band);
  const fitted = calibrate(band);
  if (!fitted.ok || pulled.length < MEASURED_SAMPLES) return false;
  const widest = worstSpread(fitted.value, limit).share;
  if (widest <= FINISHED_SPREAD) return true;
  const narrowest = Math.min(
    ...untriedStretches(pulled, limit).map((stretch) =>
      widestAfter(band, fitted.value, stretch, limit),
    ),
  );
  return narrowest > (1 - WORTHWHILE) * widest;
}

/** A pull that narrows the widest ± by less than this share is not worth taking. */
const WORTHWHILE = 0.1;

/** The widest ± if one more pull gave just what the law says, taken with the band as it hangs by itself. */
function widestAfter(
  band: BandSamples,
  known: Calibration,
  stretch: number,
  limit: number,
): number {
  const pull: PullSample = {
    length_m: stretch * band.flatLength_m,
    force_N: naturalStrands(band.kind) * predictStrand(known, stretch).strand_N,
  };
  const fitted = calibrate({ ...band, samples: [...band.samples, pull] });
  return fitted.ok ? worstSpread(fitted.value, limit).share : Infinity;
}

/** Upward from the gentlest stretch that is measured; the limit is the last. */
function firstStretches(limit: number): number[] {
  const least = Math.min(LEAST_MEASURED_STRETCH, limit);
  return [least, (least + limit) / 2, limit];
}

function loadingStretches(band: BandSamples): number[] {
  return band.samples
    .filter(({ direction }) => direction !== 'unloading')
    .map((sample) => toStrandReading(band, sample).stretch)
    .filter((stretch) => stretch > 1);
}

function untriedStretches(pulled: readonly number[], limit: number): number[] {
  return measuredStretches(limit).filter((stretch) =>
    pulled.every((at) => Math.abs(at - stretch) >= APART),
  );
}

/** Points of the way back that tell its loss, as shares of the way from rest to the longest stretch. */
const WAY_BACK_SHARES = [0.7, 0.4, 0.55] as const;

/**
 * The stretch ratio to let the band back to next, from the longest stretch that
 * was pulled; null before anything was pulled. Well below the longest, because
 * readings near it say nothing about the loss.
 */
export function nextWayBackStretch(band: BandSamples): number | null {
  const all = band.samples.map((sample) => toStrandReading(band, sample).stretch);
  const longest = Math.max(1, ...all);
  if (longest <= 1) return null;
  const back = band.samples.filter(({ direction }) => direction === 'unloading').length;
  const share = WAY_BACK_SHARES[Math.min(back, WAY_BACK_SHARES.length - 1)] as number;
  return 1 + (longest - 1) * share;
}
