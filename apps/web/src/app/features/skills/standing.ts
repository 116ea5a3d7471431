import type {
  SessionRecord,
  SetRecord,
  SkillDocument,
  SkillTestRecord,
} from '@wiry-otter/contracts';
import {
  capabilityFrom,
  type Effort,
  type PhaseRange,
  type ShownEffort,
  type SkillLevel,
  WHOLE_REP,
} from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';

/** Something a person has shown in an exercise of a skill. */
export interface Shown extends ShownEffort {
  readonly exerciseId: string;
  /** The part of the movement that was done; null where it was all of it. */
  readonly phases: PhaseRange | null;
  /** ISO 8601. */
  readonly day: string;
  /** What helped, in words; null where nothing did. */
  readonly helpedBy: string | null;
}

/** Where a person stands in a skill. */
export interface Standing {
  /** What was shown last in each level, by its key: the strongest of its day. */
  readonly shown: ReadonlyMap<string, Shown>;
  /** Keys of the levels that went without help: a repetition, or a hold of ten seconds. */
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
  const all = [...tests.flatMap(shownInTest), ...sessions.flatMap(shownInSession)];
  const shown = new Map<string, Shown>();
  const unassisted = new Set<string>();
  for (const one of all.filter((each) => each.personId === personId)) {
    for (const level of levels.filter((each) => isOf(one, each))) {
      const key = levelKey(level);
      const known = shown.get(key);
      if (known === undefined || isLater(one, known)) shown.set(key, one);
      if (one.helpedBy === null && isEnough(one.effort)) unassisted.add(key);
    }
  }
  return { shown, unassisted };
}

/** What a level is known by: its exercise, and the part of its movement. */
export function levelKey({ exercise, phases }: Pick<SkillLevel, 'exercise' | 'phases'>): string {
  return phases === undefined ? exercise : `${exercise} ${phases.from}–${phases.to}`;
}

/** Who has done a part of a movement has done what lies within it. */
function isOf({ exerciseId, phases: done }: Shown, { exercise, phases }: SkillLevel): boolean {
  const [wanted, whole] = [phases ?? WHOLE_REP, done ?? WHOLE_REP];
  return exercise === exerciseId && whole.from <= wanted.from && whole.to >= wanted.to;
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
  phases,
}: SkillTestRecord): ShownBy[] {
  return effort === null ? [] : [{ day, effort, exerciseId, helpedBy, load, personId, phases }];
}

function shownInSession({
  day,
  personId,
  prescription: { exerciseId },
  sets,
  setups,
}: SessionRecord): ShownBy[] {
  return sets.flatMap((set): ShownBy[] => {
    const effort = effortOf(set);
    const setup = setups.find(({ id }) => id === set.setupId);
    if (effort === null || setup === undefined) return [];
    const { bands, figures, phases, title } = setup;
    const helpedBy = bands === 0 ? null : title;
    return [{ day, effort, exerciseId, helpedBy, load: figures.mean, personId, phases }];
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
  ordered: readonly { readonly key: string }[],
  { unassisted }: Standing,
): number {
  const next = ordered.findIndex(({ key }) => !unassisted.has(key));
  return next < 0 ? ordered.length - 1 : next;
}
