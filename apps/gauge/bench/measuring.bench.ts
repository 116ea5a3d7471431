import {
  type BandSamples,
  calibrate,
  type Calibration,
  drawLabel,
  drawVirtualBand,
  nextStretch,
  noisyPull,
  predictStrand,
  type PullSample,
  RANGE_90,
  type Random,
  strandForce,
  type VirtualBand,
  worstSpread,
} from '@wiry-otter/core';
import { seededRandom } from '../src/index.js';

// How honest the ranges are, and how good the next length is, on bands whose true law is known.
const BANDS = 200;
const NOISE = 0.02;
const LIMIT = 2.5;
const PULLS = 3;
const LOOKED_AT = [1.3, 1.8, 2.4] as const;
const HONEST = { least: 0.8, most: 0.97 } as const;

type Plan = (band: BandSamples, taken: number) => number;

const suggested: Plan = (band) => nextStretch(band, LIMIT);
/** From the gentlest stretch that is answered for to the limit, evenly. */
const evenFromStart: Plan = (_, taken) => 1.2 + (taken * (LIMIT - 1.2)) / (PULLS - 1);
/** Thirds of the way from rest to the limit. */
const evenThirds: Plan = (_, taken) => 1 + ((taken + 1) * (LIMIT - 1)) / PULLS;

function measure(band: VirtualBand, plan: Plan, pulls: number, random: Random): Calibration {
  const samples: PullSample[] = [];
  const known = (): BandSamples => ({ ...band, samples });
  while (samples.length < pulls) {
    samples.push(noisyPull(band, plan(known(), samples.length), NOISE, random));
  }
  return fitted(known());
}

function fromLabel(band: VirtualBand, random: Random): Calibration {
  return fitted({ ...band, samples: [], label: drawLabel(band, random) });
}

function fitted(band: BandSamples): Calibration {
  const law = calibrate(band);
  if (!law.ok) throw new Error(law.faults[0]?.found);
  return law.value;
}

/** Share of the virtual bands whose true pull lies inside the 90 % range, at each stretch. */
function coverage(know: (band: VirtualBand, random: Random) => Calibration): number[] {
  const inside = LOOKED_AT.map(() => 0);
  for (let seed = 0; seed < BANDS; seed++) {
    const random = seededRandom(seed);
    const band = drawVirtualBand(random);
    const law = know(band, random);
    LOOKED_AT.forEach((stretch, i) => {
      const { strand_N, std_N } = predictStrand(law, stretch);
      const off_N = Math.abs(strand_N - strandForce(band.law, stretch));
      if (off_N <= RANGE_90 * std_N) inside[i] = (inside[i] ?? 0) + 1;
    });
  }
  return inside.map((count) => count / BANDS);
}

/** Widest ± between ×1.2 and the limit after three readings, mean over the bands. */
function widest(plan: Plan): number {
  let sum = 0;
  for (let seed = 0; seed < BANDS; seed++) {
    const random = seededRandom(seed);
    sum += worstSpread(measure(drawVirtualBand(random), plan, PULLS, random), LIMIT).share;
  }
  return sum / BANDS;
}

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
const ways = [
  ['three readings', (band, random) => measure(band, suggested, PULLS, random)],
  ['three readings, evenly spaced', (band, random) => measure(band, evenFromStart, PULLS, random)],
  ['one reading', (band, random) => measure(band, suggested, 1, random)],
  ['the label alone', fromLabel],
] as const satisfies readonly (readonly [string, Parameters<typeof coverage>[0]])[];

console.log(
  `true pull inside the 90 % range, ${BANDS} virtual bands, ${percent(NOISE)} noise, at ×${LOOKED_AT.join(', ×')} (aim ${percent(HONEST.least)} to ${percent(HONEST.most)}):`,
);
for (const [words, know] of ways) {
  console.log(`  ${words}: ${coverage(know).map(percent).join(', ')}`);
}
const [ours, start, thirds] = [suggested, evenFromStart, evenThirds].map(widest) as [
  number,
  number,
  number,
];
console.log(
  `widest ± after three readings: ${percent(ours)} at the lengths suggested; evenly from ×1.2 to the limit ${percent(start)} (${(ours / start).toFixed(2)} of it), in thirds ${percent(thirds)} (${(ours / thirds).toFixed(2)} of it)`,
);
