import type { Point } from '../ui/figure/limb-path';
import type { AnchorShape } from './anchor-shapes';
import { alongCurve } from '../ui/ribbons/hanging-curve';
import { type Extent, extentOf } from './extent';
import { BONES, type Joints } from './drawn-joints';
import type { RibbonSpan } from './ribbon-spans';
import { SCENE, type SceneView } from './scene-geometry';

/** Limbs, the head and, from above, the shoulders reach so far from joints and bones, px. */
const BODY_WIDTH_PX = { limb: 22, head: 34, shoulders: 62 } as const;
/** From where the drawing is seen, and how far the head is from the recoil line. */
const TOP_WORDS: Extent = { left: 0, right: 230, top: 0, bottom: 52 };
/** A stretch as it is written, px. */
export const MARK_PX = { width: 48, up: 14, down: 4 } as const;
/** Width of a height as it is written, px. */
const HEIGHT_WORDS_PX = 52;

/**
 * What the person takes up: along the bones, round the head, and from above the shoulders.
 *
 * @param joints from the exercise's origin
 */
export function takenByPerson(joints: Joints, { floor }: Pick<SceneView, 'floor'>): Extent[] {
  const limbs = (['L', 'R'] as const).flatMap((side) =>
    BONES.flatMap(([from, to]) => {
      const [a, b] = [joints.get(from + side), joints.get(to + side)];
      return a === undefined || b === undefined ? [] : takenAlong(a, b, BODY_WIDTH_PX.limb);
    }),
  );
  const head = joints.get('head');
  const middle = floor === null ? (joints.get('hipR') ?? { x: 0, y: 0 }) : undefined;
  return [
    ...limbs,
    ...(head === undefined ? [] : takenAlong(head, head, BODY_WIDTH_PX.head)),
    ...(middle === undefined ? [] : takenAlong(middle, middle, BODY_WIDTH_PX.shoulders)),
  ];
}

/** What the words at the top and the anchor with its wall or posts and its own words take up. */
export function takenByAnchor(
  { floor, side }: Pick<SceneView, 'floor' | 'side'>,
  anchor: Point | null,
  shapes: readonly AnchorShape[],
  heightX: number,
): Extent[] {
  if (anchor === null) return [TOP_WORDS];
  const height = { top: anchor.y - 12, bottom: anchor.y + 12 };
  const bottom = floor ?? SCENE.floor;
  const wall = {
    1: { left: anchor.x - 10, right: SCENE.width, top: 0, bottom },
    0: { left: anchor.x - 20, right: heightX + HEIGHT_WORDS_PX, ...height },
    [-1]: { left: 0, right: anchor.x + 10, top: 0, bottom },
  }[side];
  const name = {
    1: { left: anchor.x - 180, right: anchor.x, top: 8, bottom: 30 },
    0: { left: anchor.x + 30, right: anchor.x + 200, top: 8, bottom: 30 },
    [-1]: { left: anchor.x, right: anchor.x + 190, top: 48, bottom: 70 },
  }[side];
  const posts = shapes.flatMap(({ extent }) => (extent === undefined ? [] : [extent]));
  return [TOP_WORDS, wall, name, ...posts];
}

export function takenByRibbon({ from, hanging, to, width }: RibbonSpan): Extent[] {
  const half = width / 2 + 3;
  if (hanging === null) return takenAlong(from, to, half);
  const places = [0, 0.25, 0.5, 0.75, 1].map((share) => alongCurve(hanging, share));
  return places.slice(1).flatMap((place, i) => takenAlong(places[i] as Point, place, half));
}

export function takenByLine(line: { readonly from: Point; readonly to: Point } | null): Extent[] {
  return line === null ? [] : takenAlong(line.from, line.to, 4);
}

export function takenByMark({
  anchor,
  x,
  y,
}: Point & { readonly anchor: 'start' | 'middle' | 'end' }): Extent {
  const left = x - { start: 0, middle: MARK_PX.width / 2, end: MARK_PX.width }[anchor];
  return extentOf({ x: left, y }, MARK_PX);
}

/** What is taken along a line, as squares that follow each other; `half` its half width, px. */
function takenAlong(from: Point, to: Point, half: number): Extent[] {
  const pieces = Math.max(1, Math.ceil(Math.hypot(to.x - from.x, to.y - from.y) / (2 * half)));
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const x = from.x + ((to.x - from.x) * i) / pieces;
    const y = from.y + ((to.y - from.y) * i) / pieces;
    return { left: x - half, right: x + half, top: y - half, bottom: y + half };
  });
}
