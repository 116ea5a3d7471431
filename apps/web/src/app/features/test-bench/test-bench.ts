import { DecimalPipe } from '@angular/common';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  FINISHED_SPREAD,
  fromNewtons,
  LEAST_MEASURED_STRETCH,
  riggedLength,
  type Rigging,
  toNewtons,
  weighedPull,
  type Zeroing,
  fromMetres,
  lengthFigure,
  toKilograms,
  toMetres,
  writeLength,
} from '@wiry-otter/core';
import { BandCurve } from '../bands/band-curve';
import { GRADE_WORDS, type KnownBand, MISFIT_WORDS, RIGGING_WORD } from '../bands/band-law';
import { forceQuantity, forceWord, stretchWord } from '../../ui/quantities/figures';
import { Gauges } from '../../gauge/gauges';
import { StandInGauge } from '../../gauge/stand-in-gauge';
import { Keys } from '../../shell/keys';
import { selectUnits } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';
import { lengthFault } from './test-bench-model';
import { TestBenchScene } from './test-bench-scene';
import { TestBenchStore } from './test-bench-store';

/** Why a reading may be set aside, to choose from. */
const REASONS = ['The hook slipped', 'Read before it was still', 'Wrong length', 'Wrong band'];

/** A tape is read to half a centimetre, or a quarter of an inch. */
const TAPE_MARKS = { cm: 2, in: 4 } as const;
const USUAL_FOOT_M = 0.02;
const USUAL_PIECE_M = 0.5;

const RIGGING_HELP: Readonly<Record<Rigging, string>> = {
  end: 'Fix one end, hook the scale into the other, pull in a straight line.',
  folded: 'Lay the middle over a smooth bar, hook both ends into the scale.',
  standing:
    'Hang the band from a bar, stand in its lower end on a bathroom scale, and read how much lighter you are.',
};

/** A guided measurement of one band. */
@Component({
  selector: 'otter-test-bench',
  imports: [BandCurve, TestBenchScene, DecimalPipe, FormsModule, RouterLink],
  providers: [TestBenchStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './test-bench.html',
})
export class TestBench {
  readonly id = input.required<string>();

  protected readonly testBench = inject(TestBenchStore);
  private readonly router = inject(Router);
  private readonly store = inject(Store);

  private readonly units = this.store.selectSignal(selectUnits);
  protected readonly unit = computed(() => this.units().force);
  protected readonly lengthUnit = computed(() => this.units().length);
  protected readonly massUnit = computed(() => this.units().mass);
  protected readonly unitWord = computed(() => forceWord(this.unit()));
  protected readonly gauges = inject(Gauges).offered();
  protected readonly reasons = REASONS;
  protected readonly riggings = (['end', 'folded', 'standing'] as const).map((id) => ({
    id,
    words: RIGGING_WORD[id],
    help: RIGGING_HELP[id],
  }));
  /** The band's limit and the length it has there. */
  protected readonly warmUpStretch = computed(() => {
    const band = this.testBench.band();
    const rigged = this.testBench.rigged();
    if (band === undefined || rigged === null) return '';
    const length_m = riggedLength(rigged, band.limit);
    return `${stretchWord(band.limit)} (${writeLength(length_m, this.lengthUnit())})`;
  });
  protected readonly aim = `±${Math.round(100 * FINISHED_SPREAD)} % from ${stretchWord(LEAST_MEASURED_STRETCH)} to the limit`;
  protected readonly stretchWord = stretchWord;
  protected readonly misfitWords = MISFIT_WORDS;

  private readonly suggested = computed(() => {
    const next = this.testBench.figures()?.next;
    // To a mark of the tape, and never past the limit.
    const marks = TAPE_MARKS[this.lengthUnit()];
    const length = next && fromMetres(next.length_m, this.lengthUnit());
    return length ? Math.floor(length * marks + 1e-9) / marks : null;
  });
  /**
   * The length to pull to, in the studio's unit; the suggestion until another is typed. Only another
   * suggestion takes the typed one's place: the server's answer to the reading
   * before, which comes while the trainer types, must not.
   */
  protected readonly length = linkedSignal(() => this.suggested());
  /** The pull as typed, in the person's unit. */
  protected readonly typed = signal<number | null>(null);
  /** What the bathroom scale shows, and how thick the foot is, as typed. */
  protected readonly free = signal<number | null>(null);
  protected readonly standing = signal<number | null>(null);
  protected readonly foot = linkedSignal<number | null>(() =>
    Number(lengthFigure(USUAL_FOOT_M, this.lengthUnit())),
  );
  /** What is to be set: the length itself, or over a bathroom scale the bar's height. */
  protected readonly asked = computed(() => {
    const length = this.length();
    return length === null ? null : Number((length + this.under()).toFixed(2));
  });
  /** The reading whose reason for setting aside is being chosen. */
  protected readonly asideId = signal<string | null>(null);

  protected readonly simulated = computed(() => this.testBench.gauge() instanceof StandInGauge);
  protected readonly pulls = computed(() => this.testBench.measurement()?.readings ?? []);
  protected readonly known = computed((): KnownBand | null => {
    const record = this.testBench.band();
    const figures = this.testBench.figures();
    if (record === undefined || figures === null) return null;
    // Before the first pull the law until now is shown.
    if (this.pulls().length === 0) return this.testBench.before() ?? null;
    return { record, calibration: figures.calibration, softening: null };
  });
  protected readonly stretch = computed(() => {
    const rigged = this.testBench.rigged();
    const length_m = this.lengthOfPull();
    return rigged === null || length_m === null ? null : (length_m - rigged.dead_m) / rigged.rest_m;
  });
  protected readonly fault = computed(() => {
    const band = this.testBench.band();
    const rigged = this.testBench.rigged();
    const length_m = this.lengthOfPull();
    return band === undefined || rigged === null || length_m === null
      ? null
      : lengthFault(band, rigged, length_m, this.lengthUnit());
  });
  /** What would be kept: the held pull of a gauge, or what was typed. */
  protected readonly pull = computed(() => {
    const length_m = this.lengthOfPull();
    if (length_m === null || this.fault() !== null) return null;
    if (this.testBench.currentRigging() === 'standing') {
      const weighing = this.weighing();
      const force_N = weighing === null ? 0 : weighedPull(weighing).force_N;
      return weighing === null || force_N <= 0 ? null : { length_m, force_N, weighing };
    }
    const plateau = this.testBench.plateau();
    if (this.testBench.gauge() !== null) {
      return plateau === null ? null : { length_m, force_N: plateau.force_N, weighing: null };
    }
    const typed = this.typed();
    return typed === null || typed <= 0
      ? null
      : { length_m, force_N: toNewtons(typed, this.unit()), weighing: null };
  });
  protected readonly live = computed(() => {
    const live_N = this.testBench.live_N();
    return live_N === null ? null : forceQuantity(live_N, null, this.unit());
  });
  protected readonly grade = computed(() => {
    const figures = this.testBench.figures();
    if (!figures?.calibration || figures.worst === null) return null;
    const { share, stretch } = figures.worst;
    return `${GRADE_WORDS[figures.calibration.grade]}, ±${(100 * share).toFixed(1)} % at its widest, ${stretchWord(stretch)}`;
  });
  protected readonly rows = computed(() =>
    (this.testBench.figures()?.readings ?? []).map(({ reading, stretch, residual }) => ({
      id: reading.id,
      setAside: reading.setAside,
      reason: reading.setAsideReason,
      length: writeLength(reading.length_m, this.lengthUnit()),
      pull: this.words(reading.force_N),
      stretch: stretchWord(stretch),
      way: reading.direction === 'loading' ? 'pulling' : 'way back',
      residual:
        residual === null ? '–' : signed(this.inUnit(residual.strand_N * (reading.strands ?? 1))),
      flag: residual?.outlier === true ? `${residual.deviations?.toFixed(1) ?? ''} σ off` : null,
    })),
  );

  constructor() {
    effect(() => this.testBench.look(this.id()));
    inject(Keys).offer([
      { key: 'Enter', words: 'keep the reading', press: () => this.keep() },
      { key: 'b', words: 'pulling, or the way back', press: () => this.turn() },
    ]);
  }

  protected keep(): void {
    const pull = this.pull();
    if (pull === null || !this.testBench.warm()) return;
    this.testBench.keep(pull);
    this.typed.set(null);
    this.standing.set(null);
  }

  protected readonly pieceFigure = computed(() =>
    Number(lengthFigure(this.testBench.piece_m(), this.lengthUnit())),
  );

  protected setPiece(typed: number | null): void {
    const piece_m = typed ? toMetres(typed, this.lengthUnit()) : USUAL_PIECE_M;
    this.testBench.set({ piece_m });
  }

  protected ask(asked: number | null): void {
    this.length.set(asked === null ? null : asked - this.under());
  }

  protected turn(): void {
    this.testBench.set({
      direction: this.testBench.direction() === 'loading' ? 'unloading' : 'loading',
    });
  }

  protected plug(kind: string): void {
    const choice = this.gauges.find((gauge) => gauge.kind === kind);
    if (choice === undefined) this.testBench.unplug();
    else void this.testBench.plugIn(choice.kind);
  }

  protected zero(): void {
    const zeroing = this.testBench.zero();
    if (zeroing === undefined) return;
    const text = this.zeroingWords(zeroing);
    this.store.dispatch(
      noticeActions.show({ text, tone: zeroing.ok ? 'done' : 'trouble', undo: null }),
    );
  }

  protected simulate(): void {
    const stretch = this.stretch();
    if (stretch !== null && this.fault() === null) this.testBench.simulate(stretch);
  }

  protected aside(id: string, reason: string): void {
    this.asideId.set(null);
    this.testBench.setAside(id, true, reason);
  }

  protected finish(): void {
    this.testBench.finish();
    void this.router.navigate(['/bands', this.id()]);
  }

  protected words(force_N: number): string {
    const { figure, unit } = forceQuantity(force_N, null, this.unit());
    return `${figure} ${unit}`;
  }

  private zeroingWords(zeroing: Zeroing): string {
    if (zeroing.ok) return `The scale begins from zero: ${this.words(zeroing.tare_N)} taken off.`;
    return zeroing.found_N === null
      ? 'The scale has sent nothing yet.'
      : `${this.words(zeroing.found_N)} on the hook: let the band hang slack, then zero.`;
  }

  /** What lies between the scale's platform and the band's lower end: the foot. */
  private under(): number {
    return this.testBench.currentRigging() === 'standing' ? (this.foot() ?? 0) : 0;
  }

  private kilograms(shown: number): number {
    return toKilograms(shown, this.massUnit());
  }

  private inUnit(force_N: number): number {
    return fromNewtons(force_N, this.unit());
  }

  /** Between fixed end and lower end or hook, m. */
  private lengthOfPull(): number | null {
    const length = this.length();
    return length === null || !(length > 0) ? null : toMetres(length, this.lengthUnit());
  }

  private weighing() {
    const length_m = this.lengthOfPull();
    const [free, standing] = [this.free(), this.standing()];
    if (length_m === null || free === null || standing === null) return null;
    const [free_kg, standing_kg] = [this.kilograms(free), this.kilograms(standing)];
    const foot_m = toMetres(this.foot() ?? 0, this.lengthUnit());
    return { free_kg, standing_kg, foot_m, bar_m: length_m + foot_m };
  }
}

function signed(value: number): string {
  const size = Math.abs(value).toFixed(1);
  if (Number(size) === 0) return size;
  return `${value < 0 ? '−' : '+'}${size}`;
}
