import Papa from 'papaparse';
import type { RequestFault } from '@wiry-otter/contracts';
import { refuse } from '../../../platform/problems/refusal.js';

/** A table as it was found in a file, before its columns mean anything. */
export interface CsvTable {
  readonly header: readonly string[];
  readonly rows: readonly CsvRow[];
  readonly delimiter: string;
}

export interface CsvRow {
  /** Line of the file, counted from 1. */
  readonly line: number;
  readonly cells: readonly string[];
}

const DELIMITERS = [',', ';', '\t'];
const MOST_COLUMNS = 60;
const MOST_ROWS = 5_000;
const LONGEST_CELL = 2_000;

/**
 * Reads a CSV file: UTF-8 or UTF-16 with its mark, comma, semicolon or tab,
 * any line ends. Refuses what is no table of sensible size before it is taken
 * apart.
 */
export function readCsv(bytes: Uint8Array): CsvTable {
  const text = decode(bytes);
  const firstLine = /^[^\r\n]*/.exec(text)?.[0] ?? '';
  const delimiter = delimiterOf(firstLine);
  const columns = firstLine.split(delimiter).length;
  if (columns > MOST_COLUMNS) {
    return refuseFile(`${columns} columns`, `at most ${MOST_COLUMNS} columns`);
  }
  const [header, ...rest] = readRows(text, delimiter);
  if (header === undefined || header.cells.every((cell) => cell === '')) {
    return refuseFile('an empty file', 'a header line and rows under it');
  }
  const rows = rest.filter(({ cells }) => cells.some((cell) => cell !== ''));
  return { header: header.cells, rows, delimiter };
}

/** Every row under the line it begins in: a quoted cell may go over several. */
function readRows(text: string, delimiter: string): readonly CsvRow[] {
  const rows: CsvRow[] = [];
  let line = 1;
  let end = 0;
  Papa.parse<string[]>(text, {
    delimiter,
    skipEmptyLines: false,
    preview: MOST_ROWS + 2,
    step({ data, errors, meta: { cursor } }) {
      // A quote without its other half would take the rows after it into one cell.
      if (errors.some(({ type }) => type === 'Quotes')) {
        refuseFile(`a quote in line ${line} without its other half`, 'quotes in pairs');
      }
      rows.push({ line, cells: data.map(cleanCell) });
      line += text.slice(end, cursor).match(/\r\n|\r|\n/g)?.length ?? 0;
      end = cursor;
    },
  });
  if (rows.length > MOST_ROWS + 1) {
    return refuseFile(`more than ${MOST_ROWS} rows`, `at most ${MOST_ROWS} rows`);
  }
  return rows;
}

/** Decodes by the byte order mark, else as UTF-8; other encodings are refused by the first byte that does not fit. */
function decode(bytes: Uint8Array): string {
  const encoding =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : 'utf-8';
  try {
    const text = new TextDecoder(encoding, { fatal: true }).decode(bytes);
    const zero = text.indexOf('\0');
    if (zero < 0) return text;
    return refuseFile(`a zero character at ${zero}`, 'a text file');
  } catch (error) {
    if (error instanceof TypeError) {
      return refuseFile(
        `bytes that are no ${encoding.toUpperCase()}`,
        'a file saved as UTF-8 (in a spreadsheet: "CSV UTF-8")',
      );
    }
    throw error;
  }
}

/** The separator that cuts the header into most columns. */
function delimiterOf(line: string): string {
  return DELIMITERS.reduce((best, next) =>
    line.split(next).length > line.split(best).length ? next : best,
  );
}

/** Takes the quote off that keeps a spreadsheet from running a cell, and cuts what is far too long. */
function cleanCell(cell: string): string {
  const text = cell.trim().slice(0, LONGEST_CELL);
  return /^'[=+\-@\t\r]/.test(text) ? text.slice(1) : text;
}

/** A cell that a spreadsheet would take for a formula is written with a quote before it. */
export function neutralised(cell: string): string {
  return /^[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell;
}

/** Ends the request with what is wrong with the file as a whole. */
export function refuseFile(found: string, expected: string): never {
  const fault: RequestFault = { in: 'body', path: '$', found, expected };
  return refuse('invalid-request', [fault]);
}
