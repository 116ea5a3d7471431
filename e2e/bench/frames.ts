// How long the frames of a page take while a pointer is dragged to and fro.
import type { CDPSession, Page } from '@playwright/test';

/** Length of a drag, ms. */
export const DRAG_MS = 3000;
/** A pointer reports about so often, ms. */
const MOVE_MS = 16;
/** To and fro once in this time, ms. */
const SWING_MS = 1500;

/** A pointer that goes to and fro from a place, across or down. */
export interface Pointer {
  readonly x: number;
  readonly y: number;
  readonly down: boolean;
  /** How far it goes, px. */
  readonly across?: number;
  readonly along?: number;
}

/**
 * Moves the pointer to and fro for a while, as a mouse does: whether or not the page keeps up.
 * Returns how long each frame took, ms.
 */
export async function framesWhile(
  page: Page,
  client: CDPSession,
  pointer: Pointer,
): Promise<number[]> {
  await page.evaluate(() => {
    const frames: number[] = [];
    let last = performance.now();
    // A method: the loader wraps named functions in a helper that the page does not know.
    const going = {
      on: true,
      tick(now: number): void {
        frames.push(now - last);
        last = now;
        if (going.on) requestAnimationFrame((next) => going.tick(next));
      },
    };
    Object.assign(window, { otterFrames: frames, otterGoing: going });
    requestAnimationFrame((now) => going.tick(now));
  });
  const began = performance.now();
  const moves: Promise<unknown>[] = [];
  for (let at = 0; at < DRAG_MS; at += MOVE_MS) {
    const early = began + at - performance.now();
    if (early > 0) await new Promise((resolve) => setTimeout(resolve, early));
    const share = (1 - Math.cos((at * 2 * Math.PI) / SWING_MS)) / 2;
    moves.push(
      client.send('Input.dispatchMouseEvent', {
        type: 'mouseMoved',
        x: pointer.x + (pointer.across ?? 0) * share,
        y: pointer.y + (pointer.along ?? 0) * share,
        button: pointer.down ? 'left' : 'none',
        buttons: pointer.down ? 1 : 0,
      }),
    );
  }
  await Promise.all(moves);
  return page.evaluate(() => {
    const { otterFrames, otterGoing } = window as unknown as {
      otterFrames: number[];
      otterGoing: { on: boolean };
    };
    otterGoing.on = false;
    return otterFrames.slice(2);
  });
}

export const longest = (frames: readonly number[]): number => Math.max(...frames);
export const middle = (frames: readonly number[]): number =>
  [...frames].sort((a, b) => a - b)[frames.length >> 1] ?? NaN;

/** The time that all but one in twenty frames keep to, ms. */
export const nearlyAll = (frames: readonly number[]): number =>
  [...frames].sort((a, b) => a - b)[Math.floor(0.95 * frames.length)] ?? NaN;
