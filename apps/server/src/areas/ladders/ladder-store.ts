import type { LadderInput, LadderRecord, LadderRung, SetupRecord } from '@wiry-otter/contracts';
import { type EntityManager, In } from 'typeorm';
import {
  type LadderContent,
  LadderEntity,
  type LadderRow,
  LadderVersionEntity,
} from './entities.js';
import { PlaceEntity } from '../places/entities.js';
import { SetupEntity } from '../setups/entities.js';
import { findPerson, idsOfOwnPeople } from '../people/people-store.js';
import {
  expectVersion,
  findOwn,
  lockOwn,
  ownedBy,
  type Scope,
} from '../../platform/access/scope.js';
import { refuse } from '../../platform/problems/refusal.js';
import { assessNow, putSetup } from '../setups/setup-store.js';
import type { Solver } from '../../platform/solving/solver.js';
import { movePrescription } from './move-prescription.js';

/** The ladders of this trainer's people that stand. */
export async function listLadders(manager: EntityManager, scope: Scope): Promise<LadderRecord[]> {
  const people = await idsOfOwnPeople(manager, scope);
  const heads = await manager.find(LadderEntity, {
    where: ownedBy<LadderRow>(scope, { personId: In(people), removed: false }),
    order: { id: 'ASC' },
  });
  return recordsOf(manager, heads);
}

/** The ladder of a person, an exercise and a place; undefined where none was kept. */
export async function ladderFor(
  manager: EntityManager,
  scope: Scope,
  where: Pick<LadderRow, 'personId' | 'exerciseId' | 'placeId'>,
): Promise<LadderRecord | undefined> {
  const [ladder] = await laddersOf(manager, scope, where);
  return ladder;
}

/** The ladders of a person that stand, of one exercise and place or of all. */
export async function laddersOf(
  manager: EntityManager,
  scope: Scope,
  where: Pick<LadderRow, 'personId'> & Partial<Pick<LadderRow, 'exerciseId' | 'placeId'>>,
): Promise<LadderRecord[]> {
  const heads = await manager.find(LadderEntity, {
    where: ownedBy<LadderRow>(scope, { ...where, removed: false }),
    order: { id: 'ASC' },
  });
  return recordsOf(manager, heads);
}

/**
 * Keeps a new version of a ladder, each rung assessed by the laws on record. The prescription in
 * force moves to the rung nearest in load that is not heavier, and the ladder says so.
 */
export async function putLadder(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  { exerciseId, personId, placeId, rungs, version, ...fields }: LadderInput,
): Promise<LadderRecord> {
  await findPerson(manager, scope, personId);
  await findOwn(manager, PlaceEntity, scope, { id: placeId });
  const head = await lockOwn(manager, LadderEntity, scope, id);
  expectVersion(head?.version ?? 0, version);
  const before = head === undefined ? undefined : await recordOf(manager, head);
  const isOther =
    head !== undefined &&
    (head.personId !== personId || head.exerciseId !== exerciseId || head.placeId !== placeId);
  const standing = await ladderFor(manager, scope, { personId, exerciseId, placeId });
  if (isOther) return refuse('id-taken');
  if (standing !== undefined && standing.id !== id) return refuse('ladder-kept');
  const assessed: LadderRung[] = [];
  for (const rung of rungs) {
    assessed.push(await assessRung(manager, solver, scope, rung, { personId, placeId, ...fields }));
  }
  const next = { id, version: version + 1, personId, exerciseId, placeId };
  return writeLadder(manager, solver, scope, next, { ...fields, rungs: assessed }, before);
}

/** Writes a version of a ladder whose rungs are assessed, and moves the prescription along. */
export async function writeLadder(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  next: Omit<LadderRow, 'studioId' | 'removed'>,
  fields: Omit<LadderContent, 'moved'>,
  before: LadderRecord | undefined,
): Promise<LadderRecord> {
  const { id } = next;
  const written: LadderRow = { ...next, studioId: scope.studioId, removed: false };
  await manager.save(LadderEntity, written);
  const content: LadderContent = {
    ...fields,
    rungs: fields.rungs.toSorted((a, b) => a.load - b.load),
    moved: null,
  };
  const moved = await movePrescription(manager, scope, written, content, before, (rung) =>
    setupOfRung(manager, solver, scope, { ...written, ...content }, rung),
  );
  await manager.insert(LadderVersionEntity, {
    ladderId: id,
    version: written.version,
    studioId: scope.studioId,
    content: { ...content, moved },
    savedAt: scope.now,
    savedBy: scope.trainerId,
  });
  return recordOf(manager, written);
}

/** Puts a ladder away, or takes it back. */
export async function setLadderRemoved(
  manager: EntityManager,
  scope: Scope,
  id: string,
  removed: boolean,
): Promise<LadderRecord> {
  const head = await findOwn(manager, LadderEntity, scope, { id });
  await findPerson(manager, scope, head.personId);
  const { exerciseId, personId, placeId } = head;
  const standing = await ladderFor(manager, scope, { exerciseId, personId, placeId });
  if (!removed && standing !== undefined && standing.id !== id) return refuse('ladder-kept');
  head.removed = removed;
  await manager.save(LadderEntity, head);
  return recordOf(manager, head);
}

/** Makes a rung a set-up that can be prescribed, unless it is one already. */
export async function setupOfRung(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  { anchorId, personId, placeId }: Pick<LadderRecord, 'anchorId' | 'personId' | 'placeId'>,
  { document, routeId, setupId, title }: LadderRung,
): Promise<void> {
  const known = await manager.findOneBy(SetupEntity, ownedBy(scope, { id: setupId }));
  if (known !== null) return;
  const where = { personId, placeId, anchorId, title, routeId };
  const input = { ...where, version: 0, document, acknowledged: [] };
  await putSetup(manager, solver, scope, setupId, input);
}

/** A rung by the laws on record, with what is to be said of it today. */
export async function assessRung(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  rung: LadderInput['rungs'][number],
  { anchorId, personId, placeId }: Pick<LadderInput, 'anchorId' | 'personId' | 'placeId'>,
): Promise<LadderRung> {
  const nobody = { by: scope.trainerId, name: scope.trainerName, at: scope.now.toISOString() };
  const { document, figures, cautions } = await assessNow(
    manager,
    solver,
    scope,
    { document: rung.document, personId, placeId, anchorId },
    { acknowledged: [], present: nobody, before: [] as SetupRecord['cautions'] },
  );
  return { ...rung, document, load: figures.mean, std: figures.meanStd ?? 0, cautions };
}

async function recordOf(manager: EntityManager, head: LadderRow): Promise<LadderRecord> {
  const [record] = await recordsOf(manager, [head]);
  return record ?? refuse('not-found');
}

async function recordsOf(
  manager: EntityManager,
  heads: readonly LadderRow[],
): Promise<LadderRecord[]> {
  if (heads.length === 0) return [];
  const states = await manager.find(LadderVersionEntity, {
    where: heads.map(({ id, version }) => ({ ladderId: id, version })),
  });
  return heads.flatMap(({ studioId: _studio, ...head }) => {
    const state = states.find(({ ladderId }) => ladderId === head.id);
    return state === undefined
      ? []
      : [{ ...state.content, ...head, savedAt: state.savedAt.toISOString() }];
  });
}
