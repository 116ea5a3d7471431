import type { CompleteSetupDocument } from '@wiry-otter/contracts';
import { setupMarks } from '@wiry-otter/core';

/** A mark that lets a set-up be found again: on the floor, on the band, between the feet. */
export interface Mark {
  readonly what: string;
  readonly figure: string;
}

/** Where to stand, where to grip and how wide, in centimetres and foot-lengths. */
export function marksOf(document: CompleteSetupDocument): Mark[] {
  const { distance_m, foot_m, grip_m, height_m, over, stance_m } = setupMarks(document);
  return [
    ...mark('anchor over the floor', height_m, centimetres),
    ...mark(`${over} from the plumb line`, distance_m, centimetres),
    ...mark('grip', grip_m, (m) => (m > 0 ? `${centimetres(m)} from the end` : 'at the end')),
    ...mark(
      'stance',
      stance_m,
      (m) => `${centimetres(m)}, ${(m / foot_m).toFixed(1)} foot-lengths`,
    ),
  ];
}

/** The same in one line, for who sets up: what is not as it usually is, is left out. */
export function marksLine(document: CompleteSetupDocument): string {
  const { distance_m, grip_m = 0, height_m, over, stance_m } = setupMarks(document);
  // A band under the feet pulls by how far they are apart.
  const underFoot = stance_m === undefined ? 'no anchor' : `stance ${centimetres(stance_m)}`;
  return [
    height_m === undefined ? underFoot : `anchor at ${centimetres(height_m)}`,
    ...(distance_m === undefined ? [] : [`${over} ${centimetres(distance_m)} from it`]),
    ...(grip_m > 0 ? [`grip ${centimetres(grip_m)} from the end`] : []),
  ].join(', ');
}

function mark(what: string, length_m: number | undefined, words: (m: number) => string): Mark[] {
  return length_m === undefined ? [] : [{ what, figure: words(length_m) }];
}

function centimetres(length_m: number): string {
  return `${(100 * length_m).toFixed(0)} cm`;
}
