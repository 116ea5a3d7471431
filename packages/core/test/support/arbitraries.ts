import fc from 'fast-check';
import type { AnchoredExercise, Band, Exercise, Setup, Triple } from '../../src/index.js';

const coefficient = (most: number) => fc.double({ min: 0, max: most, noNaN: true });

/** Laws from a thread to a hawser, single terms at zero included. */
export const lawArbitrary = fc.record({
  c1_N: coefficient(150),
  c2_N: coefficient(120),
  c3_N: coefficient(3),
});

export const bandArbitrary = (id: string): fc.Arbitrary<Band> =>
  fc.record({
    id: fc.constant(id),
    kind: fc.constantFrom('loop' as const, 'tube' as const, 'strip' as const),
    flatLength_m: fc.double({ min: 0.3, max: 1.5, noNaN: true }),
    law: lawArbitrary,
    loss: fc.double({ min: 0, max: 0.4, noNaN: true }),
  });

/** A person pulling at something ahead: every segment named, arms by angles. */
export const ROW: AnchoredExercise = {
  id: 'row',
  title: 'Row',
  plane: 'sagittal',
  bodyweight: false,
  strength: 'descending',
  root: { point: 'ankle', at: [0, 0.039] },
  poses: [
    { phase: 0, foot: 0, shank: -88, thigh: -92, trunk: 90, upperArm: -8, forearm: 0 },
    { phase: 1, foot: 0, shank: -88, thigh: -92, trunk: 92, upperArm: -115, forearm: 5 },
  ],
  demand: { kind: 'contact', at: ['gripL', 'gripR'] },
  anchor: { point: 'anchor', kinds: ['post'], height: 0.68, distance: 1 },
};

export const HANG: Exercise = {
  ...ROW,
  id: 'hang',
  bodyweight: true,
  root: { point: 'grip', at: [0, 1.25] },
  elbowBend: -1,
  poses: [
    { phase: 0, hand: [0.01, 0.38], trunk: 90, thigh: -90, shank: -90, foot: -60 },
    { phase: 1, hand: [0.09, 0.02], trunk: 98, thigh: -84, shank: -96, foot: -60 },
  ],
  demand: { kind: 'support', at: ['gripL', 'gripR'] },
};

export function setupOf(
  exercise: Exercise,
  bands: readonly Band[],
  path: readonly string[],
  anchor: Triple = [1.6, 1.2, 0.1],
): Setup {
  return {
    body: { stature_m: 1.75, mass_kg: 72 },
    exercise,
    points: { anchor },
    bands,
    runs: bands.map(({ id }) => ({ band: id, path })),
    samples: 11,
  };
}
