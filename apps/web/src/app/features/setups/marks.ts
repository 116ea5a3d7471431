import type { CompleteSetupDocument } from '@wiry-otter/contracts';
import { SKILLS } from '@wiry-otter/catalogue';
import {
  heightsOf,
  prepareExercise,
  setupMarks,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';

/** A mark that lets a set-up be found again: on the floor, on the band, between the feet. */
export interface Mark {
  readonly what: string;
  readonly figure: string;
}

/** Where to stand, where to grip and how wide, in lengths and foot-lengths. */
export function marksOf(document: CompleteSetupDocument, unit: LengthUnit): Mark[] {
  const words = (length_m: number): string => writeLength(length_m, unit);
  const { distance_m, foot_m, grip_m, height_m, over, stance_m } = setupMarks(document);
  return [
    ...mark('anchor over the floor', height_m, words),
    ...mark(`${over} from the plumb line`, distance_m, words),
    ...mark('grip', grip_m, (m) => (m > 0 ? `${words(m)} from the end` : 'at the end')),
    ...mark('stance', stance_m, (m) => `${words(m)}, ${(m / foot_m).toFixed(1)} foot-lengths`),
    ...mark('target under the chest', targetHeight(document), words),
  ];
}

/** The same in one line, for who sets up: what is not as it usually is, is left out. */
export function marksLine(document: CompleteSetupDocument, unit: LengthUnit): string {
  const words = (length_m: number): string => writeLength(length_m, unit);
  const { distance_m, grip_m = 0, height_m, over, stance_m } = setupMarks(document);
  const target_m = targetHeight(document);
  // A band under the feet pulls by how far they are apart.
  const underFoot = stance_m === undefined ? 'no anchor' : `stance ${words(stance_m)}`;
  return [
    height_m === undefined ? underFoot : `anchor at ${words(height_m)}`,
    ...(distance_m === undefined ? [] : [`${over} ${words(distance_m)} from it`]),
    ...(grip_m > 0 ? [`grip ${words(grip_m)} from the end`] : []),
    ...(target_m === undefined ? [] : [`target ${words(target_m)} high`]),
  ].join(', ');
}

/** How high what the way down ends on is, m; undefined where it goes all the way, or ends on nothing. */
function targetHeight({ body, exercise, phases }: CompleteSetupDocument): number | undefined {
  const skill = SKILLS.find(({ levels }) => levels.some((level) => level.exercise === exercise.id));
  if (skill?.target === undefined || phases === undefined || phases.to >= 1) return undefined;
  const prepared = prepareExercise(exercise, body, { phases });
  return prepared.ok ? heightsOf(prepared.value, skill.target)?.at(-1) : undefined;
}

function mark(what: string, length_m: number | undefined, words: (m: number) => string): Mark[] {
  return length_m === undefined ? [] : [{ what, figure: words(length_m) }];
}
