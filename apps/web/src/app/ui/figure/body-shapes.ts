import { limbPath, type Point, smoothOutline } from './limb-path';

/** One part of the figure: an outline, nearer parts later. */
export interface FigurePart {
  readonly name: string;
  readonly path: string;
  readonly far: boolean;
}

/** The side of the body a part belongs to, as contacts name it. */
export type Side = 'L' | 'R';

/** A place of the figure on the drawing. */
export type DrawnPlace = (contact: string) => Point | undefined;

/** Radii of the limbs as shares of stature, thick end first (for the eye; no figure rests on them). */
export const RADII = {
  upperArm: [0.03, 0.022],
  forearm: [0.023, 0.015],
  thigh: [0.054, 0.034],
  shank: [0.036, 0.021],
  neck: [0.042, 0.036],
} as const;

const HAND_RADIUS = 0.019;

export type Limb = keyof Omit<typeof RADII, 'neck'>;

/** A limb between two contacts of one side; nothing where either has no place. */
export function limbPart(
  place: DrawnPlace,
  size: number,
  name: Limb,
  from: string,
  to: string,
  side: Side,
  far: boolean,
): FigurePart[] {
  const a = place(from + side);
  const b = place(to + side);
  if (a === undefined || b === undefined) return [];
  const [r1, r2] = RADII[name];
  return [{ name: name + side, path: limbPath(a, b, r1 * size, r2 * size), far }];
}

export function armParts(place: DrawnPlace, size: number, side: Side, far: boolean): FigurePart[] {
  return [
    ...limbPart(place, size, 'upperArm', 'shoulder', 'elbow', side, far),
    ...limbPart(place, size, 'forearm', 'elbow', 'grip', side, far),
    ...handPart(place(`grip${side}`), size, side, far),
  ];
}

function handPart(grip: Point | undefined, size: number, side: Side, far: boolean): FigurePart[] {
  if (grip === undefined) return [];
  const r = HAND_RADIUS * size;
  const path = limbPath(grip, { x: grip.x, y: grip.y - r * 0.4 }, r, r);
  return [{ name: `hand${side}`, path, far }];
}

/** A shoe from the side or from above: heel behind the ankle, toe ahead. */
export function shoePart(
  ankle: Point | undefined,
  toe: Point | undefined,
  size: number,
  side: Side,
  far: boolean,
  outline: readonly (readonly [number, number])[],
): FigurePart[] {
  if (ankle === undefined || toe === undefined) return [];
  const length = Math.hypot(toe.x - ankle.x, toe.y - ankle.y);
  if (length === 0) return [];
  const ux = (toe.x - ankle.x) / length;
  const uy = (toe.y - ankle.y) / length;
  const points = outline.map(([along, aside]) => ({
    x: ankle.x + (ux * along - uy * aside) * size,
    y: ankle.y + (uy * along + ux * aside) * size,
  }));
  return [{ name: `foot${side}`, path: smoothOutline(points), far }];
}
