import { DestroyRef, Directive, ElementRef, inject, input } from '@angular/core';
import { FramePacer } from './frame-pacer';

/**
 * Tells a drawing where the pointer has gone, once a frame. A listener in a template would have
 * the whole screen checked on every move, also on those that change nothing.
 */
@Directive({ selector: '[otterMoves]' })
export class PointerMoves {
  readonly otterMoves = input.required<(event: PointerEvent) => void>();

  constructor() {
    const pacer = inject(FramePacer);
    const drawing = inject<ElementRef<Element>>(ElementRef).nativeElement;
    drawing.addEventListener('pointermove', (event) =>
      pacer.keepUp(this, () => this.otterMoves()(event as PointerEvent)),
    );
    // Ahead of those who let go on the same event: the last move counts.
    drawing.addEventListener('pointerup', () => pacer.letGo(), { capture: true });
    inject(DestroyRef).onDestroy(() => pacer.forget(this));
  }
}
