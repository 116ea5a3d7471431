import type { DoneSession } from '../review.js';
import { breakingSets, isFlagged, type Situation, worstPain } from '../situation.js';
import { asItStands, lighter, more } from '../verdict.js';
import { everySet, repsOf, type SchoolRules } from './school.js';

/** Clean sessions under another school before the movement may be quick. */
const MASTERED = 4;
/** Share of the first set's repetitions under which the last was too slow. */
const KEPT = 0.8;

/**
 * School `speed`: sets of 10 s, the lifting quick, the return never.
 *
 * Only after four sessions under another school in which no set broke form and no gate closed; before
 * that `repeat`. Then the last set under 80 % of the first → `lighter`; at least the first → `more`, one
 * repetition more in each set; else `repeat`.
 */
export const speed: SchoolRules = {
  measures: ['reps'],
  // What is asked stays as it is on another rung.
  foot: (review) => {
    const { reps, target } = review.prescription;
    return everySet(review, reps?.from ?? 1).map((value, place) => target?.[place] ?? value);
  },
  reachesFoot: (set, place, { targets }) => repsOf(set) >= (targets[place] ?? 1),
  decide(situation) {
    const { done, review } = situation;
    const clean = review.sessions.filter((session) => isMastered(session, situation)).length;
    if (clean < MASTERED) {
      const text = `Speed comes after ${MASTERED} clean sessions under another school; there are ${clean}. Master the movement slowly first.`;
      return asItStands(situation, 'repeat', {
        ...{ rule: 'speed.too-soon', text, figures: { sessions: clean, needed: MASTERED } },
      });
    }
    const [first, last] = [repsOf(done[0] ?? { rung: 0 }), repsOf(done.at(-1) ?? { rung: 0 })];
    const figures = { first, last };
    const words = `${last} repetitions in the last set, ${first} in the first`;
    if (last < KEPT * first) {
      const reason = { rule: 'speed.slower', text: `${words}, under 80 %: lighter.`, figures };
      return lighter(situation, 1, [reason]);
    }
    if (last >= first) {
      const text = `${words}: one repetition more in each set.`;
      return more(situation, (set) => repsOf(set) + 1, { rule: 'speed.more', text, figures });
    }
    const text = `${words}: the same again.`;
    return asItStands(situation, 'repeat', { rule: 'speed.kept', text, figures });
  },
};

function isMastered(session: DoneSession, { painLimit, review }: Situation): boolean {
  return (
    (session.school ?? review.school) !== 'speed' &&
    !isFlagged(session) &&
    worstPain(session) <= painLimit &&
    breakingSets(session).length === 0
  );
}
