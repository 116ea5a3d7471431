/**
 * Does something once nothing has happened for a while. Meant for what happens on every frame:
 * the timer is not set anew each time, it looks when it was last told.
 */
export class AtRest {
  private last = 0;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly rest_ms: number,
    private readonly task: () => void,
  ) {}

  /** Something happened: rest begins anew. */
  restart(): void {
    this.last = performance.now();
    this.timer ??= setTimeout(() => this.look(), this.rest_ms);
  }

  cancel(): void {
    clearTimeout(this.timer);
    this.timer = undefined;
  }

  private look(): void {
    const left_ms = this.last + this.rest_ms - performance.now();
    this.timer = left_ms > 0 ? setTimeout(() => this.look(), left_ms) : undefined;
    if (this.timer === undefined) this.task();
  }
}
