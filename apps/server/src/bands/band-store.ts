import type {
  BandInput,
  BandRecord,
  Reading,
  ReadingInput,
  RequestFault,
} from '@wiry-otter/contracts';
import {
  type Calibration,
  calibrate,
  GREATEST_STRETCH_LIMIT,
  toStrandReading,
} from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import { In } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import {
  BandEntity,
  BandReadingEntity,
  type BandReadingRow,
  type BandRow,
} from '../database/entities/band.js';
import { TrainerEntity } from '../database/entities/studio.js';
import { expectVersion, findOwn, lockOwn, ownedBy, type Scope } from '../platform/scope.js';
import { refuse } from '../problems/refusal.js';

/** A reading this far past ×3 is a slip of the tape, not an overstretch (relative). */
const STRETCH_TOLERANCE = 1e-9;

export async function listBands(manager: EntityManager, scope: Scope): Promise<BandRecord[]> {
  const rows = await manager.find(BandEntity, {
    where: ownedBy<BandRow>(scope, { removed: false }),
    order: { id: 'ASC' },
  });
  return toRecords(manager, scope, rows);
}

export async function readBand(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<BandRecord> {
  const row = await findOwn(manager, BandEntity, scope, { id });
  return oneRecord(manager, scope, row);
}

/** The bands of these ids, removed ones too; refuses when one is not the studio's. */
export async function readBands(
  manager: EntityManager,
  scope: Scope,
  ids: readonly string[],
): Promise<BandRecord[]> {
  const rows = await manager.findBy(BandEntity, ownedBy<BandRow>(scope, { id: In([...ids]) }));
  return toRecords(manager, scope, rows);
}

/** Creates the band, or changes it when the version on record is the one it was made from. */
export async function putBand(
  manager: EntityManager,
  scope: Scope,
  id: string,
  { version, ...fields }: BandInput,
): Promise<BandRecord> {
  const row = await lockOwn(manager, BandEntity, scope, id);
  expectVersion(row?.version ?? 0, version);
  const written: BandRow = {
    ...fields,
    id,
    studioId: scope.studioId,
    version: version + 1,
    removed: row?.removed ?? false,
  };
  await manager.save(BandEntity, written);
  return oneRecord(manager, scope, written);
}

/** Takes a band off the rail or puts it back; its record stays. */
export async function setBandRemoved(
  manager: EntityManager,
  scope: Scope,
  id: string,
  removed: boolean,
): Promise<BandRecord> {
  const row = (await lockOwn(manager, BandEntity, scope, id)) ?? refuse('not-found');
  if (row.removed !== removed) {
    row.removed = removed;
    row.version += 1;
    await manager.save(BandEntity, row);
  }
  return oneRecord(manager, scope, row);
}

/** Adds a reading; the same one sent twice is kept once. */
export async function addReading(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  readingId: string,
  input: ReadingInput,
): Promise<BandRecord> {
  const row = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  const known = await manager.findOneBy(BandReadingEntity, { readingId, sequence: 0 });
  if (known !== null && known.bandId !== bandId) {
    return known.studioId === scope.studioId ? refuse('id-taken') : refuse('not-found');
  }
  if (known === null) {
    refuseOverstretch(row, input);
    await manager.insert(BandReadingEntity, {
      ...input,
      takenAt: new Date(input.takenAt),
      id: readingId,
      readingId,
      sequence: 0,
      setAside: false,
      bandId,
      studioId: scope.studioId,
      takenBy: scope.trainerId,
    });
  }
  return oneRecord(manager, scope, row);
}

/** Sets a reading aside, or counts it again, by a row that supersedes it. */
export async function setReadingAside(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  readingId: string,
  setAside: boolean,
): Promise<BandRecord> {
  const row = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  const latest = await manager.findOne(BandReadingEntity, {
    where: ownedBy<BandReadingRow>(scope, { readingId, bandId }),
    order: { sequence: 'DESC' },
  });
  if (latest === null) return refuse('not-found');
  if (latest.setAside !== setAside) {
    await manager.insert(BandReadingEntity, {
      ...latest,
      id: uuidv7(),
      sequence: latest.sequence + 1,
      setAside,
    });
  }
  return oneRecord(manager, scope, row);
}

/** The law of a band from the readings that count, or from its label. */
export function calibrateBand(band: BandRecord): Calibration | undefined {
  const fitted = calibrate({ ...band, samples: band.readings.filter(({ setAside }) => !setAside) });
  return fitted.ok ? fitted.value : undefined;
}

function refuseOverstretch(band: BandRow, input: ReadingInput): void {
  const { stretch } = toStrandReading(band, input);
  if (stretch <= GREATEST_STRETCH_LIMIT * (1 + STRETCH_TOLERANCE)) return;
  const fault: RequestFault = {
    in: 'body',
    path: '$.length_m',
    found: `${input.length_m} m, ×${stretch.toFixed(2)} of the rest length`,
    expected: `at most ×${GREATEST_STRETCH_LIMIT}: never pull a band further`,
  };
  refuse('invalid-request', [fault]);
}

async function oneRecord(manager: EntityManager, scope: Scope, row: BandRow): Promise<BandRecord> {
  const [record] = await toRecords(manager, scope, [row]);
  return record ?? refuse('not-found');
}

async function toRecords(
  manager: EntityManager,
  scope: Scope,
  rows: readonly BandRow[],
): Promise<BandRecord[]> {
  if (rows.length === 0) return [];
  const readings = await manager.find(BandReadingEntity, {
    where: ownedBy<BandReadingRow>(scope, { bandId: In(rows.map(({ id }) => id)) }),
    order: { sequence: 'ASC' },
  });
  const trainers = await manager.findBy(TrainerEntity, { studioId: scope.studioId });
  const names = new Map(trainers.map(({ id, name }) => [id, name]));
  // Rows come by rising sequence, so the last one of a reading is the one that stands.
  const standing = new Map(readings.map((row) => [row.readingId, row]));
  return rows.map(({ studioId: _studio, ...row }) => ({
    ...row,
    readings: [...standing.values()]
      .filter(({ bandId }) => bandId === row.id)
      .sort(
        (a, b) => a.takenAt.getTime() - b.takenAt.getTime() || compare(a.readingId, b.readingId),
      )
      .map((reading) => toReading(reading, names.get(reading.takenBy) ?? '')),
  }));
}

function toReading(row: BandReadingRow, takenBy: string): Reading {
  const { readingId, length_m, force_N, rest_m, strands, direction, setAside } = row;
  return {
    id: readingId,
    length_m,
    force_N,
    rest_m,
    strands,
    direction,
    takenAt: row.takenAt.toISOString(),
    takenBy,
    setAside,
  };
}

function compare(a: string, b: string): number {
  return a < b ? -1 : a > b ? 1 : 0;
}
