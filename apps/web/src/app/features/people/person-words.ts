import type { PersonInput, PersonRecord } from '@wiry-otter/contracts';
import {
  CONDITION_WORDS,
  type Goal,
  groupWords,
  ADULT_ENOUGH_YEARS,
  STAGE_WORDS,
  writeAngle,
  writeDay,
  yearsBetween,
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

/** What the lines of a sheet are written with. */
export interface LineFacts {
  readonly units: Units;
  /** ISO 8601. */
  readonly today: string;
  /** Names of those who work with the person. */
  readonly trainers: readonly string[];
  /** Title of an exercise. */
  readonly exercise: (id: string) => string;
}

/** What the sheet tells of a person but the clearance. */
export function personLines(
  person: PersonRecord,
  { exercise, today, trainers, units }: LineFacts,
): readonly Line[] {
  const { bodyMasses, bornOn, conditions, consent, latexAllergy, mass_kg, mountLimit_N } = person;
  const weighed = bodyMasses.at(-1)?.on;
  const years = bornOn === null ? null : yearsBetween(bornOn, today);
  return [
    { label: 'Stature', words: writeLength(person.stature_m, units.length) },
    {
      label: 'Body mass',
      words: `${writeMass(mass_kg, units.mass)}${weighed === undefined ? '' : `, ${writeDay(weighed)}`}`,
    },
    { label: 'Goal', words: goalWords(person, exercise) },
    {
      label: 'Born',
      words: bornOn === null ? 'not on file' : `${writeDay(bornOn)}, ${years} years old`,
    },
    ...(years !== null && years < ADULT_ENOUGH_YEARS
      ? [
          {
            label: 'Guardian',
            words:
              consent === null
                ? 'no consent on file: ask for it'
                : `${consent.by} agreed on ${writeDay(consent.on)}`,
          },
        ]
      : []),
    {
      label: 'Figures',
      words: person.figuresShown ? 'shown' : 'feel only: set-up and effort, no loads',
    },
    { label: 'Pain limit', words: `${person.painLimit} of 10` },
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
    ...(person.noGo.length > 0
      ? [{ label: 'Not done', words: person.noGo.map(exercise).join(', ') }]
      : []),
    // Of a studio of one it goes without saying.
    ...(trainers.length > 0 ? [{ label: 'Works with', words: trainers.join(', ') }] : []),
  ];
}

/** What for, and how far that has come or is to go. */
function goalWords(
  { goal, rehabStage, skillAim }: PersonRecord,
  exercise: (id: string) => string,
): string {
  if (goal === 'rehab' && rehabStage !== null) {
    return `${GOAL_WORDS.rehab}, stage: ${STAGE_WORDS[rehabStage]}`;
  }
  if (goal === 'skill' && skillAim !== null) {
    return `${GOAL_WORDS.skill}: ${exercise(skillAim.exercise)}`;
  }
  return GOAL_WORDS[goal];
}

function rangeWords({ joint, least_deg, most_deg }: PersonRecord['ranges'][number]): string {
  return `${joint} ${writeAngle(least_deg)} to ${writeAngle(most_deg)}`;
}

/** The limits of a clearance to which every set-up is held, one line each. */
export function limitLines(
  { enforced = {} }: NonNullable<PersonRecord['clearance']>,
  units: Units,
  exercise: (id: string) => string,
): readonly string[] {
  const { groups = {}, handHeight_m, moments = [], movements = {}, pull_N, stage } = enforced;
  const titles = (exercises: readonly string[]): string => exercises.map(exercise).join(', ');
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
    ...(movements.only === undefined ? [] : [`nothing but ${titles(movements.only)}`]),
    ...(movements.not === undefined ? [] : [`no ${titles(movements.not)}`]),
    ...(enforced.ranges ?? []).map((range) => `${rangeWords(range)}, no further`),
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
  'consent.by': 'Who agreed',
  'consent.on': 'The day of the consent',
  until: 'The last day of the clearance',
  limits: 'What is allowed',
  profession: 'The profession',
  'clearance.on': 'The day of the clearance',
  to: 'The end of a free time',
  from: 'The beginning of a free time',
  bodyMasses: 'The body mass',
  most_Nm: 'The greatest moment',
  pull_N: 'The greatest pull',
  handHeight_m: 'The greatest height of the hands',
  least_deg: 'the least angle',
  most_deg: 'the greatest angle',
};

/** What is wrong with a field of a person. */
export function personFaultWords(
  { clearance, ranges }: Pick<PersonInput, 'clearance' | 'ranges'>,
  fault: { path: string; found: string; expected: string },
): string {
  const isOfClearance = fault.path.startsWith('$.clearance');
  const limited = isOfClearance ? (clearance?.enforced?.ranges ?? []) : ranges;
  const joint = limited[Number(/ranges\[(\d+)\]/.exec(fault.path)?.[1])]?.joint;
  const [last = '', before = ''] = fault.path.split('.').toReversed();
  const field = FIELD_WORDS[`${before}.${last}`] ?? FIELD_WORDS[last] ?? fault.path;
  return faultWords(joint === undefined ? field : `The ${joint}, ${field}`, fault);
}
