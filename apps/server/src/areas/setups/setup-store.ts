import type { SetupInput, SetupRecord } from '@wiry-otter/contracts';
import { bandsLaid } from '@wiry-otter/core';
import { type AssessedSetup, dayInZone, type SeenFacts } from '@wiry-otter/derived';
import { accepted, refuse } from '../../platform/problems/refusal.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { readBands } from '../bands/band-store.js';
import { findPerson, toPerson } from '../people/people-store.js';
import { AnchorEntity, type AnchorRow, PlaceEntity } from '../places/entities.js';
import {
  SetupEntity,
  type SetupRow,
  SetupVersionEntity,
  type SetupVersionRow,
} from './entities.js';

/** Set-ups as they stand; those put away too, since they can be taken back. */
export const setupRecords = recordsOfTable('setup', SetupEntity, async (scoped, heads) =>
  (await recordsOf(scoped, heads)).map((record) => ({
    id: record.id,
    version: record.version,
    personId: record.personId,
    record,
  })),
);

/** Set-ups of a person and an exercise that stand. */
export async function setupsOf(
  scoped: ScopedManager,
  personId: string,
  exerciseId: string,
): Promise<SetupRecord[]> {
  const where = { personId, exerciseId, removed: false };
  return recordsOf(scoped, await scoped.find(SetupEntity, where, { order: { id: 'ASC' } }));
}

export async function readSetup(scoped: ScopedManager, id: string): Promise<SetupRecord> {
  return recordOf(scoped, await findSetup(scoped, id));
}

/** A set-up as it was at a version that somebody used. */
export async function readSetupVersion(
  scoped: ScopedManager,
  id: string,
  version: number,
): Promise<SetupRecord> {
  return recordOf(scoped, { ...(await findSetup(scoped, id)), version });
}

/** The head of a set-up of one of this trainer's people. */
export async function findSetup(scoped: ScopedManager, id: string): Promise<SetupRow> {
  const head = await scoped.findOwn(SetupEntity, { id });
  await findPerson(scoped, head.personId);
  return head;
}

/** Saves a new version of a set-up, assessed by the laws on record. */
export async function putSetup(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { version, document, ...input }: SetupInput,
): Promise<void> {
  const { now, trainerId, trainerName } = scoped.scope;
  const head = await scoped.lock(SetupEntity, id);
  if (head !== undefined) await findPerson(scoped, head.personId);
  expectVersion(head?.version ?? 0, version);
  // A set-up stays one person's and one exercise's: its sessions are told by it.
  if (head !== undefined && isAnother(head, input.personId, document)) return refuse('id-taken');
  await scoped.findOwn(PlaceEntity, { id: input.placeId });
  const assessed = await assessNow(
    scoped,
    solver,
    { ...input, document },
    {
      acknowledged: input.acknowledged,
      present: { by: trainerId, name: trainerName, at: now.toISOString() },
      before: head === undefined ? [] : (await recordOf(scoped, head)).cautions,
    },
  );
  await scoped.put(SetupEntity, {
    id,
    version: version + 1,
    personId: input.personId,
    exerciseId: document.exercise.id,
    removed: head?.removed ?? false,
  });
  const { title, routeId, placeId, anchorId } = input;
  await scoped.insert(SetupVersionEntity, {
    ...assessed,
    earlierFigures: null,
    setupId: id,
    version: version + 1,
    placeId,
    anchorId,
    title,
    routeId,
    savedAt: now,
    savedBy: trainerId,
  });
  scoped.touch('setup', id);
}

function isAnother(
  head: SetupRow,
  personId: string,
  { exercise }: SetupInput['document'],
): boolean {
  return head.personId !== personId || head.exerciseId !== exercise.id;
}

/** What is to be said of a set-up today: by the bands, the person's file and the anchor on record now. */
export async function assessNow(
  scoped: ScopedManager,
  solver: Solver,
  {
    document,
    personId,
    ...where
  }: Pick<SetupInput, 'document' | 'personId' | 'placeId' | 'anchorId'>,
  seen: SeenFacts,
): Promise<AssessedSetup> {
  const { eyesRule, now, units, zone } = scoped.scope;
  const person = toPerson(await findPerson(scoped, personId));
  const anchor = await anchorOf(scoped, where);
  return accepted(
    await solver.assess(document, {
      person,
      bands: await readBands(scoped, bandsLaid(document)),
      anchor: anchor ?? null,
      seen,
      today: dayInZone(now, zone),
      eyesRule,
      units,
    }),
  );
}

/** Puts a set-up away or takes it back, as a version of its own. */
export async function setSetupRemoved(
  scoped: ScopedManager,
  id: string,
  removed: boolean,
): Promise<void> {
  const head = (await scoped.lock(SetupEntity, id)) ?? refuse('not-found');
  await findPerson(scoped, head.personId);
  if (head.removed === removed) return;
  const version = head.version + 1;
  const where = { setupId: id, version: head.version };
  const state = await scoped.findOwn(SetupVersionEntity, where);
  await scoped.insert(SetupVersionEntity, { ...state, version });
  await scoped.update(SetupEntity, { id }, { removed, version });
  scoped.touch('setup', id);
}

async function recordOf(scoped: ScopedManager, head: SetupRow): Promise<SetupRecord> {
  const [record] = await recordsOf(scoped, [head]);
  return record ?? refuse('not-found');
}

/** Set-ups at the versions of these heads, in one query. */
async function recordsOf(
  scoped: ScopedManager,
  heads: readonly SetupRow[],
): Promise<SetupRecord[]> {
  const states = await scoped.find(
    SetupVersionEntity,
    heads.map(({ id, version }) => ({ setupId: id, version })),
  );
  return heads.map((head) => {
    const state = states.find(
      ({ setupId, version }) => setupId === head.id && version === head.version,
    );
    return state === undefined ? refuse('not-found') : toRecord(head, state);
  });
}

function toRecord(head: SetupRow, state: SetupVersionRow): SetupRecord {
  const { setupId: _id, studioId: _studio, savedBy: _by, savedAt, ...fields } = state;
  const { id, personId, exerciseId, removed } = head;
  return { ...fields, id, personId, exerciseId, removed, savedAt: savedAt.toISOString() };
}

async function anchorOf(
  scoped: ScopedManager,
  { anchorId, placeId }: Pick<SetupInput, 'anchorId' | 'placeId'>,
): Promise<AnchorRow | undefined> {
  if (anchorId === null) return undefined;
  const anchor = await scoped.findOwn(AnchorEntity, { id: anchorId });
  return anchor.placeId === placeId ? anchor : refuse('not-found');
}
