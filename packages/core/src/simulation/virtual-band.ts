import { type BandKind, naturalStrands, type StrandLaw } from '../elastic/band.js';
import { LABEL_STRETCH, type LabelClaim, type PullSample } from '../elastic/calibration.js';
import { strandForce } from '../elastic/strand-law.js';

/** A source of numbers in 0 … 1, 1 excluded; a seeded one makes a simulation repeatable. */
export type Random = () => number;

/** A band whose true law is known, to try the measuring on. */
export interface VirtualBand {
  readonly kind: BandKind;
  readonly flatLength_m: number;
  readonly law: StrandLaw;
}

/** Pulls of one strand at a usual stretch span more than a decade, N. */
const LEAST_SCALE_N = 8;
const SCALE_DECADES = 12;

/** Shape of a usual law and how far bands stray from it (1σ, relative). */
const SHAPE = [1, 0.8, 0.01] as const;
const SPREAD = [0.45, 0.45, 0.9] as const;
const LEAST_FACTOR = 0.05;

/** Labels are drawn this far off the truth, each end on its own. */
const LABEL_ERROR_SHARE = 0.35;

/** Draws a loop of about a metre with a law of plausible size and shape. */
export function drawVirtualBand(random: Random): VirtualBand {
  const scale_N = LEAST_SCALE_N * SCALE_DECADES ** random();
  const [c1_N, c2_N, c3_N] = [0, 1, 2].map((k) => {
    const factor = 1 + (SPREAD[k] as number) * normal(random);
    return scale_N * (SHAPE[k] as number) * Math.max(LEAST_FACTOR, factor);
  }) as [number, number, number];
  return { kind: 'loop', flatLength_m: 0.9 + 0.2 * random(), law: { c1_N, c2_N, c3_N } };
}

/** True pull of a band hung by its two ends, N: strands · t(λ). */
export function truePull({ kind, law }: VirtualBand, stretch: number): number {
  return naturalStrands(kind) * strandForce(law, stretch);
}

/** One reading of a gauge whose noise is `noise` of the pull (1σ). */
export function noisyPull(
  band: VirtualBand,
  stretch: number,
  noise: number,
  random: Random,
): PullSample {
  return {
    length_m: stretch * band.flatLength_m,
    force_N: Math.max(0, truePull(band, stretch) * (1 + noise * normal(random))),
  };
}

/** A label for the band: the pulls at the stretches of a label, each up to 35 % off. */
export function drawLabel(band: VirtualBand, random: Random): LabelClaim {
  const claim = (stretch: number): number =>
    truePull(band, stretch) * (1 + LABEL_ERROR_SHARE * (2 * random() - 1));
  const ends = [claim(LABEL_STRETCH.min), claim(LABEL_STRETCH.max)] as const;
  return { min_N: Math.min(...ends), max_N: Math.max(...ends) };
}

/** A standard normal number (Box and Muller 1958). */
export function normal(random: Random): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
