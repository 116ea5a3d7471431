import { percentUp, ratioUp, STEP_TOLERANCE, stepWords } from '../ladder-steps.js';
import type { DoneSet, Reason } from '../review.js';
import type { Situation } from '../situation.js';
import { asItStands, lighter, more } from '../verdict.js';
import { climb, CLOSES_GAP, steepestRung } from './climb.js';
import { everySet, needsTime, type SchoolRules } from './school.js';

/** A hold that counts as firm, and what all of them are to come to, s. */
const FIRM_S = 10;
const SUM_S = 45;
/** A hold under this was too heavy, s; and so long the shortest is to be likely on the next rung. */
const LEAST_S = 3;
/** Firm holds on the top rung that end a level. */
const FIRM_HOLDS = 3;
/** What each hold is asked for more, and the longest that is asked, s. */
const STEP_S = 2;
const LONGEST_S = 30;
/** A hold of so many seconds is done at half the greatest load: see `capability.ts`. */
const HOLD_SCALE_S = 60;

/**
 * School `hold`, for levers, planche and isometrics: three to five holds.
 *
 * Every hold 10 s, all together 45 s, and the shortest still likely for 3 s on the next rung → `heavier`;
 * a hold under 3 s → `lighter`; else `more`, 2 s each up to 30 s, and there `repeat`. On the top rung
 * three holds of 10 s → `next-level`.
 */
export const hold: SchoolRules = {
  measures: ['hold_s'],
  check: needsTime('hold_s'),
  foot: (review) => everySet(review, review.prescription.hold_s ?? LEAST_S),
  reachesFoot: (set, _place, { review }) => heldOf(set) >= (review.prescription.hold_s ?? LEAST_S),
  decide(situation) {
    const { done, review, rungs } = situation;
    const holds = done.map(heldOf);
    const sum = holds.reduce((total, held) => total + held, 0);
    const shortest = Math.min(...holds);
    const words = holds.join(', ');
    const figures = { holds: words, sum };
    if (shortest < LEAST_S) {
      const text = `A hold of ${shortest} s, under ${LEAST_S} s: more help.`;
      return lighter(situation, 1, [{ rule: 'hold.short', text, figures }]);
    }
    const firm = holds.filter((held) => held >= FIRM_S).length;
    const isOnTop = rungs.every((rung) => rung === review.ladder.length - 1);
    if (isOnTop && firm >= FIRM_HOLDS) {
      const text = `${firm} holds of at least ${FIRM_S} s without help (${words} s): the next level, with the help that makes it 5 % harder than this.`;
      return asItStands(situation, 'next-level', { rule: 'hold.unassisted', text, figures });
    }
    const gap = tooFar(situation, shortest);
    if (shortest >= FIRM_S && sum >= SUM_S && gap === undefined) {
      const text = `Every hold at least ${FIRM_S} s (${words}), ${sum} s together: less help.`;
      return climb(situation, undefined, { rule: 'hold.full', text, figures });
    }
    const isFull = shortest >= FIRM_S && sum >= SUM_S;
    const why = isFull && gap !== undefined ? [gap] : [];
    if (holds.every((held) => held >= LONGEST_S)) {
      const text = `Held ${words} s, the longest that is asked is ${LONGEST_S} s: the same again. ${CLOSES_GAP}.`;
      const longest: Reason = { rule: 'gap-too-wide', text, figures };
      return asItStands(situation, 'repeat', ...(gap === undefined ? [longest] : [gap]));
    }
    const text = `Held ${words} s, ${sum} s together; each is to reach ${FIRM_S} s and all of them ${SUM_S} s: ${STEP_S} s more each, up to ${LONGEST_S}.`;
    // Asked for in whole seconds.
    const longer = (set: DoneSet): number => Math.min(Math.floor(heldOf(set)) + STEP_S, LONGEST_S);
    return more(situation, longer, { rule: 'hold.more', text, figures }, ...why);
  },
};

/** Why the next rung is too far for the shortest hold: 60·((1 + T/60)/ratio − 1) s are likely there. */
function tooFar(situation: Situation, shortest_s: number): Reason | undefined {
  const { ladder } = situation.review;
  const rung = steepestRung(situation);
  const ratio = ratioUp(ladder, rung);
  if (ratio === undefined) return undefined;
  const likely_s = HOLD_SCALE_S * ((1 + shortest_s / HOLD_SCALE_S) / ratio - 1);
  if (likely_s >= LEAST_S - STEP_TOLERANCE) return undefined;
  return {
    rule: 'gap-too-wide',
    text: `Too far: ${stepWords(ladder, rung)}, where a hold of ${LEAST_S} s is not likely. ${CLOSES_GAP}.`,
    figures: { percent: percentUp(ratio), likely_s: Math.max(0, likely_s) },
  };
}

function heldOf({ hold_s }: DoneSet): number {
  return hold_s ?? 0;
}
