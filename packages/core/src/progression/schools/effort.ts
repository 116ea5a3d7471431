import { asItStands, lighter } from '../verdict.js';
import { climb } from './climb.js';
import { byRange, repsToFailure, type SchoolRules } from './school.js';

const range = byRange({ from: 8, to: 12 });

/**
 * School `effort`: by feel, within a range that is never asked to be filled.
 *
 * With could = repetitions + those in reserve: every set's over `to` → `heavier`; the first set's under
 * `from` → `lighter`; else `repeat`.
 */
export const effort: SchoolRules = {
  ...range,
  decide(situation) {
    const { from, to } = range.rangeOf(situation.review.prescription);
    const could = situation.done.map(repsToFailure);
    const figures = { could: could.join(', '), from, to };
    if (could.every((count) => count > to)) {
      const text = `Over ${to} could have been done in every set (${figures.could}): heavier.`;
      return climb(situation, from, { rule: 'effort.easy', text, figures });
    }
    if ((could[0] ?? from) < from) {
      const text = `The first set could not have come to ${from} (${could[0] ?? 0}): one rung lighter.`;
      return lighter(situation, 1, [{ rule: 'effort.hard', text, figures }]);
    }
    const text = `Between ${from} and ${to} could have been done (${figures.could}): this is the right load.`;
    return asItStands(situation, 'repeat', { rule: 'effort.right', text, figures });
  },
};
