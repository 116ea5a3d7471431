import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ribbonTicks, tickColour, tickPaths } from './ribbon-geometry';
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
    <svg:g [attr.stroke]="caution() ? 'var(--pull)' : tickInk()" stroke-opacity="0.8">
      <svg:path [attr.d]="ticks().long" stroke-width="1.25" />
      <svg:path [attr.d]="ticks().short" stroke-width="0.9" />
    </svg:g>
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

  protected readonly ticks = computed(() =>
    tickPaths(ribbonTicks(this.length(), this.rest_m()), this.width()),
  );
  protected readonly tickInk = computed(() => tickColour(this.colour()));
}
