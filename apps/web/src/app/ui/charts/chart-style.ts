import type { ChartDataset, ChartOptions as AllOptions } from 'chart.js';

/** Colours of the theme in force, for drawings that cannot read CSS variables. */
export type Inks = (name: string) => string;

export interface ChartPoint {
  readonly x: number;
  readonly y: number;
}

export type ChartOptions = AllOptions<'line'>;

/** A line with its style, or points without one. */
export type ChartLine = ChartDataset<'line', ChartPoint[]>;

export interface Axes {
  readonly x: {
    readonly title: string;
    readonly min: number;
    readonly max: number;
    readonly tick?: (value: number) => string;
    /** Distance of the ticks; the chart's own choice unless given. */
    readonly step?: number;
  };
  /** With `max` the axis ends there whatever the lines; else it fits them. */
  readonly y: {
    readonly title: string;
    readonly max?: number;
    /** It begins near the lines, not at nothing. */
    readonly fitted?: boolean;
  };
}

/** The faces of the application: a canvas does not inherit them. */
const FAMILY = 'Digits, "Atkinson Hyperlegible Next", sans-serif';
const TITLE_PX = 13;
const FIGURE_PX = 12;

/** What a chart is written in, as `document.fonts` takes it. */
export const CHART_FONTS = [TITLE_PX, FIGURE_PX].map((size) => `${size}px ${FAMILY}`);

/** Fine rules, no legend: the lines are named beside the chart. */
export function chartOptions(inks: Inks, axes: Axes): ChartOptions {
  const font = { family: FAMILY, size: FIGURE_PX };
  const axis = {
    grid: { color: inks('hairline') },
    border: { color: inks('ink') },
  };
  const title = (text: string) => ({
    display: true,
    text,
    color: inks('faint'),
    font: { family: FAMILY, size: TITLE_PX },
  });
  return {
    animation: false,
    maintainAspectRatio: false,
    events: [],
    scales: {
      x: {
        ...axis,
        type: 'linear',
        min: axes.x.min,
        max: axes.x.max,
        title: { ...title(axes.x.title), display: axes.x.title !== '' },
        ticks: {
          color: inks('faint'),
          font,
          // Level words: the chart need not try how they fit at a slant.
          maxRotation: 0,
          includeBounds: false,
          ...(axes.x.step === undefined ? {} : { stepSize: axes.x.step }),
          ...(axes.x.tick === undefined
            ? {}
            : { callback: (value: string | number) => axes.x.tick?.(Number(value)) }),
        },
      },
      y: {
        ...axis,
        beginAtZero: axes.y.fitted !== true,
        ...(axes.y.max === undefined ? {} : { max: axes.y.max }),
        title: title(axes.y.title),
        // Enough to read by; each one more is measured and drawn anew on every frame of a drag.
        ticks: { color: inks('faint'), font, maxTicksLimit: 6 },
      },
    },
  };
}

/** A plain line without points. */
export function line(data: readonly ChartPoint[], colour: string): ChartLine {
  return { data: [...data], borderColor: colour, borderWidth: 2, pointRadius: 0, tension: 0 };
}

/** The lower edge of a shaded range; the dataset before it is the upper edge. */
export function shadeTo(data: readonly ChartPoint[], colour: string): ChartLine {
  return { ...line(data, 'transparent'), borderWidth: 0, fill: '-1', backgroundColor: colour };
}

/** Colour at a share of its strength, for shades. */
export function faded(colour: string, share: number): string {
  return `color-mix(in srgb, ${colour} ${Math.round(share * 100)}%, transparent)`;
}

/** Points without a line. */
export function dots(
  data: readonly ChartPoint[],
  colour: string,
  style: 'circle' | 'triangle' | 'rectRot' | 'crossRot',
  filled: boolean,
): ChartLine {
  return {
    data: [...data],
    showLine: false,
    pointStyle: style,
    pointRadius: 5,
    pointBorderColor: colour,
    pointBackgroundColor: filled ? colour : 'transparent',
    pointBorderWidth: 1.5,
  };
}
