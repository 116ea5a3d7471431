import {
  armParts,
  type DrawnPlace,
  type FigurePart,
  limbPart,
  RADII,
  shoePart,
  type Side,
} from './body-shapes';
import { limbPath, type Point, smoothOutline } from './limb-path';

/** Outline of the trunk from the side: share along it, depth to the back and to the front in statures. */
const TRUNK_PROFILE = [
  { along: -0.12, back: 0.05, front: 0.035 },
  { along: 0.08, back: 0.066, front: 0.05 },
  { along: 0.4, back: 0.048, front: 0.056 },
  { along: 0.72, back: 0.062, front: 0.07 },
  { along: 0.95, back: 0.058, front: 0.056 },
  { along: 1.09, back: 0.042, front: 0.036 },
  { along: 1.17, back: 0.028, front: 0.022 },
] as const;

const HEAD = { halfWidth: 0.05, halfHeight: 0.064 } as const;

/** A shoe from the side: statures along the foot from the ankle, and down from it. */
const SHOE: readonly (readonly [number, number])[] = [
  [-0.028, -0.012],
  [-0.042, 0.02],
  [-0.036, 0.037],
  [0.03, 0.039],
  [0.11, 0.039],
  [0.15, 0.033],
  [0.148, 0.016],
  [0.09, 0.002],
  [0.03, -0.02],
];

/** A person from the side; the right side is the near one. */
export function sideFigure(place: DrawnPlace, size: number): FigurePart[] {
  const leg = (side: Side): FigurePart[] => {
    const far = side === 'L';
    return [
      ...limbPart(place, size, 'thigh', 'hip', 'knee', side, far),
      ...limbPart(place, size, 'shank', 'knee', 'ankle', side, far),
      ...shoePart(place(`ankle${side}`), place(`toe${side}`), size, side, far, SHOE),
    ];
  };
  const shoulders = place('shoulderR');
  return [
    ...armParts(place, size, 'L', true),
    ...leg('L'),
    ...head(shoulders, place('head'), size),
    ...trunk(place('hips'), shoulders, size),
    ...leg('R'),
    ...armParts(place, size, 'R', false),
  ];
}

function trunk(hips: Point | undefined, shoulders: Point | undefined, size: number): FigurePart[] {
  if (hips === undefined || shoulders === undefined) return [];
  const dx = shoulders.x - hips.x;
  const dy = shoulders.y - hips.y;
  const length = Math.hypot(dx, dy);
  // To the front of the body on the drawing, whose y points down.
  const front = { x: -dy / length, y: dx / length };
  const at = (along: number, aside: number): Point => ({
    x: hips.x + dx * along + front.x * aside * size,
    y: hips.y + dy * along + front.y * aside * size,
  });
  const outline = [
    ...TRUNK_PROFILE.map(({ along, back }) => at(along, -back)),
    ...[...TRUNK_PROFILE].reverse().map(({ along, front: depth }) => at(along, depth)),
  ];
  return [{ name: 'trunk', path: smoothOutline(outline), far: false }];
}

function head(shoulders: Point | undefined, centre: Point | undefined, size: number): FigurePart[] {
  if (shoulders === undefined || centre === undefined) return [];
  const [r1, r2] = RADII.neck;
  const up = Math.atan2(centre.y - shoulders.y, centre.x - shoulders.x);
  const at = (angle: number, stretch = 1): Point => {
    const along = HEAD.halfHeight * size * Math.cos(angle);
    const aside = HEAD.halfWidth * size * stretch * Math.sin(angle);
    return {
      x: centre.x + along * Math.cos(up) - aside * Math.sin(up),
      y: centre.y + along * Math.sin(up) + aside * Math.cos(up),
    };
  };
  // A nose and a chin, so that one sees where the person faces.
  const outline = [0, 0.5, 1, 1.45].map((angle) => at(angle));
  const face = [at(1.75, 1.3), at(2.1, 1.02), at(2.6, 1.05)];
  const back = [3.5, 4.2, 4.8, 5.5].map((angle) => at(angle));
  return [
    { name: 'neck', path: limbPath(shoulders, centre, r1 * size, r2 * size), far: false },
    { name: 'head', path: smoothOutline([...outline, ...face, ...back]), far: false },
  ];
}
