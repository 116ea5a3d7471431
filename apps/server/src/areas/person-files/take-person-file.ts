import type { PersonFile } from '@wiry-otter/contracts';
import { In } from 'typeorm';
import { refuse } from '../../platform/problems/refusal.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { OwnExerciseEntity } from '../exercises/entities.js';
import { LadderEntity, LadderVersionEntity } from '../ladders/entities.js';
import { NoteEntity, type PersonRow } from '../people/entities.js';
import { findPerson, toPerson } from '../people/people-store.js';
import { AnchorEntity, PlaceEntity } from '../places/entities.js';
import { PrescriptionEntity } from '../prescriptions/entities.js';
import { DecisionEntity, SessionEntity, TrainingSetEntity } from '../sessions/entities.js';
import { SetupEntity, SetupVersionEntity } from '../setups/entities.js';
import { StopEntity } from '../stops/entities.js';
import { SkillTestEntity } from '../skills/entities.js';
import { TrainerEntity } from '../studio/entities.js';
import { readStudioRow } from '../studio/studio-store.js';

/** The parts of a file that are the person's alone, as their tables have them. */
type OwnParts = Pick<
  PersonFile,
  | 'notes'
  | 'setups'
  | 'ladders'
  | 'prescriptions'
  | 'sessions'
  | 'decisions'
  | 'skillTests'
  | 'stops'
>;

/** All that is on record of one person of this trainer's, as one document. */
export async function takePersonFile(scoped: ScopedManager, id: string): Promise<PersonFile> {
  return fileOfPerson(scoped, await findPerson(scoped, id));
}

/** The same of whomever, for who may have all of the studio. */
export async function fileOfPerson(scoped: ScopedManager, row: PersonRow): Promise<PersonFile> {
  const person = toPerson(row);
  const own = await ownParts(scoped, row.id);
  const versions = own.setups.flatMap((setup) => setup.versions);
  const exerciseIds = new Set([
    ...own.setups.map(({ exerciseId }) => exerciseId),
    ...own.ladders.map(({ exerciseId }) => exerciseId),
    ...own.skillTests.map(({ exerciseId }) => exerciseId),
    ...namedExercises(person),
  ]);
  const exercises = await exerciseParts(scoped, [...exerciseIds]);
  return {
    format: 'wiry-otter.person-file',
    version: 1,
    studio: (await readStudioRow(scoped)).name,
    takenAt: scoped.scope.now.toISOString(),
    trainers: await trainersNamed(scoped, own, exercises),
    person,
    places: await placeParts(scoped, [
      ...person.placeIds,
      ...versions.map(({ placeId }) => placeId),
      ...own.ladders.map(({ placeId }) => placeId),
    ]),
    exercises,
    ...own,
  };
}

/** Exercises that a person's limits and aims name. */
function namedExercises({ clearance, noGo, skillAim }: PersonFile['person']): string[] {
  const { not = [], only = [] } = clearance?.enforced?.movements ?? {};
  return [...noGo, ...not, ...only, ...(skillAim === null ? [] : [skillAim.exercise])];
}

async function ownParts(scoped: ScopedManager, personId: string): Promise<OwnParts> {
  const byId = { order: { id: 'ASC' } } as const;
  const notes = await scoped.find(NoteEntity, { personId }, byId);
  const prescriptions = await scoped.find(PrescriptionEntity, { personId }, byId);
  const decisions = await scoped.find(DecisionEntity, { personId }, byId);
  const skillTests = await scoped.find(SkillTestEntity, { personId }, byId);
  const stops = await scoped.find(StopEntity, { personId }, byId);
  return {
    notes: notes.map(own),
    setups: await setupParts(scoped, personId),
    ladders: await ladderParts(scoped, personId),
    prescriptions: prescriptions.map((row) => own(row) as OwnParts['prescriptions'][number]),
    sessions: await sessionParts(scoped, personId),
    decisions: decisions.map(own),
    skillTests: skillTests.map(own),
    stops: stops.map(own),
  };
}

/** A row without whose it is, which the file says once. */
function own<Row extends { readonly studioId: string; readonly personId: string }>(
  row: Row,
): Omit<Row, 'studioId' | 'personId'> {
  const { personId: _person, studioId: _studio, ...fields } = row;
  return fields;
}

async function setupParts(scoped: ScopedManager, personId: string): Promise<OwnParts['setups']> {
  const heads = await scoped.find(SetupEntity, { personId }, { order: { id: 'ASC' } });
  const setupId = In(heads.map(({ id }) => id));
  const order = { setupId: 'ASC', version: 'ASC' } as const;
  const states = await scoped.find(SetupVersionEntity, { setupId }, { order });
  return heads.map((head) => ({
    ...own(head),
    versions: states
      .filter((state) => state.setupId === head.id)
      .map(({ setupId: _head, studioId: _studio, ...state }) => state),
  }));
}

async function ladderParts(scoped: ScopedManager, personId: string): Promise<OwnParts['ladders']> {
  const heads = await scoped.find(LadderEntity, { personId }, { order: { id: 'ASC' } });
  const ladderId = In(heads.map(({ id }) => id));
  const order = { ladderId: 'ASC', version: 'ASC' } as const;
  const states = await scoped.find(LadderVersionEntity, { ladderId }, { order });
  return heads.map((head) => ({
    ...own(head),
    versions: states
      .filter((state) => state.ladderId === head.id)
      .map(({ ladderId: _head, studioId: _studio, ...state }) => state),
  }));
}

async function sessionParts(
  scoped: ScopedManager,
  personId: string,
): Promise<OwnParts['sessions']> {
  const sessions = await scoped.find(SessionEntity, { personId }, { order: { id: 'ASC' } });
  const order = { setId: 'ASC', sequence: 'ASC' } as const;
  const where = { sessionId: In(sessions.map(({ id }) => id)) };
  const rows = await scoped.find(TrainingSetEntity, where, { order });
  const sets = new Map(sessions.map(({ id }) => [id, [] as OwnParts['sessions'][number]['sets']]));
  for (const { sessionId, studioId: _studio, ...set } of rows) sets.get(sessionId)?.push(set);
  return sessions.map((session) => ({ ...own(session), sets: sets.get(session.id) ?? [] }));
}

async function placeParts(
  scoped: ScopedManager,
  ids: readonly string[],
): Promise<PersonFile['places']> {
  const order = { id: 'ASC' } as const;
  const places = await scoped.find(PlaceEntity, { id: In([...new Set(ids)]) }, { order });
  const placeId = In(places.map(({ id }) => id));
  const anchors = await scoped.find(AnchorEntity, { placeId }, { order });
  return places.map(({ studioId: _studio, ...place }) => ({
    ...place,
    anchors: anchors
      .filter((anchor) => anchor.placeId === place.id)
      .map(({ placeId: _place, studioId: _of, ...anchor }) => anchor),
  }));
}

async function exerciseParts(
  scoped: ScopedManager,
  exerciseIds: readonly string[],
): Promise<PersonFile['exercises']> {
  const where = { exerciseId: In([...exerciseIds]) };
  const rows = await scoped.find(OwnExerciseEntity, where, { order: { id: 'ASC' } });
  return rows.map(({ exerciseId: _id, studioId: _studio, ...fields }) => fields);
}

/** Whoever wrote something that is in the file. */
async function trainersNamed(
  scoped: ScopedManager,
  { ladders, notes, prescriptions, setups, skillTests, stops = [] }: OwnParts,
  exercises: PersonFile['exercises'],
): Promise<PersonFile['trainers']> {
  const saved = [
    ...setups.flatMap(({ versions }) => versions),
    ...ladders.flatMap(({ versions }) => versions),
    ...exercises,
  ];
  const ids = new Set([
    ...saved.map(({ savedBy }) => savedBy),
    ...notes.map(({ writtenBy }) => writtenBy),
    ...prescriptions.map(({ createdBy }) => createdBy),
    ...skillTests.map(({ enteredBy }) => enteredBy),
    ...stops.flatMap(({ raisedBy }) => raisedBy ?? []),
  ]);
  const order = { id: 'ASC' } as const;
  const trainers = await scoped.find(TrainerEntity, { id: In([...ids]) }, { order });
  return trainers.length < ids.size
    ? refuse('unreadable')
    : trainers.map(({ id, name }) => ({ id, name }));
}
