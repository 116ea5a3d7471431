import type { Decision, DoneSet, Prescription, Review, School } from '../src/index.js';
import { dated, decided, FINE_LADDER, outcomeOf, reps, rulesOf, set } from './support/reviews.js';

const TOP = FINE_LADDER.length - 1;

/** Decides under a school with some prescription, 2 min of rest. */
function under(
  school: School,
  prescription: Omit<Prescription, 'rest_s'>,
  sessions: Review['sessions'],
  ladder: Review['ladder'] = FINE_LADDER,
): Decision {
  return decided({ school, prescription: { rest_s: 120, ...prescription }, sessions, ladder });
}

const to = (load: number) => [90, 100, load].map((value, i) => ({ id: `r${i}`, load: value }));

describe('school fill-range', () => {
  const asked = { sets: 3, reps: { from: 8, to: 15 }, rungs: [1] };
  const after = (count: number, load: number) =>
    under('fill-range', asked, dated(reps([count, count, count], { rung: 1 })), to(load));

  it('bridges a step of over 10 % by two repetitions, of over 20 % by four', () => {
    expect(outcomeOf(after(15, 110))).toEqual({ code: 'heavier', rungs: [2], target: [8, 8, 8] });
    expect(outcomeOf(after(15, 111))).toEqual({ code: 'more', rungs: [1], target: [16, 16, 16] });
    expect(after(17, 120).code).toBe('heavier');
    expect(outcomeOf(after(18, 121))).toEqual({ code: 'more', rungs: [1], target: [19, 19, 19] });
    expect(after(19, 121).code).toBe('heavier');
  });

  it('bridges a wide gap by what makes the foot likely, and jumps none of over ten', () => {
    // ⌈38·1.4 − 30⌉ − 15 = 9.
    expect(after(23, 140).code).toBe('more');
    expect(after(24, 140).code).toBe('heavier');
    // ⌈38·1.46 − 30⌉ − 15 = 11.
    expect(outcomeOf(after(24, 146))).toEqual({ code: 'more', rungs: [1], target: [25, 25, 25] });
    const wide = after(25, 146);
    expect(wide.code).toBe('repeat');
    expect(rulesOf(wide)).toContain('gap-too-wide');
  });

  it('repeats under the range once, eases off the second time on the same rung', () => {
    const low = reps([9, 8, 7]);
    const twice = (...sessions: DoneSet[][]) =>
      under('fill-range', { ...asked, rungs: [2] }, dated(...sessions));
    expect(twice(low).code).toBe('repeat');
    expect(outcomeOf(twice(low, low))).toEqual({ code: 'lighter', rungs: [1], target: [8, 8, 8] });
    expect(twice(reps([9, 8, 7], { rung: 3 }), low).code).toBe('repeat');
  });

  it('stays on the top rung and says that the ladder ends', () => {
    const full = reps([15, 15, 15], { rung: TOP });
    const top = under('fill-range', { ...asked, rungs: [TOP] }, dated(full));
    expect(top).toEqual(jasmine.objectContaining({ code: 'repeat', rungs: [TOP] }));
    expect(rulesOf(top)).toContain('top-of-ladder');
  });
});

describe('school effort', () => {
  const after = (...sets: [reps: number, spare: number][]) =>
    under(
      'effort',
      { sets: 2, reps: { from: 8, to: 12 }, rungs: [2] },
      dated(sets.map(([count, spare]) => set({ reps: count, spare }))),
    );

  it('goes by what could have been done', () => {
    expect(outcomeOf(after([10, 3], [11, 2]))).toEqual({
      code: 'heavier',
      rungs: [3],
      target: [8, 8],
    });
    expect(after([10, 3], [10, 2]).code).toBe('repeat');
    expect(after([6, 2], [5, 0]).code).toBe('repeat');
    expect(outcomeOf(after([6, 1], [9, 0]))).toEqual({
      code: 'lighter',
      rungs: [1],
      target: [8, 8],
    });
  });
});

describe('school rehab', () => {
  const asked = { sets: 3, reps: { from: 10, to: 15 }, rungs: [2] };
  const full = reps([15, 15, 15]);
  const after = (...sessions: DoneSet[][]) => under('rehab', asked, dated(...sessions));

  it('goes up after two full sessions running, repeats after one', () => {
    expect(after(full).code).toBe('repeat');
    expect(outcomeOf(after(full, full))).toEqual({
      code: 'heavier',
      rungs: [3],
      target: [10, 10, 10],
    });
    expect(after(full, reps([15, 15, 14]), full).code).toBe('repeat');
    expect(after(reps([15, 15]), full).code).toBe('repeat');
  });

  it('asks one more up to the top of the range', () => {
    expect(outcomeOf(after(reps([15, 12, 10])))).toEqual({
      code: 'more',
      rungs: [2],
      target: [15, 13, 11],
    });
  });

  it('does not count a session that hurt over the limit or was not clean', () => {
    const sore = reps([15, 15, 15], { pain: 4 });
    const [a, b] = dated(full, full);
    if (a === undefined || b === undefined) return fail();
    expect(under('rehab', asked, [{ ...a, sets: sore }, b]).code).toBe('repeat');
    expect(under('rehab', asked, [{ ...a, painNextMorning: 4 }, b]).code).toBe('repeat');
    const broken = reps([15, 15, 15], { form: 'breaking' });
    expect(under('rehab', asked, [{ ...a, sets: broken }, b]).code).toBe('repeat');
  });

  it('ends its stage on the exit rung, and not where sets are missing', () => {
    const twice = dated(full, full);
    expect(outcomeOf(under('rehab', { ...asked, exit: 2 }, twice))).toEqual({
      code: 'next-level',
      rungs: [2],
      target: [10, 10, 10],
    });
    expect(under('rehab', { ...asked, exit: 3 }, twice).code).toBe('heavier');
    const short = under('rehab', { ...asked, exit: 2 }, dated(full, reps([15, 15])));
    expect(short.code).toBe('repeat');
  });
});

describe('school taper', () => {
  const ladder = [400, 412, 424, 437, 450].map((load) => ({ id: `${load} N left`, load }));
  const bare = ladder.length - 1;
  const after = (
    sessions: [number, number, number][],
    rungs = [0, 1, 2],
    form: DoneSet['form'] = 'clean',
  ) =>
    under(
      'taper',
      { sets: 3, rungs, target: [12, 8, 4] },
      dated(
        ...sessions.map((counts) =>
          counts.map((count, i) =>
            set({ rung: rungs[i] ?? 0, reps: count, form: i === 2 ? form : 'clean' }),
          ),
        ),
      ),
      ladder,
    );

  it('takes help from the last with 5, the middle with it and 10, the first with that and 10', () => {
    expect(outcomeOf(after([[9, 9, 5]]))).toEqual({
      code: 'heavier',
      rungs: [0, 1, 3],
      target: [12, 8, 3],
    });
    expect(outcomeOf(after([[9, 10, 5]]))).toEqual({
      code: 'heavier',
      rungs: [0, 2, 3],
      target: [12, 6, 3],
    });
    expect(outcomeOf(after([[10, 10, 5]]))).toEqual({
      code: 'heavier',
      rungs: [1, 2, 3],
      target: [10, 6, 3],
    });
  });

  it('takes it from the middle alone with 15 and the first with 20, none past the set after it', () => {
    expect(outcomeOf(after([[9, 15, 4]]))).toEqual({
      code: 'heavier',
      rungs: [0, 2, 2],
      target: [12, 6, 4],
    });
    expect(after([[20, 9, 4]]).rungs).toEqual([1, 1, 2]);
    expect(after([[20, 9, 4]], [1, 1, 2]).code).toBe('more');
  });

  it('goes to no rung on which too few are likely, and says so', () => {
    const steep = [400, 430, 460, 590, 600].map((load) => ({ id: `${load} N left`, load }));
    const sessions = dated([
      set({ rung: 0, reps: 9 }),
      set({ rung: 1, reps: 9 }),
      set({ rung: 2, reps: 5 }),
    ]);
    const far = under('taper', { sets: 3, rungs: [0, 1, 2], target: [10, 6, 3] }, sessions, steep);
    expect(outcomeOf(far)).toEqual({ code: 'more', rungs: [0, 1, 2], target: [10, 10, 5] });
    expect(rulesOf(far)).toContain('gap-too-wide');
  });

  it('asks one more of the last two, at most 10 and 5', () => {
    expect(outcomeOf(after([[12, 14, 4]]))).toEqual({
      code: 'more',
      rungs: [0, 1, 2],
      target: [12, 10, 5],
    });
  });

  it('gives help back to the last after two sessions under 3, and leaves no set above it', () => {
    expect(after([[12, 9, 2]]).code).toBe('more');
    expect(
      after([
        [12, 9, 3],
        [12, 9, 2],
      ]).code,
    ).toBe('more');
    expect(
      outcomeOf(
        after(
          [
            [12, 9, 2],
            [12, 9, 2],
          ],
          [2, 2, 2],
        ),
      ),
    ).toEqual({
      code: 'lighter',
      rungs: [1, 1, 1],
      target: [10, 6, 3],
    });
    expect(
      outcomeOf(
        after(
          [
            [12, 9, 2],
            [12, 9, 2],
          ],
          [0, 0, 0],
        ),
      ),
    ).toEqual({
      code: 'lighter',
      rungs: [0, 0, 0],
      target: [12, 8, 2],
    });
  });

  it('is learnt with 5 clean on the bare exercise', () => {
    expect(after([[12, 10, 5]], [2, 3, bare]).code).toBe('graduate');
    expect(after([[12, 10, 5]], [2, 3, bare], 'breaking').code).toBe('repeat');
  });

  it('gives each set its own rung where one stood for all', () => {
    const sets = [12, 9, 5].map((count) => set({ rung: 1, reps: count }));
    expect(under('taper', { sets: 3, rungs: [1] }, dated(sets), ladder).rungs).toEqual([1, 1, 2]);
  });
});

describe('school hold', () => {
  const after = (
    holds: number[],
    rung = 1,
    sets = holds.length,
    ladder: Review['ladder'] = FINE_LADDER,
  ) =>
    under(
      'hold',
      { sets, hold_s: 8, rungs: [rung] },
      dated(holds.map((hold_s) => set({ rung, hold_s }))),
      ladder,
    );

  it('takes help away when every hold has 10 s and all of them 45 s', () => {
    expect(outcomeOf(after([12, 12, 11, 10]))).toEqual({
      code: 'heavier',
      rungs: [2],
      target: [8, 8, 8, 8],
    });
    expect(outcomeOf(after([12, 12, 10, 10]))).toEqual({
      code: 'more',
      rungs: [1],
      target: [14, 14, 12, 12],
    });
  });

  it('waits at 30 s where the next rung leaves under 3 s, and says what would close the gap', () => {
    const steep = [100, 110, 170].map((load, i) => ({ id: `r${i}`, load }));
    expect(after([12, 12, 12, 12], 1, 4, steep).target).toEqual([14, 14, 14, 14]);
    const longest = after([30, 31, 30], 1, 3, steep);
    expect(longest.code).toBe('repeat');
    expect(rulesOf(longest)).toContain('gap-too-wide');
  });

  it('gives help back when one was under 3 s', () => {
    expect(after([12, 12, 12, 3]).code).toBe('more');
    expect(after([12, 12, 12, 2.9]).rungs).toEqual([0]);
  });

  it('ends the level with three holds of 10 s on the top rung', () => {
    expect(after([10, 10, 10], TOP).code).toBe('next-level');
    expect(after([10, 10, 9], TOP).code).toBe('more');
    expect(after([10, 10, 10, 2], TOP).code).toBe('lighter');
    expect(after([10, 10, 10], TOP, 4).code).toBe('repeat');
  });
});

describe('school lowering', () => {
  const lowered = (hold_s: number, lowering_s: number, count = 3) =>
    [1, 2, 3].map(() => set({ rung: 1, reps: count, hold_s, lowering_s }));
  const asked = { sets: 3, reps: { from: 3, to: 5 }, rungs: [1] };
  const after = (hold_s: number, ...sessions: DoneSet[][]) =>
    under('lowering', { ...asked, hold_s }, dated(...sessions));

  it('asks a second more once both times were kept, up to 8', () => {
    expect(outcomeOf(after(3, lowered(3, 3)))).toEqual({
      code: 'more',
      rungs: [1],
      target: [4, 4, 4],
    });
    expect(after(8, lowered(8, 9)).code).toBe('next-level');
  });

  it('waits until the pace has stood for six days', () => {
    const since = (day: string) =>
      under('lowering', { ...asked, hold_s: 3, since: day }, dated([], [], lowered(3, 3)));
    expect(outcomeOf(since('2026-02-28'))).toEqual({
      code: 'repeat',
      rungs: [1],
      target: [3, 3, 3],
    });
    expect(since('2026-02-27').code).toBe('more');
  });

  it('repeats where a time, a repetition or a set was short', () => {
    const short = [lowered(2, 3), lowered(3, 2), lowered(3, 3, 2), lowered(3, 3).slice(1)];
    for (const session of short) {
      expect(outcomeOf(after(3, session))).toEqual({
        code: 'repeat',
        rungs: [1],
        target: [3, 3, 3],
      });
    }
  });

  it('eases by a second after two sessions short at this pace, never under one', () => {
    expect(outcomeOf(after(3, lowered(2, 2), lowered(2, 2)))).toEqual({
      code: 'lighter',
      rungs: [1],
      target: [2, 2, 2],
    });
    expect(after(1, lowered(0, 0), lowered(0, 0)).target).toEqual([1, 1, 1]);
    const since = { ...asked, hold_s: 3, since: '2026-03-03' };
    const once = under('lowering', since, dated(lowered(2, 2), lowered(2, 2)));
    expect(once.code).toBe('repeat');
  });

  it('eases by a rung and a second after pain', () => {
    const sore = lowered(3, 3).map((one) => ({ ...one, pain: 4 }));
    expect(outcomeOf(after(3, sore))).toEqual({ code: 'lighter', rungs: [0], target: [2, 2, 2] });
  });
});

describe('school all-out', () => {
  const after = (count: number) =>
    under(
      'all-out',
      { sets: 1, reps: { from: 8, to: 15 }, rungs: [2] },
      dated(reps([count], { partial: 4 })),
    );

  it('goes by full repetitions alone', () => {
    expect(outcomeOf(after(15))).toEqual({ code: 'heavier', rungs: [3], target: [8] });
    expect(after(14).code).toBe('repeat');
    expect(after(8).code).toBe('repeat');
    expect(outcomeOf(after(7))).toEqual({ code: 'lighter', rungs: [1], target: [8] });
  });
});

describe('school clock', () => {
  const after = (counts: number[], work_s = 30, rung = 2) =>
    under('clock', { sets: 4, work_s, rungs: [rung] }, dated(reps(counts, { rung })));

  it('lengthens the rounds while the last keeps 80 % of the first, then goes up', () => {
    expect(outcomeOf(after([10, 9, 9, 8]))).toEqual({
      code: 'more',
      rungs: [2],
      target: [40, 40, 40, 40],
    });
    expect(after([10, 9, 9, 8], 55).target).toEqual([60, 60, 60, 60]);
    expect(outcomeOf(after([10, 9, 9, 8], 60))).toEqual({
      code: 'heavier',
      rungs: [3],
      target: [20, 20, 20, 20],
    });
  });

  it('repeats between, eases off under 60 % or with a round missing', () => {
    expect(outcomeOf(after([10, 9, 8, 7]))).toEqual({
      code: 'repeat',
      rungs: [2],
      target: [30, 30, 30, 30],
    });
    expect(after([10, 9, 8, 6]).code).toBe('repeat');
    expect(outcomeOf(after([10, 9, 8, 5]))).toEqual({
      code: 'lighter',
      rungs: [1],
      target: [20, 20, 20, 20],
    });
    expect(after([10, 10, 10]).code).toBe('lighter');
  });
});

describe('school speed', () => {
  const slow = reps([12, 12, 12]);
  const after = (quick: DoneSet[], ...before: DoneSet[][]) => {
    const sessions = dated(...before, quick);
    return under(
      'speed',
      { sets: 3, rungs: [2], target: [10, 10, 10] },
      sessions.map((session, i) =>
        i === sessions.length - 1 ? session : { ...session, school: 'effort' as const },
      ),
    );
  };

  it('waits for four clean sessions under another school, and counts them', () => {
    const soon = after(reps([10, 10, 10]), slow, slow, slow);
    expect(soon.code).toBe('repeat');
    expect(soon.reasons.at(-1)?.figures['sessions']).toBe(3);
    expect(after(reps([10, 10, 10]), slow, slow, slow, slow).code).toBe('more');
    const sore = reps([12, 12, 12], { pain: 4 });
    expect(after(reps([10, 10, 10]), slow, sore, slow, slow).code).toBe('repeat');
    const broken = reps([12, 12, 12], { form: 'breaking' });
    expect(after(reps([10, 10, 10]), slow, broken, slow, slow).code).toBe('repeat');
  });

  it('asks one more while the last set is as quick as the first, eases off under 80 %', () => {
    const four = [slow, slow, slow, slow];
    expect(after(reps([10, 11, 10]), ...four).target).toEqual([11, 12, 11]);
    expect(after(reps([10, 9, 9]), ...four).code).toBe('repeat');
    expect(outcomeOf(after(reps([10, 9, 7]), ...four))).toEqual({
      code: 'lighter',
      rungs: [1],
      target: [10, 10, 10],
    });
  });
});
