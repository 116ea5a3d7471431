import { ApplicationRef, inject, Injectable } from '@angular/core';

/** What follows is done at the latest after so long, ms. */
const LATEST_MS = 100;

/** A frame that the machine is in time for, ms. */
const FRAME_MS = 17;
/** What follows leaves the hand so many times as long as it made a frame late. */
const REST = 2;

/** A long piece of work takes no further step in a frame after so long, ms. */
const STEPS_MS = 4;

interface FollowUp {
  readonly task: () => void;
  /** Since when it waits, ms. */
  readonly since: number;
}

/**
 * Divides a drag's work over the frames, so that none is long: what is under the hand has a frame
 * of its own, and what follows from it elsewhere on the screen takes the next frames in which the
 * hand changes nothing, one thing each. All of it is on the screen at the end of its frame: left to
 * itself, Angular may check between two frames, and the browser then lays the page out twice. On a
 * machine that is late with it, what follows comes less often.
 */
@Injectable({ providedIn: 'root' })
export class FramePacer {
  private readonly app = inject(ApplicationRef);
  private hand: { readonly owner: object; readonly move: () => void } | undefined;
  /** By whose they are, the oldest first. */
  private readonly followUps = new Map<object, FollowUp>();
  private stirred = false;
  private ahead = false;
  /** When the last frame of what follows began, until the next begins. */
  private followedAt: number | undefined;
  private restUntil = 0;

  /** Does this at the beginning of the next frame, instead of an earlier move not yet done. */
  keepUp(owner: object, move: () => void): void {
    this.hand = { owner, move };
    this.lookAhead();
  }

  /** Does this in a pause, instead of what the same owner had waiting for one. */
  follow(owner: object, task: () => void): void {
    const since = this.followUps.get(owner)?.since ?? performance.now();
    this.followUps.set(owner, { task, since });
    this.stirred = true;
    this.lookAhead();
  }

  /** Takes the steps of a long piece of work in pauses, a few in each, and hands over what they gave. */
  followInSteps<T>(owner: object, steps: Iterator<T, unknown>, done: (all: T[]) => void): void {
    const all: T[] = [];
    const take = (): void => {
      const until = performance.now() + STEPS_MS;
      do {
        const step = steps.next();
        if (step.done === true) return done(all);
        all.push(step.value);
      } while (performance.now() < until);
      this.follow(owner, take);
    };
    this.follow(owner, take);
  }

  /** What an owner had waiting is of no use any more. */
  forget(owner: object): void {
    this.followUps.delete(owner);
    if (this.hand?.owner === owner) this.hand = undefined;
  }

  /** The hand lets go: its last move is done at once. */
  letGo(): void {
    const hand = this.hand;
    this.hand = undefined;
    hand?.move();
  }

  private lookAhead(): void {
    if (this.ahead) return;
    this.ahead = true;
    requestAnimationFrame(() => {
      this.ahead = false;
      this.frame(performance.now());
      if (this.isBusy()) this.lookAhead();
    });
  }

  /** Whether the next frame has something to do, or tells how late the last one was. */
  private isBusy(): boolean {
    return this.hand !== undefined || this.followedAt !== undefined || this.followUps.size > 0;
  }

  private frame(now: number): void {
    if (this.followedAt !== undefined) {
      this.restUntil = now + REST * Math.max(0, now - this.followedAt - FRAME_MS);
      this.followedAt = undefined;
    }
    const [oldest] = this.followUps;
    const overdue = oldest !== undefined && now - oldest[1].since >= LATEST_MS;
    if (this.hand !== undefined && !overdue) {
      this.stirred = false;
      this.letGo();
      this.app.tick();
      // A move that changed something has brought something to follow: no pause.
      if (this.stirred) return;
    }
    if (oldest === undefined || (now < this.restUntil && !overdue)) return;
    this.followedAt = now;
    const [owner, { task }] = oldest;
    this.followUps.delete(owner);
    task();
    this.app.tick();
  }
}
