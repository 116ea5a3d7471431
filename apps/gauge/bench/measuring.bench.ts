import {
  type BandSamples,
  calibrate,
  type Calibration,
  drawVirtualBand,
  LEAST_MEASURED_STRETCH,
  nextStretch,
  noisyPull,
  type PullSample,
  type Random,
  type VirtualBand,
  worstSpread,
} from '@wiry-otter/core';
import { seededRandom } from '../src/index.js';

// How good the next length is, on bands whose true law is known.
const BANDS = 200;
const NOISE = 0.02;
const LIMIT = 2.5;
const PULLS = 3;

type Plan = (band: BandSamples, taken: number) => number;

const suggested: Plan = (band) => nextStretch(band, LIMIT);
/** From the gentlest stretch that is answered for to the limit, evenly. */
const evenFromStart: Plan = (_, taken) =>
  LEAST_MEASURED_STRETCH + (taken * (LIMIT - LEAST_MEASURED_STRETCH)) / (PULLS - 1);
/** Thirds of the way from rest to the limit. */
const evenThirds: Plan = (_, taken) => 1 + ((taken + 1) * (LIMIT - 1)) / PULLS;

function measure(band: VirtualBand, plan: Plan, random: Random): Calibration {
  const samples: PullSample[] = [];
  const known = (): BandSamples => ({ ...band, samples });
  while (samples.length < PULLS) {
    samples.push(noisyPull(band, plan(known(), samples.length), NOISE, random));
  }
  return fitted(known());
}

function fitted(band: BandSamples): Calibration {
  const law = calibrate(band);
  if (!law.ok) throw new Error(law.faults[0]?.found);
  return law.value;
}

/** Widest ± between ×1.3 and the limit after three readings, mean over the bands. */
function widest(plan: Plan): number {
  let sum = 0;
  for (let seed = 0; seed < BANDS; seed++) {
    const random = seededRandom(seed);
    sum += worstSpread(measure(drawVirtualBand(random), plan, random), LIMIT).share;
  }
  return sum / BANDS;
}

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
const [ours, start, thirds] = [suggested, evenFromStart, evenThirds].map(widest) as [
  number,
  number,
  number,
];
console.log(
  `widest ± after three readings: ${percent(ours)} at the lengths suggested; evenly from ×1.3 to the limit ${percent(start)} (${(ours / start).toFixed(2)} of it), in thirds ${percent(thirds)} (${(ours / thirds).toFixed(2)} of it)`,
);
