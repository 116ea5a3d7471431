import {
  armParts,
  type DrawnPlace,
  type FigurePart,
  limbPart,
  shoePart,
  type Side,
} from './body-shapes';
import { limbPath, type Point, smoothOutline } from './limb-path';

/** Shoulders and head from above, in statures. */
const SHOULDERS = { half: 0.1295, radius: 0.045 } as const;
const HEAD = { half: 0.056, width: 0.044, nose: 0.072, ahead: 0.012 } as const;

/** A shoe from above: statures along the foot from the ankle, and to its right. */
const SHOE: readonly (readonly [number, number])[] = [
  [-0.042, 0],
  [-0.03, -0.024],
  [0.04, -0.024],
  [0.11, -0.034],
  [0.15, -0.012],
  [0.148, 0.012],
  [0.11, 0.03],
  [0.04, 0.024],
  [-0.03, 0.024],
];

/**
 * A person from above, facing +x. The middle of the body is over the hips
 * where the poses give them, else over the origin: then the upper arms hang.
 *
 * @param origin where the exercise's origin is on the drawing
 * @param ahead the unit vector on the drawing along which the person faces
 */
export function topFigure(
  place: DrawnPlace,
  size: number,
  origin: Point,
  ahead: Point,
): FigurePart[] {
  const leg = (side: Side): FigurePart[] => [
    ...limbPart(place, size, 'thigh', 'hip', 'knee', side, false),
    ...limbPart(place, size, 'shank', 'knee', 'ankle', side, false),
    ...shoePart(place(`ankle${side}`), place(`toe${side}`), size, side, false, SHOE),
  ];
  const hips = place('hipR');
  // Without a direction of its own the upper arm hangs, and the forearm lies below the shoulders.
  const hanging = place('shoulderR') === undefined;
  const centre = hips === undefined ? origin : onMiddleLine(hips, origin, ahead);
  return [
    ...leg('L'),
    ...leg('R'),
    ...armParts(place, size, 'L', hanging),
    ...armParts(place, size, 'R', hanging),
    ...bodyFromAbove(centre, size, ahead),
  ];
}

/** The foot of the perpendicular from a point to the line through the origin along `ahead`. */
function onMiddleLine(point: Point, origin: Point, ahead: Point): Point {
  const along = (point.x - origin.x) * ahead.x + (point.y - origin.y) * ahead.y;
  return { x: origin.x + along * ahead.x, y: origin.y + along * ahead.y };
}

function bodyFromAbove({ x, y }: Point, size: number, ahead: Point): FigurePart[] {
  const half = SHOULDERS.half * size;
  const shoulders = limbPath(
    { x: x + half * ahead.y, y: y - half * ahead.x },
    { x: x - half * ahead.y, y: y + half * ahead.x },
    SHOULDERS.radius * size,
    SHOULDERS.radius * size,
  );
  const at = (angle: number, along: number, across: number): Point => {
    const forward = (HEAD.ahead + along * Math.cos(angle)) * size;
    const aside = across * Math.sin(angle) * size;
    return {
      x: x + forward * ahead.x - aside * ahead.y,
      y: y + forward * ahead.y + aside * ahead.x,
    };
  };
  const round = [0.5, 1, 1.6, 2.2, 2.8, Math.PI, 3.5, 4.1, 4.7, 5.3, 5.8];
  const outline = [at(0, HEAD.nose, 0), ...round.map((angle) => at(angle, HEAD.half, HEAD.width))];
  return [
    { name: 'trunk', path: shoulders, far: false },
    { name: 'head', path: smoothOutline(outline), far: false },
  ];
}
