import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { bandNames, askedOf, type ForceUnit } from '@wiry-otter/core';
import { demandInUnit } from '../../../ui/quantities/figures';
import type { FoundLine } from './found-lines';

/** Size of the small curve, px. */
const CURVE = { width: 54, height: 30 } as const;

/** One set-up that was found: its bands, where to stand, its figures and its curve in miniature. */
@Component({
  selector: 'otter-found-line',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    class: 'grid grid-cols-[minmax(0,1fr)_auto_54px] items-center gap-x-2 py-1 text-left',
  },
  template: `
    <span class="min-w-0 leading-tight">
      <span class="flex flex-wrap items-center gap-x-2 font-semibold">
        @for (band of line().bands; track $index) {
          <span
            class="inline-block w-6 flex-none border border-ink"
            [style.height.px]="4 + band.record.width_mm * 0.16"
            [style.background]="band.record.colour"
            aria-hidden="true"
          ></span>
        }
        {{ names() }}
        @if (help(); as words) {
          <span class="figure text-help">{{ words }}</span>
        }
      </span>
      <span class="block text-xs text-faint">{{ line().words }}</span>
      @if (mounting(); as words) {
        <span class="block text-xs text-faint">{{ words }}</span>
      }
      <span class="block text-xs"
        >{{ line().changeOver }}
        @if (line().warnings.length > 0) {
          <span class="whitespace-nowrap text-caution">△ {{ warningWords() }}</span>
        }
      </span>
    </span>
    <span class="figure flex items-baseline gap-x-2 text-sm text-pull">
      @for (figure of figures(); track figure.words) {
        <span class="w-9 text-right" [class.font-bold]="figure.words === 'mean'"
          ><span class="sr-only">{{ figure.words }} </span>{{ figure.figure
          }}<span class="block text-xs font-normal text-faint">
            @if (figure.spread) {
              ±{{ figure.spread }}
            }
          </span></span
        >
      }
    </span>
    <svg
      class="self-center"
      [attr.viewBox]="'0 0 ' + curve.width + ' ' + curve.height"
      [attr.width]="curve.width"
      [attr.height]="curve.height"
      aria-hidden="true"
    >
      <svg:line x1="0" y1="29" x2="54" y2="29" stroke="var(--hairline)" />
      <svg:path [attr.d]="path()" fill="none" stroke="var(--pull)" stroke-width="2" />
    </svg>
  `,
})
export class FoundLineView {
  readonly line = input.required<FoundLine>();
  readonly unit = input.required<ForceUnit>();
  /** What it takes to hook into its bands, in words. */
  readonly mounting = input<string | null>(null);
  /** The help that was asked for, where it was. */
  readonly help = input<string | null>(null);
  /** The greatest demand of all lines shown: their curves are drawn to one scale. */
  readonly greatest = input.required<number>();

  protected readonly curve = CURVE;
  protected readonly names = computed(() =>
    bandNames(this.line().bands.map(({ record }) => record)).join(' + '),
  );
  protected readonly warningWords = computed(() => {
    const { length } = this.line().warnings;
    return length === 1 ? 'one thing to see to' : `${length} things to see to`;
  });
  protected readonly figures = computed(() => {
    const { solved, spread } = this.line().solved;
    const { unit } = solved.rig.prepared;
    const write = (value: number): string => {
      const shown = demandInUnit(value, unit, this.unit());
      return shown.toFixed(unit === 'N' && this.unit() === 'N' ? 0 : 1);
    };
    return (['start', 'mean', 'end'] as const).map((words) => ({
      words,
      figure: write(solved.summary[words]),
      spread: words === 'mean' ? write(spread.mean) : '',
    }));
  });
  protected readonly path = computed(() => {
    const { buffers, rig } = this.line().solved.solved;
    const asked = askedOf(rig.prepared, buffers.signed);
    const last = asked.length - 1;
    const points = Array.from(asked, (value, k) => {
      const x = (k / last) * CURVE.width;
      const y = CURVE.height - 1 - (Math.max(0, value) / this.greatest()) * (CURVE.height - 4);
      return `${x.toFixed(1)} ${y.toFixed(1)}`;
    });
    return `M${points.join('L')}`;
  });
}
