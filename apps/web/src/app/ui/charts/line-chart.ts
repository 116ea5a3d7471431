import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  type ElementRef,
  inject,
  input,
  viewChild,
} from '@angular/core';
import {
  CategoryScale,
  Chart,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
} from 'chart.js';
import { Theme } from '../theme/theme';
import { FramePacer } from '../timing/frame-pacer';
import {
  type Axes,
  CHART_FONTS,
  type ChartLine,
  type ChartOptions,
  type ChartPoint,
  chartOptions,
  type Inks,
} from './chart-style';

Chart.register(
  CategoryScale,
  Filler,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  ScatterController,
);

/** A Chart.js line chart in the chart room's inks; follows its data without animation. */
@Component({
  selector: 'otter-line-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'relative block' },
  template: `<canvas #canvas role="img" [attr.aria-label]="label()"></canvas>`,
})
export class LineChart {
  /** Builds the lines from the inks of the theme; called again when its signals change. */
  readonly lines = input.required<(inks: Inks) => readonly ChartLine[]>();
  readonly axes = input.required<Axes>();
  readonly label = input.required<string>();

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly theme = inject(Theme);
  private readonly inks = computed(() => inksOf(this.theme.theme()));
  private readonly options = computed(() => chartOptions(this.inks(), this.axes()));
  private chart: Chart<'line', ChartPoint[]> | undefined;
  private shownOptions: ChartOptions | undefined;
  private readonly pacer = inject(FramePacer);
  /** Whether the chart is worked out without being drawn. */
  private isHeld = false;

  constructor() {
    afterRenderEffect(() => {
      const lines = [...this.lines()(this.inks())];
      const options = this.options();
      if (this.chart === undefined) this.draw(lines, options);
      else this.pacer.follow(this, () => this.draw(lines, options));
    });
    inject(DestroyRef).onDestroy(() => {
      this.pacer.forget(this);
      this.chart?.destroy();
      this.chart = undefined;
    });
    // A canvas does not wait for the fonts, nor draw again when they have come; without them
    // the fallback faces stay. The text names a letter and a digit: each has its own face.
    void Promise.allSettled(CHART_FONTS.map((font) => document.fonts.load(font, 'N0'))).then(() =>
      this.chart?.update('none'),
    );
  }

  /** Chart.js works out afresh whatever it is given anew, so it is given only what is new. */
  private draw(lines: ChartLine[], options: ChartOptions): void {
    if (this.chart === undefined) {
      this.chart = new Chart(this.canvas().nativeElement, {
        type: 'line',
        data: { datasets: lines },
        options,
        plugins: [{ id: 'held', beforeRender: () => !this.isHeld }],
      });
    } else {
      const shown = this.chart.data.datasets;
      const alike = styleOf(shown) === styleOf(lines);
      if (alike) shown.forEach((dataset, i) => (dataset.data = lines[i]?.data ?? []));
      else this.chart.data.datasets = lines;
      if (alike && options === this.shownOptions && this.axes().y.max !== undefined) {
        moveLines(this.chart);
      } else {
        if (options !== this.shownOptions) this.chart.options = options;
        this.updateThenDraw(this.chart);
      }
    }
    this.shownOptions = options;
  }

  /** An update of everything takes as long as two other frames: what it gives is drawn in another. */
  private updateThenDraw(chart: Chart<'line', ChartPoint[]>): void {
    this.isHeld = true;
    chart.update('none');
    this.isHeld = false;
    this.pacer.follow(this, () => chart.render());
  }
}

/** Draws new points on axes that stand still: half the work of an update of everything. */
function moveLines(chart: Chart<'line', ChartPoint[]>): void {
  for (let i = 0; i < chart.data.datasets.length; i++) {
    const { controller } = chart.getDatasetMeta(i);
    controller.buildOrUpdateElements(false);
    controller.update('none');
  }
  chart.render();
}

/** How lines are drawn, whatever they show. */
function styleOf(lines: readonly ChartLine[]): string {
  return JSON.stringify(lines.map((line) => ({ ...line, data: null })));
}

/** The theme's colours, each looked up once: the browser works out all styles for the first. */
function inksOf(_theme: string): Inks {
  const style = getComputedStyle(document.documentElement);
  const known = new Map<string, string>();
  return (name) => {
    const ink = known.get(name) ?? style.getPropertyValue(`--${name}`).trim();
    known.set(name, ink);
    return ink;
  };
}
