import type { SetupInput, SetupRecord } from '@wiry-otter/contracts';
import { bandsLaid } from '@wiry-otter/core';
import { type EntityManager, In } from 'typeorm';
import { AnchorEntity, type AnchorRow, PlaceEntity } from '../places/entities.js';
import {
  SetupEntity,
  type SetupRow,
  SetupVersionEntity,
  type SetupVersionRow,
} from './entities.js';
import { readBands } from '../bands/band-store.js';
import { findPerson, idsOfOwnPeople, readPerson } from '../people/people-store.js';
import { dayInZone } from '../../platform/days.js';
import {
  expectVersion,
  findOwn,
  lockOwn,
  ownedBy,
  type Scope,
} from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { Solver } from '../../platform/solving/solver.js';
import { assess, type AssessedSetup, type SeenFacts } from './assess.js';

/** Set-ups that stand, of one person or of all this trainer's people. */
export async function listSetups(
  manager: EntityManager,
  scope: Scope,
  personId?: string,
): Promise<SetupRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const wanted = personId === undefined ? people : people.filter((id) => id === personId);
  const heads = await manager.find(SetupEntity, {
    where: ownedBy<SetupRow>(scope, { personId: In(wanted), removed: false }),
    order: { id: 'ASC' },
  });
  return recordsOf(
    manager,
    heads.map((head) => ({ head, version: head.version })),
  );
}

export async function readSetup(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<SetupRecord> {
  return recordOf(manager, await findSetup(manager, scope, id));
}

/** The head of a set-up of one of this trainer's people. */
export async function findSetup(
  manager: EntityManager,
  scope: Scope,
  id: string,
): Promise<SetupRow> {
  const head = await findOwn(manager, SetupEntity, scope, { id });
  await findPerson(manager, scope, head.personId);
  return head;
}

/** Saves a new version of a set-up, assessed by the laws on record. */
export async function putSetup(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  { version, document, ...input }: SetupInput,
): Promise<SetupRecord> {
  const head = await lockOwn(manager, SetupEntity, scope, id);
  if (head !== undefined) await findPerson(manager, scope, head.personId);
  expectVersion(head?.version ?? 0, version);
  await findOwn(manager, PlaceEntity, scope, { id: input.placeId });
  const assessed = await assessNow(
    manager,
    solver,
    scope,
    { ...input, document },
    {
      acknowledged: input.acknowledged,
      present: { by: scope.trainerId, name: scope.trainerName, at: scope.now.toISOString() },
      before: head === undefined ? [] : (await recordOf(manager, head)).cautions,
    },
  );
  const written: SetupRow = {
    id,
    studioId: scope.studioId,
    version: version + 1,
    personId: input.personId,
    exerciseId: document.exercise.id,
    removed: head?.removed ?? false,
  };
  await manager.save(SetupEntity, written);
  const { title, routeId, placeId, anchorId } = input;
  await manager.insert(SetupVersionEntity, {
    ...assessed,
    earlierFigures: null,
    setupId: id,
    version: written.version,
    studioId: scope.studioId,
    placeId,
    anchorId,
    title,
    routeId,
    savedAt: scope.now,
    savedBy: scope.trainerId,
  });
  return recordOf(manager, written);
}

/** What is to be said of a set-up today: by the bands, the person's file and the anchor on record now. */
export async function assessNow(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  {
    document,
    personId,
    ...where
  }: Pick<SetupInput, 'document' | 'personId' | 'placeId' | 'anchorId'>,
  seen: SeenFacts,
): Promise<AssessedSetup> {
  const person = await readPerson(manager, scope, personId);
  const anchor = await anchorOf(manager, scope, where);
  return assess(solver, document, {
    person,
    bands: await readBands(manager, scope, bandsLaid(document)),
    anchor: anchor ?? null,
    seen,
    today: dayInZone(scope.now, scope.zone),
    eyesRule: scope.eyesRule,
    unit: scope.forceUnit,
  });
}

export async function setSetupRemoved(
  manager: EntityManager,
  scope: Scope,
  id: string,
  removed: boolean,
): Promise<SetupRecord> {
  const head = await findSetup(manager, scope, id);
  head.removed = removed;
  await manager.save(SetupEntity, head);
  return recordOf(manager, head);
}

/** A set-up as it stands. */
export async function recordOf(manager: EntityManager, head: SetupRow): Promise<SetupRecord> {
  const [record] = await recordsOf(manager, [{ head, version: head.version }]);
  return record ?? refuse('not-found');
}

/** Set-ups as they stood at the versions named, in one query. */
export async function recordsOf(
  manager: EntityManager,
  wanted: readonly { readonly head: SetupRow; readonly version: number }[],
): Promise<SetupRecord[]> {
  if (wanted.length === 0) return [];
  const states = await manager.find(SetupVersionEntity, {
    where: wanted.map(({ head, version }) => ({ setupId: head.id, version })),
  });
  return wanted.map(({ head, version }) => {
    const state = states.find((row) => row.setupId === head.id && row.version === version);
    return state === undefined ? refuse('not-found') : toRecord(head, state);
  });
}

function toRecord(head: SetupRow, state: SetupVersionRow): SetupRecord {
  const { setupId: _id, studioId: _studio, savedBy: _by, savedAt, ...fields } = state;
  const { id, personId, exerciseId, removed } = head;
  return { ...fields, id, personId, exerciseId, removed, savedAt: savedAt.toISOString() };
}

async function anchorOf(
  manager: EntityManager,
  scope: Scope,
  { anchorId, placeId }: Pick<SetupInput, 'anchorId' | 'placeId'>,
): Promise<AnchorRow | undefined> {
  if (anchorId === null) return undefined;
  const anchor = await findOwn(manager, AnchorEntity, scope, { id: anchorId });
  return anchor.placeId === placeId ? anchor : refuse('not-found');
}
