import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { BandMeasurementEntity } from '../entities.js';
import type { Scope } from '../../../platform/access/scope.js';
import { putBand } from '../band-store.js';
import { addReading, putMeasurement, setReadingAside } from '../measurement-store.js';
import type { ImportStep } from './import-plan.js';
import type { PulledRow } from './measurement-rows.js';
import { saveBandDocument } from './save-band-document.js';

/** Saves all that was planned; the caller's transaction makes it all or nothing. */
export async function savePlan(
  manager: EntityManager,
  scope: Scope,
  steps: readonly ImportStep[],
): Promise<void> {
  const measurements = new Map<string, string>();
  const names = {
    bands: new Map<string, string>(),
    // A document knows people and places of another studio, which are nobody here.
    person: () => null,
    place: () => null,
    moment: (day: string, hour: number) =>
      new Date(`${day}T${String(hour).padStart(2, '0')}:00:00Z`),
    day: (day: string) => day,
  };
  const rollsFirst = (step: ImportStep): number =>
    step.kind === 'document' && step.document.stock === 'band' ? 1 : 0;
  for (const step of [...steps].sort((a, b) => rollsFirst(a) - rollsFirst(b))) {
    if (step.kind === 'band') await putBand(manager, scope, step.id ?? uuidv7(), step.input);
    if (step.kind === 'document') await saveBandDocument(manager, scope, step.document, names);
    if (step.kind === 'pull') await savePull(manager, scope, step.pull, measurements);
  }
}

/** Pulls of one band, day, copy, rigging and gauge are one measurement. */
async function savePull(
  manager: EntityManager,
  scope: Scope,
  { band, measurement, reading, setAside }: PulledRow,
  measurements: Map<string, string>,
): Promise<void> {
  const { copyId, rigging, gauge, startedAt } = measurement;
  const key = [band.id, copyId, rigging, gauge.name, startedAt].join('|');
  let id = measurements.get(key) ?? (await begunBefore(manager, band.id, measurement));
  if (id === undefined) {
    id = uuidv7();
    await putMeasurement(manager, scope, band.id, id, measurement);
  }
  measurements.set(key, id);
  const readingId = uuidv7();
  await addReading(manager, scope, band.id, id, readingId, reading);
  if (setAside === '') return;
  await setReadingAside(manager, scope, band.id, readingId, { setAside: true, reason: setAside });
}

/** A measurement that an earlier import of the same day began. */
async function begunBefore(
  manager: EntityManager,
  bandId: string,
  { copyId, rigging, startedAt }: PulledRow['measurement'],
): Promise<string | undefined> {
  const known = await manager.findOneBy(BandMeasurementEntity, {
    bandId,
    copyId,
    rigging,
    startedAt: new Date(startedAt),
  });
  return known?.id;
}
