import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { FigurePart } from './body-shapes';

/** A drawn person: in ink, what is far a shade lighter; or a ghost of them at another time. */
@Component({
  selector: 'svg:g[otterFigure]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (ghost()) {
      @for (part of otterFigure(); track part.name) {
        <svg:path [attr.d]="part.path" fill="var(--ink)" fill-opacity="0.07" />
      }
    } @else {
      @for (part of otterFigure(); track part.name) {
        <svg:path
          [attr.d]="part.path"
          [attr.fill]="part.far ? 'color-mix(in srgb, var(--ink) 55%, var(--sheet))' : 'var(--ink)'"
          [attr.stroke]="part.name === 'neck' ? 'none' : 'var(--sheet)'"
          stroke-width="1.25"
        />
      }
    }
  `,
})
export class FigureShape {
  readonly otterFigure = input.required<readonly FigurePart[]>();
  readonly ghost = input(false);
}
