/** Between two frames of a screen that is in time, ms. */
const FRAME_MS = 16;

/**
 * The browser's frames and clock in the spec's hands, so that no spec depends on how busy the
 * machine is. Made in `beforeEach`; Jasmine takes the spies away.
 */
export class Frames {
  /** What `performance.now()` says, ms; a spec may move it on. */
  now = 0;
  private waiting = new Map<number, FrameRequestCallback>();
  private asked = 0;

  constructor() {
    spyOn(performance, 'now').and.callFake(() => this.now);
    spyOn(window, 'requestAnimationFrame').and.callFake((callback) => {
      this.waiting.set(++this.asked, callback);
      return this.asked;
    });
    spyOn(window, 'cancelAnimationFrame').and.callFake((id) => void this.waiting.delete(id));
  }

  /** Whether somebody waits for a frame. */
  get areWanted(): boolean {
    return this.waiting.size > 0;
  }

  /** The browser comes to its next frame, at this time. */
  next(at_ms = this.now + FRAME_MS): void {
    this.now = at_ms;
    const due = this.waiting;
    this.waiting = new Map();
    for (const callback of due.values()) callback(this.now);
  }
}
