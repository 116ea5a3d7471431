import { type DoneSession, knownStrength, loadFor } from './wish';

type DoneSet = DoneSession['sets'][number];

const doneSet = (part: Partial<DoneSet>): DoneSet => ({
  form: 'clean',
  hold_s: null,
  reps: 10,
  spare: 2,
  ...part,
});
const done = (part: Partial<DoneSession>): DoneSession => ({
  personId: 'sela',
  day: '2026-11-20',
  setup: { exerciseId: 'standing-row', figures: { mean: 90 } },
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
    const strength = knownStrength([older, latest], 'sela', latest.setup.exerciseId);
    expect(strength?.day).toBe('2026-11-20');
    expect(strength?.once).toBeCloseTo(latest.setup.figures.mean * (1 + 12 / 30), 9);
    if (strength === undefined) throw new Error('nothing known');
    // The set it is known from comes out as it was.
    expect(loadFor(strength, 10, 2)).toBeCloseTo(latest.setup.figures.mean, 9);
    expect(loadFor(strength, 12, 2)).toBeLessThan(loadFor(strength, 10, 2));
  });

  it('is not offered where nothing of the kind was done', () => {
    const held = done({ sets: [doneSet({ reps: 0, hold_s: 30 })] });
    expect(knownStrength([held], 'sela', held.setup.exerciseId)).toBeUndefined();
    const other = done({ personId: 'tobias', sets: [doneSet({})] });
    expect(knownStrength([other], 'sela', other.setup.exerciseId)).toBeUndefined();
  });
});
