import {
  type BandToday,
  measurementInput,
  type MeasurementInput,
  type MeasurementRecord,
  parseDocument,
  readingInput,
  type ReadingInput,
} from '@wiry-otter/contracts';
import { riggedForGauge, toStrandReading } from '@wiry-otter/core';
import { decimals } from './band-rows.js';
import type { Column, RowReader } from './columns.js';

/** Columns of the table of measurements: a row is one pull. */
export const MEASUREMENT_COLUMNS: readonly Column[] = [
  { title: 'band', kind: 'text', required: true },
  { title: 'day', kind: 'text', required: true },
  { title: 'copy', kind: 'text' },
  { title: 'rigging', kind: 'text' },
  { title: 'gauge', kind: 'text' },
  { title: 'length', kind: 'length', unit: 'cm', required: true },
  { title: 'pull', kind: 'force', unit: 'N', required: true },
  // Of the elastic as rigged, at rest; needed for a piece of a roll alone.
  { title: 'rest', kind: 'length', unit: 'cm' },
  { title: 'read', kind: 'text' },
  { title: 'set aside', kind: 'text' },
];

/** One pull of a row, with the band and measurement it belongs to. */
export interface PulledRow {
  readonly band: BandToday;
  readonly measurement: MeasurementInput;
  readonly reading: ReadingInput;
  readonly setAside: string;
}

const MEASURED_AT = 'T09:00:00.000Z';
const SAME_LENGTH_M = 0.0006;
const SAME_FORCE_N = 0.06;

/** A row as a pull of a known band; null, with the row's faults, where it is none. */
export function pulledRowOf(row: RowReader, bands: readonly BandToday[]): PulledRow | null {
  const name = row.text('band');
  const band = bands.find((known) => known.name.toLowerCase() === name.toLowerCase());
  if (band === undefined) {
    row.faults.push(`band: found "${name.slice(0, 60)}", expected the name of a band on the rail`);
    return null;
  }
  const mark = row.text('copy');
  const copy = mark === '' ? band.copies[0] : band.copies.find((known) => known.mark === mark);
  if (copy === undefined) {
    row.faults.push(
      `copy: found "${mark.slice(0, 20)}", expected ${band.copies.map((known) => known.mark).join(' or ')}`,
    );
  }
  const at = `${row.text('day')}${MEASURED_AT}`;
  const measurement = parseDocument(measurementInput, {
    copyId: copy?.id,
    rigging: row.text('rigging') || 'end',
    gauge: { kind: 'typed', name: row.text('gauge') },
    warmUps: 0,
    startedAt: at,
    finishedAt: at,
    note: 'Imported',
  });
  const rigged = measurement.ok
    ? riggedForGauge(
        { ...band, deadLength_m: band.fittings?.deadLength_m },
        measurement.value.rigging,
      )
    : undefined;
  const rest_m = row.quantity('rest');
  const reading = parseDocument(readingInput, {
    length_m: row.quantity('length'),
    force_N: row.quantity('pull'),
    ...rigged,
    ...(rest_m === null ? {} : { rest_m }),
    direction: directionOf(row.text('read')),
    weighing: null,
    takenAt: at,
  });
  for (const part of [measurement, reading]) {
    if (part.ok || row.faults.length > 0) continue;
    row.faults.push(
      ...part.faults.map(
        ({ path, found, expected }) =>
          `${path.replace(/^\$\.?/, '')}: found ${found}, expected ${expected}`,
      ),
    );
  }
  if (!measurement.ok || !reading.ok || row.faults.length > 0) return null;
  const { stretch } = toStrandReading(band, reading.value);
  if (stretch > band.limit + 1e-9 || stretch <= 1) {
    row.faults.push(
      `length: found ×${stretch.toFixed(2)} of the rest length, expected more than ×1 and at most the limit of ×${band.limit}`,
    );
    return null;
  }
  return {
    band,
    measurement: measurement.value,
    reading: reading.value,
    setAside: row.text('set aside'),
  };
}

/** The measurement of a band that has this pull already. */
export function sameReading(
  band: BandToday,
  measurement: MeasurementInput,
  reading: ReadingInput,
): boolean {
  return band.measurements.some(
    (known) =>
      known.startedAt.slice(0, 10) === measurement.startedAt.slice(0, 10) &&
      known.readings.some(
        (old) =>
          Math.abs(old.length_m - reading.length_m) < SAME_LENGTH_M &&
          Math.abs(old.force_N - reading.force_N) < SAME_FORCE_N &&
          old.direction === reading.direction,
      ),
  );
}

/** The pulls of a measurement as rows of the table. */
export function measurementRows(band: BandToday, measurement: MeasurementRecord): string[][] {
  const mark = band.copies.find(({ id }) => id === measurement.copyId)?.mark ?? '';
  return measurement.readings.map((reading) => [
    band.name,
    measurement.startedAt.slice(0, 10),
    mark,
    measurement.rigging,
    measurement.gauge.name,
    decimals(reading.length_m * 100, 2),
    decimals(reading.force_N, 2),
    reading.rest_m === null ? '' : decimals(reading.rest_m * 100, 2),
    reading.direction === 'loading' ? 'pulling' : 'way back',
    reading.setAside ? reading.setAsideReason || 'set aside' : '',
  ]);
}

function directionOf(words: string): string {
  if (words === '' || words === 'pulling') return 'loading';
  return words === 'way back' ? 'unloading' : words;
}
