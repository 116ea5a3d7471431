import type { PersonFile, PersonFileCounts, PersonFileRead } from '@wiry-otter/contracts';
import { type EntitySchema, In } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { OwnExerciseEntity, type OwnExerciseRow } from '../exercises/entities.js';
import { LadderEntity, LadderVersionEntity } from '../ladders/entities.js';
import { NoteEntity, PersonEntity, PersonTrainerEntity } from '../people/entities.js';
import { AnchorEntity, PlaceEntity, type PlaceRow } from '../places/entities.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { DecisionEntity, SessionEntity, TrainingSetEntity } from '../sessions/entities.js';
import { countLogWear } from '../sessions/set-wear.js';
import { SetupEntity, SetupVersionEntity } from '../setups/entities.js';
import { StopEntity } from '../stops/entities.js';
import { stopsTold } from './stops-told.js';
import { SkillTestEntity } from '../skills/entities.js';
import { TrainerEntity } from '../studio/entities.js';

/**
 * Reads a person's file back in, or only says what that would do. Somebody who is here already is
 * refused: nothing is overwritten. They are given to whoever reads them in.
 */
export async function readPersonFile(
  scoped: ScopedManager,
  file: PersonFile,
  save: boolean,
): Promise<PersonFileRead> {
  const { person } = file;
  if ((await scoped.lock(PersonEntity, person.id)) !== undefined) refuse('person-present');
  const places = await notHere(scoped, PlaceEntity, file.places);
  const exercises = await notHere(scoped, OwnExerciseEntity, file.exercises);
  const read: PersonFileRead = {
    personId: person.id,
    name: person.name,
    counts: countsOf(file),
    added: [
      ...places.map(({ name }) => name),
      ...exercises.map(({ document: { title } }) => title),
    ],
    saved: save,
  };
  if (!save) return read;
  const here = await trainersHere(scoped, file);
  const { trainerId } = scoped.scope;
  /** What somebody wrote whom this studio does not know is whoever's reads it in. */
  const writer = (id: string): string => (here.has(id) ? id : trainerId);
  await insertPlaces(scoped, places);
  for (const exercise of exercises) {
    const { document, savedBy } = exercise;
    const row = { ...exercise, exerciseId: document.id, savedBy: writer(savedBy) };
    await scoped.insert(OwnExerciseEntity, row);
  }
  scoped.touch('exercise', ...exercises.map(({ id }) => id));
  await scoped.insert(PersonEntity, person);
  const given = { personId: person.id, trainerId, withdrawnAt: null };
  await scoped.insert(PersonTrainerEntity, given);
  scoped.touch('person', person.id);
  await insertOwn(scoped, file, writer);
  return read;
}

export function countsOf({
  notes,
  sessions,
  setups,
}: Pick<PersonFile, 'notes' | 'sessions' | 'setups'>): PersonFileCounts {
  const sets = sessions.flatMap((session) => session.sets.map(({ setId }) => setId));
  return {
    notes: notes.length,
    setups: setups.length,
    sessions: sessions.length,
    sets: new Set(sets).size,
  };
}

async function notHere<Row extends PlaceRow | OwnExerciseRow, Part extends { readonly id: string }>(
  scoped: ScopedManager,
  entity: EntitySchema<Row>,
  parts: readonly Part[],
): Promise<readonly Part[]> {
  const missing = [];
  for (const part of parts) {
    if ((await scoped.lock(entity, part.id)) === undefined) missing.push(part);
  }
  return missing;
}

async function trainersHere(
  scoped: ScopedManager,
  { trainers }: PersonFile,
): Promise<ReadonlySet<string>> {
  const found = await scoped.find(TrainerEntity, { id: In(trainers.map(({ id }) => id)) });
  return new Set(found.map(({ id }) => id));
}

async function insertPlaces(
  scoped: ScopedManager,
  places: readonly PersonFile['places'][number][],
): Promise<void> {
  for (const { anchors, ...place } of places) {
    await scoped.insert(PlaceEntity, place);
    const rows = anchors.map((anchor) => ({ ...anchor, placeId: place.id }));
    await scoped.insert(AnchorEntity, ...rows);
    scoped.touch('place', place.id);
  }
}

/** What is the person's alone, each kind after what it stands on. */
async function insertOwn(
  scoped: ScopedManager,
  { person, ...file }: PersonFile,
  writer: (id: string) => string,
): Promise<void> {
  const personId = person.id;
  const notes = file.notes.map((one) => ({ ...one, personId, writtenBy: writer(one.writtenBy) }));
  await scoped.insert(NoteEntity, ...notes);
  scoped.touch('note', ...ids(notes));
  for (const { versions, ...head } of file.setups) {
    await scoped.insert(SetupEntity, { ...head, personId });
    const states = versions.map((one) => ({
      ...{ ...one, setupId: head.id, savedBy: writer(one.savedBy) },
    }));
    await scoped.insert(SetupVersionEntity, ...states);
  }
  scoped.touch('setup', ...ids(file.setups));
  for (const { versions, ...head } of file.ladders) {
    await scoped.insert(LadderEntity, { ...head, personId });
    const states = versions.map((one) => ({
      ...{ ...one, ladderId: head.id, savedBy: writer(one.savedBy) },
    }));
    await scoped.insert(LadderVersionEntity, ...states);
  }
  scoped.touch('ladder', ...ids(file.ladders));
  const prescriptions = file.prescriptions.map((one) => ({
    ...{ ...one, personId, createdBy: writer(one.createdBy) },
  }));
  await scoped.insert(PrescriptionEntity, ...prescriptions);
  scoped.touch('prescription', ...ids(prescriptions));
  for (const { sets, ...session } of file.sessions) {
    await scoped.insert(SessionEntity, { ...session, personId });
    const rows = sets.map((set) => ({ ...set, sessionId: session.id }));
    await scoped.insert(TrainingSetEntity, ...rows);
  }
  const log = file.sessions.map((session) => ({ ...session, personId }));
  await countLogWear(scoped, log);
  scoped.touch('session', ...ids(file.sessions));
  const stops = (file.stops ?? stopsTold(file.sessions, file.setups)).map((one) => ({
    ...{ ...one, personId, raisedBy: one.raisedBy === null ? null : writer(one.raisedBy) },
  }));
  await scoped.insert(StopEntity, ...stops);
  scoped.touch('stop', ...ids(stops));
  const decisions = file.decisions.map((one) => ({ ...one, personId }));
  await scoped.insert(DecisionEntity, ...decisions);
  scoped.touch('decision', ...ids(decisions));
  const skillTests = file.skillTests.map((one) => ({
    ...{ ...one, personId, enteredBy: writer(one.enteredBy) },
  }));
  await scoped.insert(SkillTestEntity, ...skillTests);
  scoped.touch('skillTest', ...ids(skillTests));
}

function ids(parts: readonly { readonly id: string }[]): string[] {
  return parts.map(({ id }) => id);
}
