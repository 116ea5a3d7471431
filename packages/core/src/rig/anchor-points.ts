import type { Exercise, Pair, Plane, Triple } from '../body/exercise.js';
import type { MuscleGroup } from '../body/muscle-groups.js';
import type { RehabStage } from '../safety/clearance.js';

/** What a band can be hung on, laid under or held by. */
export const ANCHOR_KINDS = [
  'door',
  'wall',
  'bar',
  'parallelBars',
  'rings',
  'post',
  'banister',
  'rack',
  'furniture',
  'underFoot',
  'underHand',
  'partner',
] as const;
export type AnchorKind = (typeof ANCHOR_KINDS)[number];

/** Where an anchor is seen from the person; `over`: at the exercise's origin, up or down. */
export const ANCHOR_SIDES = ['ahead', 'behind', 'left', 'right', 'over'] as const;
export type AnchorSide = (typeof ANCHOR_SIDES)[number];

/** The anchor that an exercise needs and where it usually is, in statures. */
export interface ExerciseAnchor {
  /** The point's name in paths; with `halfWidth`, two points with L and R added. */
  readonly point: string;
  readonly kinds: readonly AnchorKind[];
  readonly height: number;
  readonly distance: number;
  /** Default ahead. */
  readonly side?: AnchorSide | undefined;
  /** Half the distance between the two points of a pair. */
  readonly halfWidth?: number | undefined;
}

/** How near to an anchor and how far from it a person can stand, m. */
export const STANDING_RANGE = { least: 0.2, most: 2.8 } as const;

/** How the body is held. */
export const POSTURES = [
  'standing',
  'kneeling',
  'seated',
  'longSitting',
  'supine',
  'hanging',
  'propped',
] as const;
export type Posture = (typeof POSTURES)[number];

/** An exercise with the anchor it needs, and what a trainer knows of it. */
export interface AnchoredExercise extends Exercise {
  readonly anchor?: ExerciseAnchor | undefined;
  /** Height of a transverse exercise's plane over the floor, in statures. Default 0. */
  readonly level?: number | undefined;
  /** How the body is held. */
  readonly posture?: Posture | undefined;
  readonly groups?: readonly MuscleGroup[] | undefined;
  /** The stage of rehab that it belongs to, where its movement does not say it. */
  readonly stage?: RehabStage | undefined;
  /** Each side has a band of its own: bands are laid in pairs, right and left. */
  readonly bandOnEachSide?: boolean | undefined;
  /** One side works at a time. */
  readonly unilateral?: boolean | undefined;
  /** Cautions that come with the movement itself, by their rule. */
  readonly cautions?: readonly string[] | undefined;
}

/** Where an anchor is: height over the floor, distance along it from the exercise's origin, m. */
export interface AnchorPlace {
  readonly height_m: number;
  readonly distance_m: number;
  /** Length once round it; a choked band lies twice round. Default 0. */
  readonly girth_m?: number | undefined;
}

/** The points of an exercise's anchor, metres in its frame; none where it needs no anchor. */
export function anchorPoints(
  { anchor, level = 0, plane }: AnchoredExercise,
  stature_m: number,
  place: AnchorPlace,
): Record<string, [number, number, number]> {
  if (anchor === undefined) return {};
  const height_m = plane === 'transverse' ? place.height_m - level * stature_m : place.height_m;
  const [x, y, z] = pointAt(plane, anchor.side ?? 'ahead', place.distance_m, height_m);
  if (anchor.halfWidth === undefined) return { [anchor.point]: [x, y, z] };
  const half_m = anchor.halfWidth * stature_m;
  const [dx, dy, dz] = acrossToTheRight(plane);
  return {
    [`${anchor.point}L`]: [x - half_m * dx, y - half_m * dy, z - half_m * dz],
    [`${anchor.point}R`]: [x + half_m * dx, y + half_m * dy, z + half_m * dz],
  };
}

/** The points of an anchor: one, or one on each side. */
export function namesOfAnchor({
  halfWidth,
  point,
}: NonNullable<AnchoredExercise['anchor']>): string[] {
  return halfWidth === undefined ? [point] : [`${point}L`, `${point}R`];
}

/**
 * Where an exercise's anchor is, read back off the points of a set-up: the
 * inverse of {@link anchorPoints}, without the girth. Undefined where the
 * set-up lacks them.
 */
export function anchorPlaceOf(
  { anchor, level = 0, plane }: AnchoredExercise,
  stature_m: number,
  points: Readonly<Record<string, Triple>>,
): Pick<AnchorPlace, 'height_m' | 'distance_m'> | undefined {
  if (anchor === undefined) return undefined;
  const names = namesOfAnchor(anchor);
  const found = names.flatMap((name) => (points[name] === undefined ? [] : [points[name]]));
  if (found.length < names.length) return undefined;
  const middle = [0, 1, 2].map(
    (axis) => found.reduce((sum, point) => sum + (point[axis] ?? 0), 0) / found.length,
  );
  const [x = 0, y = 0, z = 0] = middle;
  const transverse = plane === 'transverse';
  return {
    height_m: transverse ? z + level * stature_m : y,
    distance_m: transverse ? Math.hypot(x, y) : Math.hypot(x, z),
  };
}

/**
 * Where the root stands when the hands hold the anchor itself, as on a bar:
 * the body moves up and down with it. Undefined for all other exercises.
 */
export function rootOnAnchor(
  { anchor, root }: AnchoredExercise,
  stature_m: number,
  { height_m }: AnchorPlace,
): Pair | undefined {
  if (anchor?.side !== 'over' || root.point !== 'grip') return undefined;
  return [root.at[0] * stature_m, height_m];
}

/** The level direction from the person to the anchor, a unit vector; undefined where it is above or below, or there is none. */
export function towardsAnchor({ anchor, plane }: AnchoredExercise): Triple | undefined {
  if (anchor === undefined || anchor.side === 'over') return undefined;
  return pointAt(plane, anchor.side ?? 'ahead', 1, 0);
}

function pointAt(plane: Plane, side: AnchorSide, distance_m: number, height_m: number): Triple {
  if (side === 'over') return plane === 'transverse' ? [0, 0, height_m] : [0, height_m, 0];
  const away = side === 'behind' || side === 'left' ? -distance_m : distance_m;
  const alongFacing = side === 'ahead' || side === 'behind';
  switch (plane) {
    case 'sagittal':
      return alongFacing ? [away, height_m, 0] : [0, height_m, away];
    case 'frontal':
      // z runs to the back here.
      return alongFacing ? [0, height_m, -away] : [away, height_m, 0];
    case 'transverse':
      // y runs to the left here.
      return alongFacing ? [away, 0, height_m] : [0, -away, height_m];
  }
}

/** The direction to the person's right in a plane's frame. */
function acrossToTheRight(plane: Plane): Triple {
  switch (plane) {
    case 'sagittal':
      return [0, 0, 1];
    case 'frontal':
      return [1, 0, 0];
    case 'transverse':
      return [0, -1, 0];
  }
}
