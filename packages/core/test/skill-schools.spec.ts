import { decide, type Decision, type DoneSet, type Review } from '../src/index.js';

/** Easiest first; the last is the bare exercise. */
const LADDER = [400, 430, 460, 490, 520].map((load) => ({ id: `${load} N left`, load }));
const BARE = LADDER.length - 1;

const set = (done: Partial<DoneSet>): DoneSet => ({ rung: 0, form: 'clean', pain: 0, ...done });

function decided(part: Omit<Review, 'ladder' | 'limits'>): Decision {
  const result = decide({ ladder: LADDER, limits: {}, ...part });
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** Days two apart. */
const dated = (...sessions: DoneSet[][]) =>
  sessions.map((sets, i) => ({ date: `2026-03-0${2 * i + 1}`, sets }));

describe('school taper', () => {
  const rungs = [0, 1, 2];
  const after = (reps: [number, number, number][], form: DoneSet['form'] = 'clean', on = rungs) =>
    decided({
      school: 'taper',
      prescription: { sets: 3, rest_s: 120, rungs: on, target: [12, 8, 4] },
      sessions: dated(
        ...reps.map((each) =>
          each.map((count, i) =>
            set({ rung: on[i] as number, reps: count, form: i === 2 ? form : 'clean' }),
          ),
        ),
      ),
    });

  it('takes help from all three sets at 5 and 10, and begins each range anew', () => {
    expect(after([[12, 10, 5]])).toEqual(
      jasmine.objectContaining({ code: 'heavier', rungs: [1, 2, 3], target: [10, 6, 3] }),
    );
  });

  it('takes it from the last alone where the middle is short of 10', () => {
    expect(after([[12, 9, 5]])).toEqual(
      jasmine.objectContaining({ code: 'heavier', rungs: [0, 1, 3], target: [12, 8, 3] }),
    );
  });

  it('asks one more of the last two under 5, or where they were not clean', () => {
    expect(after([[12, 10, 4]])).toEqual(
      jasmine.objectContaining({ code: 'more', rungs, target: [12, 11, 5] }),
    );
    expect(after([[12, 10, 5]], 'breaking').code).toBe('more');
  });

  it('gives help back to the last after two sessions under 3, not after one', () => {
    expect(after([[12, 10, 2]]).code).toBe('more');
    expect(
      after([
        [12, 10, 3],
        [12, 10, 2],
      ]).code,
    ).toBe('more');
    expect(
      after([
        [12, 10, 2],
        [12, 10, 2],
      ]),
    ).toEqual(jasmine.objectContaining({ code: 'lighter', rungs: [0, 1, 1], target: [12, 8, 3] }));
  });

  it('is learnt with 5 clean on the bare exercise', () => {
    const top = [2, 3, BARE];
    expect(after([[12, 10, 5]], 'clean', top).code).toBe('graduate');
    expect(after([[12, 10, 4]], 'clean', top).code).toBe('more');
  });

  it('counts a set that was not done as none, and moves a rung that stands for all', () => {
    const one = decided({
      school: 'taper',
      prescription: { sets: 3, rest_s: 120, rungs: [1] },
      sessions: dated([set({ rung: 1, reps: 12 }), set({ rung: 1, reps: 10 })]),
    });
    expect(one).toEqual(
      jasmine.objectContaining({ code: 'more', rungs: [1, 1, 1], target: [10, 11, 1] }),
    );
  });

  it('begins each set at the foot of its own range after a break', () => {
    const { target, rungs: eased } = decided({
      school: 'taper',
      prescription: { sets: 3, rest_s: 120, rungs: [1, 2, 3] },
      sessions: [
        { date: '2026-03-02', sets: [set({ rung: 1, reps: 12 })] },
        { date: '2026-03-20', sets: [set({ rung: 1, reps: 12 })] },
      ],
    });
    expect([eased, target]).toEqual([
      [0, 1, 2],
      [10, 6, 3],
    ]);
  });
});

describe('school hold', () => {
  const after = (holds: number[], rung = 1, sets = holds.length) =>
    decided({
      school: 'hold',
      prescription: { sets, hold_s: 10, rest_s: 120, rungs: [rung] },
      sessions: dated(holds.map((hold_s) => set({ rung, hold_s }))),
    });

  it('takes help away when every hold has 10 s and all of them 45 s', () => {
    expect(after([12, 12, 11, 10])).toEqual(
      jasmine.objectContaining({ code: 'heavier', rungs: [2], target: [5, 5, 5, 5] }),
    );
    expect(after([12, 12, 10, 10])).toEqual(
      jasmine.objectContaining({ code: 'more', rungs: [1], target: [14, 14, 12, 12] }),
    );
    expect(after([20, 20, 9]).code).toBe('more');
  });

  it('gives help back when one was under 5 s', () => {
    expect(after([12, 12, 12, 5]).code).toBe('more');
    expect(after([12, 12, 12, 4.9])).toEqual(
      jasmine.objectContaining({ code: 'lighter', rungs: [0] }),
    );
  });

  it('waits for a hold that was not done', () => {
    expect(after([20, 20, 20], 1, 4)).toEqual(
      jasmine.objectContaining({ code: 'more', target: [22, 22, 22, 10] }),
    );
  });

  it('ends the level with three holds of 10 s without help', () => {
    expect(after([10, 10, 10], BARE).code).toBe('next-level');
    expect(after([10, 10, 9], BARE).code).toBe('more');
    expect(after([10, 10, 10, 4], BARE).code).toBe('lighter');
  });
});

describe('school lowering', () => {
  const lowered = (hold_s: number, lowering_s: number, reps = 3) =>
    [1, 2, 3].map(() => set({ reps, hold_s, lowering_s }));
  const after = (asked_s: number, ...sessions: DoneSet[][]) =>
    decided({
      school: 'lowering',
      prescription: {
        sets: 3,
        reps: { from: 3, to: 5 },
        hold_s: asked_s,
        rest_s: 120,
        rungs: [0],
      },
      sessions: dated(...sessions),
    });

  it('asks a second more once both times were kept, up to 8', () => {
    expect(after(3, lowered(3, 3))).toEqual(
      jasmine.objectContaining({ code: 'more', target: [4, 4, 4], rungs: [0] }),
    );
    expect(after(8, lowered(8, 9)).code).toBe('next-level');
  });

  it('repeats where a time, a repetition or a set was short', () => {
    const short = [lowered(2, 3), lowered(3, 2), lowered(3, 3, 2), lowered(3, 3).slice(1)];
    for (const session of short) {
      expect(after(3, session)).toEqual(
        jasmine.objectContaining({ code: 'repeat', target: [3, 3, 3] }),
      );
    }
  });

  it('eases by a second after two sessions short of the same time, never under one', () => {
    expect(after(3, lowered(2, 2), lowered(2, 2))).toEqual(
      jasmine.objectContaining({ code: 'lighter', target: [2, 2, 2], rungs: [0] }),
    );
    expect(after(1, lowered(0, 0), lowered(0, 0)).target).toEqual([1, 1, 1]);
  });

  it('does not hold a session of another time against the present one', () => {
    const decision = decided({
      school: 'lowering',
      prescription: { sets: 3, reps: { from: 3, to: 5 }, hold_s: 4, rest_s: 120, rungs: [0] },
      sessions: [
        { date: '2026-03-01', sets: lowered(3, 3), hold_s: 3 },
        { date: '2026-03-03', sets: lowered(3, 3) },
      ],
    });
    expect(decision.code).toBe('repeat');
  });
});
