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
  signal,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { selectUnits } from '../../records/selectors';
import { toSignal } from '@angular/core/rxjs-interop';
import { ReactiveFormsModule } from '@angular/forms';
import type { BandInput, BandToday } from '@wiry-otter/contracts';
import { toMetres, toMillimetres, WIDTH_WORDS } from '@wiry-otter/core';
import { forceWord } from '../../ui/quantities/figures';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { type Draft, keepDraft } from '../../ui/fields/draft';
import { KIND_WORD, MATERIAL_WORD } from './band-law';
import { bandFormFault, createBandForm, fillBandForm, readBandForm } from './band-form-fields';

/** Adds a band, or changes one. */
@Component({
  selector: 'otter-band-form',
  imports: [ReactiveFormsModule, Ribbon],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './band-form.html',
})
export class BandForm implements OnInit {
  /** The band to change; none to add one. */
  readonly band = input<BandToday | null>(null);
  readonly saved = output<BandInput>();
  readonly cancelled = output();

  protected readonly units = inject(Store).selectSignal(selectUnits);
  protected readonly form = createBandForm(this.units());
  protected readonly value = toSignal(this.form.valueChanges, { initialValue: this.form.value });
  protected readonly widthWord = computed(() => WIDTH_WORDS[this.units().length]);
  protected readonly width_mm = computed(() =>
    toMillimetres(this.value().width ?? 0, this.units().length),
  );
  protected readonly flatLength_m = computed(
    () => toMetres(this.value().flatLength ?? 0, this.units().length) || 1,
  );
  protected readonly kinds = Object.entries(KIND_WORD);
  protected readonly materials = Object.entries(MATERIAL_WORD);
  protected readonly fault = signal<string | null>(null);
  private readonly injector = inject(Injector);
  private draft: Draft | undefined;

  ngOnInit(): void {
    const band = this.band();
    if (band !== null) fillBandForm(this.form, band, this.units());
    // A draft names the version it was made from, so that an old one never hides a newer record.
    const key = band === null ? 'new-band' : `band-${band.id}-${band.version}`;
    this.draft = runInInjectionContext(this.injector, () => keepDraft(key, this.form));
  }

  protected forceWord(): string {
    return forceWord(this.units().force);
  }

  protected submit(): void {
    this.fault.set(bandFormFault(this.form, this.units()));
    if (this.fault() !== null) return;
    this.saved.emit(readBandForm(this.form, this.band(), this.units()));
    this.draft?.clear();
  }

  protected cancel(): void {
    this.draft?.clear();
    this.cancelled.emit();
  }
}
