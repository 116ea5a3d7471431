import { ChangeDetectionStrategy, Component, computed, input, linkedSignal } from '@angular/core';
import { askedOf, type ForceUnit, RANGE_90, strengthAt } from '@wiry-otter/core';
import {
  type Axes,
  type ChartLine,
  type ChartPoint,
  faded,
  type Inks,
  line,
  shadeTo,
} from '../ui/charts/chart-style';
import { demandInUnit, forceWord } from '../ui/quantities/figures';
import { LineChart } from '../ui/charts/line-chart';
import type { SceneSetup } from './scene-setup';

/** Another curve of the same exercise, drawn beside: a weight of equal mean, or the saved set-up. */
export interface OtherCurve {
  readonly words: string;
  readonly demand: readonly number[];
}

/** The mean demand aimed at, in the demand's own unit. */
export interface WantedMean {
  readonly from: number;
  readonly to: number;
}

/** Demand over the rep with ±, the way back, the wanted window and the strength shape. */
@Component({
  selector: 'otter-trace',
  imports: [LineChart],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './trace.html',
})
export class Trace {
  readonly setup = input.required<SceneSetup>();
  readonly unit = input.required<ForceUnit>();
  readonly wanted = input<WantedMean | null>(null);
  readonly sample = input.required<number>();
  readonly weight = input<OtherCurve | null>(null);
  readonly saved = input<OtherCurve | null>(null);

  protected readonly demandUnit = computed(() =>
    this.setup().solved.rig.prepared.unit === 'N' ? forceWord(this.unit()) : 'N·m',
  );

  /** The wanted means in the unit on show. */
  protected readonly wantedShown = computed(() => {
    const wanted = this.wanted();
    const { unit } = this.setup().solved.rig.prepared;
    if (wanted === null) return null;
    const shown = (value: number): number => demandInUnit(value, unit, this.unit());
    return { from: shown(wanted.from), to: shown(wanted.to) };
  });

  /** The curves in the unit on show. */
  private readonly curves = computed(() => {
    const { solved, spread, document } = this.setup();
    const { phase, unit } = solved.rig.prepared;
    const points = (value: (k: number) => number): ChartPoint[] => {
      const curve: ChartPoint[] = [];
      phase.forEach((x, k) => curve.push({ x, y: demandInUnit(value(k), unit, this.unit()) }));
      return curve;
    };
    const other = (curve: OtherCurve | null): ChartPoint[] =>
      curve === null ? [] : points((k) => curve.demand[k] ?? NaN);
    const { prepared } = solved.rig;
    const asked = askedOf(prepared, solved.buffers.signed);
    const back = askedOf(prepared, solved.buffers.signedLowering);
    const demand = (k: number): number => asked[k] as number;
    const range = (k: number): number => RANGE_90 * (spread?.demand[k] ?? 0);
    const { peak } = solved.summary;
    return {
      demand: points(demand),
      above: points((k) => demand(k) + range(k)),
      below: points((k) => Math.max(0, demand(k) - range(k))),
      lowering: points((k) => back[k] as number),
      weight: other(this.weight()),
      saved: other(this.saved()),
      strength: points((k) => peak * strengthAt(document.exercise.strength, phase[k] as number)),
    };
  });

  /** A few rows of the same figures, for those who do not see the chart. */
  protected readonly rows = computed(() => {
    const { demand, lowering } = this.curves();
    const last = demand.length - 1;
    return [0, 0.25, 0.5, 0.75, 1].map((share) => {
      const k = Math.round(share * last);
      return {
        phase: `${Math.round(share * 100)} %`,
        demand: demand[k]?.y.toFixed(1),
        lowering: lowering[k]?.y.toFixed(1),
      };
    });
  });

  private readonly greatest = computed(() => {
    const { lowering: _lowering, ...shown } = this.curves();
    return Object.values(shown)
      .flat()
      .reduce(
        (most, { y }) => (y > most ? y : most),
        (this.wantedShown()?.to ?? 0) * WANTED_HEADROOM,
      );
  });
  /** Where the upright axis ends: a round figure that stands still through most of a drag. */
  private readonly top = linkedSignal<AxisSource, number>({
    source: () => ({
      greatest: this.greatest(),
      of: `${this.setup().document.exercise.id} ${this.demandUnit()}`,
    }),
    computation: ({ greatest, of }, before) =>
      before?.source.of === of && greatest <= before.value && greatest > before.value * LEAST_FILLED
        ? before.value
        : roundAbove(greatest),
  });

  protected readonly axes = computed<Axes>(() => {
    return {
      x: {
        title: 'through the rep',
        min: 0,
        max: 1,
        step: 0.25,
        tick: (value) => ({ 0: 'start', 0.5: 'middle', 1: 'end' })[value] ?? '',
      },
      y: { title: this.demandUnit(), max: this.top() },
    };
  });

  protected readonly lines = computed(() => {
    const { demand, above, below, lowering, strength, weight, saved } = this.curves();
    const others = { weight: this.weight() !== null, saved: this.saved() !== null };
    const wanted = this.wantedShown();
    const here = demand[this.sample()];
    return (inks: Inks): ChartLine[] => [
      ...(wanted === null ? [] : wantedWindow(wanted, inks('range'))),
      { ...line(above, 'transparent'), ...IN_ORDER, borderWidth: 0 },
      { ...shadeTo(below, faded(inks('pull'), 0.2)), ...IN_ORDER },
      { ...line(strength, inks('faint')), ...IN_ORDER, borderWidth: 1, borderDash: [1, 4] },
      { ...line(lowering, inks('pull')), ...IN_ORDER, borderWidth: 1.5, borderDash: [5, 4] },
      ...(others.saved
        ? [{ ...line(saved, inks('faint')), borderWidth: 1.5, borderDash: [2, 3] }]
        : []),
      ...(others.weight
        ? [{ ...line(weight, inks('ink')), borderWidth: 2, borderDash: [8, 4] }]
        : []),
      { ...line(demand, inks('pull')), ...IN_ORDER },
      {
        data: here === undefined ? [] : [here],
        pointRadius: 5,
        // Whole also at the start and the end of the rep.
        clip: 8,
        pointBorderWidth: 2,
        pointBorderColor: inks('pull'),
        pointBackgroundColor: inks('sheet'),
      },
    ];
  });
}

/** The phases of a rep come in order: Chart.js takes the points as they are instead of its own copies. */
const IN_ORDER = { parsing: false } as const;

interface AxisSource {
  readonly greatest: number;
  /** What the axis is of; another thing begins afresh. */
  readonly of: string;
}

/** An axis stays as it is while the curves fill this share of it. */
const LEAST_FILLED = 0.45;

/** Room above the wanted window, so that its edge is seen. */
const WANTED_HEADROOM = 1.1;

/** Round ends of an axis within a decade. */
const ROUND = [1, 1.5, 2, 3, 4, 5, 6, 8, 10] as const;

/** The next round figure not below a value; 1 for nothing. */
function roundAbove(value: number): number {
  if (!(value > 0)) return 1;
  const decade = 10 ** Math.floor(Math.log10(value));
  return decade * (ROUND.find((round) => round * decade >= value) ?? 10);
}

/** The means that are wanted, as a shaded band across the chart. */
function wantedWindow({ from, to }: WantedMean, ink: string): ChartLine[] {
  const across = (y: number): ChartPoint[] => [
    { x: 0, y },
    { x: 1, y },
  ];
  return [
    { ...line(across(to), ink), borderWidth: 1 },
    { ...shadeTo(across(from), faded(ink, 0.16)), borderWidth: 1, borderColor: ink },
  ];
}
