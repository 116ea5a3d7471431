import { fail, type Fault, type Result, succeed } from '../faults.js';
import { fillRange } from './fill-range.js';
import { passGates } from './gates.js';
import { hold } from './hold.js';
import { lowering } from './lowering.js';
import type { Decision, Review, School } from './review.js';
import { taper } from './taper.js';
import { presentTargets } from './targets.js';

/** The schools this version offers: each a pure rule from what was done to what comes next. */
const RULES: Partial<Readonly<Record<School, (review: Review) => Decision>>> = {
  'fill-range': fillRange,
  taper,
  hold,
  lowering,
};

/**
 * Decides what comes next: the gates first, then the prescription's school. No
 * clock and no randomness: dates come with the document.
 *
 * Fails on rungs beyond the ladder, and on schools that are not offered yet once
 * the gates are passed.
 */
export function decide(review: Review): Result<Decision> {
  const faults = checkRungs(review);
  if (faults.length > 0) return fail(...faults);
  const gates = passGates(review);
  if ('code' in gates) return succeed(gates);
  const rule = RULES[review.school];
  if (rule === undefined) {
    return fail({
      code: 'not-offered',
      path: '$.school',
      found: `"${review.school}", not offered yet`,
      expected: `one of ${Object.keys(RULES)
        .map((school) => `"${school}"`)
        .join(', ')}`,
    });
  }
  const decision = rule(review);
  return succeed({ ...decision, reasons: [...gates.passed, ...decision.reasons] });
}

/**
 * What the gates alone say, for schools that are not offered yet: the decision
 * of the first that closes, else the same again.
 */
export function decideByGates(review: Review): Result<Decision> {
  const faults = checkRungs(review);
  if (faults.length > 0) return fail(...faults);
  const gates = passGates(review);
  if ('code' in gates) return succeed(gates);
  return succeed({
    code: 'repeat',
    rungs: [...review.prescription.rungs],
    target: presentTargets(review),
    reasons: [
      ...gates.passed,
      {
        rule: 'school.none',
        text: 'No rule moves this work on yet: the same again, until the trainer changes it.',
        figures: {},
      },
    ],
  });
}

/** Whether {@link decide} knows the rule of a school. */
export function isSchoolOffered(school: School): boolean {
  return RULES[school] !== undefined;
}

function checkRungs({ prescription, ladder, sessions }: Review): Fault[] {
  const known = (rung: number): boolean => rung < ladder.length;
  const unknownRung = (path: string, rung: number): Fault => ({
    code: 'unknown-name',
    path,
    found: `rung ${rung}`,
    expected: `a rung of the ladder, 0 to ${ladder.length - 1}`,
  });
  return [
    ...prescription.rungs.flatMap((rung, i) =>
      known(rung) ? [] : [unknownRung(`$.prescription.rungs[${i}]`, rung)],
    ),
    ...sessions.flatMap((session, s) =>
      session.sets.flatMap(({ rung }, i) =>
        known(rung) ? [] : [unknownRung(`$.sessions[${s}].sets[${i}].rung`, rung)],
      ),
    ),
  ];
}
