import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { SHORT_TICK, tickColour, tickDashes } from './ribbon-geometry';
import { TagNotches } from './tag-notches';

/**
 * A band as a ribbon, drawn from the origin along +x, its middle on the axis:
 * the owner's colour, printed ticks that spread with stretch, the tag's notches
 * at its end. Beyond the caution stretch the ticks turn rust, the edge dashed.
 */
@Component({
  selector: 'svg:g[otterRibbon]',
  imports: [TagNotches],
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
    @if (ticks(); as dashes) {
      <svg:g [attr.stroke]="caution() ? 'var(--pull)' : tickInk()" stroke-opacity="0.8">
        <svg:line
          [attr.x2]="length()"
          [attr.stroke-width]="width()"
          [attr.stroke-dasharray]="dashes.long"
        />
        <svg:line
          [attr.x2]="length()"
          [attr.y1]="shortTicksAt()"
          [attr.y2]="shortTicksAt()"
          [attr.stroke-width]="width() * shortTick"
          [attr.stroke-dasharray]="dashes.short"
        />
      </svg:g>
    }
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

  protected readonly shortTick = SHORT_TICK;
  protected readonly ticks = computed(() => tickDashes(this.length() / this.rest_m()));
  /** The middle of the short ticks, which go in from the edge. */
  protected readonly shortTicksAt = computed(() => (this.width() * (SHORT_TICK - 1)) / 2);
  protected readonly tickInk = computed(() => tickColour(this.colour()));
}
