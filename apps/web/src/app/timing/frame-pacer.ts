import { ApplicationRef, inject, Injectable } from '@angular/core';

/** In a drag without pauses, what follows is done at the latest after so long, ms. */
const LATEST_MS = 100;

/**
 * Divides a drag's work over the frames, so that none is long: what is under the hand has a frame
 * of its own, and what follows from it elsewhere on the screen takes the next in which the hand
 * changes nothing. Both are on the screen at the end of their frame: left to itself, Angular may
 * check between two frames, and the browser then lays the page out twice.
 */
@Injectable({ providedIn: 'root' })
export class FramePacer {
  private readonly app = inject(ApplicationRef);
  private hand: (() => void) | undefined;
  private followUp: (() => void) | undefined;
  /** Since when something waits to follow, ms. */
  private since = Infinity;
  private ahead = false;

  /** Does this at the beginning of the next frame, instead of an earlier move not yet done. */
  keepUp(move: () => void): void {
    this.hand = move;
    this.lookAhead();
  }

  /** Does this in the next pause, instead of what was waiting for it. */
  follow(task: () => void): void {
    this.followUp = task;
    this.since = Math.min(this.since, performance.now());
    this.lookAhead();
  }

  /** The hand lets go: its last move is done at once, and nothing waits for a pause any more. */
  letGo(): void {
    this.hand?.();
    this.forget();
  }

  /** What was to be done is of no use any more. */
  forget(): void {
    this.hand = undefined;
    this.followUp = undefined;
    this.since = Infinity;
  }

  private lookAhead(): void {
    if (this.ahead) return;
    this.ahead = true;
    requestAnimationFrame(() => {
      this.ahead = false;
      this.frame();
      if (this.hand !== undefined || this.followUp !== undefined) this.lookAhead();
    });
  }

  private frame(): void {
    const waiting = this.followUp;
    const overdue = performance.now() - this.since >= LATEST_MS;
    const move = overdue ? undefined : this.hand;
    if (move !== undefined) {
      this.hand = undefined;
      move();
      this.app.tick();
    }
    // A move that changed something has brought something newer to follow.
    if (waiting === undefined || this.followUp !== waiting) return;
    this.followUp = undefined;
    this.since = Infinity;
    waiting();
    this.app.tick();
  }
}
