import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  DestroyRef,
  type ElementRef,
  inject,
  input,
  viewChild,
} from '@angular/core';
import {
  CategoryScale,
  Chart,
  type ChartConfiguration,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
} from 'chart.js';
import { Theme } from '../shell/theme';

Chart.register(
  CategoryScale,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
);

export type LineChartConfiguration = ChartConfiguration<'line', { x: number; y: number }[]>;

/** The faces the axes are written in. */
const FONTS = ['13px "Atkinson Hyperlegible Next"', '12px "Atkinson Hyperlegible Mono"'];

/** Colours of the theme in force, for drawings that cannot read CSS variables. */
export type Inks = (name: string) => string;

/** A Chart.js line chart in the chart room's inks; follows its data without animation. */
@Component({
  selector: 'otter-line-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'relative block' },
  template: `<canvas #canvas role="img" [attr.aria-label]="label()"></canvas>`,
})
export class LineChart {
  /** Builds the configuration from the inks of the theme; called again when its signals change. */
  readonly configure = input.required<(inks: Inks) => LineChartConfiguration>();
  readonly label = input.required<string>();

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly theme = inject(Theme);
  private chart: Chart<'line', { x: number; y: number }[]> | undefined;

  constructor() {
    afterRenderEffect(() => {
      this.theme.theme();
      this.draw(this.configure()(inkOf));
    });
    inject(DestroyRef).onDestroy(() => {
      this.chart?.destroy();
      this.chart = undefined;
    });
    // A canvas does not wait for the fonts, nor draw again when they have come; without them
    // the fallback faces stay.
    void Promise.allSettled(FONTS.map((font) => document.fonts.load(font))).then(() =>
      this.chart?.update('none'),
    );
  }

  private draw(configuration: LineChartConfiguration): void {
    if (this.chart === undefined) {
      this.chart = new Chart(this.canvas().nativeElement, {
        ...configuration,
        options: { animation: false, maintainAspectRatio: false, ...configuration.options },
      });
      return;
    }
    this.chart.data = configuration.data;
    this.chart.options = {
      animation: false,
      maintainAspectRatio: false,
      ...configuration.options,
    };
    this.chart.update('none');
  }
}

function inkOf(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
}
