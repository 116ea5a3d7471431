import type { Stacking } from '@wiry-otter/core';

/** How a trainer likes bands to be stacked, in words. */
export const STACKING_WORDS: Readonly<Record<Stacking, string>> = {
  fewestBands: 'fewest bands',
  easyToMount: 'easy to mount',
  smallestSteps: 'smallest steps',
};
