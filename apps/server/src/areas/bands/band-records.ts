import type { BandCopy, BandEventRecord, BandRecord, Holder, Reading } from '@wiry-otter/contracts';
import { bestCopyState, STANDING_ERROR_N } from '@wiry-otter/core';
import { In } from 'typeorm';
import { dayInZone } from '@wiry-otter/derived';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { TrainerEntity } from '../studio/entities.js';
import {
  BandCopyEntity,
  type BandCopyRow,
  BandEntity,
  BandEventEntity,
  type BandEventRow,
  BandMeasurementEntity,
  type BandMeasurementRow,
  BandReadingEntity,
  type BandReadingRow,
  type BandRow,
  BandWearEntity,
} from './entities.js';

export const bandRecords = recordsOfTable('band', BandEntity, async (scoped, rows) =>
  (await toRecords(scoped, rows)).map((record) => ({
    id: record.id,
    version: record.version,
    record,
  })),
);

/** How worn each copy is, by the copy's id. */
export const wearRecords = recordsOfTable('bandWear', BandWearEntity, (_scoped, rows) =>
  rows.map(({ bandId, id, sinceInspection, total, version }) => ({
    id,
    version,
    record: { id, bandId, total, sinceInspection },
  })),
);

/** Moves to somebody's home, which only their trainers see. */
export const moveRecords = recordsOfTable('bandMove', BandEventEntity, (_scoped, rows) =>
  rows.flatMap(({ bandId, copyId, id, what }) => {
    if (what.kind !== 'moved' || what.holder.at !== 'person') return [];
    const { personId } = what.holder;
    if (personId === null) return [];
    return [{ id, version: 1, personId, record: { id, bandId, copyId, personId } }];
  }),
);

/** The rows that a band's record is put together from. */
interface Parts {
  readonly copies: readonly BandCopyRow[];
  readonly measurements: readonly BandMeasurementRow[];
  readonly readings: readonly BandReadingRow[];
  readonly events: readonly BandEventRow[];
  readonly trainers: ReadonlyMap<string, string>;
}

/** Puts the records of bands together, with a fixed number of queries however many they are. */
export async function toRecords(
  scoped: ScopedManager,
  rows: readonly BandRow[],
): Promise<BandRecord[]> {
  if (rows.length === 0) return [];
  const parts = await readParts(
    scoped,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => toRecord(row, parts, scoped.scope.zone));
}

async function readParts(scoped: ScopedManager, bandIds: readonly string[]): Promise<Parts> {
  const bandId = In([...bandIds]);
  const copies = await scoped.find(BandCopyEntity, { bandId }, { order: { mark: 'ASC' } });
  const measurements = await scoped.find(
    BandMeasurementEntity,
    { bandId },
    { order: { startedAt: 'ASC', id: 'ASC' } },
  );
  const readings = await scoped.find(BandReadingEntity, { bandId }, { order: { sequence: 'ASC' } });
  const events = await scoped.find(
    BandEventEntity,
    { bandId },
    { order: { at: 'ASC', id: 'ASC' } },
  );
  const trainers = await scoped.find(TrainerEntity, {});
  return {
    copies,
    measurements,
    // Rows come by rising sequence, so the last one of a reading is the one that stands.
    readings: [...new Map(readings.map((row) => [row.readingId, row])).values()],
    events,
    trainers: new Map(trainers.map(({ id, name }) => [id, name])),
  };
}

function toRecord(row: BandRow, parts: Parts, zone: string): BandRecord {
  const { studioId: _studio, ...fields } = row;
  const events = parts.events.filter(({ bandId }) => bandId === row.id);
  const copies = parts.copies
    .filter(({ bandId }) => bandId === row.id)
    .map((copy) =>
      toCopy(
        copy,
        events.filter(({ copyId }) => copyId === copy.id),
        zone,
      ),
    );
  return {
    ...fields,
    state: bestCopyState(copies),
    copies,
    measurements: parts.measurements
      .filter(({ bandId }) => bandId === row.id)
      .map((measurement) => toMeasurement(measurement, parts)),
    events: events.map((event) => toEvent(event, parts)),
  };
}

function toCopy(
  { studioId: _studio, bandId: _band, holder, addedAt, ...copy }: BandCopyRow,
  events: readonly BandEventRow[],
  zone: string,
): BandCopy {
  const inspected = events.filter(({ what }) => what.kind === 'inspected').at(-1);
  const lastInspection = inspected === undefined ? null : dayInZone(inspected.at, zone);
  return {
    ...copy,
    holder: withoutPerson(holder),
    lastInspection,
    countsFrom: lastInspection ?? copy.boughtOn ?? dayInZone(addedAt, zone),
  };
}

/** That a band is at somebody's home is everybody's to know, at whose is not. */
function withoutPerson(holder: Holder): Holder {
  return holder.at === 'person' ? { at: 'person', personId: null } : holder;
}

function toMeasurement(
  row: BandMeasurementRow,
  { readings, trainers }: Parts,
): BandRecord['measurements'][number] {
  const { id, copyId, rigging, gauge, warmUps, note } = row;
  return {
    id,
    copyId,
    rigging,
    gauge,
    warmUps,
    note,
    startedAt: row.startedAt.toISOString(),
    finishedAt: row.finishedAt?.toISOString() ?? null,
    takenBy: trainers.get(row.takenBy) ?? '',
    readings: readings
      .filter(({ measurementId }) => measurementId === id)
      .sort(
        (a, b) => a.takenAt.getTime() - b.takenAt.getTime() || compare(a.readingId, b.readingId),
      )
      .map((reading) => toReading(reading, row, trainers.get(reading.takenBy) ?? '')),
  };
}

function toReading(row: BandReadingRow, { rigging }: BandMeasurementRow, takenBy: string): Reading {
  const { readingId, length_m, force_N, rest_m, strands, dead_m, direction, weighing } = row;
  return {
    id: readingId,
    length_m,
    force_N,
    rest_m,
    strands,
    dead_m,
    direction,
    weighing,
    ...(rigging === 'standing' ? { gaugeError_N: STANDING_ERROR_N } : {}),
    takenAt: row.takenAt.toISOString(),
    takenBy,
    setAside: row.setAside,
    setAsideReason: row.setAsideReason,
  };
}

function toEvent(row: BandEventRow, { trainers }: Parts): BandEventRecord {
  const { id, copyId, what } = row;
  return {
    id,
    copyId,
    at: row.at.toISOString(),
    by: trainers.get(row.by) ?? '',
    what: what.kind === 'moved' ? { ...what, holder: withoutPerson(what.holder) } : what,
  };
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
