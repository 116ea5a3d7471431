import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { fromNewtons } from '@wiry-otter/core';
import {
  type Axes,
  type ChartLine,
  type ChartPoint,
  faded,
  type Inks,
  line,
  shadeTo,
} from '../../ui/charts/chart-style';
import { LineChart } from '../../ui/charts/line-chart';
import { forceQuantity, forceWord, quantityWords, stretchWord } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { GRADE_WORDS } from '../bands/band-law';
import { curveData } from '../bands/curve-data';
import { CompareStore } from './compare-store';

/** Dashes tell lines apart where colours are near each other. */
const DASHES = [[], [8, 4], [2, 3], [10, 3, 2, 3], [5, 5]];

/** Curves of several bands together, and their pulls at one stretch. */
@Component({
  selector: 'otter-compare',
  imports: [FormsModule, LineChart, Ribbon, RouterLink],
  providers: [CompareStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './compare.html',
})
export class Compare {
  protected readonly store = inject(CompareStore);
  protected readonly unitWord = computed(() => forceWord(this.store.unit()));
  protected readonly stretchWord = computed(() => stretchWord(this.store.stretch()));

  protected readonly rows = computed(() =>
    this.store.pulls().map(({ id, force_N, std_N, step }) => {
      const band = this.store.bandOf(id);
      return {
        id,
        name: band.record.name,
        colour: band.record.colour,
        grade: GRADE_WORDS[band.calibration?.grade ?? 'label'],
        beyond: this.store.stretch() > band.record.limit,
        quantity: forceQuantity(force_N, std_N, this.store.unit()),
        step: step === null ? '' : `+${(100 * step).toFixed(0)} %`,
      };
    }),
  );
  protected readonly sums = computed(() =>
    this.store.sums().map(({ pair, whole, difference_N, std_N }) => {
      const difference = forceQuantity(Math.abs(difference_N), std_N, this.store.unit());
      return {
        key: [...pair, whole].join(),
        words: `${this.nameOf(pair[0])} and ${this.nameOf(pair[1])} pull as ${this.nameOf(whole)}`,
        off: `${quantityWords(difference)} apart`,
      };
    }),
  );

  protected readonly axes = computed<Axes>(() => ({
    x: {
      title: 'stretch',
      min: 1,
      max: this.store.greatest(),
      tick: (value) => `×${value.toFixed(1)}`,
    },
    y: { title: forceWord(this.store.unit()) },
  }));

  protected readonly lines = computed(() => {
    const unit = this.store.unit();
    const picked = this.store.picked();
    const stretch = this.store.stretch();
    const inUnit = (points: readonly ChartPoint[]): ChartPoint[] =>
      points.map(({ x, y }) => ({ x, y: fromNewtons(y, unit) }));
    return (inks: Inks): ChartLine[] => {
      const top = Math.max(
        0,
        ...picked.map((band) => Math.max(0, ...curveData(band).above.map(({ y }) => y))),
      );
      const at = inUnit([
        { x: stretch, y: 0 },
        { x: stretch, y: top },
      ]);
      return [
        ...picked.flatMap((band, i) => {
          const { line: middle, above, below } = curveData(band);
          const { colour } = band.record;
          return [
            { ...line(inUnit(above), 'transparent'), borderWidth: 0 },
            shadeTo(inUnit(below), faded(colour, 0.25)),
            {
              ...line(inUnit(middle), colour),
              borderWidth: 2.5,
              borderDash: DASHES[i % DASHES.length] ?? [],
            },
          ];
        }),
        { ...line(at, inks('ink')), borderWidth: 1, borderDash: [4, 4] },
      ];
    };
  });

  private nameOf(id: string): string {
    return this.store.bandOf(id).record.name;
  }
}
