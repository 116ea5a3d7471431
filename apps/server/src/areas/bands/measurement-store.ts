import type {
  BandRecord,
  MeasurementInput,
  ReadingInput,
  RequestFault,
  ReadingAsideInput,
} from '@wiry-otter/contracts';
import { toStrandReading } from '@wiry-otter/core';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import {
  BandCopyEntity,
  BandEntity,
  BandMeasurementEntity,
  BandReadingEntity,
  type BandReadingRow,
  type BandRow,
} from './entities.js';
import { findOwn, lockOwn, ownedBy, type Scope } from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { bandRecord } from './band-store.js';

/** A reading exactly at the limit must not fail on rounding. */
const STRETCH_TOLERANCE = 1e-9;

/** Begins a measurement, or ends it: only its end and its note may change later. */
export async function putMeasurement(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  id: string,
  input: MeasurementInput,
): Promise<BandRecord> {
  const band = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  await findOwn(manager, BandCopyEntity, scope, { id: input.copyId, bandId });
  const known = await lockOwn(manager, BandMeasurementEntity, scope, id);
  if (known !== undefined && known.bandId !== bandId) return refuse('id-taken');
  await manager.save(BandMeasurementEntity, {
    ...(known ?? {
      ...input,
      id,
      bandId,
      studioId: scope.studioId,
      takenBy: scope.trainerId,
      startedAt: new Date(input.startedAt),
    }),
    finishedAt: input.finishedAt === null ? null : new Date(input.finishedAt),
    note: input.note,
  });
  return bandRecord(manager, scope, band);
}

/** Adds a reading; the same one sent twice is kept once. */
export async function addReading(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  measurementId: string,
  readingId: string,
  input: ReadingInput,
): Promise<BandRecord> {
  const band = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  await findOwn(manager, BandMeasurementEntity, scope, { id: measurementId, bandId });
  const known = await manager.findOneBy(BandReadingEntity, { readingId, sequence: 0 });
  if (known !== null && known.measurementId !== measurementId) {
    return known.studioId === scope.studioId ? refuse('id-taken') : refuse('not-found');
  }
  if (known === null) {
    refuseOverstretch(band, input);
    await manager.insert(BandReadingEntity, {
      ...input,
      takenAt: new Date(input.takenAt),
      id: readingId,
      readingId,
      sequence: 0,
      setAside: false,
      setAsideReason: '',
      bandId,
      measurementId,
      studioId: scope.studioId,
      takenBy: scope.trainerId,
    });
  }
  return bandRecord(manager, scope, band);
}

/** Sets a reading aside with its reason, or counts it again, by a row that supersedes it. */
export async function setReadingAside(
  manager: EntityManager,
  scope: Scope,
  bandId: string,
  readingId: string,
  { setAside, reason }: ReadingAsideInput,
): Promise<BandRecord> {
  const band = (await lockOwn(manager, BandEntity, scope, bandId)) ?? refuse('not-found');
  const latest = await manager.findOne(BandReadingEntity, {
    where: ownedBy<BandReadingRow>(scope, { readingId, bandId }),
    order: { sequence: 'DESC' },
  });
  if (latest === null) return refuse('not-found');
  if (latest.setAside !== setAside || latest.setAsideReason !== reason) {
    await manager.insert(BandReadingEntity, {
      ...latest,
      id: uuidv7(),
      sequence: latest.sequence + 1,
      setAside,
      setAsideReason: reason,
    });
  }
  return bandRecord(manager, scope, band);
}

function refuseOverstretch(band: BandRow, input: ReadingInput): void {
  const { stretch } = toStrandReading(band, input);
  if (stretch <= band.limit * (1 + STRETCH_TOLERANCE)) return;
  const fault: RequestFault = {
    in: 'body',
    path: '$.length_m',
    found: `${input.length_m} m, ×${stretch.toFixed(2)} of the rest length`,
    expected: `at most ×${band.limit}, the band's limit: never pull a band further`,
  };
  refuse('invalid-request', [fault]);
}
