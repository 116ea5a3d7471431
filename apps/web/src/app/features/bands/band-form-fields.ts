import { FormControl, FormGroup, Validators } from '@angular/forms';
import type { BandInput, BandToday } from '@wiry-otter/contracts';
import {
  type BandKind,
  DEFAULT_STRETCH_LIMIT,
  type ForceUnit,
  fromNewtons,
  type Material,
  toNewtons,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';

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
    stock: new FormControl<BandToday['stock']>('band', required),
    material: new FormControl<Material>('latexLayered', required),
    thickness_mm: new FormControl<number | null>(null, [Validators.min(0.1), Validators.max(50)]),
    points: new FormControl<number | null>(null, [Validators.min(0.1), Validators.max(1000)]),
    boughtOn: new FormControl('', { nonNullable: true }),
    copies: new FormControl<number | null>(1, within(1, 50)),
    dead_cm: new FormControl<number | null>(null, [Validators.min(0), Validators.max(200)]),
    fittings_g: new FormControl<number | null>(null, [Validators.min(0), Validators.max(10_000)]),
    note: new FormControl('', { nonNullable: true, validators: [Validators.maxLength(2000)] }),
  });
}

/** Fills the form from a record. */
export function fillBandForm(form: BandForm, band: BandToday, unit: ForceUnit): void {
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
    stock: band.stock,
    material: band.material,
    thickness_mm: band.thickness_mm,
    points: band.points,
    boughtOn: band.copies[0]?.boughtOn ?? '',
    copies: band.copies.length,
    dead_cm: band.fittings === null ? null : rounded(band.fittings.deadLength_m * 100),
    fittings_g: band.fittings === null ? null : rounded(band.fittings.mass_kg * 1000),
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
  if (controls.thickness_mm.invalid) return 'The thickness lies between 0.1 and 50 mm.';
  if (controls.points.invalid) return 'Points lie between 0.1 and 1000.';
  if (controls.copies.invalid) return 'There are between 1 and 50 equal bands.';
  if (controls.dead_cm.invalid || controls.fittings_g.invalid) {
    return 'Fittings add at most 200 cm and 10 kg.';
  }
  const { labelMin, labelMax } = form.getRawValue();
  if ((labelMin === null) !== (labelMax === null)) return 'A label has a lower and an upper end.';
  if (labelMin !== null && labelMax !== null && labelMax < labelMin) {
    return "The label's upper end lies below its lower one.";
  }
  return form.invalid ? 'Some entry does not fit.' : null;
}

/** The record's fields from a form without faults; `before` is the band that is changed, if one is. */
export function readBandForm(form: BandForm, before: BandToday | null, unit: ForceUnit): BandInput {
  const value = form.getRawValue();
  const { labelMin, labelMax } = value;
  return {
    version: before?.version ?? 0,
    cutFrom: before?.cutFrom ?? null,
    stock: value.stock,
    material: value.material,
    thickness_mm: value.thickness_mm,
    points: value.points,
    fittings: fittingsOf(value.dead_cm, value.fittings_g),
    copies: copiesOf(before, value.copies ?? 1, value.boughtOn),
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
    note: value.note,
  };
}

function fittingsOf(dead_cm: number | null, mass_g: number | null): BandInput['fittings'] {
  const none = (dead_cm ?? 0) === 0 && (mass_g ?? 0) === 0;
  return none ? null : { deadLength_m: (dead_cm ?? 0) / 100, mass_kg: (mass_g ?? 0) / 1000 };
}

/** The copies there are, and new ones marked with the letters that follow. */
function copiesOf(before: BandToday | null, count: number, boughtOn: string): BandInput['copies'] {
  const bought = boughtOn === '' ? null : boughtOn;
  const known = (before?.copies ?? []).map(({ id, mark, boughtOn: day }, i) => ({
    id,
    mark,
    boughtOn: i === 0 ? bought : day,
  }));
  const added = Array.from({ length: Math.max(0, count - known.length) }, (_, i) => ({
    id: uuidv7(),
    mark: markOf(known.length + i),
    boughtOn: bought,
  }));
  return [...known, ...added];
}

/** a, b, … z, then 27 and on. */
function markOf(index: number): string {
  return index < 26 ? String.fromCharCode('a'.charCodeAt(0) + index) : String(index + 1);
}

function rounded(value: number): number {
  return Number(value.toFixed(2));
}
