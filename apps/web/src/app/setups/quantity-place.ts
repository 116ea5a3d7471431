import type { Point } from '../drawing/limb-path';
import { SCENE } from './scene-geometry';
import { type Extent, overlap } from './taken-extents';

/** Width of a digit of the large figure, and of the ± and unit beside it, px. */
const WIDTH = { digit: 24, beside: 60 } as const;
/** How far the figure and the words under it reach from their baseline, px. */
const HEIGHT = { up: 38, down: 24 } as const;
/** Kept free at the edges of the drawing, px. */
const EDGE_PX = 14;
/** How finely free places are looked for, px. */
const STEP_PX = 14;
/** The figure stays where it stands while the pull moves no farther than this, px. */
const KEPT_PX = 60;

/** Where the large figure stands, and where the band pulled when that place was found. */
export interface FigureStand {
  readonly at: Point;
  readonly pull: Point;
}

/** What the large figure's place is looked for by. */
export interface FigureNeeds {
  /** Where the figure acts, px. */
  readonly pull: Point;
  /** Number of the figure's characters. */
  readonly digits: number;
  /** By the person, the bands and other words. */
  readonly taken: readonly Extent[];
}

/**
 * Where the large figure stands: the free place nearest to where it acts; where
 * nothing is free, at the lower left edge. A figure that jumps cannot be read:
 * it stays where it stood as long as that is free and near.
 */
export function quantityPlace(
  { digits, pull, taken }: FigureNeeds,
  before?: FigureStand,
): FigureStand {
  const width = WIDTH.digit * digits + WIDTH.beside;
  if (before !== undefined) {
    const moved = Math.hypot(pull.x - before.pull.x, pull.y - before.pull.y);
    if (moved <= KEPT_PX && isFree(extentOf(before.at, width), taken)) return before;
  }
  return { at: nearestFree(pull, width, taken), pull };
}

function nearestFree(pull: Point, width: number, taken: readonly Extent[]): Point {
  let nearest = { x: EDGE_PX, y: SCENE.floor - HEIGHT.down };
  let least = Infinity;
  for (let y = EDGE_PX + HEIGHT.up; y <= SCENE.floor - HEIGHT.down; y += STEP_PX) {
    for (let x = EDGE_PX; x <= SCENE.width - EDGE_PX - width; x += STEP_PX) {
      const off = Math.hypot(x + width / 2 - pull.x, y - pull.y);
      if (off >= least) continue;
      if (!isFree(extentOf({ x, y }, width), taken)) continue;
      nearest = { x, y };
      least = off;
    }
  }
  return nearest;
}

/** What the figure takes up, from its baseline's beginning. */
function extentOf({ x, y }: Point, width: number): Extent {
  return { left: x, right: x + width, top: y - HEIGHT.up, bottom: y + HEIGHT.down };
}

function isFree(own: Extent, taken: readonly Extent[]): boolean {
  return !taken.some((other) => overlap(own, other));
}
