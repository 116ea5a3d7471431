import type { Reading } from '@wiry-otter/contracts';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type ForceUnit, fromNewtons } from '@wiry-otter/core';
import {
  type Axes,
  type ChartLine,
  dots,
  faded,
  type Inks,
  line,
  shadeTo,
} from '../../ui/charts/chart-style';
import { forceWord } from '../../ui/quantities/figures';
import { LineChart } from '../../ui/charts/line-chart';
import type { KnownBand } from './band-law';
import { type CurvePoint, curveData } from './curve-data';

/** The law of a band with its ±, the pulls as dots and the label's claim beside it. */
@Component({
  selector: 'otter-band-curve',
  imports: [LineChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <otter-line-chart class="h-56" [lines]="lines()" [axes]="axes()" [label]="label()" />
    <ul class="mt-1 flex flex-wrap gap-x-4 gap-y-0.5 text-sm text-faint" aria-hidden="true">
      <li><span class="text-pull">━</span> law, with its 90 % range</li>
      @if (data().readings.length > 0) {
        <li><span class="text-pull">●</span> pull</li>
      }
      @if (data().wayBack.length > 0) {
        <li><span class="text-help">▲</span> on the way back</li>
      }
      @if (data().setAside.length > 0) {
        <li>✕ set aside</li>
      }
      @if (data().claim.length > 0) {
        <li><span class="text-caution">◇</span> the label's claim</li>
      }
    </ul>
  `,
})
export class BandCurve {
  readonly known = input.required<KnownBand>();
  readonly unit = input.required<ForceUnit>();
  /** Pulls to show; those of the standing measurement where undefined. */
  readonly readings = input<readonly Reading[]>();

  protected readonly data = computed(() => curveData(this.known(), this.readings()));
  protected readonly label = computed(
    () => `Pull of ${this.known().record.name} over stretch, in ${forceWord(this.unit())}`,
  );

  protected readonly axes = computed<Axes>(() => ({
    x: { title: 'stretch', min: 1, max: 3.1, tick: (value) => `×${value.toFixed(1)}` },
    y: { title: forceWord(this.unit()) },
  }));

  protected readonly lines = computed(() => {
    const data = this.data();
    const unit = this.unit();
    const inUnit = (points: readonly CurvePoint[]): CurvePoint[] =>
      points.map(({ x, y }) => ({ x, y: fromNewtons(y, unit) }));
    return (inks: Inks): ChartLine[] => [
      { ...line(inUnit(data.above), 'transparent'), borderWidth: 0 },
      shadeTo(inUnit(data.below), faded(inks('pull'), 0.18)),
      line(inUnit(data.line), inks('pull')),
      {
        ...dots(inUnit(data.claim), inks('caution'), 'rectRot', false),
        showLine: true,
        borderColor: inks('caution'),
        borderDash: [2, 4],
        borderWidth: 1,
      },
      dots(inUnit(data.readings), inks('pull'), 'circle', true),
      dots(inUnit(data.wayBack), inks('help'), 'triangle', true),
      dots(inUnit(data.setAside), inks('faint'), 'crossRot', false),
    ];
  });
}
