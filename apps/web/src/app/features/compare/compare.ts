import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  canBeUsed,
  type ComparedBand,
  comparePulls,
  equalSums,
  fromNewtons,
  GLANCE_STRETCH,
} from '@wiry-otter/core';
import { GRADE_WORDS, type KnownBand } from '../bands/band-law';
import { curveData } from '../bands/curve-data';
import {
  type Axes,
  type ChartLine,
  type ChartPoint,
  faded,
  type Inks,
  line,
  shadeTo,
} from '../../ui/charts/chart-style';
import { forceQuantity, forceWord, quantityWords, stretchWord } from '../../ui/quantities/figures';
import { LineChart } from '../../ui/charts/line-chart';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { selectForceUnit, selectKnownBands } from '../../records/selectors';

/** Picked to begin with; more make the first look hard to read. */
const FIRST_PICKED = 5;
/** Dashes tell lines apart where colours are near each other. */
const DASHES = [[], [8, 4], [2, 3], [10, 3, 2, 3], [5, 5]];

/** Curves of several bands together, and their pulls at one stretch. */
@Component({
  selector: 'otter-compare',
  imports: [FormsModule, LineChart, Ribbon, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './compare.html',
})
export class Compare {
  private readonly store = inject(Store);
  private readonly all = this.store.selectSignal(selectKnownBands);

  protected readonly unit = this.store.selectSignal(selectForceUnit);
  protected readonly unitWord = computed(() => forceWord(this.unit()));
  protected readonly stretch = signal(GLANCE_STRETCH);
  protected readonly stretchWord = computed(() => stretchWord(this.stretch()));

  /** Bands with a law, slimmest pull first. */
  protected readonly offered = computed(() => {
    const known = this.all().filter((band) => canBeUsed(band) && band.calibration !== null);
    const order = comparePulls(known.flatMap(compared), GLANCE_STRETCH).map(({ id }) => id);
    return [...known].sort((a, b) => order.indexOf(a.record.id) - order.indexOf(b.record.id));
  });
  protected readonly pickedIds = linkedSignal<readonly KnownBand[], ReadonlySet<string>>({
    source: this.offered,
    computation: (offered, before) =>
      before?.value ??
      new Set(
        offered
          .filter(
            ({ record, calibration }) => record.kind === 'loop' && calibration?.grade !== 'label',
          )
          .slice(0, FIRST_PICKED)
          .map(({ record }) => record.id),
      ),
  });
  protected readonly picked = computed(() =>
    this.offered().filter(({ record }) => this.pickedIds().has(record.id)),
  );
  protected readonly greatest = computed(() =>
    Math.max(1.3, ...this.picked().map(({ record }) => record.limit)),
  );

  protected readonly pulls = computed(() =>
    comparePulls(this.picked().flatMap(compared), this.stretch()),
  );
  protected readonly rows = computed(() =>
    this.pulls().map(({ id, force_N, std_N, step }) => {
      const band = this.bandOf(id);
      return {
        id,
        name: band.record.name,
        colour: band.record.colour,
        grade: GRADE_WORDS[band.calibration?.grade ?? 'label'],
        beyond: this.stretch() > band.record.limit,
        quantity: forceQuantity(force_N, std_N, this.unit()),
        step: step === null ? '' : `+${(100 * step).toFixed(0)} %`,
      };
    }),
  );
  protected readonly sums = computed(() =>
    equalSums(this.pulls()).map(({ pair, whole, difference_N, std_N }) => {
      const difference = forceQuantity(Math.abs(difference_N), std_N, this.unit());
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
      max: this.greatest(),
      tick: (value) => `×${value.toFixed(1)}`,
    },
    y: { title: forceWord(this.unit()) },
  }));

  protected readonly lines = computed(() => {
    const unit = this.unit();
    const picked = this.picked();
    const stretch = this.stretch();
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

  protected toggle(id: string): void {
    this.pickedIds.update((ids) => {
      const next = new Set(ids);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  }

  private bandOf(id: string): KnownBand {
    const band = this.picked().find(({ record }) => record.id === id);
    if (band === undefined) throw new RangeError(`${id} is not compared`);
    return band;
  }

  private nameOf(id: string): string {
    return this.bandOf(id).record.name;
  }
}

function compared({ record, calibration }: KnownBand): ComparedBand[] {
  return calibration === null ? [] : [{ id: record.id, kind: record.kind, calibration }];
}
