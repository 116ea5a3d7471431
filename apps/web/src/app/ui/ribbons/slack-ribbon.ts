import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { HangingCurve } from './hanging-curve';
import { SHORT_TICK, tickColour, tickDashes } from './ribbon-geometry';
import { TagNotches } from './tag-notches';

/** A band that hangs slack between two places: the ribbon's colour, ticks and notches along a curve. */
@Component({
  selector: 'svg:g[otterSlackRibbon]',
  imports: [TagNotches],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg:g fill="none">
      <svg:path [attr.d]="path()" stroke="var(--ink)" [attr.stroke-width]="width() + 1.5" />
      <svg:path [attr.d]="path()" [attr.stroke]="colour()" [attr.stroke-width]="width()" />
      @if (ticks(); as dashes) {
        <svg:g [attr.stroke]="tickInk()" stroke-opacity="0.8">
          <svg:path
            [attr.d]="path()"
            [attr.stroke-width]="width()"
            [attr.stroke-dasharray]="dashes.long"
          />
          <svg:path
            [attr.d]="path()"
            [attr.stroke-width]="width() * shortTick"
            [attr.stroke-dasharray]="dashes.short"
          />
        </svg:g>
      }
    </svg:g>
    <svg:g
      [otterNotches]="tag()"
      [width]="width()"
      [attr.transform]="
        'translate(' +
        otterSlackRibbon().to.x +
        ' ' +
        otterSlackRibbon().to.y +
        ') rotate(' +
        endAngle_deg() +
        ')'
      "
    />
  `,
})
export class SlackRibbon {
  readonly otterSlackRibbon = input.required<HangingCurve>();
  readonly width = input.required<number>();
  readonly pxPerMetre = input.required<number>();
  readonly colour = input.required<string>();
  readonly tag = input<number | null>(null);

  protected readonly shortTick = SHORT_TICK;
  protected readonly ticks = computed(() => tickDashes(this.pxPerMetre()));
  protected readonly path = computed(() => {
    const { from, to, control } = this.otterSlackRibbon();
    return `M${from.x} ${from.y}Q${control.x} ${control.y} ${to.x} ${to.y}`;
  });
  protected readonly endAngle_deg = computed(() => {
    const { to, control } = this.otterSlackRibbon();
    return (Math.atan2(to.y - control.y, to.x - control.x) * 180) / Math.PI;
  });
  protected readonly tickInk = computed(() => tickColour(this.colour()));
}
