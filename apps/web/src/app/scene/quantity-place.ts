import type { Point } from '../ui/figure/limb-path';
import { SCENE } from './scene-geometry';
import { type Extent, extentOf, isFree, nearestFree } from './extent';

/** Width of a digit of the large figure, of its point or sign, and of the ± and unit beside it, px. */
const WIDTH = { digit: 26, other: 14, beside: 60 } as const;
/** Room between the figure and what stands beside it, px. */
const BESIDE_GAP_PX = 6;
/** How far the figure and the words under it reach from their baseline, px. */
const HEIGHT = { up: 38, down: 24 } as const;
/** Where it stands if nothing is free: at the left edge, over the floor, px. */
const NOWHERE: Point = { x: 14, y: SCENE.floor - HEIGHT.down };
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
  /** As it is written. */
  readonly figure: string;
  /** By the person, the bands and other words. */
  readonly taken: readonly Extent[];
}

/** Where the ± and the unit of a figure begin, from its own beginning, px. */
export function besideFigure(figure: string): number {
  const digits = figure.replace(/\D/g, '').length;
  return WIDTH.digit * digits + WIDTH.other * (figure.length - digits) + BESIDE_GAP_PX;
}

/**
 * Where the large figure stands: the free place nearest to where it acts; where
 * nothing is free, at the lower left edge. A figure that jumps cannot be read:
 * it stays where it stood as long as that is free and near.
 */
export function quantityPlace(
  { figure, pull, taken }: FigureNeeds,
  before?: FigureStand,
): FigureStand {
  const words = { ...HEIGHT, width: besideFigure(figure) + WIDTH.beside };
  if (before !== undefined) {
    const moved = Math.hypot(pull.x - before.pull.x, pull.y - before.pull.y);
    if (moved <= KEPT_PX && isFree(extentOf(before.at, words), taken)) return before;
  }
  return { at: nearestFree(words, pull, taken) ?? NOWHERE, pull };
}
