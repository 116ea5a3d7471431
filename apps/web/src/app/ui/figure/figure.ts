import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { Body, PreparedExercise } from '@wiry-otter/core';
import type { FigurePart } from './body-shapes';
import { figurePlaces } from './figure-places';
import { frontFigure } from './front-figure';
import type { Point } from './limb-path';
import { sideFigure } from './side-figure';
import { topFigure } from './top-figure';

/** From a place in metres in the exercise's plane to a point on the drawing. */
export type ToDrawing = (x_m: number, y_m: number) => Point;

/**
 * A person at one sampled phase, from the side, the front or above by the
 * exercise's plane, from the same contacts the statics uses: what is drawn is
 * what is computed.
 */
export function drawFigure(
  exercise: ExerciseDocument,
  body: Body,
  prepared: PreparedExercise,
  k: number,
  toDrawing: ToDrawing,
  pxPerMetre: number,
  worksWith: 'left' | 'right' = 'right',
): FigurePart[] {
  const places = figurePlaces(exercise, body, prepared, k);
  const place = (contact: string): Point | undefined => {
    // `toDrawing` mirrors what is computed for the right limb, so the sides change places too.
    const at = places(worksWith === 'left' ? otherSide(contact) : contact);
    return at === undefined ? undefined : toDrawing(at[0], at[1]);
  };
  const size = body.stature_m * pxPerMetre;
  switch (exercise.plane) {
    case 'sagittal':
      return sideFigure(place, size);
    case 'frontal':
      return frontFigure(place, size);
    case 'transverse':
      return topFigure(place, size, toDrawing(0, 0), aheadOnDrawing(toDrawing));
  }
}

function otherSide(contact: string): string {
  return contact.replace(/[LR]$/, (side) => (side === 'L' ? 'R' : 'L'));
}

/** The direction on the drawing in which the person faces. */
function aheadOnDrawing(toDrawing: ToDrawing): Point {
  const from = toDrawing(0, 0);
  const to = toDrawing(1, 0);
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  return { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
}
