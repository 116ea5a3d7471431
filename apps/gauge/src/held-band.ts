import { type BandKind, normal } from '@wiry-otter/core';
import { seededRandom, seedOf } from './random.js';
import type { HeldBand } from './simulated-hand.js';

/** What the stand-in is told of the band that it is to pull. */
export interface DescribedBand {
  /** Stands for the band: the same id pulls the same on every visit. */
  readonly id: string;
  readonly kind: BandKind;
  readonly width_mm: number;
  /** Strands that share the pull as rigged. */
  readonly strands: number;
}

/** Scale of one strand's law by width, N per mm: layered loops are thick, strips thin. */
const SCALE_N_PER_MM: Readonly<Record<BandKind, number>> = {
  loop: 1.1,
  miniLoop: 0.23,
  tube: 1.3,
  tubing: 1.3,
  strip: 0.07,
};

/** Shape of a usual law, how bands differ (1σ, relative), and what they lose on the way back. */
const SHAPE = [1, 0.8, 0.01] as const;
const DIFFERENCE = 0.15;
const LOSS = { least: 0.08, most: 0.16 } as const;

/** The true law of a described band: plausible for its width, and its secret to find. */
export function bandInHand({ id, kind, width_mm, strands }: DescribedBand): HeldBand {
  const random = seededRandom(seedOf(id));
  const coefficient = (k: 0 | 1 | 2): number =>
    SCALE_N_PER_MM[kind] * width_mm * SHAPE[k] * Math.max(0.3, 1 + DIFFERENCE * normal(random));
  return {
    law: { c1_N: coefficient(0), c2_N: coefficient(1), c3_N: coefficient(2) },
    strands,
    loss: LOSS.least + (LOSS.most - LOSS.least) * random(),
  };
}
