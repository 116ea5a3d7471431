import fc from 'fast-check';
import type { DoneSession, Review, School } from '../../src/index.js';

/** Any review of a school: up to six sessions on a ladder of three to eight rungs. */
export function anyReview(school: School): fc.Arbitrary<Review> {
  return fc
    .record({
      steps: fc.array(fc.double({ min: 0.02, max: 0.5, noNaN: true }), {
        minLength: 2,
        maxLength: 7,
      }),
      sets: school === 'taper' ? fc.constant(3) : fc.integer({ min: 1, max: 5 }),
      days: fc.array(fc.integer({ min: 1, max: 20 }), { minLength: 1, maxLength: 6 }),
      where: fc.nat(),
      hold_s: fc.integer({ min: 1, max: 9 }),
      work_s: fc.constantFrom(20, 30, 60),
    })
    .chain(({ days, hold_s, sets, steps, where, work_s }) => {
      const ladder = steps.reduce(
        (rungs, step, i) => [
          ...rungs,
          { id: `r${i + 1}`, load: (rungs.at(-1)?.load ?? 0) * (1 + step) },
        ],
        [{ id: 'r0', load: 50 }],
      );
      const rung = where % ladder.length;
      return fc
        .tuple(
          ...days.map((_, i) => anySession(dayAfter(days.slice(0, i + 1)), sets, ladder.length)),
        )
        .map((sessions): Review => ({
          school,
          prescription: {
            sets,
            ...(school === 'lowering' ? { reps: { from: 2, to: 4 } } : {}),
            hold_s,
            work_s,
            rest_s: 90,
            rungs: [rung],
          },
          ladder,
          sessions,
          limits: { pain: 3 },
        }));
    });
}

function dayAfter(days: readonly number[]): string {
  const sum = days.reduce((total, day) => total + day, 0);
  return new Date(Date.UTC(2026, 0, 1 + sum)).toISOString().slice(0, 10);
}

function anySession(date: string, sets: number, rungs: number): fc.Arbitrary<DoneSession> {
  const done = fc.record({
    rung: fc.nat(rungs - 1),
    reps: fc.nat(30),
    hold_s: fc.nat(35),
    lowering_s: fc.nat(10),
    spare: fc.nat(5),
    form: fc.constantFrom('clean' as const, 'clean' as const, 'breaking' as const),
    pain: fc.constantFrom(0, 0, 1, 2, 3, 4),
  });
  return fc.record({ date: fc.constant(date), sets: fc.array(done, { maxLength: sets + 1 }) });
}
