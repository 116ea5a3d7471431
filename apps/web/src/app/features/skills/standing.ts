import type {
  ExerciseDocument,
  SessionRecord,
  SetRecord,
  SkillDocument,
  SkillTestRecord,
} from '@wiry-otter/contracts';
import { capabilityFrom, type Effort, type ShownEffort } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';

/** Something a person has shown in an exercise of a skill. */
export interface Shown extends ShownEffort {
  readonly exerciseId: string;
  /** ISO 8601. */
  readonly day: string;
  /** What helped, in words; null where nothing did. */
  readonly helpedBy: string | null;
}

/** Where a person stands in a skill. */
export interface Standing {
  /** What was shown last in each exercise, the strongest of its day. */
  readonly shown: ReadonlyMap<string, Shown>;
  /** Exercises that went without help: five clean repetitions, a hold of ten seconds, or what was tested so. */
  readonly unassisted: ReadonlySet<string>;
}

/** A hold that counts, s. */
const FIRM_S = 10;

/** Where a person stands, by what was tested and what was logged. */
export function standingOf(
  { levels }: SkillDocument,
  personId: string,
  tests: readonly SkillTestRecord[],
  sessions: readonly SessionRecord[],
): Standing {
  const exercises = new Set(levels.map(({ exercise }) => exercise));
  const all = [...tests.flatMap(shownInTest), ...sessions.flatMap(shownInSession)].filter(
    ({ exerciseId, personId: whose }) => whose === personId && exercises.has(exerciseId),
  );
  const shown = new Map<string, Shown>();
  for (const one of all) {
    const known = shown.get(one.exerciseId);
    if (known === undefined || isLater(one, known)) shown.set(one.exerciseId, one);
  }
  const unassisted = new Set(
    all.filter((one) => one.helpedBy === null && isEnough(one.effort)).map((one) => one.exerciseId),
  );
  return { shown, unassisted };
}

interface ShownBy extends Shown {
  readonly personId: string;
}

function shownInTest({
  day,
  effort,
  exerciseId,
  helpedBy,
  load,
  personId,
}: SkillTestRecord): ShownBy[] {
  return effort === null ? [] : [{ day, effort, exerciseId, helpedBy, load, personId }];
}

function shownInSession({ day, personId, sets, setups }: SessionRecord): ShownBy[] {
  return sets.flatMap((set): ShownBy[] => {
    const effort = effortOf(set);
    const setup = setups.find(({ id }) => id === set.setupId);
    if (effort === null || setup === undefined) return [];
    const helpedBy = setup.document.runs.length === 0 ? null : setup.title;
    const { exerciseId } = setup;
    return [{ day, effort, exerciseId, helpedBy, load: setup.figures.mean, personId }];
  });
}

/** What was done in a set; null where nothing was. */
function effortOf({ hold_s, lowering_s, reps, spare }: SetRecord): Effort | null {
  if (lowering_s !== null)
    return lowering_s > 0 ? { kind: 'lowering', lowered_s: lowering_s } : null;
  if (hold_s !== null) return hold_s > 0 ? { kind: 'hold', held_s: hold_s } : null;
  return reps > 0 ? { kind: 'reps', reps, spare: spare ?? 0 } : null;
}

/** Of one day the strongest counts, else the latest day. */
function isLater(one: Shown, known: Shown): boolean {
  if (one.day !== known.day) return one.day > known.day;
  return capabilityFrom(one.effort, one.load) > capabilityFrom(known.effort, known.load);
}

function isEnough(effort: Effort): boolean {
  return effort.kind === 'hold' ? effort.held_s >= FIRM_S : effort.kind === 'reps';
}

/** "5 with Sluice at the foot, 1 to spare, 26 Nov". */
export function shownWords({ day, effort, helpedBy }: Shown): string {
  const by = helpedBy === null ? 'without help' : `with ${helpedBy}`;
  return `${effortWords(effort)} ${by}, ${format(parseISO(day), 'd MMM')}`;
}

function effortWords(effort: Effort): string {
  switch (effort.kind) {
    case 'reps':
      return effort.spare === 0 ? `${effort.reps}` : `${effort.reps}, ${effort.spare} to spare,`;
    case 'hold':
      return `${effort.held_s} s held`;
    case 'lowering':
      return `lowered in ${effort.lowered_s} s`;
  }
}

/** The level to work on: the first that was not done without help, else the hardest. */
export function nextLevelOf(
  ordered: readonly { readonly exercise: ExerciseDocument }[],
  { unassisted }: Standing,
): number {
  const next = ordered.findIndex(({ exercise }) => !unassisted.has(exercise.id));
  return next < 0 ? ordered.length - 1 : next;
}
