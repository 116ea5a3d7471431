import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { SHORT_TICK, tickColour, tickDashes } from './ribbon-geometry';

/** The printed ticks of a ribbon along a path, the short ones along one of their own. */
@Component({
  selector: 'svg:g[otterTicks]',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    fill: 'none',
    'stroke-opacity': '0.8',
    '[attr.stroke]': "caution() ? 'var(--pull)' : ink()",
  },
  template: `
    @if (dashes(); as dashes) {
      <svg:path
        [attr.d]="otterTicks()"
        [attr.stroke-width]="width()"
        [attr.stroke-dasharray]="dashes.long"
      />
      <svg:path
        [attr.d]="shortAlong()"
        [attr.stroke-width]="width() * shortTick"
        [attr.stroke-dasharray]="dashes.short"
      />
    }
  `,
})
export class RibbonTicks {
  /** Along the middle of the ribbon. */
  readonly otterTicks = input.required<string>();
  /** Along the middle of the short ticks. */
  readonly shortAlong = input.required<string>();
  /** Of the ribbon, px. */
  readonly width = input.required<number>();
  /** Drawn length of a metre of unstretched band. */
  readonly pxPerRestMetre = input.required<number>();
  /** Of the ribbon: the ticks stand out from it. */
  readonly colour = input.required<string>();
  readonly caution = input(false);

  protected readonly shortTick = SHORT_TICK;
  protected readonly dashes = computed(() => tickDashes(this.pxPerRestMetre()));
  protected readonly ink = computed(() => tickColour(this.colour()));
}
