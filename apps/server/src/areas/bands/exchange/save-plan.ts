import { v7 as uuidv7 } from 'uuid';
import { BandMeasurementEntity } from '../entities.js';
import type { ScopedManager } from '../../../platform/records/scoped-manager.js';
import { putBand } from '../band-store.js';
import { addReading, putMeasurement, setReadingAside } from '../measurement-store.js';
import type { ImportStep } from './import-plan.js';
import type { PulledRow } from './measurement-rows.js';
import { saveBandDocument } from './save-band-document.js';

/** Saves all that was planned; the caller's transaction makes it all or nothing. */
export async function savePlan(scoped: ScopedManager, steps: readonly ImportStep[]): Promise<void> {
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
    if (step.kind === 'band') await putBand(scoped, step.id ?? uuidv7(), step.input);
    if (step.kind === 'document') await saveBandDocument(scoped, step.document, names);
    if (step.kind === 'pull') await savePull(scoped, step.pull, measurements);
  }
}

/** Pulls of one band, day, copy, rigging and gauge are one measurement. */
async function savePull(
  scoped: ScopedManager,
  { band, measurement, reading, setAside }: PulledRow,
  measurements: Map<string, string>,
): Promise<void> {
  const { copyId, rigging, gauge, startedAt } = measurement;
  const key = [band.id, copyId, rigging, gauge.name, startedAt].join('|');
  let id = measurements.get(key) ?? (await begunBefore(scoped, band.id, measurement));
  if (id === undefined) {
    id = uuidv7();
    await putMeasurement(scoped, band.id, id, measurement);
  }
  measurements.set(key, id);
  const readingId = uuidv7();
  await addReading(scoped, band.id, id, readingId, reading);
  if (setAside === '') return;
  await setReadingAside(scoped, band.id, readingId, { setAside: true, reason: setAside });
}

/** A measurement that an earlier import of the same day began. */
async function begunBefore(
  scoped: ScopedManager,
  bandId: string,
  { copyId, rigging, startedAt }: PulledRow['measurement'],
): Promise<string | undefined> {
  const known = await scoped.findFirst(BandMeasurementEntity, {
    bandId,
    copyId,
    rigging,
    startedAt: new Date(startedAt),
  });
  return known?.id;
}
