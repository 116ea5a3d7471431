import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { Body, PreparedExercise } from '@wiry-otter/core';
import type { ToDrawing } from './figure';

/** A thing the person stands or sits on: a box on the floor, px on the drawing. */
export interface Prop {
  readonly name: 'seat' | 'step';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Flesh under the hip joint and sole under the toe joint, in statures. */
const UNDER_HIP = 0.052;
const UNDER_TOE = 0.039;
/** Reach of a seat behind and ahead of the hip, and of a step around the toes, in statures. */
const SEAT = { behind: 0.1, ahead: 0.13 } as const;
const STEP = { behind: 0.03, ahead: 0.12 } as const;

/** Seats and steps that the supports of an exercise stand on, seen from the side. */
export function drawProps(
  exercise: ExerciseDocument,
  { stature_m }: Body,
  { contacts, samples }: PreparedExercise,
  toDrawing: ToDrawing,
): Prop[] {
  if (exercise.plane !== 'sagittal') return [];
  return (exercise.supports ?? []).flatMap(({ at, height }): Prop[] => {
    const c = contacts.index.get(at);
    if (c === undefined || at.endsWith('L')) return [];
    const x_m = contacts.x[c * samples] as number;
    const box = (name: Prop['name'], reach: typeof SEAT | typeof STEP, top: number): Prop[] => {
      if (top <= 0.02) return [];
      const from = toDrawing(x_m - reach.behind * stature_m, top * stature_m);
      const to = toDrawing(x_m + reach.ahead * stature_m, 0);
      return [{ name, ...from, width: to.x - from.x, height: to.y - from.y }];
    };
    // A standing person's hip is a support of the moving leg, not a seat.
    if (at === 'hipR' && exercise.posture !== 'standing')
      return box('seat', SEAT, height - UNDER_HIP);
    if (at === 'toeR' && exercise.posture === 'standing')
      return box('step', STEP, height - UNDER_TOE);
    return [];
  });
}
