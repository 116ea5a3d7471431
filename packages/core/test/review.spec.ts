import fc from 'fast-check';
import { decide, type Decision, DECISION_CODES, type Review, SCHOOLS } from '../src/index.js';
import { anyReview } from './support/any-review.js';
import { dated, decided, outcomeOf, reps, review, rulesOf, set } from './support/reviews.js';
import { differences, readVectors } from './support/vectors.js';

describe('decide', () => {
  for (const vector of readVectors<Review, Decision>('review')) {
    it(`decides ${vector.name}`, () => {
      const result = decide(vector.input);
      if (!result.ok) return fail(JSON.stringify(result.faults));
      expect(differences(result.value, vector.expected, vector.relativeTolerance)).toEqual([]);
    });
  }

  it('weighs every gate and the school, and gives each reason in its order', () => {
    const clean = decided({ sessions: dated(reps([10, 10, 10]), reps([10, 10, 10])) });
    expect(rulesOf(clean)).toEqual([
      'gate.red-flag',
      'gate.pain',
      'gate.break',
      'gate.form',
      'pain-rising',
      'done-lighter',
      'fill-range.more',
      'ladder.step',
    ]);
    const stopped = decided({
      sessions: [
        { date: '2026-01-02', sets: reps([10]) },
        {
          date: '2026-03-02',
          sets: reps([10, 10, 10], { form: 'breaking', pain: 5 }),
          redFlag: true,
        },
      ],
      clearance: { until: '2026-03-01' },
    });
    expect(stopped.code).toBe('stop');
    expect(rulesOf(stopped).slice(0, 5)).toEqual([
      'gate.red-flag',
      'gate.clearance',
      'gate.pain',
      'gate.break',
      'gate.form',
    ]);
  });

  it('takes of several `lighter` the one with the least load', () => {
    // Pain asks for one rung, the break for two.
    const both = decided({
      prescription: { sets: 3, reps: { from: 8, to: 15 }, rest_s: 90, rungs: [4] },
      sessions: dated(reps([10, 10, 10], { rung: 4, pain: 4 })),
      today: '2026-04-03',
    });
    expect(outcomeOf(both)).toEqual({ code: 'lighter', rungs: [2], target: [8, 8, 8] });
  });

  it('goes down to the first rung that is surely lighter', () => {
    const ladder = [60, 64, 69, 70, 80].map((load, i) => ({
      id: `r${i}`,
      load,
      u: i === 3 ? 0 : 3,
    }));
    const sessions = dated(reps([10, 10, 10], { rung: 3, pain: 4 }));
    const prescription = { sets: 3, reps: { from: 8, to: 15 }, rest_s: 90, rungs: [3] };
    // 69 is within ±4.9 of 70, 64 is not.
    expect(decided({ ladder, prescription, sessions }).rungs).toEqual([1]);
    const unsure = ladder.map((rung) => ({ ...rung, u: 20 }));
    expect(decided({ ladder: unsure, prescription, sessions }).rungs).toEqual([0]);
  });

  it('keeps rung 0 and halves what is asked, at least 1', () => {
    const onRung0 = (target: number[]) =>
      decided({
        prescription: { sets: 3, reps: { from: 8, to: 15 }, rest_s: 90, rungs: [0], target },
        sessions: dated(reps([8, 8, 8], { rung: 0, pain: 4 })),
      });
    expect(outcomeOf(onRung0([8, 7, 1]))).toEqual({
      code: 'lighter',
      rungs: [0],
      target: [4, 3, 1],
    });
  });

  it('says what was held back, and why', () => {
    const sets = reps([15, 15, 15]);
    const broken = decided({
      sessions: dated([...sets.slice(0, 1), set({ reps: 15, form: 'breaking' }), ...sets.slice(2)]),
    });
    expect(broken.code).toBe('repeat');
    expect(broken.reasons.at(-1)).toEqual(
      jasmine.objectContaining({
        rule: 'held-back',
        text: 'Would have been heavier; form broke in set 2.',
      }),
    );
  });

  it('takes nothing up where sets are missing, and does not count them as failed', () => {
    const short = decided({ sessions: dated(reps([15, 15])) });
    expect(short.code).toBe('repeat');
    expect(short.reasons.at(-1)?.text).toBe('Would have been heavier; 1 of 3 sets were not done.');
    expect(outcomeOf(decided({ sessions: dated(reps([10, 9])) }))).toEqual({
      code: 'more',
      rungs: [2],
      target: [11, 10, 8],
    });
  });

  it('asks for the same again where no set was done', () => {
    const none = decided({ sessions: dated([]) });
    expect(outcomeOf(none)).toEqual({ code: 'repeat', rungs: [2], target: [8, 8, 8] });
    expect(rulesOf(none).at(-1)).toBe('nothing-done');
  });

  it('counts sets beyond those prescribed for pain and form alone', () => {
    expect(decided({ sessions: dated(reps([15, 15, 15, 2])) }).code).toBe('heavier');
    const hurt = [...reps([15, 15, 15]), set({ reps: 2, pain: 4 })];
    expect(decided({ sessions: dated(hurt) }).code).toBe('lighter');
  });

  it('counts what is not said: no pain, nothing in reserve, clean', () => {
    const bare = [15, 15, 15].map((count) => ({ rung: 2, reps: count }));
    expect(decided({ sessions: dated(bare) }).code).toBe('heavier');
  });
});

describe('a review that cannot be decided', () => {
  const pathsOf = (overrides: Partial<Review>): string[] => {
    const result = decide(review(overrides));
    return result.ok ? [] : result.faults.map(({ path }) => path);
  };

  it('names what is wrong', () => {
    const [first] = dated(reps([10, 10, 10]));
    if (first === undefined) return fail();
    expect(pathsOf({ sessions: [first, { ...first, date: '2026-02-28' }] })).toEqual([
      '$.sessions[1].date',
    ]);
    expect(pathsOf({ today: '2026-02-28' })).toEqual(['$.today']);
    expect(pathsOf({ sessions: [] })).toEqual(['$.sessions']);
    const equal = [60, 64, 64, 70].map((load) => ({ id: 'r', load }));
    expect(pathsOf({ ladder: equal })).toEqual(['$.ladder[2].load']);
    const prescription = { sets: 3, rest_s: 90, rungs: [6] };
    expect(pathsOf({ prescription })).toEqual(['$.prescription.rungs[0]']);
    expect(pathsOf({ prescription: { ...prescription, rungs: [2], exit: 9 } })).toEqual([
      '$.prescription.exit',
    ]);
    expect(pathsOf({ sessions: dated([set({ reps: 8, rung: 7 })]) })).toEqual([
      '$.sessions[0].sets[0].rung',
    ]);
  });

  it('names a measure that the school goes by', () => {
    expect(pathsOf({ sessions: dated([set(), set({ reps: 8 })]) })).toEqual([
      '$.sessions[0].sets[0].reps',
    ]);
    const prescription = { sets: 2, rest_s: 90, rungs: [2] };
    expect(
      pathsOf({ school: 'hold', prescription, sessions: dated([set({ hold_s: 9 })]) }),
    ).toEqual(['$.prescription.hold_s']);
    const clock = { school: 'clock', prescription, sessions: dated(reps([9, 9])) } as const;
    expect(pathsOf(clock)).toEqual(['$.prescription.work_s']);
    expect(pathsOf({ school: 'taper', prescription, sessions: dated(reps([9, 9])) })).toEqual([
      '$.prescription.sets',
    ]);
    const slow = { ...prescription, hold_s: 3 };
    const lowered = dated([set({ reps: 3, hold_s: 3 })]);
    expect(pathsOf({ school: 'lowering', prescription: slow, sessions: lowered })).toEqual([
      '$.sessions[0].sets[0].lowering_s',
    ]);
  });

  it('asks nothing of sets under another school', () => {
    const [held] = dated([set({ hold_s: 10 })]);
    const [, done] = dated([], reps([10, 10, 10]));
    if (held === undefined || done === undefined) return fail();
    expect(pathsOf({ sessions: [{ ...held, school: 'hold' }, done] })).toEqual([]);
  });
});

describe('whatever was done', () => {
  const settle = (one: Review): Decision => {
    const result = decide(one);
    if (!result.ok) throw new Error(JSON.stringify(result.faults));
    return result.value;
  };
  const rank = (code: Decision['code']): number => DECISION_CODES.indexOf(code);
  const loadOf = (one: Review, { rungs }: Decision): number =>
    rungs.reduce((sum, rung) => sum + (one.ladder[rung]?.load ?? 0), 0) / rungs.length;

  for (const school of SCHOOLS) {
    describe(`under ${school}`, () => {
      it('has a reason, the same each time, and stays on the ladder', () => {
        fc.assert(
          fc.property(anyReview(school), (one) => {
            const decision = settle(one);
            expect(decision.reasons.length).toBeGreaterThan(0);
            expect(settle(structuredClone(one))).toEqual(decision);
            for (const rung of decision.rungs) expect(one.ladder[rung]).toBeDefined();
            expect(decision.target.length).toBe(one.prescription.sets);
            expect(
              decision.target.every((value) => Number.isFinite(value) && value >= 0),
            ).toBeTrue();
          }),
        );
      });

      it('never makes the next step easier for better work', () => {
        fc.assert(
          fc.property(anyReview(school), fc.nat(4), (one, added) => {
            const better = withBetterWork(one, added);
            expect(loadOf(better, settle(better))).toBeGreaterThanOrEqual(
              loadOf(one, settle(one)) - 1e-9,
            );
          }),
        );
      });

      it('takes nothing up after a stop that stands, nor heavier after a gate', () => {
        fc.assert(
          fc.property(anyReview(school), (one) => {
            const stopped = settle({ ...one, stops: [{ date: '2025-01-05' }] });
            expect(stopped.code).toBe('stop');
            const painful = one.sessions.map((session, i) =>
              i === one.sessions.length - 1 ? { ...session, painNextMorning: 4 } : session,
            );
            const eased = settle({ ...one, sessions: painful });
            expect(rank(eased.code)).toBeLessThanOrEqual(rank('lighter'));
            expect(loadOf(one, eased)).toBeLessThanOrEqual(
              loadOf(one, { ...eased, rungs: one.prescription.rungs }),
            );
          }),
        );
      });
    });
  }
});

/** The last session with more done in its last set, where rounds are compared with the first. */
function withBetterWork(one: Review, added: number): Review {
  const isCompared = one.school === 'clock' || one.school === 'speed';
  const sessions = one.sessions.map((session, s) => {
    if (s < one.sessions.length - 1) return session;
    const lastSet = Math.min(one.prescription.sets, session.sets.length) - 1;
    const sets = session.sets.map((done, i) =>
      isCompared && i !== lastSet
        ? done
        : {
            ...done,
            ...(done.reps === undefined ? {} : { reps: done.reps + added }),
            ...(done.hold_s === undefined ? {} : { hold_s: done.hold_s + added }),
            ...(done.lowering_s === undefined ? {} : { lowering_s: done.lowering_s + added }),
          },
    );
    return { ...session, sets };
  });
  return { ...one, sessions };
}
