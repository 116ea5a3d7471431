import { writeAngle, writeDay } from '../units/units.js';
import type { CautionRule } from './caution.js';
import { isCleared, reasonsForClearance } from './clearance.js';
import { phaseWords } from './cures.js';
import { beyondRange, partWithinLimits } from './pose-limits.js';

/** Under this age work is never maximal and a guardian has agreed. */
export const ADULT_ENOUGH_YEARS = 16;

/** Refuses work without a clinician's clearance where the file asks for one. */
export const condition: CautionRule = {
  id: 'condition',
  level: 'refuse',
  check: ({ person, today }) => {
    const reasons = reasonsForClearance(person);
    if (reasons.length === 0 || isCleared(person, today)) return undefined;
    const { clearance } = person;
    const lapsed =
      clearance === null ? '' : ` (the last one ran out on ${writeDay(clearance.until)})`;
    return {
      rule: 'condition',
      level: 'refuse',
      text: `On file: ${reasons.join(', ')}. Clearance by a licensed clinician (physician or physiotherapist) comes first${lapsed}: ask, and record name, date and limits.`,
      figures: { reasons: reasons.join(', ') },
    };
  },
};

/** Warns of work with a person under 16. */
export const minor: CautionRule = {
  id: 'minor',
  level: 'warn',
  check: ({ person: { bornOn, consent }, today }) => {
    if (bornOn === null) return undefined;
    const years = yearsBetween(bornOn, today);
    if (years >= ADULT_ENOUGH_YEARS) return undefined;
    const agreed =
      consent === undefined || consent === null
        ? 'ask for a guardian’s consent and keep it on file'
        : `${consent.by} agreed on ${writeDay(consent.on)}`;
    return {
      rule: 'minor',
      level: 'warn',
      text: `${years} years old: ${agreed}; no maximal work.`,
      figures: { years },
    };
  },
};

/** Refuses what the person does not do, by their file. */
export const noGo: CautionRule = {
  id: 'no-go',
  level: 'refuse',
  check: ({ person, setup: { exercise } }) => {
    if (person.noGo?.includes(exercise.id) !== true) return undefined;
    return {
      rule: 'no-go',
      level: 'refuse',
      text: `On file as a movement not to be done: ${exercise.title}. Choose another exercise.`,
      figures: { exercise: exercise.id },
    };
  },
};

/** Refuses a pose that leaves the person's pain-free range. */
export const jointRange: CautionRule = {
  id: 'joint-range',
  level: 'refuse',
  check: (context) => {
    const beyond = beyondRange(context, context.person.ranges);
    if (beyond === undefined) return undefined;
    const { angle_deg, edge_deg, joint } = beyond;
    const part = partWithinLimits(context);
    const cure =
      part === undefined
        ? 'Choose another exercise'
        : `Do it only ${phaseWords(part)}, or choose another exercise`;
    return {
      rule: 'joint-range',
      level: 'refuse',
      text: `The ${joint} goes to ${writeAngle(angle_deg)}; pain-free on file ends at ${writeAngle(edge_deg)}. ${cure}: never into pain.`,
      figures: { joint, angle_deg, edge_deg },
      ...(part === undefined ? {} : { cure: { kind: 'phases', ...part } }),
    };
  },
};

/** Full years from one day to another, both ISO 8601. */
export function yearsBetween(from: string, to: string): number {
  const years = Number(to.slice(0, 4)) - Number(from.slice(0, 4));
  return to.slice(5) < from.slice(5) ? years - 1 : years;
}
