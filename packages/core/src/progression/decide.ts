import { fail, type Result, succeed } from '../faults.js';
import { checkReview } from './check-review.js';
import { GATES } from './gates/gates.js';
import type { GateAnswer } from './gates/gate.js';
import type { Decision, DecisionCode, Reason, Review } from './review.js';
import { SCHOOL_RULES } from './schools/schools.js';
import { type Situation, situationOf } from './situation.js';
import { asItStands, type Verdict } from './verdict.js';

/** What each code is in a trainer's words, where it is held back. */
const UP_WORDS: Readonly<Partial<Record<DecisionCode, string>>> = {
  more: 'more',
  heavier: 'heavier',
  'next-level': 'the next level',
  graduate: 'learnt',
};

/**
 * Decides what comes next. All gates and the school are weighed, and each gives its reason; the lowest
 * code decides: stop, lighter, repeat, then what the school says. Of several `lighter` the one with the
 * least load, else the first weighed. No clock and no randomness: dates come with the document.
 *
 * Source: rules of progression of the product (docs/method.md, "Decisions").
 *
 * @returns faults on sessions out of order, loads that do not rise, rungs beyond the ladder, and what
 *   the school goes by but the document does not tell
 */
export function decide(review: Review): Result<Decision> {
  const school = SCHOOL_RULES[review.school];
  const faults = checkReview(review, school);
  if (faults.length > 0) return fail(...faults);
  const situation = situationOf(review, school);
  const gates = GATES.flatMap((gate) => gate(situation));
  const says = atMostAllowed(situation, school.decide(situation), gates);
  const verdicts = [...gates.flatMap(({ verdict }) => verdict ?? []), says];
  const { code, rungs, target } = lowest(verdicts, situation);
  return succeed({
    code,
    rungs: asGiven(rungs, review),
    target: [...target],
    reasons: [...gates.map(({ reason }) => reason), ...says.reasons],
  });
}

/** What the school says, held back where a gate says "at most repeat" or sets are missing. */
function atMostAllowed(situation: Situation, says: Verdict, gates: readonly GateAnswer[]): Verdict {
  const words = UP_WORDS[says.code];
  const { done, missing, review } = situation;
  if (words !== undefined && done.length === 0) {
    const text = 'No set was done: the same again.';
    return asItStands(situation, 'repeat', { rule: 'nothing-done', text, figures: {} });
  }
  const because = [
    ...gates.flatMap(({ holdsBack }) => holdsBack ?? []),
    ...(missing > 0 && says.code !== 'more'
      ? [`${missing} of ${review.prescription.sets} sets were not done`]
      : []),
  ];
  if (words === undefined || because.length === 0) return says;
  const held: Reason = {
    rule: 'held-back',
    text: `Would have been ${words}; ${because.join('; ')}.`,
    figures: { code: says.code },
  };
  return asItStands(situation, 'repeat', ...says.reasons, held);
}

const ORDER: readonly DecisionCode[] = ['stop', 'lighter', 'repeat'];

/** The verdict with the lowest code; of several `lighter` the one with the least load. */
function lowest(verdicts: readonly Verdict[], { review: { ladder } }: Situation): Verdict {
  const rank = ({ code }: Verdict): number => {
    const place = ORDER.indexOf(code);
    return place < 0 ? ORDER.length : place;
  };
  const load = ({ code, rungs }: Verdict): number =>
    code === 'lighter' ? rungs.reduce((sum, rung) => sum + (ladder[rung]?.load ?? 0), 0) : 0;
  return verdicts.reduce((least, one) => {
    const above = rank(one) - rank(least);
    return above < 0 || (above === 0 && load(one) < load(least)) ? one : least;
  });
}

/** One rung for all sets where the prescription gave one and they do not differ. */
function asGiven(rungs: readonly number[], { prescription }: Review): number[] {
  const isOne = prescription.rungs.length === 1 && rungs.every((rung) => rung === rungs[0]);
  return isOne ? rungs.slice(0, 1) : [...rungs];
}
