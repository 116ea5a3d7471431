import type { DoneSession, Reason, RepRange } from '../review.js';
import { breakingSets, type Situation, worstPain } from '../situation.js';
import { asItStands, more } from '../verdict.js';
import { climb } from './climb.js';
import { byRange, repsOf, type SchoolRules } from './school.js';

const range = byRange({ from: 10, to: 15 });

/**
 * School `rehab`: gated by pain, and slow: two full sessions running, without pain over the limit and
 * clean, before anything goes up.
 *
 * Two such sessions → `heavier`, back to the foot; on the rung that ends the stage → `next-level`. One →
 * `repeat`. Else `more`: one repetition more in each set, up to the top of the range.
 */
export const rehab: SchoolRules = {
  ...range,
  decide(situation) {
    const { before, done, last, missing, review, rungs } = situation;
    const { exit, sets } = review.prescription;
    const { from, to } = range.rangeOf(review.prescription);
    const reps = done.map(repsOf).join(', ');
    const figures = { reps, from, to };
    if (!isFull(last, situation, to)) {
      const text = `Up to ${to} without pain over the limit comes first (${reps}): one repetition more in each set.`;
      return more(situation, (set) => Math.min(repsOf(set) + 1, to), {
        ...{ rule: 'rehab.more', text, figures },
      });
    }
    const isSecond =
      before !== undefined && before.sets.length >= sets && isFull(before, situation, to);
    if (!isSecond) {
      const text = `Every set reached ${to}, clean and without pain over the limit: once more the same, to be sure.`;
      return asItStands(situation, 'repeat', { rule: 'rehab.once', text, figures });
    }
    const twice: Reason = {
      rule: 'rehab.twice',
      text: `Every set reached ${to} in two sessions running, clean and without pain over the limit.`,
      figures,
    };
    if (exit === undefined || missing > 0 || rungs.some((rung) => rung < exit)) {
      return climb(situation, from, twice);
    }
    const text =
      'This was the last rung of the stage: the next stage begins, with a clearance where it asks for one.';
    return asItStands(situation, 'next-level', twice, {
      ...{ rule: 'rehab.stage', text, figures: { exit } },
    });
  },
};

function isFull(
  session: DoneSession,
  { painLimit, review }: Situation,
  to: RepRange['to'],
): boolean {
  return (
    session.sets
      .slice(0, review.prescription.sets)
      .every(({ reps }) => reps !== undefined && reps >= to) &&
    worstPain(session) <= painLimit &&
    breakingSets(session).length === 0
  );
}
