import { KILOGRAM_FORCE_N, INCH_M, POUND_FORCE_N, STANDARD_GRAVITY_M_S2 } from '@wiry-otter/core';
import type { CsvTable } from './read-csv.js';
import { refuseFile } from './read-csv.js';

/** What a column holds; quantities are turned to the unit the core counts in. */
export type ColumnKind = 'text' | 'number' | 'length' | 'small length' | 'force' | 'mass';

export interface Column {
  /** As it stands in the header, without its unit. */
  readonly title: string;
  readonly kind: ColumnKind;
  readonly required?: boolean;
  /** Unit that is written, and taken where the header names none. */
  readonly unit?: string;
}

/** Units by kind: how much of the kind's own unit (m, mm, N, kg) one of them is. */
const UNITS: Readonly<Partial<Record<ColumnKind, Readonly<Record<string, number>>>>> = {
  length: { m: 1, cm: 0.01, mm: 0.001, in: INCH_M },
  'small length': { mm: 1, cm: 10, in: 1000 * INCH_M },
  force: {
    n: 1,
    kg: KILOGRAM_FORCE_N,
    kgf: KILOGRAM_FORCE_N,
    lb: POUND_FORCE_N,
    lbf: POUND_FORCE_N,
  },
  mass: { kg: 1, g: 0.001, lb: POUND_FORCE_N / STANDARD_GRAVITY_M_S2 },
};

/** A column of the file with the place and unit it was found in. */
interface FoundColumn extends Column {
  readonly index: number;
  readonly factor: number;
  readonly foundUnit: string | null;
}

/** A row's cells by column title, as the file means them. */
export interface RowReader {
  readonly line: number;
  readonly faults: string[];
  text(title: string): string;
  /** The quantity in the kind's own unit; null for an empty cell; a fault for anything else. */
  quantity(title: string): number | null;
}

export interface ReadableTable {
  readonly said: readonly string[];
  readonly rows: readonly RowReader[];
}

/** Finds the columns in a table's header, with their units; refuses unknown and missing ones. */
export function readColumns(table: CsvTable, columns: readonly Column[]): ReadableTable {
  const found = table.header.map((title, index) => findColumn(title, index, columns));
  const missing = columns.filter(
    ({ title, required }) => required === true && !found.some((column) => column.title === title),
  );
  if (missing.length > 0) {
    return refuseFile(
      `columns ${table.header.join(', ')}`,
      `a column "${missing.map(({ title }) => title).join('", "')}"`,
    );
  }
  const decimal = decimalSign(table, found);
  return {
    said: [
      `separated by ${table.delimiter === ';' ? 'semicolons' : table.delimiter === ',' ? 'commas' : 'tabs'}`,
      `decimal ${decimal === ',' ? 'comma' : 'point'}`,
      ...found
        .filter(({ foundUnit }) => foundUnit !== null)
        .map(({ title, foundUnit }) => `${title} [${foundUnit ?? ''}]`),
    ],
    rows: table.rows.map(({ line, cells }) => readRow(line, cells, found, decimal)),
  };
}

/** The header line of columns as we write them. */
export function headerOf(columns: readonly Column[]): string[] {
  return columns.map(({ title, unit }) => (unit === undefined ? title : `${title} [${unit}]`));
}

function findColumn(header: string, index: number, columns: readonly Column[]): FoundColumn {
  const parts = /^(.*?)(?:\s*[[(]([^\])]*)[\])])?$/.exec(header.toLowerCase());
  const title = (parts?.[1] ?? '').trim();
  const column = columns.find((known) => known.title === title);
  if (column === undefined) {
    return refuseFile(
      `a column "${header.slice(0, 60)}"`,
      `one of ${columns.map((known) => known.title).join(', ')}`,
    );
  }
  const units = UNITS[column.kind];
  if (units === undefined) return { ...column, index, factor: 1, foundUnit: null };
  const unit = (parts?.[2] ?? column.unit ?? '').trim().toLowerCase();
  const factor = units[unit];
  if (factor === undefined) {
    return refuseFile(
      `"${header.slice(0, 60)}" in ${unit === '' ? 'no unit' : unit}`,
      `one of the units ${Object.keys(units).join(', ')}`,
    );
  }
  return { ...column, index, factor, foundUnit: unit };
}

/** A decimal comma is taken where numbers have one and none has a point. */
function decimalSign(table: CsvTable, columns: readonly FoundColumn[]): ',' | '.' {
  const numeric = columns.filter(({ kind }) => kind !== 'text').map(({ index }) => index);
  const cells = table.rows.flatMap((row) => numeric.map((index) => row.cells[index] ?? ''));
  const commas = cells.some((cell) => /^-?\d+,\d+$/.test(cell));
  const points = cells.some((cell) => /^-?\d+\.\d+$/.test(cell));
  return commas && !points ? ',' : '.';
}

function readRow(
  line: number,
  cells: readonly string[],
  columns: readonly FoundColumn[],
  decimal: ',' | '.',
): RowReader {
  const faults: string[] = [];
  const cellOf = (title: string): { cell: string; column: FoundColumn } | undefined => {
    const column = columns.find((known) => known.title === title);
    return column === undefined ? undefined : { cell: cells[column.index] ?? '', column };
  };
  if (cells.length !== columns.length) {
    faults.push(`found ${cells.length} cells, expected ${columns.length}`);
  }
  return {
    line,
    faults,
    text: (title) => cellOf(title)?.cell ?? '',
    quantity: (title) => {
      const found = cellOf(title);
      if (found === undefined || found.cell === '') return null;
      const pattern = decimal === ',' ? /^-?\d+(,\d+)?$/ : /^-?\d+(\.\d+)?$/;
      if (!pattern.test(found.cell)) {
        faults.push(
          `${title}: found "${found.cell.slice(0, 40)}", expected a number with a decimal ${decimal === ',' ? 'comma' : 'point'}`,
        );
        return null;
      }
      return Number((Number(found.cell.replace(',', '.')) * found.column.factor).toPrecision(12));
    },
  };
}
