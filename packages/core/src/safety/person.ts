import { jointAngles } from '../body/joint-angles.js';
import { writeDay } from '../units/units.js';
import type { CautionContext, CautionRule } from './caution.js';
import { isCleared, reasonsForClearance } from './clearance.js';
import { phasesCure, phaseWords } from './cures.js';

/** Under this age work is never maximal and a guardian has agreed. */
const ADULT_ENOUGH_YEARS = 16;

/** Nearness to the edge of a range that rounding may take, degrees. */
const RANGE_TOLERANCE_DEG = 0.5;

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
  check: ({ person: { bornOn }, today }) => {
    if (bornOn === null) return undefined;
    const years = yearsBetween(bornOn, today);
    if (years >= ADULT_ENOUGH_YEARS) return undefined;
    return {
      rule: 'minor',
      level: 'warn',
      text: `${years} years old: a guardian’s consent on file, and no maximal work.`,
      figures: { years },
    };
  },
};

/** Refuses a pose that leaves the person's pain-free range. */
export const jointRange: CautionRule = {
  id: 'joint-range',
  level: 'refuse',
  check: (context) => {
    const worst = worstRange(context);
    if (worst === undefined) return undefined;
    const { joint, angle, edge } = worst;
    const { plane } = context.setup.exercise;
    const part = phasesCure(context, (prepared, k) =>
      context.person.ranges.every((range) => {
        const bent = jointAngles(plane, prepared, k)[range.joint];
        return bent === undefined || (bent >= range.least_deg && bent <= range.most_deg);
      }),
    );
    const cure =
      part === undefined
        ? 'Choose another exercise'
        : `Do it only ${phaseWords(part)}, or choose another exercise`;
    return {
      rule: 'joint-range',
      level: 'refuse',
      text: `The ${joint} goes to ${Math.round(angle)}°; pain-free on file is up to ${Math.round(edge)}°. ${cure}: never into pain.`,
      figures: { joint, angle_deg: angle, edge_deg: edge },
      ...(part === undefined ? {} : { cure: { kind: 'phases', ...part } }),
    };
  },
};

function worstRange({
  person,
  setup,
  solved,
}: CautionContext): { joint: string; angle: number; edge: number } | undefined {
  const { prepared } = solved.rig;
  let worst: { joint: string; angle: number; edge: number; over: number } | undefined;
  for (let k = 0; k < prepared.samples && person.ranges.length > 0; k++) {
    const angles = jointAngles(setup.exercise.plane, prepared, k);
    for (const { joint, least_deg, most_deg } of person.ranges) {
      const angle = angles[joint];
      if (angle === undefined) continue;
      const edge = angle > most_deg ? most_deg : least_deg;
      const over = Math.max(angle - most_deg, least_deg - angle);
      if (over > (worst?.over ?? RANGE_TOLERANCE_DEG)) worst = { joint, angle, edge, over };
    }
  }
  return worst;
}

/** Full years from one day to another, both ISO 8601. */
function yearsBetween(from: string, to: string): number {
  const years = Number(to.slice(0, 4)) - Number(from.slice(0, 4));
  return to.slice(5) < from.slice(5) ? years - 1 : years;
}
