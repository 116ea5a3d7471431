import { isHold } from '../body/holds.js';
import type { RangedJoint } from '../body/joint-angles.js';
import type { MuscleGroup } from '../body/muscle-groups.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { writeDay } from '../units/units.js';
import type { Condition, JointRange, PersonFacts } from './caution.js';

/** The stages of rehab in their order. */
export const REHAB_STAGES = [
  'isometric',
  'isometricWithMovement',
  'dynamic',
  'changedPosture',
] as const;
export type RehabStage = (typeof REHAB_STAGES)[number];

/** What may be done: nothing but `only`, where it is given, and nothing of `not`. */
export interface Allowed<Name extends string> {
  readonly only?: readonly Name[] | undefined;
  readonly not?: readonly Name[] | undefined;
}

/** What a clinician allows, as data: each limit is enforced, and what is not named is free. */
export interface ClearanceLimits {
  /** Greatest pull at the hands, N. */
  readonly pull_N?: number | undefined;
  /** Greatest moment at a joint, of one side, N·m. */
  readonly moments?:
    readonly { readonly joint: RangedJoint; readonly most_Nm: number }[] | undefined;
  /** Greatest height of the hands over the floor, m. */
  readonly handHeight_m?: number | undefined;
  readonly groups?: Allowed<MuscleGroup> | undefined;
  /** Exercises, by id. */
  readonly movements?: Allowed<string> | undefined;
  /** How far joints may go; those not named are free. */
  readonly ranges?: readonly JointRange[] | undefined;
  /** The stage of rehab that is reached. */
  readonly stage?: RehabStage | undefined;
}

/** A clinician's clearance as it is on file. */
export interface Clearance {
  readonly by: string;
  /** What the clinician is; undefined where it stands with the name. */
  readonly profession?: string | undefined;
  /** The day it was given, ISO 8601; undefined where that is not on file. */
  readonly on?: string | undefined;
  /** The last day it holds, ISO 8601. */
  readonly until: string;
  /** What the clinician allows, in their words; may be empty. */
  readonly limits: string;
  /** The limits as data; without them no limit is enforced. */
  readonly enforced?: ClearanceLimits | undefined;
}

/**
 * The clearances of before, the latest first, once another is on file: a renewal, or its end, keeps the
 * one that it follows; a word put right in the same clearance does not, and a step back to the one of
 * before takes it off the list again.
 */
export function clearancesBefore<Kept extends Clearance>(
  before: readonly Kept[],
  present: Kept | null,
  next: Clearance | null,
): readonly Kept[] {
  const isSame = (one: Clearance | null | undefined, other: Clearance | null): boolean =>
    one?.by === other?.by && one?.until === other?.until;
  if (isSame(present, next)) return before;
  const [latest, ...others] = before;
  if (next !== null && isSame(latest, next)) return others;
  return present === null ? before : [present, ...before];
}

/** Who cleared somebody, as it stands in a sentence. */
export function clinicianWords({ by, profession }: Pick<Clearance, 'by' | 'profession'>): string {
  return profession === undefined || profession === '' ? by : `${by}, ${profession}`;
}

/** The stage of rehab an exercise belongs to: its own, else isometric for a hold and dynamic for a movement. */
export function stageOf(exercise: AnchoredExercise): RehabStage {
  return exercise.stage ?? (isHold(exercise) ? 'isometric' : 'dynamic');
}

/** What is on file, as it stands in a sentence. */
export const CONDITION_WORDS: Readonly<Record<Condition, string>> = {
  recentSurgery: 'recent surgery',
  pregnancy: 'pregnancy',
  neurological: 'a neurological condition',
  heart: 'a heart condition',
  highBloodPressure: 'high blood pressure',
};

/** Whether a clinician's clearance is on file and has not run out. */
export function isCleared({ clearance }: Pick<PersonFacts, 'clearance'>, today: string): boolean {
  return clearance !== null && clearance.until >= today;
}

/** What makes a clearance necessary, in words; nothing where none is needed. */
export function reasonsForClearance({
  goal,
  conditions,
}: Pick<PersonFacts, 'goal' | 'conditions'>): string[] {
  return [
    ...(goal === 'rehab' ? ['a rehab goal'] : []),
    // Blood pressure sharpens the caution about breathing; by itself it asks for no clearance.
    ...conditions
      .filter((condition) => condition !== 'highBloodPressure')
      .map((condition) => CONDITION_WORDS[condition]),
  ];
}

/** Whether the file asks for a clinician's clearance. */
export function needsClearance(person: Pick<PersonFacts, 'goal' | 'conditions'>): boolean {
  return reasonsForClearance(person).length > 0;
}

/** Whom the product defers to, wherever a set-up stands. */
export const DEFERENCE =
  'Clearance is a licensed clinician’s (physician or physiotherapist), local rules and licensed practice come first, and the figures are estimates.';

/** Said of a clearance whose limits stand in words alone. */
const NOT_ENFORCED = 'These limits stand in words alone: no set-up is held to them.';

/**
 * What every screen that plans or runs the work of a person says of their
 * clearance; undefined where the file asks for none. Says whose it is, its
 * limits and whether they are enforced, and whom the product defers to.
 *
 * @param today ISO 8601; a clearance holds on its last day
 */
export function clearanceWords(
  person: Pick<PersonFacts, 'goal' | 'conditions'> & { readonly clearance: Clearance | null },
  today: string,
): string | undefined {
  if (reasonsForClearance(person).length === 0) return undefined;
  const { clearance } = person;
  const onFile =
    clearance === null
      ? 'No clearance is on file.'
      : isCleared(person, today)
        ? `Cleared by ${clinicianWords(clearance)}${
            clearance.on === undefined ? '' : `, on ${writeDay(clearance.on)}`
          } until ${writeDay(clearance.until)}.`
        : `The clearance by ${clinicianWords(clearance)} ran out on ${writeDay(clearance.until)}.`;
  const limits = clearance?.limits ?? '';
  const inWordsAlone = limits !== '' && clearance?.enforced === undefined;
  return [
    onFile,
    ...(limits === '' ? [] : [limits]),
    ...(inWordsAlone ? [NOT_ENFORCED] : []),
    DEFERENCE,
  ].join(' ');
}
