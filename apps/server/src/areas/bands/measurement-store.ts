import type {
  MeasurementInput,
  ReadingAsideInput,
  ReadingInput,
  RequestFault,
} from '@wiry-otter/contracts';
import { toStrandReading } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { refuse } from '../../platform/problems/refusal.js';
import { expectSame } from '../../platform/records/expect-same.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { changeBand } from './band-store.js';
import {
  BandCopyEntity,
  BandEntity,
  BandMeasurementEntity,
  BandReadingEntity,
  type BandRow,
} from './entities.js';

/** A reading exactly at the limit must not fail on rounding. */
const STRETCH_TOLERANCE = 1e-9;

/** Begins a measurement, or ends it: only its end and its note may change later. */
export async function putMeasurement(
  scoped: ScopedManager,
  bandId: string,
  id: string,
  input: MeasurementInput,
): Promise<void> {
  const band = (await scoped.lock(BandEntity, bandId)) ?? refuse('not-found');
  await scoped.findOwn(BandCopyEntity, { id: input.copyId, bandId });
  const known = await scoped.lock(BandMeasurementEntity, id);
  const { finishedAt, note, ...begun } = input;
  if (known !== undefined) expectSame(known, { bandId, ...begun });
  await scoped.put(BandMeasurementEntity, {
    ...(known ?? {
      ...begun,
      id,
      bandId,
      takenBy: scoped.scope.trainerId,
      startedAt: new Date(input.startedAt),
    }),
    finishedAt: finishedAt === null ? null : new Date(finishedAt),
    note,
  });
  await changeBand(scoped, band, {});
}

/** Adds a reading; the same one sent twice is kept once. */
export async function addReading(
  scoped: ScopedManager,
  bandId: string,
  measurementId: string,
  readingId: string,
  input: ReadingInput,
): Promise<void> {
  const band = (await scoped.lock(BandEntity, bandId)) ?? refuse('not-found');
  await scoped.findOwn(BandMeasurementEntity, { id: measurementId, bandId });
  const known = await scoped.lock(BandReadingEntity, readingId);
  if (known !== undefined) {
    expectSame(known, { bandId, measurementId, ...input });
    return;
  }
  refuseOverstretch(band, input);
  await scoped.insert(BandReadingEntity, {
    ...input,
    takenAt: new Date(input.takenAt),
    id: readingId,
    readingId,
    sequence: 0,
    setAside: false,
    setAsideReason: '',
    bandId,
    measurementId,
    takenBy: scoped.scope.trainerId,
  });
  await changeBand(scoped, band, {});
}

/** Sets a reading aside with its reason, or counts it again, by a row that supersedes it. */
export async function setReadingAside(
  scoped: ScopedManager,
  bandId: string,
  readingId: string,
  { setAside, reason }: ReadingAsideInput,
): Promise<void> {
  const band = (await scoped.lock(BandEntity, bandId)) ?? refuse('not-found');
  const where = { readingId, bandId };
  const latest = await scoped.findFirst(BandReadingEntity, where, { sequence: 'DESC' });
  if (latest === undefined) return refuse('not-found');
  if (latest.setAside === setAside && latest.setAsideReason === reason) return;
  await scoped.insert(BandReadingEntity, {
    ...latest,
    id: uuidv7(),
    sequence: latest.sequence + 1,
    setAside,
    setAsideReason: reason,
  });
  await changeBand(scoped, band, {});
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
