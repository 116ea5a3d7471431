import type { Decision, DoneSession, Reason, Review } from './review.js';
import { freshTargets, movedRungs, presentTargets } from './targets.js';

/** A hold that counts as firm, and what all of them are to come to, s. */
const FIRM_S = 10;
const SUM_S = 45;
/** A hold under this was too heavy, s. */
const LEAST_S = 5;
/** Firm holds without help that end a level. */
const FIRM_HOLDS = 3;
/** What each hold is asked for more, s. */
const STEP_S = 2;

/**
 * School `hold`, for levers, planche and isometrics: three to five holds.
 *
 * Every hold 10 s and all together 45 s → `heavier`; a hold under 5 s → `lighter`; else `more`, 2 s
 * each. On the top rung, which is the bare exercise, three holds of 10 s → `next-level`.
 */
export function hold(review: Review): Decision {
  const { ladder, prescription, sessions } = review;
  const holds = holdsOf(sessions.at(-1));
  const [sum, least] = [holds.reduce((total, held) => total + held, 0), Math.min(...holds)];
  const words = holds.join(', ');
  const figures = { holds: words, sum };
  const isTooHeavy = holds.length > 0 && least < LEAST_S;
  const firm = holds.filter((held) => held >= FIRM_S).length;
  const isOnTop = prescription.rungs.every((rung) => rung === ladder.length - 1);
  if (isOnTop && !isTooHeavy && firm >= FIRM_HOLDS) {
    return {
      code: 'next-level',
      rungs: [...prescription.rungs],
      target: freshTargets(review),
      reasons: [
        {
          rule: 'hold.unassisted',
          text: `${firm} holds of at least ${FIRM_S} s without help (${words} s): the next level, with the help that makes it 5 % harder than this.`,
          figures,
        },
      ],
    };
  }
  if (isTooHeavy) {
    return {
      code: 'lighter',
      rungs: movedRungs(prescription.rungs, -1, ladder.length),
      target: freshTargets(review),
      reasons: [
        {
          rule: 'hold.short',
          text: `A hold of ${least} s, under ${LEAST_S} s: more help.`,
          figures,
        },
      ],
    };
  }
  const isDone = holds.length >= prescription.sets;
  if (isDone && least >= FIRM_S && sum >= SUM_S && !isOnTop) {
    const reached: Reason = {
      rule: 'hold.full',
      text: `Every hold at least ${FIRM_S} s (${words}), ${sum} s together: less help.`,
      figures,
    };
    return {
      code: 'heavier',
      rungs: movedRungs(prescription.rungs, 1, ladder.length),
      target: freshTargets(review),
      reasons: [reached],
    };
  }
  return {
    code: 'more',
    rungs: [...prescription.rungs],
    target: presentTargets(review).map((target, i) => {
      const held = holds[i];
      // Asked for in whole seconds.
      return held === undefined ? target : Math.floor(held) + STEP_S;
    }),
    reasons: [
      {
        rule: 'hold.more',
        text: `Held ${words} s, ${sum} s together; each is to reach ${FIRM_S} s and all of them ${SUM_S} s: ${STEP_S} s more each.`,
        figures,
      },
    ],
  };
}

/** Seconds of each hold that was done. */
function holdsOf(session: DoneSession | undefined): number[] {
  return (session?.sets ?? []).map(({ hold_s }) => hold_s ?? 0);
}
