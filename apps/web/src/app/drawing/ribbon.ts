import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { SHORT_TICK } from './ribbon-geometry';
import { RibbonTicks } from './ribbon-ticks';
import { TagNotches } from './tag-notches';

/**
 * A band as a ribbon, drawn from the origin along +x, its middle on the axis:
 * the owner's colour, printed ticks that spread with stretch, the tag's notches
 * at its end. Beyond the caution stretch the ticks turn rust, the edge dashed.
 */
@Component({
  selector: 'svg:g[otterRibbon]',
  imports: [RibbonTicks, TagNotches],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg:rect
      x="0"
      [attr.y]="-width() / 2"
      [attr.width]="length()"
      [attr.height]="width()"
      [attr.fill]="colour()"
      [attr.stroke]="caution() ? 'var(--pull)' : 'var(--ink)'"
      [attr.stroke-width]="caution() ? 1.5 : 0.75"
      [attr.stroke-dasharray]="caution() ? '5 3' : null"
    />
    <svg:g
      [otterTicks]="'M0 0H' + length()"
      [shortAlong]="'M0 ' + shortTicksAt() + 'H' + length()"
      [width]="width()"
      [pxPerRestMetre]="length() / rest_m()"
      [colour]="colour()"
      [caution]="caution()"
    />
    <svg:g
      [otterNotches]="tag()"
      [width]="width()"
      [attr.transform]="'translate(' + length() + ' 0)'"
    />
  `,
})
export class Ribbon {
  /** Drawn length and width, px. */
  readonly length = input.required<number>();
  readonly width = input.required<number>();
  /** Unstretched length of what is drawn, m. */
  readonly rest_m = input.required<number>();
  readonly colour = input.required<string>();
  readonly tag = input<number | null>(null);
  readonly caution = input(false);

  /** The middle of the short ticks, which go in from the edge. */
  protected readonly shortTicksAt = computed(() => (this.width() * (SHORT_TICK - 1)) / 2);
}
