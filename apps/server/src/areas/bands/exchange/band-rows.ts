import { bandInput, type BandInput, type BandToday, parseDocument } from '@wiry-otter/contracts';
import { DEFAULT_STRETCH_LIMIT } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { type Column, headerOf, type RowReader } from './columns.js';

/** Columns of the table of bands. */
export const BAND_COLUMNS: readonly Column[] = [
  { title: 'name', kind: 'text', required: true },
  { title: 'kind', kind: 'text', required: true },
  { title: 'stock', kind: 'text' },
  { title: 'flat length', kind: 'length', unit: 'cm', required: true },
  { title: 'width', kind: 'small length', unit: 'mm', required: true },
  { title: 'thickness', kind: 'small length', unit: 'mm' },
  { title: 'material', kind: 'text' },
  { title: 'colour', kind: 'text' },
  { title: 'tag', kind: 'number' },
  { title: 'points', kind: 'number' },
  { title: 'bought on', kind: 'text' },
  { title: 'limit', kind: 'number' },
  { title: 'label from', kind: 'force', unit: 'N' },
  { title: 'label to', kind: 'force', unit: 'N' },
  { title: 'fittings length', kind: 'length', unit: 'cm' },
  { title: 'fittings mass', kind: 'mass', unit: 'g' },
  { title: 'copies', kind: 'number' },
  { title: 'state', kind: 'text' },
  { title: 'note', kind: 'text' },
];

/** Words people write for kinds and materials, beside our own. */
const KINDS: Readonly<Record<string, BandInput['kind']>> = {
  loop: 'loop',
  miniloop: 'miniLoop',
  mini: 'miniLoop',
  'mini loop': 'miniLoop',
  tube: 'tube',
  strip: 'strip',
  tubing: 'tubing',
};
const MATERIALS: Readonly<Record<string, BandInput['material']>> = {
  '': 'latexLayered',
  latexlayered: 'latexLayered',
  latexmoulded: 'latexMoulded',
  latex: 'latexLayered',
  synthetic: 'synthetic',
  fabric: 'fabric',
};

const USUAL_COLOUR = '#7f8fa6';

/** A row as the input of a band; null, with the row's faults, where it is none. Empty cells keep what a known band has. */
export function bandInputOf(row: RowReader, known: BandToday | undefined): BandInput | null {
  const kind = KINDS[row.text('kind').toLowerCase()];
  if (kind === undefined) {
    row.faults.push(
      `kind: found "${row.text('kind').slice(0, 40)}", expected ${[...new Set(Object.values(KINDS))].join(', ')}`,
    );
  }
  const material = MATERIALS[row.text('material').toLowerCase()];
  if (material === undefined) {
    row.faults.push(
      `material: found "${row.text('material').slice(0, 40)}", expected latexLayered, latexMoulded, synthetic or fabric`,
    );
  }
  const from = row.quantity('label from');
  const to = row.quantity('label to');
  const dead_m = row.quantity('fittings length');
  const mass_kg = row.quantity('fittings mass');
  const bought = row.text('bought on');
  const parsed = parseDocument(bandInput, {
    version: known?.version ?? 0,
    name: row.text('name'),
    kind,
    stock: row.text('stock') === 'roll' ? 'roll' : 'band',
    cutFrom: known?.cutFrom ?? null,
    flatLength_m: row.quantity('flat length') ?? 0,
    width_mm: row.quantity('width') ?? 0,
    thickness_mm: row.quantity('thickness') ?? known?.thickness_mm ?? null,
    material: row.text('material') === '' ? (known?.material ?? material) : material,
    colour: row.text('colour').toLowerCase() || (known?.colour ?? USUAL_COLOUR),
    tag: row.quantity('tag') ?? known?.tag ?? null,
    points: row.quantity('points') ?? known?.points ?? null,
    label: from === null || to === null ? (known?.label ?? null) : { min_N: from, max_N: to },
    limit: row.quantity('limit') ?? known?.limit ?? DEFAULT_STRETCH_LIMIT,
    fittings:
      dead_m === null && mass_kg === null
        ? (known?.fittings ?? null)
        : { deadLength_m: dead_m ?? 0, mass_kg: mass_kg ?? 0 },
    note: row.text('note') || (known?.note ?? ''),
    copies: copiesOf(known, row.quantity('copies') ?? 1, bought === '' ? null : bought),
  });
  if (!parsed.ok && row.faults.length === 0) {
    row.faults.push(
      ...parsed.faults.map(
        ({ path, found, expected }) =>
          `${path.replace(/^\$\.?/, '')}: found ${found}, expected ${expected}`,
      ),
    );
  }
  return parsed.ok && row.faults.length === 0 ? parsed.value : null;
}

/** A band as a row of the table. */
export function bandRow(band: BandToday): string[] {
  const { label, fittings, copies } = band;
  return [
    band.name,
    band.kind,
    band.stock,
    decimals(band.flatLength_m * 100, 1),
    decimals(band.width_mm, 1),
    optional(band.thickness_mm),
    band.material,
    band.colour,
    optional(band.tag),
    optional(band.points),
    copies[0]?.boughtOn ?? '',
    decimals(band.limit, 2),
    label === null ? '' : decimals(label.min_N, 1),
    label === null ? '' : decimals(label.max_N, 1),
    fittings === null ? '' : decimals(fittings.deadLength_m * 100, 1),
    fittings === null ? '' : decimals(fittings.mass_kg * 1000, 0),
    String(copies.length),
    band.state,
    band.note,
  ];
}

/** What a row changes about a band, column by column; none where it is the same. */
export function changesOf(band: BandToday, input: BandInput): string[] {
  const headers = headerOf(BAND_COLUMNS);
  const copies = input.copies.map(
    (copy) => ({ ...band.copies[0], ...copy }) as BandToday['copies'][number],
  );
  const after = bandRow({ ...band, ...input, copies });
  return bandRow(band).flatMap((cell, i) =>
    cell === after[i] ? [] : [`${headers[i] ?? ''}: ${cell || 'none'} → ${after[i] || 'none'}`],
  );
}

function copiesOf(
  known: BandToday | undefined,
  count: number,
  boughtOn: string | null,
): BandInput['copies'] {
  const there = (known?.copies ?? []).map(({ id, mark, boughtOn: day }, i) => ({
    id,
    mark,
    boughtOn: i === 0 ? (boughtOn ?? day) : day,
  }));
  const added = Array.from({ length: Math.max(0, Math.min(50, count) - there.length) }, (_, i) => ({
    id: uuidv7(),
    mark: String.fromCharCode('a'.charCodeAt(0) + ((there.length + i) % 26)),
    boughtOn,
  }));
  return [...there, ...added];
}

function optional(value: number | null): string {
  return value === null ? '' : String(value);
}

export function decimals(value: number, digits: number): string {
  return String(Number(value.toFixed(digits)));
}
