import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  Injector,
  input,
  type OnInit,
  output,
  runInInjectionContext,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { FormControl, FormGroup, ReactiveFormsModule, Validators } from '@angular/forms';
import type { BandRecord, ReadingInput } from '@wiry-otter/contracts';
import {
  type ForceUnit,
  GREATEST_STRETCH_LIMIT,
  toNewtons,
  toStrandReading,
} from '@wiry-otter/core';
import { forceWord, stretchWord } from '../drawing/figures';
import { type Draft, keepDraft } from '../forms/draft';
import { type Rigging, riggingFields, RIGGINGS } from './curve-data';

/** A pull on the gauge as it is typed; drawn before it is kept. */
@Component({
  selector: 'otter-pull-form',
  imports: [ReactiveFormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './pull-form.html',
})
export class PullForm implements OnInit {
  readonly band = input.required<BandRecord>();
  readonly unit = input.required<ForceUnit>();
  /** The pull as typed so far, null while it is not complete or goes too far. */
  readonly typed = output<ReadingInput | null>();
  readonly added = output<ReadingInput>();

  private readonly injector = inject(Injector);
  private draft: Draft | undefined;

  protected readonly riggings = RIGGINGS;
  protected readonly form = new FormGroup({
    length_cm: new FormControl<number | null>(null, [Validators.required, Validators.min(1)]),
    force: new FormControl<number | null>(null, [Validators.required, Validators.min(0)]),
    rigging: new FormControl<Rigging['id']>('straight', { nonNullable: true }),
    direction: new FormControl<'loading' | 'unloading'>('loading', { nonNullable: true }),
  });
  private readonly value = toSignal(this.form.valueChanges, { initialValue: this.form.value });

  protected readonly reading = computed(() => {
    this.value();
    return this.read();
  });
  protected readonly stretch = computed(() => {
    const reading = this.reading();
    return reading === null ? null : toStrandReading(this.band(), reading).stretch;
  });
  protected readonly fault = computed(() => {
    const stretch = this.stretch();
    if (stretch === null) return null;
    if (stretch > GREATEST_STRETCH_LIMIT) {
      return `${stretchWord(stretch)}: never pull a band beyond ×${GREATEST_STRETCH_LIMIT}.`;
    }
    return stretch <= 1 ? 'That is no longer than the band at rest.' : null;
  });
  protected readonly hint = computed(() => {
    const stretch = this.stretch();
    return stretch === null ? '' : `That is ${stretchWord(stretch)} of its length.`;
  });

  ngOnInit(): void {
    this.form.valueChanges.subscribe(() => {
      this.typed.emit(this.fault() === null ? this.reading() : null);
    });
    this.draft = runInInjectionContext(this.injector, () =>
      keepDraft(`pull-${this.band().id}`, this.form),
    );
  }

  protected forceWord(): string {
    return forceWord(this.unit());
  }

  protected submit(): void {
    const reading = this.reading();
    if (reading === null || this.fault() !== null) return;
    this.added.emit(reading);
    this.form.patchValue({ length_cm: null, force: null });
    this.draft?.clear();
  }

  private read(): ReadingInput | null {
    const { length_cm, force, rigging, direction } = this.form.getRawValue();
    if (length_cm === null || force === null || this.form.invalid) return null;
    return {
      length_m: length_cm / 100,
      force_N: toNewtons(force, this.unit()),
      ...riggingFields(rigging, this.band()),
      direction,
      takenAt: new Date().toISOString(),
    };
  }
}
