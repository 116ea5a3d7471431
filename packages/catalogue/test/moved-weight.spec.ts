import { movedWeight } from '@wiry-otter/core';
import { findExercise } from '../src/index.js';

const BODY = { stature_m: 1.75, mass_kg: 75 };

describe('weight of the body that is lifted with the band', () => {
  const shareOf = (id: string): number => {
    const exercise = findExercise(id);
    if (exercise === undefined) throw new Error(`no ${id}`);
    return movedWeight(exercise, BODY) / (BODY.mass_kg * 9.80665);
  };

  it('is trunk, arms and thighs in a squat, all but the feet in a calf raise', () => {
    expect(shareOf('squat')).toBeCloseTo(0.878, 9);
    expect(shareOf('split-squat')).toBeCloseTo(0.878, 9);
    expect(shareOf('hip-hinge')).toBeCloseTo(0.678, 9);
    expect(shareOf('calf-raise')).toBeCloseTo(0.971, 9);
  });

  it('is nothing where the body stays, where the demand holds it already, and seen from above', () => {
    for (const id of ['standing-row', 'curl', 'pull-up', 'anti-rotation-press']) {
      expect(shareOf(id)).withContext(id).toBe(0);
    }
  });
});
