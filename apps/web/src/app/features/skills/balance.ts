import type { ExerciseDocument } from '@wiry-otter/contracts';
import {
  type Body,
  centreOfMass,
  hangBands,
  heightsOf,
  type HelpAt,
  phaseAtHeight,
  type PreparedExercise,
  prepareExercise,
  type Rigger,
  rigSetup,
  sagged,
  writeLength,
} from '@wiry-otter/core';
import { compositionOf, type WorkbenchInput } from '../setups/workbench/solve-workbench';

/** How far the hips sag, and the hands move, where it is told what that does, m. */
const SAG_M = 0.1;
const HANDS_M = 0.05;

/** What a small departure from the pose does to what is asked and to the help. */
export interface Shift {
  readonly words: string;
  /** What is left to the person at the hardest point, before and after, in the demand's unit. */
  readonly left: readonly [number, number];
  readonly share: readonly [number | null, number | null];
}

/** Hips that sag by 10 cm and hands 5 cm nearer, where they do anything. */
export function shiftsOf(input: WorkbenchInput, body: Body): Shift[] {
  const words = (length_m: number): string => writeLength(length_m, input.units.length);
  const composition = compositionOf(input);
  const { anchor, exercise, widths } = composition;
  const rig: Rigger = rigSetup;
  const hung = (changed: typeof composition): HelpAt | undefined => {
    const result = hangBands(changed, changed.routes, changed.bands, rig);
    return result.ok ? result.value.help.hardest : undefined;
  };
  const present = hung(composition);
  if (present === undefined) return [];
  const variations = [
    {
      words: `hips ${words(SAG_M)} lower`,
      changed: { ...composition, exercise: sagged(exercise, body, SAG_M) },
    },
    exercise.anchor?.side === 'over'
      ? {
          words: `hands ${words(HANDS_M)} nearer each other`,
          changed: {
            ...composition,
            widths: {
              ...widths,
              grip_m:
                (widths?.grip_m ?? (exercise.widths?.grip ?? 0) * body.stature_m) - 2 * HANDS_M,
            },
          },
        }
      : {
          words: `hands ${words(HANDS_M)} nearer the anchor`,
          changed: {
            ...composition,
            anchor: anchor && { ...anchor, distance_m: Math.max(0, anchor.distance_m - HANDS_M) },
          },
        },
  ];
  return variations.flatMap(({ changed, words }): Shift[] => {
    const after = hung(changed);
    if (after === undefined) return [];
    const left = [present, after].map(({ help, need }) => Math.abs(need - help));
    const [before, now] = left as [number, number];
    return Math.abs(now - before) < 1e-6
      ? []
      : [{ words, left: [before, now], share: [present.share, after.share] }];
  });
}

/** Where the weight of the body lies against what holds it up, m. */
export interface BalancePoint {
  readonly centre: readonly [number, number];
  /** The joint that the demand is about, or the hands. */
  readonly support: readonly [number, number];
  readonly supportWords: string;
  /** How far it lies from what carries it, where that is another joint; m along the floor. */
  readonly carried: { readonly words: string; readonly away_m: number } | null;
}

const SUPPORT_WORDS: Readonly<Record<string, string>> = {
  grip: 'hands',
  shoulder: 'shoulders',
  knee: 'knees',
};

/** The centre of mass at the end of the movement, and the joint the body turns about. */
export function balanceOf(
  { demand, posture, root }: ExerciseDocument,
  prepared: PreparedExercise,
): BalancePoint | undefined {
  const k = prepared.samples - 1;
  const centre = centreOfMass(prepared, k);
  const joint = demand.kind === 'moment' && demand.at !== 'middle' ? demand.at : root.point;
  const c = prepared.contacts.index.get(`${joint}R`);
  if (centre === undefined || c === undefined) return undefined;
  const at = c * prepared.samples + k;
  const carrier = prepared.contacts.index.get(`${root.point}R`);
  const carrierX =
    carrier === undefined ? undefined : prepared.contacts.x[carrier * prepared.samples + k];
  return {
    centre,
    support: [prepared.contacts.x[at] as number, prepared.contacts.y[at] as number],
    supportWords: SUPPORT_WORDS[joint] ?? joint,
    // Who hangs swings until the weight is under the hands; who is propped has to bring it over them.
    carried:
      carrierX === undefined || root.point === joint || posture !== 'propped'
        ? null
        : { words: SUPPORT_WORDS[root.point] ?? root.point, away_m: centre[0] - carrierX },
  };
}

/** A target under a contact: how low and how high it can be, and where it is now, m. */
export interface TargetHeight {
  readonly lowest_m: number;
  readonly highest_m: number;
  readonly present_m: number;
}

/** The heights between which a target can end the way down. */
export function targetHeight(
  exercise: ExerciseDocument,
  body: Body,
  contact: string,
  to: number,
): TargetHeight | undefined {
  const whole = prepareExercise(exercise, body);
  const heights = whole.ok ? heightsOf(whole.value, contact) : undefined;
  if (heights === undefined || !whole.ok) return undefined;
  const last = heights.length - 1;
  const at = to * last;
  const [below, above] = [heights[Math.floor(at)] ?? 0, heights[Math.ceil(at)] ?? 0];
  return {
    lowest_m: heights[last] ?? 0,
    highest_m: heights[0] ?? 0,
    present_m: below + (at - Math.floor(at)) * (above - below),
  };
}

/** The part of the movement down to a target of this height; null for all of it. */
export function phasesTo(
  exercise: ExerciseDocument,
  body: Body,
  contact: string,
  height_m: number,
): { readonly from: number; readonly to: number } | null {
  const whole = prepareExercise(exercise, body);
  const to = whole.ok ? phaseAtHeight(whole.value, contact, height_m) : undefined;
  return to === undefined || to >= 1 ? null : { from: 0, to: Math.round(1000 * to) / 1000 };
}
