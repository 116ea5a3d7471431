import type { Prescription } from '../review.js';
import { asItStands, lighter, more } from '../verdict.js';
import { climb } from './climb.js';
import { everySet, needsTime, repsOf, type SchoolRules } from './school.js';

/** Work of a round on a fresh rung, what is added to it, and the longest, s. */
const SHORTEST_S = 20;
const STEP_S = 10;
const LONGEST_S = 60;
/** Share of the first round's repetitions that the last is to keep, and under which it was too much. */
const KEPT = 0.8;
const LOST = 0.6;

/**
 * School `clock`: rounds of work and change.
 *
 * Fewer rounds than prescribed, or the last under 60 % of the first's repetitions → `lighter`; at least
 * 80 % → `more`, 10 s more work up to 60, and at 60 → `heavier`, from 20 s; else `repeat`.
 */
export const clock: SchoolRules = {
  measures: ['reps'],
  check: needsTime('work_s'),
  foot: (review) => everySet(review, SHORTEST_S),
  asked: (review) => worked(review.prescription),
  reachesFoot: ({ work_s }, _place, { review }) =>
    (work_s ?? worked(review.prescription)) >= SHORTEST_S,
  decide(situation) {
    const { done, missing, review } = situation;
    const work_s = worked(review.prescription);
    const [first, last] = [repsOf(done[0] ?? { rung: 0 }), repsOf(done.at(-1) ?? { rung: 0 })];
    const figures = { work_s, first, last };
    const kept = `${last} repetitions in the last round, ${first} in the first`;
    if (missing > 0 || last < LOST * first) {
      const what =
        missing > 0
          ? `${missing} of ${review.prescription.sets} rounds were not done`
          : `${kept}: under 60 %`;
      return lighter(situation, 1, [
        { rule: 'clock.lost', text: `${what}: lighter, from ${SHORTEST_S} s.`, figures },
      ]);
    }
    if (last < KEPT * first) {
      const text = `${kept}, under 80 %: the same again.`;
      return asItStands(situation, 'repeat', { rule: 'clock.some', text, figures });
    }
    if (work_s >= LONGEST_S) {
      const text = `${kept}, and the rounds last ${work_s} s: heavier, from ${SHORTEST_S} s.`;
      return climb(situation, undefined, { rule: 'clock.full', text, figures });
    }
    const next = Math.min(work_s + STEP_S, LONGEST_S);
    const text = `${kept}: rounds of ${next} s from now on.`;
    return more(situation, () => next, { rule: 'clock.more', text, figures });
  },
};

function worked({ work_s = SHORTEST_S }: Prescription): number {
  return work_s;
}
