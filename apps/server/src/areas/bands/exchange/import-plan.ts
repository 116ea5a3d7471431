import {
  type BandDocument,
  bandDocument,
  type BandInput,
  type BandToday,
  type ImportPlan,
  parseDocument,
  unstorable,
  type PlannedRow,
} from '@wiry-otter/contracts';
import { forceFigure, type Units, writeForce, writeFineLength, writeWidth } from '@wiry-otter/core';
import { createHash } from 'node:crypto';
import { BAND_COLUMNS, bandInputOf, changesOf } from './band-rows.js';
import { readColumns, type RowReader } from './columns.js';
import {
  MEASUREMENT_COLUMNS,
  type PulledRow,
  pulledRowOf,
  sameReading,
} from './measurement-rows.js';
import { readCsv, refuseFile } from './read-csv.js';

/** What is to be saved, in the order of the file. */
export type ImportStep =
  | { readonly kind: 'band'; readonly id: string | null; readonly input: BandInput }
  | { readonly kind: 'pull'; readonly pull: PulledRow }
  | { readonly kind: 'document'; readonly document: BandDocument };

/** A plan with what it would do. */
export interface Plan {
  readonly shown: ImportPlan;
  readonly steps: readonly ImportStep[];
}

/** How a row came out: what it would do, and in words. */
interface Outcome {
  readonly planned: PlannedRow;
  readonly step: ImportStep | null;
}

const MOST_DOCUMENTS = 1_000;

/** Plans the import of a CSV file: a table of bands, or of measurements, told apart by its header. */
export function planCsv(bytes: Uint8Array, bands: readonly BandToday[], units: Units): Plan {
  const table = readCsv(bytes);
  const titles = table.header.map((title) => title.toLowerCase());
  const pulls = titles.includes('band') && titles.some((title) => title.startsWith('pull'));
  if (pulls) {
    const { said, rows } = readColumns(table, MEASUREMENT_COLUMNS);
    return planOf(
      'measurements',
      said,
      rows.map((row) => planPull(row, bands, units)),
    );
  }
  const { said, rows } = readColumns(table, BAND_COLUMNS);
  const seen = new Map<string, number>();
  return planOf(
    'bands',
    said,
    rows.map((row) => planBand(row, bands, seen, units)),
  );
}

/** Plans the import of open documents: one, a list, or the file that the export writes. */
export function planDocuments(bytes: Uint8Array, bands: readonly BandToday[]): Plan {
  const documents = readDocuments(bytes);
  const names = new Set(bands.map(({ name }) => name.toLowerCase()));
  const outcomes = documents.map((value, index): Outcome => {
    const parsed = parseDocument(bandDocument, value);
    const faults = parsed.ok ? unstorable(parsed.value) : parsed.faults;
    if (!parsed.ok || faults.length > 0) {
      const words = faults.map(
        ({ path, found, expected }) => `${path}: found ${found}, expected ${expected}`,
      );
      return refused(index + 1, nameIn(value), words);
    }
    const { name, measurements } = parsed.value;
    if (names.has(name.toLowerCase())) {
      return {
        planned: {
          row: index + 1,
          name,
          does: 'same',
          words: ['A band of this name is on the rail; it is left as it is.'],
        },
        step: null,
      };
    }
    names.add(name.toLowerCase());
    const pulls = measurements.reduce((sum, { samples }) => sum + samples.length, 0);
    return {
      planned: { row: index + 1, name, does: 'add', words: [`with ${pulls} pulls`] },
      step: { kind: 'document', document: parsed.value },
    };
  });
  return planOf('documents', ['open documents, metres and newtons'], outcomes);
}

function planBand(
  row: RowReader,
  bands: readonly BandToday[],
  seen: Map<string, number>,
  units: Units,
): Outcome {
  const name = row.text('name');
  const known = bands.find((band) => band.name.toLowerCase() === name.toLowerCase());
  const input = bandInputOf(row, known);
  const before = seen.get(name.toLowerCase());
  if (before !== undefined)
    row.faults.push(`name: found "${name}" again, expected it once (line ${before})`);
  seen.set(name.toLowerCase(), row.line);
  if (input === null || row.faults.length > 0) return refused(row.line, name, row.faults);
  const words = known === undefined ? [wordsOf(input, units)] : changesOf(known, input);
  const does = known === undefined ? 'add' : words.length > 0 ? 'change' : 'same';
  return {
    planned: { row: row.line, name, does, words },
    step: does === 'same' ? null : { kind: 'band', id: known?.id ?? null, input },
  };
}

function planPull(row: RowReader, bands: readonly BandToday[], units: Units): Outcome {
  const pull = pulledRowOf(row, bands);
  const name = row.text('band');
  if (pull === null) return refused(row.line, name, row.faults);
  const { length_m, force_N } = pull.reading;
  const words = [`${writeFineLength(length_m, units.length)}, ${writeForce(force_N, units.force)}`];
  const same = sameReading(pull.band, pull.measurement, pull.reading);
  return {
    planned: { row: row.line, name, does: same ? 'same' : 'add', words },
    step: same ? null : { kind: 'pull', pull },
  };
}

function refused(row: number, name: string, words: readonly string[]): Outcome {
  const planned = { row, name: name.slice(0, 80), does: 'refuse' as const, words: [...words] };
  return { planned, step: null };
}

/** What was understood of a band, said back as the studio writes lengths and forces. */
function wordsOf({ kind, flatLength_m, width_mm, label }: BandInput, units: Units): string {
  const claim =
    label === null
      ? ''
      : `, label ${forceFigure(label.min_N, units.force)}–${writeForce(label.max_N, units.force)}`;
  return `${kind}, ${writeFineLength(flatLength_m, units.length)} flat, ${writeWidth(width_mm, units.length)} wide${claim}`;
}

function planOf(
  about: ImportPlan['about'],
  said: readonly string[],
  outcomes: readonly Outcome[],
): Plan {
  const rows = outcomes.map(({ planned }) => planned);
  const count = (does: PlannedRow['does']): number =>
    rows.filter((row) => row.does === does).length;
  return {
    steps: outcomes.flatMap(({ step }) => step ?? []),
    shown: {
      about,
      said: [...said],
      rows,
      counts: {
        add: count('add'),
        change: count('change'),
        same: count('same'),
        refuse: count('refuse'),
      },
      digest: createHash('sha256').update(JSON.stringify(rows)).digest('hex'),
      saved: false,
    },
  };
}

function readDocuments(bytes: Uint8Array): readonly unknown[] {
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    return refuseFile('text that is no JSON', 'a JSON document');
  }
  const list = Array.isArray(value)
    ? (value as unknown[])
    : typeof value === 'object' && value !== null && 'bands' in value && Array.isArray(value.bands)
      ? (value.bands as unknown[])
      : [value];
  if (list.length > MOST_DOCUMENTS) {
    return refuseFile(`${list.length} documents`, `at most ${MOST_DOCUMENTS}`);
  }
  return list;
}

function nameIn(value: unknown): string {
  const name = typeof value === 'object' && value !== null && 'name' in value ? value.name : '';
  return typeof name === 'string' ? name : '';
}
