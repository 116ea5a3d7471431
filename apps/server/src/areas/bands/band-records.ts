import type { BandCopy, BandEventRecord, BandRecord, Holder, Reading } from '@wiry-otter/contracts';
import { inspectionDue, STANDING_ERROR_N } from '@wiry-otter/core';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { type EntityManager, In } from 'typeorm';
import {
  BandCopyEntity,
  type BandCopyRow,
  BandEventEntity,
  type BandEventRow,
  BandMeasurementEntity,
  type BandMeasurementRow,
  BandReadingEntity,
  type BandReadingRow,
  type BandRow,
} from './entities.js';
import { TrainerEntity } from '../studio/entities.js';
import { idsOfOwnPeople } from '../people/people-store.js';
import { dayInZone } from '../../platform/days.js';
import { ownedBy, type Scope } from '../../platform/access/scope.js';
import { copyWorn, readWear, type Wear } from './wear.js';

/** The rows that a band's record is put together from. */
interface Parts {
  readonly copies: readonly BandCopyRow[];
  readonly measurements: readonly BandMeasurementRow[];
  readonly readings: readonly BandReadingRow[];
  readonly events: readonly BandEventRow[];
  readonly wear: readonly Wear[];
  readonly trainers: ReadonlyMap<string, string>;
  readonly ownPeople: ReadonlySet<string>;
}

/** Puts the records of bands together, with a fixed number of queries however many they are. */
export async function toRecords(
  manager: EntityManager,
  scope: Scope,
  rows: readonly BandRow[],
): Promise<BandRecord[]> {
  if (rows.length === 0) return [];
  const parts = await readParts(
    manager,
    scope,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => toRecord(row, parts, scope));
}

async function readParts(
  manager: EntityManager,
  scope: Scope,
  bandIds: readonly string[],
): Promise<Parts> {
  const ids = In([...bandIds]);
  const copies = await manager.find(BandCopyEntity, {
    where: ownedBy<BandCopyRow>(scope, { bandId: ids }),
    order: { mark: 'ASC' },
  });
  const measurements = await manager.find(BandMeasurementEntity, {
    where: ownedBy<BandMeasurementRow>(scope, { bandId: ids }),
    order: { startedAt: 'ASC', id: 'ASC' },
  });
  const readings = await manager.find(BandReadingEntity, {
    where: ownedBy<BandReadingRow>(scope, { bandId: ids }),
    order: { sequence: 'ASC' },
  });
  const events = await manager.find(BandEventEntity, {
    where: ownedBy<BandEventRow>(scope, { bandId: ids }),
    order: { at: 'ASC', id: 'ASC' },
  });
  const trainers = await manager.findBy(TrainerEntity, { studioId: scope.studioId });
  return {
    copies,
    measurements,
    // Rows come by rising sequence, so the last one of a reading is the one that stands.
    readings: [...new Map(readings.map((row) => [row.readingId, row])).values()],
    events,
    wear: await readWear(manager, scope),
    trainers: new Map(trainers.map(({ id, name }) => [id, name])),
    ownPeople: new Set(await idsOfOwnPeople(manager, scope)),
  };
}

function toRecord(row: BandRow, parts: Parts, scope: Scope): BandRecord {
  const { studioId: _studio, ...fields } = row;
  const events = parts.events.filter(({ bandId }) => bandId === row.id);
  const rows = parts.copies.filter(({ bandId }) => bandId === row.id);
  const worn = parts.wear
    .filter(({ bandId }) => bandId === row.id)
    .map((wear) => ({ ...wear, copyId: copyWorn(rows, events, wear) }));
  const copies = rows.map((copy) =>
    toCopy(
      copy,
      events.filter(({ copyId }) => copyId === copy.id),
      worn.filter(({ copyId }) => copyId === copy.id),
      parts,
      scope,
    ),
  );
  return {
    ...fields,
    state: bestState(copies),
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
  wear: readonly Wear[],
  { ownPeople }: Parts,
  scope: Scope,
): BandCopy {
  const inspected = events.filter(({ what }) => what.kind === 'inspected').at(-1);
  const lastInspection = inspected === undefined ? null : dayInZone(inspected.at, scope.zone);
  const since = wear.filter(({ at }) => inspected === undefined || at > inspected.at);
  const cycles = {
    total: sumOf(wear.map((entry) => entry.cycles)),
    sinceInspection: sumOf(since.map((entry) => entry.cycles)),
  };
  // A band never inspected counts from the day it was bought, else from the day it was put on record.
  const from = lastInspection ?? copy.boughtOn ?? dayInZone(addedAt, scope.zone);
  const today = dayInZone(scope.now, scope.zone);
  const days = differenceInCalendarDays(parseISO(today), parseISO(from));
  return {
    ...copy,
    holder: shownHolder(holder, ownPeople),
    lastInspection,
    cycles,
    inspectionDue: inspectionDue({ days, cycles: cycles.sinceInspection }, scope.inspectionRule)
      .due,
  };
}

/** A band at the home of a colleague's client is away, but not for this trainer to know where. */
function shownHolder(holder: Holder, ownPeople: ReadonlySet<string>): Holder {
  if (holder.at !== 'person' || holder.personId === null) return holder;
  return ownPeople.has(holder.personId) ? holder : { at: 'person', personId: null };
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

function toEvent(row: BandEventRow, { trainers, ownPeople }: Parts): BandEventRecord {
  const { id, copyId, what } = row;
  return {
    id,
    copyId,
    at: row.at.toISOString(),
    by: trainers.get(row.by) ?? '',
    what: what.kind === 'moved' ? { ...what, holder: shownHolder(what.holder, ownPeople) } : what,
  };
}

/** A band can be used while one of its copies can; without doubt while one is without doubt. */
function bestState(
  copies: readonly { readonly state: BandRecord['state'] }[],
): BandRecord['state'] {
  if (copies.some(({ state }) => state === 'inUse')) return 'inUse';
  return copies.some(({ state }) => state === 'watch') ? 'watch' : 'retired';
}

function sumOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0);
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
