import {
  ChangeDetectionStrategy,
  Component,
  computed,
  input,
  linkedSignal,
  output,
} from '@angular/core';
import type { BandRecord, Reading, ReadingInput } from '@wiry-otter/contracts';
import { type ForceUnit, GREATEST_STRETCH_LIMIT, toStrandReading } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { forceSounding, percentSpread, stretchWord } from '../drawing/figures';
import { Ribbon } from '../drawing/ribbon';
import { SoundingText } from '../drawing/sounding';
import { BandCurve } from './band-curve';
import { GLANCE_STRETCH, GRADE_WORDS, KIND_WORD, knowBand, naturalPull } from './band-law';
import { PullForm } from './pull-form';

/** Stretch ratios the sheet states the pull at. */
const STATED = [1.5, GLANCE_STRETCH, 2.5];

/** One band: law, pulls, label, state. */
@Component({
  selector: 'otter-band-sheet',
  imports: [BandCurve, PullForm, Ribbon, SoundingText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './band-sheet.html',
})
export class BandSheet {
  protected readonly Math = Math;
  readonly band = input.required<BandRecord>();
  readonly unit = input.required<ForceUnit>();
  readonly edit = output();
  readonly remove = output();
  readonly addPull = output<ReadingInput>();
  readonly setAside = output<{ id: string; setAside: boolean }>();

  /** The pull being typed; gone when another band is looked at or a pull was kept. */
  protected readonly typed = linkedSignal<BandRecord, ReadingInput | null>({
    source: this.band,
    computation: () => null,
  });

  protected readonly known = computed(() => {
    const band = this.band();
    const typed = this.typed();
    if (typed === null) return knowBand(band);
    const draft: Reading = { ...typed, id: 'typed', takenBy: '', setAside: false };
    return knowBand({ ...band, readings: [...band.readings, draft] });
  });

  protected readonly pulls = computed(() =>
    STATED.filter((stretch) => stretch <= GREATEST_STRETCH_LIMIT).map((stretch) => {
      const pull = naturalPull(this.known(), stretch);
      return {
        words: stretchWord(stretch),
        beyond: stretch > this.band().limit,
        sounding: pull === null ? null : forceSounding(pull.force_N, pull.std_N, this.unit()),
      };
    }),
  );

  protected readonly rows = computed(() =>
    this.band().readings.map((reading) => {
      const { stretch } = toStrandReading(this.band(), reading);
      const { figure, unit } = forceSounding(reading.force_N, null, this.unit());
      return {
        ...reading,
        stretch: stretchWord(stretch),
        force: `${figure} ${unit}`,
        length: `${(reading.length_m * 100).toFixed(0)} cm`,
        rigged: reading.strands === null ? 'straight' : `${reading.strands} strands`,
        way: reading.direction === 'loading' ? 'pulling' : 'way back',
        day: format(parseISO(reading.takenAt), 'd MMM yyyy'),
      };
    }),
  );

  protected readonly facts = computed(() => {
    const { kind, flatLength_m, width_mm, limit, label } = this.band();
    const claim =
      label === null
        ? ''
        : ` · label ${forceSounding(label.min_N, null, this.unit()).figure}–${forceSounding(label.max_N, null, this.unit()).figure} ${forceSounding(label.max_N, null, this.unit()).unit}`;
    return `${KIND_WORD[kind]} · ${(flatLength_m * 100).toFixed(0)} cm flat · ${width_mm} mm wide · limit ${stretchWord(limit)}${claim}`;
  });

  protected readonly grade = computed(() => {
    const { calibration } = this.known();
    if (calibration === null) return 'no pull and no label yet';
    const pull = naturalPull(this.known(), GLANCE_STRETCH);
    const spread = pull === null ? '' : ` ±${percentSpread(pull.force_N, pull.std_N)}`;
    return `${GRADE_WORDS[calibration.grade]}${spread} · gives back ${Math.round(100 * (1 - calibration.loss))} % on the way back`;
  });
}
