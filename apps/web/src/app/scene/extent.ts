import type { Point } from '../ui/figure/limb-path';
import { SCENE } from './scene-geometry';

/** A rectangle on the drawing, px. */
export interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** How wide words are, and how far they reach up and down from their baseline, px. */
export interface WordsSize {
  readonly width: number;
  readonly up: number;
  readonly down: number;
}

/** Whether words may stand there: on the drawing, over its floor, clear of all that is taken. */
export function isFree(own: Extent, taken: readonly Extent[]): boolean {
  const inside =
    own.left >= 0 && own.right <= SCENE.width && own.top >= 0 && own.bottom <= SCENE.floor;
  return inside && !taken.some((other) => overlap(own, other));
}

/** How finely free places are looked for, px. */
const STEP_PX = 14;
/** Kept free at the edges of the drawing, px. */
const EDGE_PX = 14;

/**
 * The free place whose middle is nearest to another: the left end of the words' baseline; null where
 * nothing is free.
 */
export function nearestFree(words: WordsSize, to: Point, taken: readonly Extent[]): Point | null {
  let nearest: Point | null = null;
  let least = Infinity;
  for (let y = EDGE_PX + words.up; y <= SCENE.floor - words.down; y += STEP_PX) {
    for (let x = EDGE_PX; x <= SCENE.width - EDGE_PX - words.width; x += STEP_PX) {
      const off = Math.hypot(x + words.width / 2 - to.x, y - to.y);
      if (off >= least || !isFree(extentOf({ x, y }, words), taken)) continue;
      nearest = { x, y };
      least = off;
    }
  }
  return nearest;
}

/** What words take up, from their baseline's left end. */
export function extentOf({ x, y }: Point, { width, up, down }: WordsSize): Extent {
  return { left: x, right: x + width, top: y - up, bottom: y + down };
}

function overlap(a: Extent, b: Extent): boolean {
  return a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
}
