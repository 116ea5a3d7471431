import type {
  BandEventRecord,
  BandInput,
  BandRecord,
  GaugeName,
  Holder,
  MeasurementRecord,
  Reading,
} from '@wiry-otter/contracts';
import { EntitySchema } from 'typeorm';
import {
  day,
  flag,
  id,
  integer,
  json,
  moment,
  nullable,
  nullableUuid,
  number,
  studioId,
  text,
  uuid,
  version,
} from '../../platform/database/columns.js';

export interface BandRow extends Omit<BandInput, 'version' | 'copies'> {
  id: string;
  studioId: string;
  version: number;
  lawFrom: string | null;
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
    stock: text(),
    cutFrom: nullableUuid('cut_from'),
    flatLength_m: number('flat_length_m'),
    width_mm: number('width_mm'),
    thickness_mm: nullable(number('thickness_mm')),
    material: text(),
    colour: text(),
    tag: nullable(integer()),
    points: nullable(number()),
    label: nullable(json()),
    limit: number('stretch_limit'),
    fittings: nullable(json()),
    note: text(),
    lawFrom: nullableUuid('law_from'),
    removed: flag(),
  },
});

/** One of several equal bands, as it is now; how it came to be so is in its events. */
export interface BandCopyRow {
  id: string;
  studioId: string;
  bandId: string;
  mark: string;
  boughtOn: string | null;
  addedAt: Date;
  state: BandRecord['state'];
  stateReason: string;
  holder: Holder;
}

export const BandCopyEntity = new EntitySchema<BandCopyRow>({
  name: 'band_copy',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    mark: text(),
    boughtOn: nullable(day('bought_on')),
    addedAt: moment('added_at'),
    state: text(),
    stateReason: text('state_reason'),
    holder: json(),
  },
});

/** Pulls taken in one go; its readings are added, never changed. */
export interface BandMeasurementRow {
  id: string;
  studioId: string;
  bandId: string;
  copyId: string;
  rigging: MeasurementRecord['rigging'];
  gauge: GaugeName;
  warmUps: number;
  startedAt: Date;
  finishedAt: Date | null;
  takenBy: string;
  note: string;
}

export const BandMeasurementEntity = new EntitySchema<BandMeasurementRow>({
  name: 'band_measurement',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    copyId: uuid('copy_id'),
    rigging: text(),
    gauge: json(),
    warmUps: integer('warm_ups'),
    startedAt: moment('started_at'),
    finishedAt: nullable(moment('finished_at')),
    takenBy: uuid('taken_by'),
    note: text(),
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
  measurementId: string;
  length_m: number;
  force_N: number;
  rest_m: number | null;
  strands: number | null;
  dead_m: number;
  direction: 'loading' | 'unloading';
  weighing: Reading['weighing'];
  takenAt: Date;
  takenBy: string;
  /** The reading as first entered; corrections of one reading share it. */
  readingId: string;
  sequence: number;
  setAside: boolean;
  setAsideReason: string;
}

export const BandReadingEntity = new EntitySchema<BandReadingRow>({
  name: 'band_reading',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    measurementId: uuid('measurement_id'),
    length_m: number('length_m'),
    force_N: number('force_n'),
    rest_m: nullable(number('rest_m')),
    strands: nullable(integer()),
    dead_m: number('dead_m'),
    direction: text(),
    weighing: nullable(json()),
    takenAt: moment('taken_at'),
    takenBy: uuid('taken_by'),
    readingId: uuid('reading_id'),
    sequence: integer(),
    setAside: flag('set_aside'),
    setAsideReason: text('set_aside_reason'),
  },
});

/** Something that happened to a copy: an inspection, a move, the end of its use. Append-only. */
export interface BandEventRow {
  id: string;
  studioId: string;
  bandId: string;
  copyId: string;
  at: Date;
  by: string;
  what: BandEventRecord['what'];
}

export const BandEventEntity = new EntitySchema<BandEventRow>({
  name: 'band_event',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    copyId: uuid('copy_id'),
    at: moment('happened_at'),
    by: uuid('noted_by'),
    what: json(),
  },
});

/** How often a copy was stretched beyond ×2, counted as sets are logged; the id is the copy's. */
export interface BandWearRow {
  id: string;
  studioId: string;
  bandId: string;
  version: number;
  total: number;
  sinceInspection: number;
}

export const BandWearEntity = new EntitySchema<BandWearRow>({
  name: 'band_wear',
  columns: {
    id,
    studioId,
    bandId: uuid('band_id'),
    version,
    total: integer(),
    sinceInspection: integer('since_inspection'),
  },
});

/** What one set did to one copy. */
export interface SetWearRow {
  copyId: string;
  setId: string;
  studioId: string;
  performedAt: Date;
  cycles: number;
}

export const SetWearEntity = new EntitySchema<SetWearRow>({
  name: 'set_wear',
  columns: {
    copyId: { ...uuid('copy_id'), primary: true },
    setId: { ...uuid('set_id'), primary: true },
    studioId,
    performedAt: moment('performed_at'),
    cycles: integer(),
  },
});
