import {
  ChangeDetectionStrategy,
  Component,
  inject,
  Injector,
  input,
  type OnInit,
  output,
  runInInjectionContext,
  signal,
} from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { ReactiveFormsModule } from '@angular/forms';
import type { BandInput, BandToday } from '@wiry-otter/contracts';
import type { ForceUnit } from '@wiry-otter/core';
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
  readonly unit = input.required<ForceUnit>();
  readonly saved = output<BandInput>();
  readonly cancelled = output();

  protected readonly form = createBandForm();
  protected readonly value = toSignal(this.form.valueChanges, { initialValue: this.form.value });
  protected readonly kinds = Object.entries(KIND_WORD);
  protected readonly materials = Object.entries(MATERIAL_WORD);
  protected readonly fault = signal<string | null>(null);
  private readonly injector = inject(Injector);
  private draft: Draft | undefined;

  ngOnInit(): void {
    const band = this.band();
    if (band !== null) fillBandForm(this.form, band, this.unit());
    // A draft names the version it was made from, so that an old one never hides a newer record.
    const key = band === null ? 'new-band' : `band-${band.id}-${band.version}`;
    this.draft = runInInjectionContext(this.injector, () => keepDraft(key, this.form));
  }

  protected forceWord(): string {
    return forceWord(this.unit());
  }

  protected submit(): void {
    this.fault.set(bandFormFault(this.form));
    if (this.fault() !== null) return;
    this.saved.emit(readBandForm(this.form, this.band(), this.unit()));
    this.draft?.clear();
  }

  protected cancel(): void {
    this.draft?.clear();
    this.cancelled.emit();
  }
}
