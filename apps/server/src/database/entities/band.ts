import type { BandInput } from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  flag,
  id,
  integer,
  json,
  moment,
  nullable,
  number,
  studioId,
  text,
  uuid,
  version,
} from './columns.js';

export interface BandRow extends Omit<BandInput, 'version'> {
  id: string;
  studioId: string;
  version: number;
  removed: boolean;
}

export const BandEntity = new EntitySchema<BandRow>({
  name: 'band',
  columns: {
    id,
    studioId,
    version,
    name: text(),
    kind: text(),
    flatLength_m: number('flat_length_m'),
    width_mm: number('width_mm'),
    colour: text(),
    tag: nullable(integer()),
    label: nullable(json()),
    limit: number('stretch_limit'),
    state: text(),
    note: text(),
    removed: flag(),
  },
});

/**
 * A pull on the gauge. Append-only: a correction is a new row that supersedes
 * an earlier one, `setAside` or not.
 */
export interface BandReadingRow {
  id: string;
  studioId: string;
  bandId: string;
  length_m: number;
  force_N: number;
  rest_m: number | null;
  strands: number | null;
  direction: 'loading' | 'unloading';
  takenAt: Date;
  takenBy: string;
  /** The reading as first entered; corrections of one reading share it. */
  readingId: string;
  sequence: number;
  setAside: boolean;
}

export const BandReadingEntity = new EntitySchema<BandReadingRow>({
  name: 'band_reading',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    length_m: number('length_m'),
    force_N: number('force_n'),
    rest_m: nullable(number('rest_m')),
    strands: nullable(integer()),
    direction: text(),
    takenAt: moment('taken_at'),
    takenBy: uuid('taken_by'),
    readingId: uuid('reading_id'),
    sequence: integer(),
    setAside: flag('set_aside'),
  },
});
