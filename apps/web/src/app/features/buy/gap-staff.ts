import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Gap, LadderTarget } from '@wiry-otter/core';

const WIDTH = 300;

/** A ladder's gaps on a lying staff, from its first end to its last: of loads logarithmic. */
@Component({
  selector: 'otter-gap-staff',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      class="block w-full"
      [attr.viewBox]="'0 0 ' + width + ' 22'"
      role="img"
      [attr.aria-label]="label()"
    >
      @for (gap of drawn(); track $index) {
        <svg:rect
          [attr.x]="gap.x"
          y="3"
          [attr.width]="gap.width"
          height="11"
          fill="color-mix(in srgb, var(--stop) 22%, transparent)"
          stroke="var(--stop)"
        />
      }
      <svg:line x1="0" [attr.x2]="width" y1="15" y2="15" stroke="var(--ink)" stroke-width="2" />
      <svg:line x1="1" x2="1" y1="5" y2="20" stroke="var(--ink)" stroke-width="2" />
      <svg:line
        [attr.x1]="width - 1"
        [attr.x2]="width - 1"
        y1="5"
        y2="20"
        stroke="var(--ink)"
        stroke-width="2"
      />
    </svg>
  `,
})
export class GapStaff {
  readonly target = input.required<LadderTarget>();
  readonly gaps = input.required<readonly Gap[]>();

  protected readonly width = WIDTH;
  protected readonly drawn = computed(() => {
    const { from, metric, to } = this.target();
    const share = (value: number): number =>
      metric === 'assistMean'
        ? (from - value) / (from - to)
        : Math.log(value / from) / Math.log(to / from);
    return this.gaps().map(({ above, below }) => {
      const ends = [share(below) * WIDTH, share(above) * WIDTH];
      return {
        x: Math.min(...ends),
        width: Math.max(2, Math.abs((ends[1] ?? 0) - (ends[0] ?? 0))),
      };
    });
  });
  protected readonly label = computed(() => {
    const { length } = this.gaps();
    return length === 0 ? 'no gap' : length === 1 ? 'one gap' : `${length} gaps`;
  });
}
