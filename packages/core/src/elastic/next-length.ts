import { calibrate, type BandSamples, toStrandReading } from './calibration.js';
import { measuredStretches, worstSpread } from './worst-spread.js';

/** The first pull is a gentle one: a stretch that every band in use has seen. */
const FIRST_STRETCH = 1.5;

/** A length nearer than this to one already pulled says little that is new (stretch ratio). */
const APART = 0.1;

/**
 * The stretch ratio to pull next: ×1.5 (or the limit, if less) for the first
 * reading, then where the law's ± is widest between ×1.2 and the limit, away
 * from the lengths pulled already. Never above the limit.
 *
 * With three readings this halves neither end of the range by chance: on
 * simulated bands its widest ± is narrower than that of evenly spaced lengths
 * (`npm run bench` prints both).
 */
export function nextStretch(band: BandSamples, limit: number): number {
  const loading = band.samples.filter(({ direction }) => direction !== 'unloading');
  const pulled = loading.map((sample) => toStrandReading(band, sample).stretch);
  const fitted = pulled.some((stretch) => stretch > 1) ? calibrate(band) : undefined;
  if (fitted?.ok !== true) return Math.min(FIRST_STRETCH, limit);
  const all = measuredStretches(limit);
  const untried = all.filter((stretch) => pulled.every((at) => Math.abs(at - stretch) >= APART));
  return worstSpread(fitted.value, limit, untried.length > 0 ? untried : all).stretch;
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
