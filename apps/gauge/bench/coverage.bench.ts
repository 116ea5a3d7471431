import {
  type BandSamples,
  calibrate,
  nextStretch,
  normal,
  predictStrand,
  type PullSample,
  RANGE_90,
  type Random,
} from '@wiry-otter/core';
import { seededRandom } from '../src/index.js';
import { drawRubberBand, type RubberBand, RUBBERS } from './rubbers.js';

// How honest the 90 % range is on bands whose true pull is known, of the family of the strand law
// and of other rubbers, measured as people measure and used as people use them.
const BANDS = 400;
const LIMIT = 2.5;
const FLAT_LENGTHS_M = [0.3, 1.04] as const;
const PULLS = [1, 2, 3, 5] as const;
const LOOKED_AT = [1.3, 1.8, 2.4] as const;
/** What a gauge and a tape get wrong. */
const GAIN = 0.01;
const NOISE = 0.01;
const LEAST_NOISE_N = 0.5;
const TAPE_M = 0.01;
/** What another day does to a band. */
const WARMTH = 0.02;
const RELAXED = 0.03;
const AIM = { least: 0.86, most: 0.95, poor: 0.8, poorCells: 0.1 } as const;

interface Cell {
  readonly words: string;
  readonly covered: number;
}

const cells: Cell[] = [];
for (const rubber of RUBBERS) {
  for (const flatLength_m of FLAT_LENGTHS_M) {
    for (const pulls of PULLS) {
      const inside = LOOKED_AT.map(() => 0);
      for (let seed = 0; seed < BANDS; seed++) {
        const random = seededRandom(seed);
        const band = drawRubberBand(rubber, flatLength_m, random);
        const known = measured(band, pulls, random);
        const law = calibrate(known);
        if (!law.ok) throw new Error(law.faults[0]?.found);
        const today = 1 + WARMTH * signed(random) - RELAXED * random();
        LOOKED_AT.forEach((stretch, i) => {
          const { strand_N, std_N } = predictStrand(law.value, stretch);
          const true_N = today * band.strand(stretch * known.flatLength_m);
          if (Math.abs(strand_N - true_N) <= RANGE_90 * std_N) inside[i] = (inside[i] ?? 0) + 1;
        });
      }
      LOOKED_AT.forEach((stretch, i) => {
        cells.push({
          words: `${rubber}, ${flatLength_m} m, ${pulls} ${pulls === 1 ? 'pull' : 'pulls'}, ×${stretch}`,
          covered: (inside[i] ?? 0) / BANDS,
        });
      });
    }
  }
}

/** A loop as it is recorded: its length and every pull read off a tape and a gauge. */
function measured(band: RubberBand, pulls: number, random: Random): BandSamples {
  const flatLength_m = band.flatLength_m + TAPE_M * signed(random);
  const gain = 1 + GAIN * signed(random);
  const samples: PullSample[] = [];
  const known: BandSamples = { kind: 'loop', flatLength_m, samples };
  while (samples.length < pulls) {
    const length_m = nextStretch(known, LIMIT) * flatLength_m;
    const pull_N = 2 * band.strand(length_m + TAPE_M * signed(random));
    const noise_N = Math.max(LEAST_NOISE_N, NOISE * pull_N) * normal(random);
    samples.push({ length_m, force_N: Math.max(0, gain * pull_N + noise_N) });
  }
  return known;
}

/** Even in −1 … 1. */
function signed(random: Random): number {
  return 2 * random() - 1;
}

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
const mean = (some: readonly Cell[]): number =>
  some.reduce((sum, { covered }) => sum + covered, 0) / some.length;
const poor = cells.filter(({ covered }) => covered < AIM.poor);

console.log(
  `true pull inside the 90 % range, ${cells.length} cells of ${BANDS} bands measured as people measure (aim ${percent(AIM.least)} to ${percent(AIM.most)}, at most ${percent(AIM.poorCells)} of the cells under ${percent(AIM.poor)}):`,
);
for (const rubber of RUBBERS) {
  console.log(
    `  ${rubber}: ${percent(mean(cells.filter(({ words }) => words.startsWith(`${rubber},`))))}`,
  );
}
for (const pulls of PULLS) {
  console.log(
    `  after ${pulls}: ${percent(mean(cells.filter(({ words }) => words.includes(`, ${pulls} pull`))))}`,
  );
}
console.log(
  `  all: ${percent(mean(cells))}; ${poor.length} of ${cells.length} cells (${percent(poor.length / cells.length)}) under ${percent(AIM.poor)}`,
);
for (const { words, covered } of poor) console.log(`    ${words}: ${percent(covered)}`);
