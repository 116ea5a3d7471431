import fc from 'fast-check';
import {
  type Composition,
  composeSetup,
  distanceMarks,
  type MarkedSetup,
  rigSetup,
  setupMarks,
  type Posture,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const EXERCISE = {
  ...ROW,
  posture: 'standing' as Posture,
  routes: [
    { id: 'held', for: 'continuous' as const, path: ['anchor', 'gripL', 'gripR'], takeUp_m: 0.02 },
    { id: 'tube', for: 'open' as const, path: ['gripL', 'anchor', 'gripR'] },
  ],
  anchor: { point: 'anchor', kinds: ['wall' as const], height: 0.7, distance: 1.1 },
};
const band = (id: string, kind: 'loop' | 'tube') => ({
  id,
  kind,
  flatLength_m: kind === 'loop' ? 0.8 : 1.6,
  law: { c1_N: 30, c2_N: 24, c3_N: 0.3 },
});
const composed = (part: Partial<Composition<typeof EXERCISE>> = {}): MarkedSetup =>
  composeSetup({
    exercise: EXERCISE,
    body: { stature_m: 1.8, mass_kg: 75 },
    anchor: { height_m: 1.2, distance_m: 2 },
    routes: EXERCISE.routes,
    bands: [band('a', 'loop')],
    ...part,
  });

describe('marks of a set-up', () => {
  it('read back what was composed: anchor, distance, grip and stance', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2.2, noNaN: true }),
        fc.double({ min: 0.4, max: 2.8, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        fc.double({ min: 0.1, max: 0.9, noNaN: true }),
        fc.constantFrom('loop' as const, 'tube' as const),
        (height_m, distance_m, slip_m, stance_m, kind) => {
          const marks = setupMarks(
            composed({
              anchor: { height_m, distance_m },
              slip_m,
              widths: { stance_m },
              bands: [band('a', kind)],
            }),
          );
          expect(marks.height_m).toBeCloseTo(height_m, 9);
          expect(marks.distance_m).toBeCloseTo(distance_m, 9);
          expect(marks.grip_m).toBeCloseTo(slip_m, 9);
          expect(marks.stance_m).toBeCloseTo(stance_m, 9);
          expect(marks.foot_m).toBeCloseTo(0.152 * 1.8, 9);
        },
      ),
    );
  });

  it('take the grip of a chain off its last band', () => {
    const bands = [band('a', 'loop'), band('b', 'loop')];
    expect(setupMarks(composed({ bands, linked: true, slip_m: 0.07 })).grip_m).toBeCloseTo(0.07, 9);
  });

  it('say what of the person stands on the mark: the root, or the middle where it lies aside', () => {
    expect(setupMarks(composed()).over).toBe('ankles');
    const over = (side: 'left' | 'behind'): string => {
      const anchor = { ...EXERCISE.anchor, side };
      const root = { point: 'shoulder' as const, at: [0, -0.13] as const };
      const exercise = { ...EXERCISE, plane: 'transverse' as const, root, anchor };
      return setupMarks({ ...composed(), exercise }).over;
    };
    expect(over('left')).toBe('middle of the body');
    // Aside of the middle, but no nearer to an anchor behind.
    expect(over('behind')).toBe('shoulders');
  });

  it('leave out what a set-up does not have', () => {
    const seated = setupMarks({
      ...composed(),
      exercise: { ...EXERCISE, posture: 'seated' as const },
    });
    expect(seated.stance_m).toBeUndefined();
    const onBody = { ...composed(), exercise: { ...EXERCISE, anchor: undefined }, points: {} };
    expect(setupMarks({ ...onBody, runs: [] }).distance_m).toBeUndefined();
    expect(setupMarks({ ...onBody, runs: [] }).grip_m).toBeUndefined();
    expect(distanceMarks({ ...onBody, runs: [] }, [1, 2])).toEqual([]);
  });
});

describe('loads by distance', () => {
  it('are what the set-up asks when it is composed there, and rise outwards', () => {
    const distances = [1.6, 1.8, 2, 2.2];
    const marks = distanceMarks(composed(), distances);
    for (const { distance_m, mean } of marks) {
      const there = rigSetup(composed({ anchor: { height_m: 1.2, distance_m } }));
      expect(there.ok && there.value.summary.mean).toBeCloseTo(mean, 9);
    }
    expect(marks.map(({ mean }) => mean)).toEqual(
      marks.map(({ mean }) => mean).sort((a, b) => a - b),
    );
  });

  it('say where a band passes its limit', () => {
    const marks = distanceMarks(composed(), [1.6, 4]);
    expect(marks.map(({ overLimit }) => overLimit)).toEqual([false, true]);
  });
});
