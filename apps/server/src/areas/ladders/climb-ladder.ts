import { type ClimbedLadder } from '@wiry-otter/derived';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { LadderEntity, type LadderRow } from './entities.js';
import { ladderFacts } from './ladder-facts.js';
import { ladderFor, writeLadder } from './ladder-store.js';

/**
 * The ladder that is needed now, where one is kept: made anew where kit, law, anchor or body has
 * changed since, and kept as its next version.
 */
export async function climbLadder(
  scoped: ScopedManager,
  solver: Solver,
  where: Pick<LadderRow, 'personId' | 'exerciseId' | 'placeId'>,
): Promise<ClimbedLadder | undefined> {
  const standing = await ladderFor(scoped, where);
  if (standing === undefined) return undefined;
  // Another session that ends just now may have made it anew.
  await scoped.lock(LadderEntity, standing.id);
  const kept = (await ladderFor(scoped, where)) ?? standing;
  const facts = await ladderFacts(scoped, kept);
  const { changes, remade } = await solver.ladderOfToday(kept, facts);
  if (remade === null) return { ladder: kept, changes, isRemade: false };
  const { exerciseId, id, personId, placeId, version } = kept;
  const next = { id, version: version + 1, personId, exerciseId, placeId };
  const ladder = await writeLadder(scoped, solver, next, remade, {
    before: kept,
    bands: facts.bands,
  });
  return { ladder, changes, isRemade: true };
}
