import { type BandDocument, type BandEventInput, type Holder, uuid } from '@wiry-otter/contracts';
import type { EntitySchema } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { BandCopyEntity, BandEntity } from '../entities.js';
import type { ScopedManager } from '../../../platform/records/scoped-manager.js';
import { changeBand, putBand } from '../band-store.js';
import { addBandEvent } from '../care-store.js';
import { addReading, putMeasurement, setReadingAside } from '../measurement-store.js';

/** What the ids and days of a document stand for in the records. */
export interface DocumentNames {
  /** Record ids of the bands already saved, by their id in the documents; saving adds to it. */
  readonly bands: Map<string, string>;
  readonly person: (id: string) => string | null;
  readonly place: (id: string) => string | null;
  /** The moment of a day's hour. */
  readonly moment: (day: string, hour: number) => Date;
  readonly day: (day: string) => string;
}

/** Hours of the day at which a document's measurements and events are taken to have been. */
const MEASURED_AT_HOUR = 9;
const HAPPENED_AT_HOUR = 8;

/** Saves a band document as a new band, with every pull and event, through the functions that serve requests. */
export async function saveBandDocument(
  scoped: ScopedManager,
  document: BandDocument,
  names: DocumentNames,
): Promise<string> {
  const {
    format: _f,
    version: _v,
    id,
    cutFrom,
    copies,
    measurements,
    lawFrom,
    events,
    ...fields
  } = document;
  const bandId = await keptId(scoped, BandEntity, id);
  names.bands.set(id, bandId);
  const copyIds = new Map<string, string>();
  for (const copy of copies) {
    copyIds.set(copy.id, await keptId(scoped, BandCopyEntity, copy.id));
  }
  await putBand(scoped, bandId, {
    ...fields,
    version: 0,
    cutFrom: cutFrom === null ? null : (names.bands.get(cutFrom) ?? null),
    copies: copies.map((copy) => ({
      id: idOf(copyIds, copy.id),
      mark: copy.mark,
      boughtOn: copy.boughtOn === null ? null : names.day(copy.boughtOn),
    })),
  });
  const measurementIds = new Map<string, string>();
  for (const measurement of measurements) {
    const measurementId = uuidv7();
    measurementIds.set(measurement.id, measurementId);
    await saveMeasurement(
      scoped,
      bandId,
      measurementId,
      idOf(copyIds, measurement.copy),
      measurement,
      names.moment(measurement.day, MEASURED_AT_HOUR),
    );
  }
  for (const { copy, day, what } of events) {
    await addBandEvent(scoped, bandId, uuidv7(), {
      copyId: idOf(copyIds, copy),
      at: names.moment(day, HAPPENED_AT_HOUR).toISOString(),
      what: whatOf(what, names),
    });
  }
  // The document says how things stand; its events only how they came about.
  for (const { id: copy, state, stateReason, holder } of copies) {
    await scoped.update(
      BandCopyEntity,
      { id: idOf(copyIds, copy) },
      { state, stateReason, holder: holderOf(holder, names) },
    );
  }
  if (lawFrom !== null) {
    const band = await scoped.findOwn(BandEntity, { id: bandId });
    await changeBand(scoped, band, { lawFrom: idOf(measurementIds, lawFrom) });
  }
  return bandId;
}

/** The id that it had elsewhere, where set-ups name it, unless that is no id of ours or is taken. */
async function keptId<Row extends { id: string; studioId: string }>(
  scoped: ScopedManager,
  entity: EntitySchema<Row>,
  id: string,
): Promise<string> {
  const isOurs = uuid.safeParse(id).success && (await scoped.isFree(entity, id));
  return isOurs ? id : uuidv7();
}

async function saveMeasurement(
  scoped: ScopedManager,
  bandId: string,
  measurementId: string,
  copyId: string,
  { rigging, gauge, warmUps, note, samples }: BandDocument['measurements'][number],
  at: Date,
): Promise<void> {
  await putMeasurement(scoped, bandId, measurementId, {
    copyId,
    rigging,
    gauge,
    warmUps,
    note,
    startedAt: at.toISOString(),
    finishedAt: at.toISOString(),
  });
  for (const sample of samples) {
    const readingId = uuidv7();
    await addReading(scoped, bandId, measurementId, readingId, {
      length_m: sample.length_m,
      force_N: sample.force_N,
      rest_m: sample.rest_m ?? null,
      strands: sample.strands ?? null,
      dead_m: sample.dead_m ?? 0,
      direction: sample.direction ?? 'loading',
      weighing: sample.weighing ?? null,
      takenAt: at.toISOString(),
    });
    if (sample.setAside === undefined) continue;
    await setReadingAside(scoped, bandId, readingId, {
      setAside: true,
      reason: sample.setAside,
    });
  }
}

function whatOf(
  what: BandDocument['events'][number]['what'],
  names: DocumentNames,
): BandEventInput['what'] {
  return what.kind === 'moved' ? { ...what, holder: holderOf(what.holder, names) } : what;
}

/** Where a copy is; one at a place or person that is not known here is in the bag. */
function holderOf(holder: BandDocument['copies'][number]['holder'], names: DocumentNames): Holder {
  if (holder === 'bag') return { at: 'bag' };
  if ('place' in holder) {
    const placeId = names.place(holder.place);
    return placeId === null ? { at: 'bag' } : { at: 'place', placeId };
  }
  const personId = names.person(holder.person);
  return personId === null ? { at: 'bag' } : { at: 'person', personId };
}

function idOf(ids: ReadonlyMap<string, string>, id: string): string {
  const found = ids.get(id);
  if (found === undefined) throw new Error(`the document names "${id}" but does not describe it`);
  return found;
}
