import {
  bandDocument,
  type BandDocument,
  historyDocument,
  personDocument,
  type PersonDocument,
  placeDocument,
  type PlaceDocument,
  studioDocument,
} from '@wiry-otter/contracts';
import { join } from 'node:path';
import type { DataSource, EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import { hashPassword } from '../areas/account/passwords.js';
import { saveBandDocument } from '../areas/bands/exchange/save-band-document.js';
import { NoteEntity, PersonEntity, PersonTrainerEntity } from '../areas/people/entities.js';
import { AnchorEntity, PlaceEntity } from '../areas/places/entities.js';
import { RULES_AT_FIRST, StudioEntity, TrainerEntity } from '../areas/studio/entities.js';
import { type Scope, scopeOf } from '../platform/access/scope.js';
import type { RecordKeeper } from '../platform/records/record-keeper.js';
import { ScopedManager } from '../platform/records/scoped-manager.js';
import { dayInZone } from '@wiry-otter/derived';
import { DayShift } from './day-shift.js';
import type { DemoIds } from './demo-ids.js';
import { playHistory } from './play-history.js';
import { readDocument, readDocuments } from './read-documents.js';

/** The history ends this many days before the demo is loaded. */
const LAST_SESSION_DAYS_AGO = 2;

/**
 * Fills an empty database with the demo scenario: the open documents of
 * `folder`, through the same functions that serve requests. Does nothing where
 * there is a studio already.
 */
export async function loadDemo(
  database: DataSource,
  keeper: RecordKeeper,
  folder: string,
  now = new Date(),
): Promise<void> {
  await database.transaction(async (manager) => {
    if ((await manager.count(StudioEntity)) > 0) return;
    const scope = await createStudio(manager, folder, now);
    const scoped = new ScopedManager(manager, keeper, scope);
    scoped.touch('studio', scope.studioId);
    const trainers = await scoped.find(TrainerEntity, {});
    scoped.touch('preferences', ...trainers.map(({ id }) => id));
    const histories = readDocuments(join(folder, 'history'), historyDocument);
    const lastDay =
      histories
        .map((history) => history.lastDay)
        .sort()
        .at(-1) ?? '';
    const shift = new DayShift(lastDay, dayInZone(now, scope.zone), LAST_SESSION_DAYS_AGO);
    const places = await createPlaces(scoped, readDocuments(join(folder, 'places'), placeDocument));
    const people = await createPeople(
      scoped,
      shift,
      readDocuments(join(folder, 'people'), personDocument),
      places.places,
    );
    const known = { people, ...places };
    const documents = readDocuments(join(folder, 'bands'), bandDocument);
    const ids = { ...known, bands: await createBands(scoped, shift, documents, known) };
    for (const history of histories) await playHistory(scoped, shift, ids, history);
    await scoped.writeTouched();
  });
}

async function createStudio(manager: EntityManager, folder: string, now: Date): Promise<Scope> {
  const { name, zone, forceUnit, trainers } = readDocument(
    join(folder, 'studio.json'),
    studioDocument,
  );
  const studioId = uuidv7();
  await manager.insert(StudioEntity, { id: studioId, name, zone, forceUnit });
  const rows = await Promise.all(
    trainers.map(async (trainer, i) => ({
      id: uuidv7(),
      studioId,
      // As of a studio that was made: its first trainer.
      role: i === 0 ? ('owner' as const) : ('trainer' as const),
      email: trainer.email,
      name: trainer.name,
      passwordHash: await hashPassword(trainer.password),
    })),
  );
  await manager.insert(TrainerEntity, rows);
  const [first] = rows;
  if (first === undefined) throw new Error('the demo studio has no trainer');
  return scopeOf({ ...RULES_AT_FIRST, id: studioId, zone, forceUnit }, first, now);
}

async function createBands(
  scoped: ScopedManager,
  shift: DayShift,
  documents: readonly BandDocument[],
  known: Omit<DemoIds, 'bands'>,
): Promise<Map<string, string>> {
  const names = {
    bands: new Map<string, string>(),
    person: (id: string) => known.people.get(id) ?? null,
    place: (id: string) => known.places.get(id) ?? null,
    moment: (day: string, hour: number) => shift.moment(day, hour),
    day: (day: string) => shift.day(day),
  };
  // Rolls first: pieces name the roll they were cut from.
  const rolls = documents.filter(({ stock }) => stock === 'roll');
  const bands = documents.filter(({ stock }) => stock === 'band');
  for (const document of [...rolls, ...bands]) {
    await saveBandDocument(scoped, document, names);
  }
  return names.bands;
}

async function createPeople(
  scoped: ScopedManager,
  shift: DayShift,
  documents: readonly PersonDocument[],
  placeIds: ReadonlyMap<string, string>,
): Promise<Map<string, string>> {
  const { now, trainerId } = scoped.scope;
  const ids = new Map<string, string>();
  for (const { format: _f, version: _v, id, clearance, notes, places, ...fields } of documents) {
    const personId = uuidv7();
    ids.set(id, personId);
    await scoped.insert(PersonEntity, {
      ...fields,
      id: personId,
      version: 1,
      trainedSince: {},
      clearancesBefore: [],
      clearance: clearance === null ? null : movedClearance(clearance, shift),
      bodyMasses: fields.bodyMasses.map(({ on, mass_kg }) => ({ on: shift.day(on), mass_kg })),
      placeIds: places.flatMap((place) => placeIds.get(place) ?? []),
    });
    await scoped.insert(PersonTrainerEntity, { personId, trainerId, withdrawnAt: null });
    scoped.touch('person', personId);
    for (const { day, text } of notes) {
      const noteId = uuidv7();
      await scoped.insert(NoteEntity, {
        ...{ id: noteId, version: 1, personId, day: shift.day(day), text, removed: false },
        ...{ writtenAt: now, writtenBy: trainerId },
      });
      scoped.touch('note', noteId);
    }
  }
  return ids;
}

function movedClearance(
  { on, until, ...clearance }: NonNullable<PersonDocument['clearance']>,
  shift: DayShift,
): NonNullable<PersonDocument['clearance']> {
  const given = on === undefined ? {} : { on: shift.day(on) };
  return { ...clearance, ...given, until: shift.day(until) };
}

async function createPlaces(
  scoped: ScopedManager,
  documents: readonly PlaceDocument[],
): Promise<{ places: Map<string, string>; anchors: Map<string, string> }> {
  const places = new Map<string, string>();
  const anchors = new Map<string, string>();
  for (const { id, name, about, anchors: offered } of documents) {
    const placeId = uuidv7();
    places.set(id, placeId);
    await scoped.insert(PlaceEntity, { id: placeId, version: 1, name, about });
    scoped.touch('place', placeId);
    for (const { id: anchor, ...fields } of offered) {
      const anchorId = uuidv7();
      anchors.set(anchor, anchorId);
      await scoped.insert(AnchorEntity, { ...fields, id: anchorId, placeId, removed: false });
    }
  }
  return { places, anchors };
}
