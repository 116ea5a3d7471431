import { FormControl, FormGroup, Validators } from '@angular/forms';
import type { BandInput, BandRecord } from '@wiry-otter/contracts';
import {
  type BandKind,
  DEFAULT_STRETCH_LIMIT,
  type ForceUnit,
  fromNewtons,
  toNewtons,
} from '@wiry-otter/core';

/** What a person fills in about a band; lengths in cm, forces in the studio's unit. */
export type BandForm = ReturnType<typeof createBandForm>;

export function createBandForm() {
  const required = { nonNullable: true as const, validators: [Validators.required] };
  const within = (least: number, most: number) => [
    Validators.required,
    Validators.min(least),
    Validators.max(most),
  ];
  return new FormGroup({
    name: new FormControl('', {
      nonNullable: true,
      validators: [Validators.required, Validators.maxLength(80)],
    }),
    kind: new FormControl<BandKind>('loop', required),
    flatLength_cm: new FormControl<number | null>(104, within(5, 3000)),
    width_mm: new FormControl<number | null>(22, within(1, 300)),
    colour: new FormControl('#7f8fa6', required),
    tag: new FormControl<number | null>(null, [Validators.min(1), Validators.max(9)]),
    labelMin: new FormControl<number | null>(null, [Validators.min(0.1)]),
    labelMax: new FormControl<number | null>(null, [Validators.min(0.1)]),
    limit: new FormControl<number | null>(DEFAULT_STRETCH_LIMIT, within(1.1, 3)),
    state: new FormControl<BandRecord['state']>('inUse', required),
    note: new FormControl('', { nonNullable: true, validators: [Validators.maxLength(2000)] }),
  });
}

/** Fills the form from a record. */
export function fillBandForm(form: BandForm, band: BandRecord, unit: ForceUnit): void {
  const inUnit = (force_N: number): number => rounded(fromNewtons(force_N, unit));
  form.setValue({
    name: band.name,
    kind: band.kind,
    flatLength_cm: rounded(band.flatLength_m * 100),
    width_mm: band.width_mm,
    colour: band.colour,
    tag: band.tag,
    labelMin: band.label === null ? null : inUnit(band.label.min_N),
    labelMax: band.label === null ? null : inUnit(band.label.max_N),
    limit: band.limit,
    state: band.state,
    note: band.note,
  });
}

/** What keeps the form from being saved, in words; null when nothing does. */
export function bandFormFault(form: BandForm): string | null {
  const { controls } = form;
  if (controls.name.invalid) return 'The band needs a name.';
  if (controls.flatLength_cm.invalid) return 'The flat length lies between 5 and 3000 cm.';
  if (controls.width_mm.invalid) return 'The width lies between 1 and 300 mm.';
  if (controls.tag.invalid) return 'A tag is a number from 1 to 9.';
  if (controls.limit.invalid) return 'The stretch limit lies between ×1.1 and ×3.';
  const { labelMin, labelMax } = form.getRawValue();
  if ((labelMin === null) !== (labelMax === null)) return 'A label has a lower and an upper end.';
  if (labelMin !== null && labelMax !== null && labelMax < labelMin) {
    return "The label's upper end lies below its lower one.";
  }
  return form.invalid ? 'Some entry does not fit.' : null;
}

/** The record's fields from a form without faults. */
export function readBandForm(form: BandForm, version: number, unit: ForceUnit): BandInput {
  const value = form.getRawValue();
  const { labelMin, labelMax } = value;
  return {
    version,
    name: value.name.trim(),
    kind: value.kind,
    flatLength_m: (value.flatLength_cm ?? 0) / 100,
    width_mm: value.width_mm ?? 0,
    colour: value.colour.toLowerCase(),
    tag: value.tag,
    label:
      labelMin === null || labelMax === null
        ? null
        : { min_N: toNewtons(labelMin, unit), max_N: toNewtons(labelMax, unit) },
    limit: value.limit ?? DEFAULT_STRETCH_LIMIT,
    state: value.state,
    note: value.note,
  };
}

function rounded(value: number): number {
  return Number(value.toFixed(2));
}
