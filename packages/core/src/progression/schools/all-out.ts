import { asItStands, lighter } from '../verdict.js';
import { climb } from './climb.js';
import { byRange, repsOf, type SchoolRules } from './school.js';

const range = byRange({ from: 8, to: 15 });

/**
 * School `all-out`: one set to failure, partial repetitions counted apart.
 *
 * Full repetitions from `to` on → `heavier`; under `from` → `lighter`; else `repeat`.
 */
export const allOut: SchoolRules = {
  ...range,
  decide(situation) {
    const { from, to } = range.rangeOf(situation.review.prescription);
    const reps = situation.done.map(repsOf);
    const figures = { reps: reps.join(', '), from, to };
    if (reps.every((count) => count >= to)) {
      const text = `${figures.reps} full repetitions, ${to} asked for: heavier.`;
      return climb(situation, from, { rule: 'all-out.full', text, figures });
    }
    if (reps.some((count) => count < from)) {
      const text = `${figures.reps} full repetitions, under ${from}: one rung lighter.`;
      return lighter(situation, 1, [{ rule: 'all-out.under', text, figures }]);
    }
    const text = `${figures.reps} full repetitions, within ${from}–${to}: the same again.`;
    return asItStands(situation, 'repeat', { rule: 'all-out.within', text, figures });
  },
};
