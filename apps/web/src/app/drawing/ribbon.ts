import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ribbonTicks, tagNotches, tickColour, tickPaths } from './ribbon-geometry';

/**
 * A band as a ribbon, drawn from the origin along +x, its middle on the axis:
 * the owner's colour, printed ticks that spread with stretch, the tag's notches
 * at its end. Beyond the caution stretch the ticks turn rust, the edge dashed.
 */
@Component({
  selector: 'svg:g[otterRibbon]',
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
    @for (notch of notches(); track $index) {
      @if (notch.long) {
        <svg:rect
          [attr.x]="length() - notch.from - notch.width"
          [attr.y]="-width() / 2 - 0.5"
          [attr.width]="notch.width"
          [attr.height]="depth() * 1.5"
          fill="var(--sheet)"
        />
      } @else {
        <svg:path
          [attr.d]="
            'M' +
            (length() - notch.from - notch.width) +
            ' ' +
            (-width() / 2 - 0.5) +
            ' h' +
            notch.width +
            ' l' +
            -notch.width / 2 +
            ' ' +
            depth() +
            ' z'
          "
          fill="var(--sheet)"
        />
      }
    }
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
  protected readonly notches = computed(() => tagNotches(this.tag()));
  protected readonly tickInk = computed(() => tickColour(this.colour()));
  protected readonly depth = computed(() => Math.min(6, this.width() * 0.55));
}
