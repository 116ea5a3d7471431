import type { BandToday, LadderInput, LadderRecord, LadderRung } from '@wiry-otter/contracts';
import { MODEL } from '@wiry-otter/core';
import { movesTo } from '@wiry-otter/derived';
import {
  type LadderContent,
  LadderEntity,
  type LadderRow,
  LadderVersionEntity,
} from './entities.js';
import { PlaceEntity } from '../places/entities.js';
import { SetupEntity } from '../setups/entities.js';
import { findPerson } from '../people/people-store.js';
import { expectVersion } from '../../platform/records/expect-version.js';
import { recordsOfTable } from '../../platform/records/record-source.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { accepted, refuse } from '../../platform/problems/refusal.js';
import { putSetup } from '../setups/setup-store.js';
import type { Solver } from '../../platform/solving/solver.js';
import { addPrescription, prescriptionsInForce } from '../prescriptions/prescription-store.js';
import { rungFacts } from './ladder-facts.js';

/** Ladders as they stand; those put away too, since they can be taken back. */
export const ladderRecords = recordsOfTable('ladder', LadderEntity, async (scoped, heads) =>
  (await recordsOf(scoped, heads)).map((record) => ({
    id: record.id,
    version: record.version,
    personId: record.personId,
    record,
  })),
);

/** The ladder of a person, an exercise and a place; undefined where none was kept. */
export async function ladderFor(
  scoped: ScopedManager,
  where: Pick<LadderRow, 'personId' | 'exerciseId' | 'placeId'>,
): Promise<LadderRecord | undefined> {
  const [ladder] = await laddersOf(scoped, where);
  return ladder;
}

/** The ladders of a person that stand, of one exercise and place or of all. */
export async function laddersOf(
  scoped: ScopedManager,
  where: Pick<LadderRow, 'personId'> & Partial<Pick<LadderRow, 'exerciseId' | 'placeId'>>,
): Promise<LadderRecord[]> {
  const standing = { ...where, removed: false };
  return recordsOf(scoped, await scoped.find(LadderEntity, standing, { order: { id: 'ASC' } }));
}

/**
 * The latest version of a person's ladder that has such a rung: what was decided on may have left the
 * ladder since.
 */
export async function ladderWithRung(
  scoped: ScopedManager,
  personId: string,
  setupId: string,
): Promise<LadderRecord | undefined> {
  const [found] = await scoped.query<{ id: string; version: number }>(
    'ladder-with-rung',
    `SELECT ladder.id, kept.version FROM ladder
      JOIN ladder_version kept ON kept.ladder_id = ladder.id
      WHERE ladder.studio_id = $1 AND ladder.person_id = $2
        AND kept.content -> 'rungs' @> jsonb_build_array(jsonb_build_object('setupId', $3::text))
      ORDER BY kept.version DESC LIMIT 1`,
    [personId, setupId],
  );
  if (found === undefined) return undefined;
  const head = await scoped.findOwn(LadderEntity, { id: found.id });
  return recordOf(scoped, { ...head, version: found.version });
}

/**
 * Keeps a new version of a ladder, each rung assessed by the laws on record. The prescription in
 * force moves to the rung nearest in load that is not heavier, and the ladder says so.
 */
export async function putLadder(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  { exerciseId, personId, placeId, rungs, version, ...fields }: LadderInput,
): Promise<void> {
  await findPerson(scoped, personId);
  await scoped.findOwn(PlaceEntity, { id: placeId });
  const head = await scoped.lock(LadderEntity, id);
  expectVersion(head?.version ?? 0, version);
  const before = head === undefined ? undefined : await recordOf(scoped, head);
  const isOther =
    head !== undefined &&
    (head.personId !== personId || head.exerciseId !== exerciseId || head.placeId !== placeId);
  const standing = await ladderFor(scoped, { personId, exerciseId, placeId });
  if (isOther) return refuse('id-taken');
  if (standing !== undefined && standing.id !== id) return refuse('ladder-kept');
  const facts = await rungFacts(scoped, { personId, placeId });
  const assessed = accepted(await solver.assessRungs(rungs, fields.anchorId, facts));
  const next = { id, version: version + 1, personId, exerciseId, placeId };
  await writeLadder(
    scoped,
    solver,
    next,
    { ...fields, model: MODEL, rungs: assessed },
    {
      before,
      bands: facts.bands,
    },
  );
}

/** What it takes to move a prescription along. */
interface MoveFacts {
  readonly before: LadderRecord | undefined;
  /** All bands on record. */
  readonly bands: readonly BandToday[];
}

/** Writes a version of a ladder whose rungs are assessed, and moves the prescription along. */
export async function writeLadder(
  scoped: ScopedManager,
  solver: Solver,
  next: Omit<LadderRow, 'studioId' | 'removed'>,
  fields: Omit<LadderContent, 'moved'>,
  { bands, before }: MoveFacts,
): Promise<LadderRecord> {
  const { id } = next;
  const { now, studioId, trainerId } = scoped.scope;
  const written: LadderRow = { ...next, studioId, removed: false };
  await scoped.put(LadderEntity, written);
  const inForce = await prescriptionsInForce(scoped, next.personId, next.exerciseId);
  const moves = movesTo({ ...next, ...fields }, before, inForce, bands);
  for (const { from, id: prescriptionId, setupIds, to } of moves) {
    for (const rung of to) await setupOfRung(scoped, solver, { ...next, ...fields }, rung);
    const { createdAt: _at, exerciseId: _of, fromDecisionId: _from, id: _id, ...same } = from;
    const moved = { ...same, setupIds: [...setupIds], drop: null };
    await addPrescription(scoped, prescriptionId, moved);
  }
  const content: LadderContent = { ...fields, moved: moves[0]?.told ?? null };
  await scoped.insert(LadderVersionEntity, {
    ladderId: id,
    version: written.version,
    content,
    savedAt: now,
    savedBy: trainerId,
  });
  scoped.touch('ladder', id);
  return recordOf(scoped, written);
}

/** Puts a ladder away, or takes it back, as a version of its own. */
export async function setLadderRemoved(
  scoped: ScopedManager,
  id: string,
  removed: boolean,
): Promise<void> {
  const head = (await scoped.lock(LadderEntity, id)) ?? refuse('not-found');
  await findPerson(scoped, head.personId);
  if (head.removed === removed) return;
  const { exerciseId, personId, placeId } = head;
  const standing = await ladderFor(scoped, { exerciseId, personId, placeId });
  if (!removed && standing !== undefined && standing.id !== id) return refuse('ladder-kept');
  const version = head.version + 1;
  const where = { ladderId: id, version: head.version };
  const state = await scoped.findOwn(LadderVersionEntity, where);
  await scoped.insert(LadderVersionEntity, { ...state, version });
  await scoped.update(LadderEntity, { id }, { removed, version });
  scoped.touch('ladder', id);
}

/** Makes a rung a set-up that can be prescribed, unless it is one already. */
export async function setupOfRung(
  scoped: ScopedManager,
  solver: Solver,
  { anchorId, personId, placeId }: Pick<LadderRecord, 'anchorId' | 'personId' | 'placeId'>,
  { document, routeId, setupId, title }: LadderRung,
): Promise<void> {
  const known = await scoped.findFirst(SetupEntity, { id: setupId });
  if (known !== undefined) return;
  const where = { personId, placeId, anchorId, title, routeId };
  const input = { ...where, version: 0, document, acknowledged: [] };
  await putSetup(scoped, solver, setupId, input);
}

async function recordOf(scoped: ScopedManager, head: LadderRow): Promise<LadderRecord> {
  const [record] = await recordsOf(scoped, [head]);
  return record ?? refuse('not-found');
}

async function recordsOf(
  scoped: ScopedManager,
  heads: readonly LadderRow[],
): Promise<LadderRecord[]> {
  const states = await scoped.find(
    LadderVersionEntity,
    heads.map(({ id, version }) => ({ ladderId: id, version })),
  );
  return heads.flatMap(({ studioId: _studio, ...head }) => {
    const state = states.find(({ ladderId }) => ladderId === head.id);
    return state === undefined
      ? []
      : [{ ...state.content, ...head, savedAt: state.savedAt.toISOString() }];
  });
}
