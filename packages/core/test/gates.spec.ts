import type { DoneSet, RedFlag, Review } from '../src/index.js';
import { dated, decided, outcomeOf, reps, rulesOf, set } from './support/reviews.js';

const FULL = reps([15, 15, 15]);

describe('gate 1, stop', () => {
  it('closes on every red flag, whatever else was done, and names it', () => {
    const flags: readonly (true | RedFlag)[] = [true, 'dizziness', 'chestPain', 'other'];
    for (const redFlag of flags) {
      const sessions = [{ date: '2026-03-02', sets: FULL, redFlag }];
      expect(decided({ sessions }).code).toBe('stop');
    }
    const named = [{ date: '2026-03-02', sets: FULL, redFlag: 'chestPain' as const }];
    expect(decided({ sessions: named }).reasons[0]?.text).toContain('chest pain');
    const none = [{ date: '2026-03-02', sets: reps([10, 10, 10]), redFlag: false }];
    expect(decided({ sessions: none }).code).toBe('more');
  });

  it('closes at pain 6, in a set or the next morning, not at 5', () => {
    const withPain = (pain: number) =>
      decided({ sessions: dated(reps([10, 10, 10], { pain })) }).code;
    expect([withPain(5), withPain(6)]).toEqual(['lighter', 'stop']);
    const morning = (painNextMorning: number) =>
      decided({ sessions: [{ date: '2026-03-02', sets: FULL, painNextMorning }] }).code;
    expect([morning(3), morning(4), morning(6)]).toEqual(['heavier', 'lighter', 'stop']);
  });

  it('closes when a clearance ran out before the session, or before the next one', () => {
    const until = (day: string, today?: string) =>
      decided({ clearance: { until: day }, ...(today === undefined ? {} : { today }) }).code;
    expect([until('2026-02-28'), until('2026-03-01')]).toEqual(['stop', 'more']);
    expect(until('2026-03-01', '2026-03-02')).toBe('stop');
  });

  it('closes after three sessions running over the limit on the easiest rung', () => {
    const sore = reps([8, 8, 8], { rung: 0, pain: 4 });
    const prescription = { sets: 3, rest_s: 90, rungs: [0] };
    const after = (...sessions: DoneSet[][]) =>
      decided({ prescription, sessions: dated(...sessions) }).code;
    expect(after(sore, sore)).toBe('lighter');
    expect(after(sore, sore, sore)).toBe('stop');
    expect(after(sore, reps([8, 8, 8], { rung: 1, pain: 4 }), sore)).toBe('lighter');
  });

  it('holds however good later sessions were, and however long ago it was', () => {
    const flagged = { date: '2026-03-01', sets: FULL, redFlag: 'numbness' as const };
    const good = ['03', '05', '07', '09'].map((day) => ({ date: `2026-03-${day}`, sets: FULL }));
    const held = decided({ sessions: [flagged, ...good] });
    expect(held.code).toBe('stop');
    expect(rulesOf(held)).toContain('stop-holds');
    expect(decided({ stops: [{ date: '2025-06-01' }] }).code).toBe('stop');
    const pain = [{ date: '2026-03-01', sets: reps([15], { pain: 7 }) }, ...good];
    expect(decided({ sessions: pain }).code).toBe('stop');
  });

  it('is lifted by an entry of its day, and by no other', () => {
    const sessions: Review['sessions'] = [
      { date: '2026-03-01', sets: FULL, redFlag: 'numbness' },
      { date: '2026-03-03', sets: FULL },
    ];
    const lifted = { date: '2026-03-01', lifted: '2026-03-02' };
    expect(decided({ sessions, stops: [lifted] }).code).toBe('heavier');
    expect(decided({ sessions, stops: [{ ...lifted, date: '2026-02-28' }] }).code).toBe('stop');
    expect(decided({ sessions, stops: [lifted, { date: '2026-03-01' }] }).code).toBe('stop');
  });

  it('lifted, is one rung lighter after the session that stopped', () => {
    const sessions = [{ date: '2026-03-01', sets: FULL, redFlag: 'numbness' as const }];
    const stops = [{ date: '2026-03-01', lifted: '2026-03-02' }];
    expect(outcomeOf(decided({ sessions, stops }))).toEqual({
      code: 'lighter',
      rungs: [1],
      target: [8, 8, 8],
    });
  });
});

describe('gate 2, pain', () => {
  it('passes at the limit, takes a rung off above it, whatever the limit is', () => {
    const after = (pain: number, limit: number) =>
      decided({ sessions: dated(reps([10, 10, 10], { pain })), limits: { pain: limit } });
    expect(after(3, 3).code).toBe('more');
    expect(outcomeOf(after(4, 3))).toEqual({ code: 'lighter', rungs: [1], target: [8, 8, 8] });
    expect(after(1, 0).code).toBe('lighter');
  });
});

describe('gate 3, a break', () => {
  it('asked before a session takes a rung off after more than 14 days, two after more than 28', () => {
    const on = (today: string, breakDays?: number) =>
      decided({
        sessions: dated(reps([10, 10, 10])),
        today,
        limits: { pain: 3, breakDays },
      });
    expect(on('2026-03-15').code).toBe('more');
    expect(on('2026-03-16').rungs).toEqual([1]);
    expect(on('2026-03-29').rungs).toEqual([1]);
    expect(on('2026-03-30').rungs).toEqual([0]);
    expect(on('2026-03-09', 7).rungs).toEqual([1]);
  });

  it('after it repeats what was done well, and takes a rung off else', () => {
    const after = (sets: DoneSet[]) =>
      decided({
        sessions: [
          { date: '2026-02-01', sets: FULL },
          { date: '2026-02-20', sets },
        ],
      });
    expect(outcomeOf(after(FULL))).toEqual({ code: 'repeat', rungs: [2], target: [8, 8, 8] });
    expect(after(FULL).reasons.at(-1)?.text).toContain('Would have been heavier');
    expect(after(reps([8, 8, 7])).rungs).toEqual([1]);
    expect(after(reps([8, 8, 8], { form: 'breaking' })).rungs).toEqual([1]);
    // A set left out for lack of time is no failure.
    expect(after(reps([8, 8])).code).toBe('repeat');
  });
});

describe('gate 4, form', () => {
  const broken = (count: number) =>
    [0, 1, 2, 3].map((i) => set({ reps: 15, form: i < count ? 'breaking' : 'clean' }));
  const prescription = { sets: 4, reps: { from: 8, to: 15 }, rest_s: 90, rungs: [2] };

  it('takes nothing up when it broke in any set', () => {
    const once = decided({ prescription, sessions: dated(broken(1)) });
    expect(once.code).toBe('repeat');
    expect(decided({ prescription, sessions: dated(broken(0)) }).code).toBe('heavier');
  });

  it('takes a rung off when it broke in half the sets twice running on the same rungs', () => {
    expect(decided({ prescription, sessions: dated(broken(2), broken(2)) }).rungs).toEqual([1]);
    expect(decided({ prescription, sessions: dated(broken(1), broken(2)) }).code).toBe('repeat');
    const elsewhere = broken(2).map((one) => ({ ...one, rung: 3 }));
    expect(decided({ prescription, sessions: dated(elsewhere, broken(2)) }).code).toBe('repeat');
  });
});

describe('gate 5, rising pain', () => {
  it('takes nothing up where pain rose in three sessions running', () => {
    const after = (...pains: number[]) =>
      decided({ sessions: dated(...pains.map((pain) => reps([15, 15, 15], { pain }))) }).code;
    expect(after(1, 2, 3)).toBe('repeat');
    expect(after(1, 2, 2)).toBe('heavier');
    expect(after(2, 3)).toBe('heavier');
  });
});

describe('gate 6, done lighter', () => {
  it('takes nothing up after a set on a lighter rung than prescribed', () => {
    const eased = [...reps([15, 15]), set({ reps: 15, rung: 1 })];
    const decision = decided({ sessions: dated(eased) });
    expect(decision.code).toBe('repeat');
    expect(decision.reasons.at(-1)?.text).toContain('set 3 was done lighter than prescribed');
  });
});

describe('gate 7, too far', () => {
  it('goes up to no rung where the foot of the range is not likely', () => {
    const ladder = [60, 70, 90].map((load, i) => ({ id: `r${i}`, load }));
    const after = (could: number, rung: number) =>
      decided({
        ladder,
        school: 'effort',
        prescription: { sets: 2, reps: { from: 8, to: 12 }, rest_s: 90, rungs: [rung] },
        sessions: dated(reps([could, could], { rung })),
      });
    // (30 + 13.5)/(90/70) − 30 = 3.8 repetitions are likely.
    const far = after(13, 1);
    expect(far.code).toBe('repeat');
    expect(rulesOf(far)).toContain('gap-too-wide');
    expect(after(19, 1).code).toBe('heavier');
    expect(after(14, 0).code).toBe('heavier');
  });
});
