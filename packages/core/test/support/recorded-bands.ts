import { knowBand, type KnownBand, type RecordedBand } from '../../src/index.js';

export type Copy = RecordedBand['copies'][number];

export const IN_BAG: Copy = { state: 'inUse', inspectionDue: false, holder: { at: 'bag' } };

/** A loop with these copies that is known by its label alone. */
export function labelledBand(copies: readonly Copy[], part: Partial<RecordedBand> = {}): KnownBand {
  return knowBand({
    id: 'reed',
    name: 'Reed',
    kind: 'loop',
    flatLength_m: 1.04,
    label: { min_N: 60, max_N: 180 },
    measurements: [],
    lawFrom: null,
    stock: 'band',
    cutFrom: null,
    state: copies.every(({ state }) => state === 'retired') ? 'retired' : 'inUse',
    removed: false,
    material: 'latexLayered',
    limit: 2.5,
    fittings: null,
    copies,
    ...part,
  });
}
