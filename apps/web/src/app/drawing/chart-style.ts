import type { Inks, LineChartConfiguration } from './line-chart';

type Options = NonNullable<LineChartConfiguration['options']>;
type Dataset = LineChartConfiguration['data']['datasets'][number];

export interface Axes {
  readonly x: {
    readonly title: string;
    readonly min: number;
    readonly max: number;
    readonly tick?: (value: number) => string;
  };
  readonly y: { readonly title: string; readonly max?: number };
}

/** Fine rules, mono figures, no legend: the lines are named beside the chart. */
export function chartOptions(inks: Inks, axes: Axes): Options {
  const font = { family: 'Atkinson Hyperlegible Mono, monospace', size: 12 };
  const axis = {
    grid: { color: inks('hairline') },
    border: { color: inks('ink') },
  };
  const title = (text: string) => ({
    display: true,
    text,
    color: inks('faint'),
    font: { family: 'Atkinson Hyperlegible Next, sans-serif', size: 13 },
  });
  return {
    events: [],
    scales: {
      x: {
        ...axis,
        type: 'linear',
        min: axes.x.min,
        max: axes.x.max,
        title: title(axes.x.title),
        ticks: {
          color: inks('faint'),
          font,
          includeBounds: false,
          ...(axes.x.tick === undefined
            ? {}
            : { callback: (value: string | number) => axes.x.tick?.(Number(value)) }),
        },
      },
      y: {
        ...axis,
        beginAtZero: true,
        ...(axes.y.max === undefined ? {} : { suggestedMax: axes.y.max }),
        title: title(axes.y.title),
        ticks: { color: inks('faint'), font },
      },
    },
  };
}

/** A plain line without points. */
export function line(data: readonly { x: number; y: number }[], colour: string): Dataset {
  return { data: [...data], borderColor: colour, borderWidth: 2, pointRadius: 0, tension: 0 };
}

/** The lower edge of a shaded range; the dataset before it is the upper edge. */
export function shadeTo(data: readonly { x: number; y: number }[], colour: string): Dataset {
  return { ...line(data, 'transparent'), borderWidth: 0, fill: '-1', backgroundColor: colour };
}

/** Colour at a share of its strength, for shades. */
export function faded(colour: string, share: number): string {
  return `color-mix(in srgb, ${colour} ${Math.round(share * 100)}%, transparent)`;
}

/** Points without a line. */
export function dots(
  data: readonly { x: number; y: number }[],
  colour: string,
  style: 'circle' | 'triangle' | 'rectRot' | 'crossRot',
  filled: boolean,
): Dataset {
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
