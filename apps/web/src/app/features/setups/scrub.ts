import { Directive, input, output } from '@angular/core';

/** How far the pointer moves for one step, px: fine enough to aim, short enough for a phone. */
const PX_PER_STEP = 6;

/**
 * A figure's name that can be dragged to and fro to change the figure; typing
 * and the arrow keys do the same in its field.
 */
@Directive({
  selector: '[otterScrub]',
  host: {
    class: 'cursor-ew-resize touch-none select-none',
    '(pointerdown)': 'press($event)',
    '(pointermove)': 'move($event)',
    '(pointerup)': 'release()',
    '(pointercancel)': 'release()',
  },
})
export class Scrub {
  /** The figure as it stands. */
  readonly otterScrub = input.required<number>();
  readonly scrubStep = input(1);
  readonly scrubbed = output<number>();

  private held: { readonly x: number; readonly figure: number } | null = null;
  private steps = 0;

  protected press(event: PointerEvent): void {
    if (event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.held = { x: event.clientX, figure: this.otterScrub() };
    this.steps = 0;
  }

  protected move({ clientX }: PointerEvent): void {
    if (this.held === null) return;
    const steps = Math.round((clientX - this.held.x) / PX_PER_STEP);
    if (steps === this.steps) return;
    this.steps = steps;
    this.scrubbed.emit(this.held.figure + steps * this.scrubStep());
  }

  protected release(): void {
    this.held = null;
  }
}
