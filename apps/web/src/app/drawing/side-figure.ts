import type { ContactField } from '@wiry-otter/core';
import { limbPath, type Point, smoothOutline } from './limb-path';

/** One part of the figure: an outline, nearer parts later. */
export interface FigurePart {
  readonly name: string;
  readonly path: string;
  readonly far: boolean;
}

/** Radii of the limbs as shares of stature, thick end first (for the eye; no figure rests on them). */
const RADII = {
  upperArm: [0.03, 0.022],
  forearm: [0.023, 0.015],
  thigh: [0.054, 0.034],
  shank: [0.036, 0.021],
  neck: [0.042, 0.036],
  hand: 0.019,
} as const;

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

/** From a place in metres in the exercise's plane to a point on the drawing. */
export type ToDrawing = (x_m: number, y_m: number) => Point;

/**
 * A person from the side at one sampled phase, from the same contacts the
 * statics uses: what is drawn is what is computed.
 */
export function sideFigure(
  contacts: ContactField,
  samples: number,
  k: number,
  stature_m: number,
  toDrawing: ToDrawing,
  pxPerMetre: number,
): FigurePart[] {
  const size = stature_m * pxPerMetre;
  const place = (name: string): Point | undefined => {
    const c = contacts.index.get(name);
    if (c === undefined) return undefined;
    return toDrawing(contacts.x[c * samples + k] as number, contacts.y[c * samples + k] as number);
  };
  const limb = (
    name: keyof Omit<typeof RADII, 'hand' | 'neck'>,
    from: string,
    to: string,
    side: 'L' | 'R',
  ): FigurePart[] => {
    const a = place(from + side);
    const b = place(to + side);
    const [r1, r2] = RADII[name];
    if (a === undefined || b === undefined) return [];
    return [{ name: name + side, path: limbPath(a, b, r1 * size, r2 * size), far: side === 'L' }];
  };
  const side = (s: 'L' | 'R'): FigurePart[] => [
    ...limb('thigh', 'hip', 'knee', s),
    ...limb('shank', 'knee', 'ankle', s),
    ...foot(place(`ankle${s}`), place(`toe${s}`), size, s),
  ];
  const arm = (s: 'L' | 'R'): FigurePart[] => [
    ...limb('upperArm', 'shoulder', 'elbow', s),
    ...limb('forearm', 'elbow', 'grip', s),
    ...hand(place(`grip${s}`), size, s),
  ];
  const hips = place('hips');
  const shoulders = place('shoulderR');
  return [
    ...arm('L'),
    ...side('L'),
    ...head(shoulders, place('head'), size),
    ...trunk(hips, shoulders, size),
    ...side('R'),
    ...arm('R'),
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

/** A shoe: heel behind the ankle, sole under it, toe ahead. */
function foot(
  ankle: Point | undefined,
  toe: Point | undefined,
  size: number,
  side: 'L' | 'R',
): FigurePart[] {
  if (ankle === undefined || toe === undefined) return [];
  const length = Math.hypot(toe.x - ankle.x, toe.y - ankle.y);
  const ux = (toe.x - ankle.x) / length;
  const uy = (toe.y - ankle.y) / length;
  const at = (along: number, down: number): Point => ({
    x: ankle.x + (ux * along - uy * down) * size,
    y: ankle.y + (uy * along + ux * down) * size,
  });
  const outline = [
    at(-0.028, -0.012),
    at(-0.042, 0.02),
    at(-0.036, 0.037),
    at(0.03, 0.039),
    at(0.11, 0.039),
    at(0.15, 0.033),
    at(0.148, 0.016),
    at(0.09, 0.002),
    at(0.03, -0.02),
  ];
  return [{ name: `foot${side}`, path: smoothOutline(outline), far: side === 'L' }];
}

function hand(grip: Point | undefined, size: number, side: 'L' | 'R'): FigurePart[] {
  if (grip === undefined) return [];
  const r = RADII.hand * size;
  return [
    {
      name: `hand${side}`,
      path: limbPath(grip, { x: grip.x, y: grip.y - r * 0.4 }, r, r),
      far: side === 'L',
    },
  ];
}
