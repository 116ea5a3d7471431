import { loadFor } from '@wiry-otter/core';
import { type DoneSession, knownStrength } from './wish';

const ROW = { id: 'row', exerciseId: 'standing-row', figures: { mean: 90 } };

type DoneSet = DoneSession['sets'][number];

const doneSet = (part: Partial<DoneSet>): DoneSet => ({
  form: 'clean',
  hold_s: null,
  reps: 10,
  setupId: 'row',
  spare: 2,
  ...part,
});
const done = (part: Partial<DoneSession>): DoneSession => ({
  personId: 'sela',
  day: '2026-11-20',
  prescription: { exerciseId: ROW.exerciseId },
  setups: [ROW],
  sets: [],
  ...part,
});

describe('a wish for so many repetitions', () => {
  it('goes by the best clean set of the latest session, taken to failure', () => {
    const older = done({ day: '2026-11-02', sets: [doneSet({ reps: 20 })] });
    const latest = done({
      day: '2026-11-20',
      sets: [
        doneSet({ reps: 10, spare: 2 }),
        doneSet({ reps: 8, spare: 1 }),
        doneSet({ reps: 15, spare: 3, form: 'breaking' }),
      ],
    });
    const strength = knownStrength([older, latest], 'sela', ROW.exerciseId, 0);
    expect(strength?.day).toBe('2026-11-20');
    expect(strength?.once).toBeCloseTo(ROW.figures.mean * (1 + 12 / 30), 9);
    if (strength === undefined) throw new Error('nothing known');
    // The set it is known from comes out as it was.
    const forReps = (reps: number): number =>
      loadFor({ kind: 'reps', reps, spare: 2 }, strength.once);
    expect(forReps(10)).toBeCloseTo(ROW.figures.mean, 9);
    expect(forReps(12)).toBeLessThan(forReps(10));
  });

  it('counts what of the body is lifted with the bands', () => {
    const squats = done({ sets: [doneSet({ reps: 12, spare: 0 })] });
    const moved_N = 600;
    const strength = knownStrength([squats], 'sela', ROW.exerciseId, moved_N);
    if (strength === undefined) throw new Error('nothing known');
    expect(strength.once).toBeCloseTo((ROW.figures.mean + moved_N) * 1.4, 9);
    // Four repetitions fewer allow a tenth more of all that is lifted, and so nearly twice the band.
    const forReps = (reps: number): number =>
      loadFor({ kind: 'reps', reps, spare: 0 }, strength.once) - moved_N;
    expect(forReps(12)).toBeCloseTo(ROW.figures.mean, 9);
    expect(forReps(8) / ROW.figures.mean).toBeGreaterThan(1.7);
  });

  it('is not offered where nothing of the kind was done', () => {
    const held = done({ sets: [doneSet({ reps: 0, hold_s: 30 })] });
    expect(knownStrength([held], 'sela', ROW.exerciseId, 0)).toBeUndefined();
    const other = done({ personId: 'tobias', sets: [doneSet({})] });
    expect(knownStrength([other], 'sela', ROW.exerciseId, 0)).toBeUndefined();
  });
});
