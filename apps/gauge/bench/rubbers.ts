import { drawVirtualBand, type Random, strandForce } from '@wiry-otter/core';

/** Where a band's pull comes from: the family of the strand law, and rubbers that are not of it. */
export const RUBBERS = ['family', 'Ogden', 'Arruda-Boyce', 'linear with offset'] as const;
export type Rubber = (typeof RUBBERS)[number];

/** A loop whose true pull is known. */
export interface RubberBand {
  readonly flatLength_m: number;
  /** Pull of one strand at a stretched length, N. */
  readonly strand: (length_m: number) => number;
}

/** Pulls of one strand at ×2 span more than a decade, N. */
const LEAST_PULL_N = 8;
const DECADES = 12;

export function drawRubberBand(rubber: Rubber, flatLength_m: number, random: Random): RubberBand {
  const shape = SHAPES[rubber](random);
  const scale_N = (LEAST_PULL_N * DECADES ** random()) / shape(2);
  return {
    flatLength_m,
    strand: (length_m) => {
      const stretch = length_m / flatLength_m;
      return stretch <= 1 ? 0 : scale_N * shape(stretch);
    },
  };
}

/** How the pull goes with the stretch, before its size. */
const SHAPES: Readonly<Record<Rubber, (random: Random) => (stretch: number) => number>> = {
  family: (random) => {
    const { law } = drawVirtualBand(random);
    return (stretch) => strandForce(law, stretch);
  },
  // Three terms about those that Ogden (1972) took from Treloar's sheet of natural rubber.
  Ogden: (random) => {
    const terms = [
      [0.63 * within(random, 0.2), 1.3 * within(random, 0.15)],
      [0.0012 * within(random, 0.5), 5 * within(random, 0.1)],
      [-0.01 * within(random, 0.5), -2],
    ] as const;
    return (stretch) =>
      terms.reduce(
        (sum, [modulus, power]) =>
          sum + modulus * (stretch ** (power - 1) - stretch ** (-power / 2 - 1)),
        0,
      );
  },
  // Eight chains with five terms of the inverse Langevin series (Arruda and Boyce 1993).
  'Arruda-Boyce': (random) => {
    const lock = 2.6 + 2.4 * random();
    const series = [1 / 2, 1 / 20, 11 / 1050, 19 / 7000, 519 / 673750];
    return (stretch) => {
      const invariant = stretch ** 2 + 2 / stretch;
      const slope = series.reduce(
        (sum, factor, i) => sum + ((i + 1) * factor * invariant ** i) / lock ** (2 * i),
        0,
      );
      return 2 * (stretch - stretch ** -2) * slope;
    };
  },
  // Preloaded cords and thick tubes: a pull from the first centimetre, then a straight line.
  'linear with offset': (random) => {
    const offset = 0.05 + 0.35 * random();
    return (stretch) => offset + (1 - offset) * (stretch - 1);
  },
};

/** 1 ± share, even. */
function within(random: Random, share: number): number {
  return 1 + share * (2 * random() - 1);
}
