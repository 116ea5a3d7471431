import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { massFigure, toKilograms } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { type Axes, type ChartLine, dots, type Inks, line } from '../../ui/charts/chart-style';
import { LineChart } from '../../ui/charts/line-chart';
import { NumberInput } from '../../ui/fields/number-input';
import { SheetStore } from './sheet-store';

const DAY_MS = 86_400_000;

/** What a person weighed over time, and what they weigh today. */
@Component({
  selector: 'otter-body-masses',
  imports: [LineChart, NumberInput],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block min-w-0' },
  template: `
    <section aria-labelledby="masses">
      <h3 id="masses" class="rule-below pb-1 font-bold">Body mass</h3>
      @if (points().length > 1) {
        <otter-line-chart class="mt-2 h-36" [lines]="lines()" [axes]="axes()" [label]="label()" />
      } @else {
        <p class="mt-2 text-faint">Drawn over time from the second weighing on.</p>
      }
      <label class="field mt-2 w-56"
        >Weighed today, {{ unit() }}
        <input
          class="figure w-28"
          [otterNumber]="''"
          [placeholder]="present()"
          (given)="weigh($event)"
      /></label>
    </section>
  `,
})
export class BodyMasses {
  private readonly sheet = inject(SheetStore);

  protected readonly unit = computed(() => this.sheet.units().mass);
  protected readonly present = computed(() => {
    const mass_kg = this.sheet.person()?.mass_kg;
    return mass_kg === undefined ? '' : massFigure(mass_kg, this.unit());
  });
  protected readonly points = computed(() =>
    (this.sheet.person()?.bodyMasses ?? []).map(({ mass_kg, on }) => ({
      x: parseISO(on).getTime() / DAY_MS,
      y: Number(massFigure(mass_kg, this.unit())),
    })),
  );
  protected readonly label = computed(() => {
    const told = this.points().map(({ x, y }) => `${dayWords(x)} ${y}`);
    return `Body mass over time, ${this.unit()}: ${told.join(', ')}`;
  });
  protected readonly axes = computed((): Axes => {
    const days = this.points().map(({ x }) => x);
    const [min, max] = [Math.min(...days), Math.max(...days)];
    const margin = 0.05 * (max - min);
    return {
      x: { title: '', min: min - margin, max: max + margin, tick: dayWords },
      y: { title: this.unit(), fitted: true },
    };
  });
  protected readonly lines = computed(() => {
    const points = this.points();
    return (inks: Inks): ChartLine[] => [
      line(points, inks('ink')),
      dots(points, inks('ink'), 'circle', true),
    ];
  });

  protected weigh(given: number | null): void {
    if (given !== null) this.sheet.weigh(toKilograms(given, this.unit()));
  }
}

function dayWords(day: number): string {
  return format(new Date(day * DAY_MS), 'd MMM');
}
