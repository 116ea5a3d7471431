import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { PreparedExercise, Triple } from '@wiry-otter/core';
import type { Point } from '../ui/figure/limb-path';

/** The drawing's size, px; one scale for both directions. */
export const SCENE = { width: 690, height: 470, floor: 412, right: 590, left: 100 } as const;
/** Room the drawing has to show, m: from behind the person to beyond the wall. */
const SHOWN_M = { width: 3.05, height: 2.12 };
/** Room over the highest hand and the anchor, m. */
const HEADROOM_M = 0.26;

/** The body round its joints, and a little air, m. */
const ROUND_JOINTS_M = 0.15;

/** An anchor nearer to the middle than this is overhead or underneath, not to one side, m. */
const ASIDE_M = 0.05;

/** How the exercise's plane lies on the drawing. */
export interface SceneView {
  readonly seen: 'from the side' | 'from behind' | 'from above';
  readonly pxPerMetre: number;
  /** Where the exercise's origin lies on the drawing, px. */
  readonly originX: number;
  readonly originY: number;
  /** From above the person faces up where the anchor is at their side. */
  readonly turned: boolean;
  /** Height of the floor's line, px; null from above. */
  readonly floor: number | null;
  /** Where the anchor is seen from the person: right, left, or neither. */
  readonly side: 1 | -1 | 0;
  /** −1 where the left limb works and the picture is the mirror image across the body: from behind. */
  readonly mirrorX: 1 | -1;
  /** The same from above, where y lies across the body. */
  readonly mirrorY: 1 | -1;
}

const SEEN = {
  sagittal: 'from the side',
  frontal: 'from behind',
  transverse: 'from above',
} as const;

/**
 * The wall stands still and the person moves: with an anchor to one side the
 * drawing hangs on the wall, else on the person.
 */
export function sceneView(
  { plane }: Pick<ExerciseDocument, 'plane'>,
  anchor: Triple | undefined,
  prepared?: PreparedExercise,
  worksWith: 'left' | 'right' = 'right',
): SceneView {
  const extent = extentOf(prepared);
  const across = worksWith === 'left' ? -1 : 1;
  if (plane === 'transverse') return viewFromAbove(anchor, extent, across);
  // From the side both limbs fall on the same picture; only near and far change places.
  const mirrorX = plane === 'frontal' ? across : 1;
  const top_m = Math.max(
    SHOWN_M.height,
    extent.most.y + HEADROOM_M,
    (anchor?.[1] ?? 0) + HEADROOM_M,
  );
  const along = mirrorX * (anchor?.[0] ?? 0);
  const side = sideOf(along);
  const [one, other] = [mirrorX * extent.least.x, mirrorX * extent.most.x];
  const pxPerMetre = Math.min(
    SCENE.width / SHOWN_M.width,
    SCENE.floor / top_m,
    fittingAcross(along, side, { least: Math.min(one, other), most: Math.max(one, other) }),
  );
  return {
    seen: SEEN[plane],
    pxPerMetre,
    originX: originOf(along, side, (mirrorX * (extent.least.x + extent.most.x)) / 2, pxPerMetre),
    originY: SCENE.floor,
    turned: false,
    floor: SCENE.floor,
    side,
    mirrorX,
    mirrorY: 1,
  };
}

function viewFromAbove(
  anchor: Triple | undefined,
  extent: { readonly least: Point; readonly most: Point },
  across: 1 | -1,
): SceneView {
  const turned = anchor !== undefined && Math.abs(anchor[1]) > Math.abs(anchor[0]);
  // Turned, the left of the person is the left of the drawing.
  const along = anchor === undefined ? 0 : turned ? -across * anchor[1] : anchor[0];
  const side = sideOf(along);
  // Not turned, up and down the drawing is across the body: the anchors of both sides are in it.
  const across_m = turned
    ? { least: extent.least.y, most: extent.most.y }
    : { least: extent.least.x, most: extent.most.x };
  const half_m = Math.max(
    turned ? 0 : Math.abs(anchor?.[1] ?? 0),
    turned ? 0 : Math.max(-extent.least.y, extent.most.y),
  );
  const pxPerMetre = Math.min(
    SCENE.width / SHOWN_M.width,
    SCENE.floor / 2 / (half_m + HEADROOM_M),
    fittingAcross(along, side, across_m),
  );
  const middle = turned ? 0 : (extent.least.x + extent.most.x) / 2;
  return {
    seen: SEEN.transverse,
    pxPerMetre,
    originX: originOf(along, side, middle, pxPerMetre),
    originY: SCENE.floor / 2 + (turned ? 30 : 0),
    turned,
    floor: null,
    side,
    mirrorX: 1,
    mirrorY: across,
  };
}

/** The scale at which the far side of the body is still in the drawing, px a metre. */
function fittingAcross(
  along_m: number,
  side: SceneView['side'],
  body_m: { readonly least: number; readonly most: number },
): number {
  if (side === 0) return Infinity;
  const room_px = side === 1 ? SCENE.right : SCENE.width - SCENE.left;
  const reach_m = side === 1 ? along_m - body_m.least : body_m.most - along_m;
  return room_px / (reach_m + ROUND_JOINTS_M);
}

function sideOf(along_m: number): SceneView['side'] {
  if (Math.abs(along_m) < ASIDE_M) return 0;
  return along_m > 0 ? 1 : -1;
}

function originOf(
  along_m: number,
  side: SceneView['side'],
  middle_m: number,
  pxPerMetre: number,
): number {
  if (side === 0) return SCENE.width / 2 - middle_m * pxPerMetre;
  return (side === 1 ? SCENE.right : SCENE.left) - along_m * pxPerMetre;
}

/** How far the body reaches over the whole rep, m. */
function extentOf(prepared: PreparedExercise | undefined): { least: Point; most: Point } {
  if (prepared === undefined) return { least: { x: 0, y: 0 }, most: { x: 0, y: 0 } };
  const across = rangeOf(prepared.contacts.x);
  const up = rangeOf(prepared.contacts.y);
  return { least: { x: across.least, y: up.least }, most: { x: across.most, y: up.most } };
}

/** The least and the most of some figures; 0 where there are none. */
function rangeOf(values: Float64Array): { readonly least: number; readonly most: number } {
  let least = values[0] ?? 0;
  let most = least;
  // A plain loop over plain numbers: on every frame of a drag, it leaves nothing to clear away.
  for (let i = 1; i < values.length; i++) {
    const value = values[i] as number;
    if (value < least) least = value;
    else if (value > most) most = value;
  }
  return { least, most };
}

/** A place of the exercise's plane, m, on the drawing. */
export function toScene(view: SceneView, x_m: number, y_m: number): Point {
  const { mirrorX, mirrorY, originX, originY, pxPerMetre, turned } = view;
  const right = mirrorX * x_m * pxPerMetre;
  const up = mirrorY * y_m * pxPerMetre;
  return turned ? { x: originX - up, y: originY - right } : { x: originX + right, y: originY - up };
}
