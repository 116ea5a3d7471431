import type { PersonInput, PersonRecord } from '@wiry-otter/contracts';
import {
  CONDITION_WORDS,
  type Goal,
  groupWords,
  STAGE_WORDS,
  writeDay,
  type Units,
  writeForce,
  writeLength,
  writeMass,
} from '@wiry-otter/core';
import { faultWords } from '../../ui/fields/fault-words';

export const GOAL_WORDS: Readonly<Record<Goal, string>> = {
  build: 'Build strength',
  keep: 'Keep fit',
  rehab: 'Rehab',
  skill: 'Learn a skill',
};

/** One thing of a sheet: what it is, and how it is with this person. */
export interface Line {
  readonly label: string;
  readonly words: string;
}

/** What the sheet tells of a person but the clearance. */
export function personLines(
  person: PersonRecord,
  units: Units,
  trainers: readonly string[],
): readonly Line[] {
  const { bornOn, conditions, goal, latexAllergy, mass_kg, mountLimit_N, painLimit } = person;
  return [
    { label: 'Stature', words: writeLength(person.stature_m, units.length) },
    { label: 'Body mass', words: writeMass(mass_kg, units.mass) },
    { label: 'Goal', words: GOAL_WORDS[goal] },
    { label: 'Born', words: bornOn === null ? 'not on file' : writeDay(bornOn) },
    { label: 'Pain limit', words: `${painLimit} of 10` },
    { label: 'Mounting limit', words: writeForce(mountLimit_N, units.force) },
    {
      label: 'Latex',
      words: latexAllergy ? 'allergic: latex-free bands only' : 'no allergy on file',
    },
    {
      label: 'On file',
      words: conditions.map((one) => CONDITION_WORDS[one]).join(', ') || 'no condition',
    },
    {
      label: 'Pain-free',
      words: person.ranges.map(rangeWords).join('; ') || 'every joint, all the way',
    },
    // Of a studio of one it goes without saying.
    ...(trainers.length > 0 ? [{ label: 'Works with', words: trainers.join(', ') }] : []),
  ];
}

function rangeWords({ joint, least_deg, most_deg }: PersonRecord['ranges'][number]): string {
  return `${joint} ${degrees(least_deg)} to ${degrees(most_deg)}`;
}

/** A minus as it is printed, not a hyphen. */
const degrees = (angle_deg: number): string => `${angle_deg}°`.replace('-', '−');

/** The limits of a clearance to which every set-up is held, one line each. */
export function limitLines(
  { enforced = {} }: NonNullable<PersonRecord['clearance']>,
  units: Units,
): readonly string[] {
  const { groups = {}, handHeight_m, moments = [], movements = {}, pull_N, stage } = enforced;
  return [
    ...(pull_N === undefined ? [] : [`no pull above ${writeForce(pull_N, units.force)}`]),
    ...moments.map(({ joint, most_Nm }) => `no moment above ${most_Nm} N·m at the ${joint}`),
    ...(handHeight_m === undefined
      ? []
      : [`hands no higher than ${writeLength(handHeight_m, units.length)}`]),
    ...(stage === undefined ? [] : [`as far as ${STAGE_WORDS[stage]}`]),
    ...(groups.only === undefined
      ? []
      : [`work only for ${groups.only.map(groupWords).join(', ')}`]),
    ...(groups.not === undefined ? [] : [`no work for ${groups.not.map(groupWords).join(', ')}`]),
    ...(movements.only === undefined ? [] : [`${movements.only.length} exercises alone`]),
    ...(movements.not === undefined ? [] : [`${movements.not.length} exercises not`]),
  ];
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'The name',
  about: 'The few words',
  stature_m: 'The stature',
  mass_kg: 'The body mass',
  bornOn: 'The day of birth',
  mountLimit_N: 'The mounting limit',
  by: 'Who cleared them',
  until: 'The last day of the clearance',
  limits: 'What is allowed',
  pull_N: 'The greatest pull',
  handHeight_m: 'The greatest height of the hands',
  least_deg: 'the least angle',
  most_deg: 'the greatest angle',
};

/** What is wrong with a field of a person. */
export function personFaultWords(
  { ranges }: PersonInput,
  fault: { path: string; found: string; expected: string },
): string {
  const joint = ranges[Number(/ranges\[(\d+)\]/.exec(fault.path)?.[1])]?.joint;
  const field = FIELD_WORDS[fault.path.replace(/^.*\./, '')] ?? fault.path;
  return faultWords(joint === undefined ? field : `The ${joint}, ${field}`, fault);
}
