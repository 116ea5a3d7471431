import { FormControl, FormGroup, Validators } from '@angular/forms';
import type { BandInput, BandToday } from '@wiry-otter/contracts';
import {
  type BandKind,
  DEFAULT_STRETCH_LIMIT,
  fromMetres,
  fromNewtons,
  type Material,
  toMetres,
  toMillimetres,
  toNewtons,
  type Units,
  widthFigure,
  writeLength,
  writeMass,
  writeWidth,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';

/** What a new band is until it is measured. */
const USUAL = { flatLength_m: 1.04, width_mm: 22 } as const;

/** What a person fills in about a band; lengths and forces in the studio's units. */
export type BandForm = ReturnType<typeof createBandForm>;

export function createBandForm({ length }: Units) {
  const metres = (length_m: number): number => rounded(fromMetres(length_m, length));
  const width = (width_mm: number): number => Number(widthFigure(width_mm, length));
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
    flatLength: new FormControl<number | null>(
      metres(USUAL.flatLength_m),
      within(metres(0.05), metres(30)),
    ),
    width: new FormControl<number | null>(width(USUAL.width_mm), within(width(1), width(300))),
    colour: new FormControl('#7f8fa6', required),
    tag: new FormControl<number | null>(null, [Validators.min(1), Validators.max(9)]),
    labelMin: new FormControl<number | null>(null, [Validators.min(0.1)]),
    labelMax: new FormControl<number | null>(null, [Validators.min(0.1)]),
    limit: new FormControl<number | null>(DEFAULT_STRETCH_LIMIT, within(1.1, 3)),
    stock: new FormControl<BandToday['stock']>('band', required),
    material: new FormControl<Material>('latexLayered', required),
    thickness: new FormControl<number | null>(null, [
      Validators.min(width(0.1) || 0.001),
      Validators.max(width(50)),
    ]),
    points: new FormControl<number | null>(null, [Validators.min(0.1), Validators.max(1000)]),
    boughtOn: new FormControl('', { nonNullable: true }),
    copies: new FormControl<number | null>(1, within(1, 50)),
    dead: new FormControl<number | null>(null, [Validators.min(0), Validators.max(metres(2))]),
    fittings_g: new FormControl<number | null>(null, [Validators.min(0), Validators.max(10_000)]),
    note: new FormControl('', { nonNullable: true, validators: [Validators.maxLength(2000)] }),
  });
}

/** Fills the form from a record. */
export function fillBandForm(form: BandForm, band: BandToday, units: Units): void {
  form.setValue(bandFigures(band, units));
}

/** A record's fields as they are typed. */
function bandFigures(band: BandToday, { force, length }: Units) {
  const inUnit = (force_N: number): number => rounded(fromNewtons(force_N, force));
  const metres = (length_m: number): number => rounded(fromMetres(length_m, length));
  const width = (width_mm: number): number => Number(widthFigure(width_mm, length));
  return {
    name: band.name,
    kind: band.kind,
    flatLength: metres(band.flatLength_m),
    width: width(band.width_mm),
    colour: band.colour,
    tag: band.tag,
    labelMin: band.label === null ? null : inUnit(band.label.min_N),
    labelMax: band.label === null ? null : inUnit(band.label.max_N),
    limit: band.limit,
    stock: band.stock,
    material: band.material,
    thickness: band.thickness_mm === null ? null : width(band.thickness_mm),
    points: band.points,
    boughtOn: band.copies[0]?.boughtOn ?? '',
    copies: band.copies.length,
    dead: band.fittings === null ? null : metres(band.fittings.deadLength_m),
    fittings_g: band.fittings === null ? null : rounded(band.fittings.mass_kg * 1000),
    note: band.note,
  };
}

/** What keeps the form from being saved, in words; null when nothing does. */
export function bandFormFault(form: BandForm, { length, mass }: Units): string | null {
  const words = (length_m: number): string => writeLength(length_m, length);
  const width = (width_mm: number): string => writeWidth(width_mm, length);
  const { controls } = form;
  if (controls.name.invalid) return 'The band needs a name.';
  if (controls.flatLength.invalid) {
    return `The flat length lies between ${words(0.05)} and ${words(30)}.`;
  }
  if (controls.width.invalid) return `The width lies between ${width(1)} and ${width(300)}.`;
  if (controls.tag.invalid) return 'A tag is a number from 1 to 9.';
  if (controls.limit.invalid) return 'The stretch limit lies between ×1.1 and ×3.';
  if (controls.thickness.invalid) {
    return `The thickness lies between ${width(0.1)} and ${width(50)}.`;
  }
  if (controls.points.invalid) return 'Points lie between 0.1 and 1000.';
  if (controls.copies.invalid) return 'There are between 1 and 50 equal bands.';
  if (controls.dead.invalid || controls.fittings_g.invalid) {
    return `Fittings add at most ${words(2)} and ${writeMass(10, mass)}.`;
  }
  const { labelMin, labelMax } = form.getRawValue();
  if ((labelMin === null) !== (labelMax === null)) return 'A label has a lower and an upper end.';
  if (labelMin !== null && labelMax !== null && labelMax < labelMin) {
    return "The label's upper end lies below its lower one.";
  }
  return form.invalid ? 'Some entry does not fit.' : null;
}

/** The record's fields from a form without faults; `before` is the band that is changed, if one is. */
export function readBandForm(form: BandForm, before: BandToday | null, units: Units): BandInput {
  const value = form.getRawValue();
  const { labelMin, labelMax } = value;
  const shown = before === null ? null : bandFigures(before, units);
  // What stands as it was shown is what is on record, though it is written less exactly.
  const metres = (typed: number, wasShown: number | null | undefined, was_m: number | undefined) =>
    typed === wasShown && was_m !== undefined ? was_m : toMetres(typed, units.length);
  const width = (typed: number, wasShown: number | null | undefined, was_mm?: number | null) =>
    typed === wasShown && typeof was_mm === 'number' ? was_mm : toMillimetres(typed, units.length);
  return {
    version: before?.version ?? 0,
    cutFrom: before?.cutFrom ?? null,
    stock: value.stock,
    material: value.material,
    thickness_mm:
      value.thickness === null
        ? null
        : width(value.thickness, shown?.thickness, before?.thickness_mm),
    points: value.points,
    fittings: fittingsOf(
      metres(value.dead ?? 0, shown?.dead, before?.fittings?.deadLength_m),
      value.fittings_g,
    ),
    copies: copiesOf(before, value.copies ?? 1, value.boughtOn),
    name: value.name.trim(),
    kind: value.kind,
    flatLength_m: metres(value.flatLength ?? 0, shown?.flatLength, before?.flatLength_m),
    width_mm: width(value.width ?? 0, shown?.width, before?.width_mm),
    colour: value.colour.toLowerCase(),
    tag: value.tag,
    label:
      labelMin === null || labelMax === null
        ? null
        : { min_N: toNewtons(labelMin, units.force), max_N: toNewtons(labelMax, units.force) },
    limit: value.limit ?? DEFAULT_STRETCH_LIMIT,
    note: value.note,
  };
}

function fittingsOf(deadLength_m: number, mass_g: number | null): BandInput['fittings'] {
  const none = deadLength_m === 0 && (mass_g ?? 0) === 0;
  return none ? null : { deadLength_m, mass_kg: (mass_g ?? 0) / 1000 };
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
