import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { BandEventInput, BandToday } from '@wiry-otter/contracts';
import {
  type ForceUnit,
  GREATEST_STRETCH_LIMIT,
  standingMeasurement,
  toStrandReading,
  RANGE_90,
  GLANCE_STRETCH,
  naturalPull,
  type LengthUnit,
  writeLength,
  writeWidth,
} from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { forceQuantity, percentSpread, stretchWord } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { QuantityText } from '../../ui/quantities/quantity';
import { BandCopies } from './band-copies';
import { BandCurve } from './band-curve';
import {
  GRADE_WORDS,
  MISFIT_WORDS,
  KIND_WORD,
  type KnownBand,
  MATERIAL_WORD,
  RIGGING_WORD,
  rollWords,
} from './band-law';
import { timeLine } from './band-time-line';
import { CutForm } from './cut-form';
import { SetupsOfBand } from './setups-of-band';

/** Stretch ratios the sheet states the pull at. */
const STATED = [1.5, GLANCE_STRETCH, 2.5];

/** One band: law, measurements, copies, what happened to it. */
@Component({
  selector: 'otter-band-sheet',
  imports: [BandCopies, BandCurve, CutForm, Ribbon, RouterLink, SetupsOfBand, QuantityText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './band-sheet.html',
})
export class BandSheet {
  protected readonly Math = Math;
  readonly known = input.required<KnownBand>();
  readonly unit = input.required<ForceUnit>();
  readonly lengthUnit = input.required<LengthUnit>();
  readonly edit = output();
  readonly remove = output();
  readonly happened = output<Pick<BandEventInput, 'copyId' | 'what'>>();
  readonly chooseLaw = output<string | null>();
  readonly pieceCut = output<{ name: string; length_m: number }>();

  protected readonly cutting = signal(false);
  protected readonly band = computed((): BandToday => this.known().record);
  protected readonly pulls = computed(() =>
    STATED.filter((stretch) => stretch <= GREATEST_STRETCH_LIMIT).map((stretch) => {
      const pull = naturalPull(this.known(), stretch);
      return {
        words: stretchWord(stretch),
        beyond: stretch > this.band().limit,
        quantity: pull === null ? null : forceQuantity(pull.force_N, pull.std_N, this.unit()),
      };
    }),
  );

  protected readonly measurements = computed(() => {
    const standing = standingMeasurement(this.band())?.id;
    return [...this.band().measurements]
      .sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1))
      .map((measurement) => ({
        id: measurement.id,
        day: format(parseISO(measurement.startedAt), 'd MMM yyyy'),
        by: measurement.takenBy,
        how: [RIGGING_WORD[measurement.rigging], measurement.gauge.name]
          .filter((words) => words !== '')
          .join(', '),
        going: measurement.finishedAt === null,
        standing: measurement.id === standing,
        rows: measurement.readings.map((reading) => {
          const { figure, unit } = forceQuantity(reading.force_N, null, this.unit());
          return {
            id: reading.id,
            setAside: reading.setAside,
            reason: reading.setAsideReason,
            length: writeLength(reading.length_m, this.lengthUnit()),
            force: `${figure} ${unit}`,
            stretch: stretchWord(toStrandReading(this.band(), reading).stretch),
            way: reading.direction === 'loading' ? 'pulling' : 'way back',
          };
        }),
      }));
  });
  protected readonly going = computed(() => this.measurements().some(({ going }) => going));

  protected readonly facts = computed(() => {
    const { kind, stock, flatLength_m, width_mm, material, limit, label, fittings, points } =
      this.band();
    const length = this.lengthUnit();
    const inUnit = (force_N: number) => forceQuantity(force_N, null, this.unit());
    return [
      stock === 'roll' ? `roll of ${KIND_WORD[kind]}` : KIND_WORD[kind],
      MATERIAL_WORD[material],
      stock === 'roll'
        ? rollWords(flatLength_m, length)
        : `${writeLength(flatLength_m, length)} flat`,
      `${writeWidth(width_mm, length)} wide`,
      `limit ${stretchWord(limit)}`,
      fittings === null ? '' : `fittings ${writeLength(fittings.deadLength_m, length)}`,
      label === null
        ? ''
        : `label ${inUnit(label.min_N).figure}–${inUnit(label.max_N).figure} ${inUnit(label.max_N).unit}`,
      points === null ? '' : `${points} points`,
    ]
      .filter((words) => words !== '')
      .join(' · ');
  });

  protected readonly misfitWords = MISFIT_WORDS;
  protected readonly grade = computed(() => {
    const { calibration } = this.known();
    if (calibration === null) return 'no pull and no label yet';
    const pull = naturalPull(this.known(), GLANCE_STRETCH);
    const spread = pull === null ? '' : ` ±${percentSpread(pull.force_N, pull.std_N)}`;
    const inherited =
      this.band().cutFrom !== null && standingMeasurement(this.band()) === undefined
        ? ' on the roll it was cut from'
        : '';
    return `${GRADE_WORDS[calibration.grade]}${inherited}${spread} · gives back ${Math.round(100 * (1 - calibration.loss))} % on the way back`;
  });

  protected readonly softWords = computed(() => {
    const { softening } = this.known();
    if (softening === null) return null;
    const percent = (share: number) => Math.round(100 * share);
    return {
      soft: softening.soft,
      words:
        softening.share > 0
          ? `soft by ${percent(softening.share)} ± ${percent(RANGE_90 * softening.std)} % since first measured`
          : `no softer than when first measured (${percent(-softening.share)} ± ${percent(RANGE_90 * softening.std)} % firmer)`,
    };
  });

  protected readonly story = computed(() => timeLine(this.band()));

  protected cutPiece(piece: { name: string; length_m: number }): void {
    this.cutting.set(false);
    this.pieceCut.emit(piece);
  }
}
