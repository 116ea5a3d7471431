import { stretchWord } from '../drawing/figures';
import type { Point } from '../drawing/limb-path';
import { type RibbonSpan, SCENE, type SceneView } from './scene-geometry';

/** The chain of a side of the body, contacts without their side. */
const BONES = [
  ['toe', 'ankle'],
  ['ankle', 'knee'],
  ['knee', 'hip'],
  ['hip', 'shoulder'],
  ['shoulder', 'elbow'],
  ['elbow', 'grip'],
] as const;

/** The contacts that tell where a drawn person is. */
export const JOINTS: readonly string[] = [
  ...['L', 'R'].flatMap((side) => [...new Set(BONES.flat())].map((joint) => joint + side)),
  'head',
];

/** Where the joints of the drawn person are, by contact, px. */
export type Joints = ReadonlyMap<string, Point>;

/** A ribbon farther than this from the middle of the person lies beside them, px. */
const CLEAR_OF_BODY_PX = 30;
/** Room between a ribbon and the figure beside it, and from one figure to the next, px. */
const MARK_GAP_PX = 8;
const MARK_STEP_PX = { x: 50, y: 16 } as const;

/** The stretch of a band, written beside its ribbon. */
export interface StretchMark {
  readonly words: string;
  readonly caution: boolean;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/**
 * The stretch of each band beside the middle of its ribbon; of a stack beside its edge, since the
 * ribbons of a stack lie side by side.
 */
export function stretchMarks(
  spans: readonly RibbonSpan[],
  joints: Joints,
  stacked: boolean,
): StretchMark[] {
  const middle = [...joints.values()].reduce((sum, { x }) => sum + x, 0) / Math.max(1, joints.size);
  const places = spans
    .filter(({ main }) => main)
    .map(({ from, to, length, width, stretch, caution }) => {
      const x = from.x + (to.x - from.x) * 0.45;
      const y = from.y + (to.y - from.y) * 0.45;
      const upright = Math.abs(to.y - from.y) > length * Math.SQRT1_2;
      // Beside the ribbon where the person is not; above it where it lies.
      const aside = x < middle - CLEAR_OF_BODY_PX ? -1 : 1;
      return { words: stretchWord(stretch), caution, x, y, upright, aside, half: width / 2 };
    });
  const edge = (own: (typeof places)[number], at: (place: typeof own) => number): number =>
    stacked ? Math.max(...places.map(at)) : at(own);
  // Bands of a stack mostly stretch alike, which is said once.
  const told = stacked
    ? places.filter(({ words }, i) => places.findIndex((other) => other.words === words) === i)
    : places;
  return told.map((place, i) => {
    const { words, caution, upright, aside, x, y } = place;
    const nth = stacked ? i : 0;
    const beside = edge(place, (other) => aside * other.x + other.half) + MARK_GAP_PX;
    const above = edge(place, (other) => other.half - other.y) + MARK_GAP_PX;
    return {
      words,
      caution,
      x: upright ? aside * (beside + MARK_STEP_PX.x * nth) : x,
      y: upright ? y : -(above + MARK_STEP_PX.y * nth),
      anchor: upright ? (aside === 1 ? 'start' : 'end') : 'middle',
    };
  });
}

/** A rectangle on the drawing that is taken, px. */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Limbs, the head and, from above, the shoulders reach so far from joints and bones, px. */
const FLESH_PX = { limb: 22, head: 34, shoulders: 62 } as const;
/** From where the drawing is seen, and how far the head is from the recoil line. */
const TOP_WORDS: Extent = { left: 0, right: 230, top: 0, bottom: 52 };
/** A stretch as it is written, px. */
const MARK_PX = { width: 48, height: 14 } as const;

/** Width of a digit of the large figure, and of the ± and unit beside it, px. */
const WIDTH = { digit: 24, beside: 60 } as const;
/** How far the figure and the words under it reach from their baseline, px. */
const HEIGHT = { up: 38, down: 24 } as const;
/** Kept free at the edges of the drawing, px. */
const EDGE_PX = 14;
/** How finely free places are looked for, px. */
const STEP_PX = 14;

/**
 * Where the large figure stands: the free place nearest to where the band
 * pulls, which is where the figure acts. Where nothing is free, at the lower
 * left edge.
 *
 * @param pull where the band pulls, px
 * @param digits number of the figure's characters
 * @param taken by the person, the bands and other words
 */
export function soundingPlace(pull: Point, digits: number, taken: readonly Extent[]): Point {
  const width = WIDTH.digit * digits + WIDTH.beside;
  let nearest = { x: EDGE_PX, y: SCENE.floor - HEIGHT.down };
  let least = Infinity;
  // No list of places, nor its order: this is done on every frame of a drag.
  for (let y = EDGE_PX + HEIGHT.up; y <= SCENE.floor - HEIGHT.down; y += STEP_PX) {
    for (let x = EDGE_PX; x <= SCENE.width - EDGE_PX - width; x += STEP_PX) {
      const off = Math.hypot(x + width / 2 - pull.x, y - pull.y);
      if (off >= least) continue;
      const own = { left: x, right: x + width, top: y - HEIGHT.up, bottom: y + HEIGHT.down };
      if (taken.some((other) => overlap(own, other))) continue;
      nearest = { x, y };
      least = off;
    }
  }
  return nearest;
}

/** What the person takes up: along the bones, round the head, and from above the shoulders. */
export function takenByPerson(
  joints: Joints,
  { floor }: Pick<SceneView, 'floor'>,
  origin: Point,
): Extent[] {
  const limbs = (['L', 'R'] as const).flatMap((side) =>
    BONES.flatMap(([from, to]) => {
      const [a, b] = [joints.get(from + side), joints.get(to + side)];
      return a === undefined || b === undefined ? [] : takenAlong(a, b, FLESH_PX.limb);
    }),
  );
  const head = joints.get('head');
  const middle = floor === null ? (joints.get('hipR') ?? origin) : undefined;
  return [
    ...limbs,
    ...(head === undefined ? [] : takenAlong(head, head, FLESH_PX.head)),
    ...(middle === undefined ? [] : takenAlong(middle, middle, FLESH_PX.shoulders)),
  ];
}

/** What the words at the top and the anchor with its wall and its own words take up. */
export function takenByAnchor(
  { floor, side }: Pick<SceneView, 'floor' | 'side'>,
  anchor: Point | null,
): Extent[] {
  if (anchor === null) return [TOP_WORDS];
  const height = { top: anchor.y - 12, bottom: anchor.y + 12 };
  const bottom = floor ?? SCENE.floor;
  const wall = {
    1: { left: anchor.x - 10, right: SCENE.width, top: 0, bottom },
    0: { left: anchor.x - 20, right: anchor.x + 90, ...height },
    [-1]: { left: 0, right: anchor.x + 10, top: 0, bottom },
  }[side];
  const name = {
    1: { left: anchor.x - 180, right: anchor.x, top: 8, bottom: 30 },
    0: { left: anchor.x + 30, right: anchor.x + 200, top: 8, bottom: 30 },
    [-1]: { left: anchor.x, right: anchor.x + 190, top: 48, bottom: 70 },
  }[side];
  return [TOP_WORDS, wall, name];
}

export function takenByRibbon({ from, to, width }: RibbonSpan): Extent[] {
  return takenAlong(from, to, width / 2 + 3);
}

export function takenByLine(line: { readonly from: Point; readonly to: Point } | null): Extent[] {
  return line === null ? [] : takenAlong(line.from, line.to, 4);
}

export function takenByMark({ anchor, x, y }: StretchMark): Extent {
  const left = x - { start: 0, middle: MARK_PX.width / 2, end: MARK_PX.width }[anchor];
  return { left, right: left + MARK_PX.width, top: y - MARK_PX.height, bottom: y + 4 };
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

function overlap(a: Extent, b: Extent): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}
