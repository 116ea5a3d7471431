import { daysBetween } from '../day.js';
import type { Situation } from '../situation.js';
import { breakingSets, worstPain } from '../situation.js';
import { lighter } from '../verdict.js';
import { type Gate, type GateAnswer, passed } from './gate.js';

/**
 * A break: before the session that ends it one rung lighter, two after more than twice as long. After
 * that session the same again where its foot was reached cleanly and without pain, else one rung lighter.
 */
export const breakOfTraining: Gate = (situation) => [
  ...beforeSession(situation),
  ...afterSession(situation),
];

function beforeSession(situation: Situation): readonly GateAnswer[] {
  const { breakDays, last, review } = situation;
  if (review.today === undefined) return [];
  const days = daysBetween(last.date, review.today);
  if (days <= breakDays) {
    const text = `${days} days since the last session: no break, which begins after ${breakDays}.`;
    return passed('gate.break', text, { days });
  }
  const steps = days > 2 * breakDays ? 2 : 1;
  const reason = {
    rule: 'gate.break',
    text: `${days} days since the last session: ${steps === 2 ? 'two rungs' : 'one rung'} lighter to begin with.`,
    figures: { days, rungs: steps },
  };
  return [{ reason, verdict: lighter(situation, steps, [reason]) }];
}

function afterSession(situation: Situation): readonly GateAnswer[] {
  const { before, breakDays, last } = situation;
  if (before === undefined) return [];
  const days = daysBetween(before.date, last.date);
  if (days <= breakDays) {
    const text = `${days} days since the session before: no break, which begins after ${breakDays}.`;
    return passed('gate.break', text, { days });
  }
  const rule = 'gate.break';
  if (isWellDone(situation)) {
    const text = `${days} days since the session before, and the foot of the range was reached in every set: nothing goes up yet.`;
    return [
      {
        reason: { rule, text, figures: { days } },
        holdsBack: `this was the first session after ${days} days`,
      },
    ];
  }
  const text = `${days} days since the session before, and the range was not reached cleanly and without pain: one rung lighter.`;
  const reason = { rule, text, figures: { days } };
  return [{ reason, verdict: lighter(situation, 1, [reason]) }];
}

function isWellDone(situation: Situation): boolean {
  const { done, last, painLimit, school } = situation;
  return (
    done.every((set, place) => school.reachesFoot(set, place, situation)) &&
    breakingSets(last).length === 0 &&
    worstPain(last) <= painLimit
  );
}
