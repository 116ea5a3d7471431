import type { LadderRecord, LadderRung } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import type { LadderContent, LadderRow } from './entities.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { safeRungs } from './safe-rungs.js';
import { addPrescription, prescriptionsInForce } from '../prescriptions/prescription-store.js';

/**
 * Where the prescription in force stands on rungs of the version before, each of them that is gone
 * moves to the rung of the new one that is nearest in load and not heavier, of those that no caution
 * refuses; to the lightest where all are heavier.
 *
 * @param makeSetup makes a rung a set-up that can be prescribed
 * @returns from where to where the first of them moved; null where all stay
 */
export async function movePrescription(
  scoped: ScopedManager,
  { exerciseId, personId }: Pick<LadderRow, 'exerciseId' | 'personId'>,
  { rungs }: Pick<LadderContent, 'rungs'>,
  before: LadderRecord | undefined,
  makeSetup: (rung: LadderRung) => Promise<void>,
): Promise<LadderContent['moved']> {
  const prescriptions = await prescriptionsInForce(scoped, personId, exerciseId);
  let first: LadderContent['moved'] = null;
  for (const current of prescriptions) {
    const moves = movesOf(current.setupIds, rungs, before);
    const [move] = moves.values();
    if (move === undefined) continue;
    for (const { to } of moves.values()) await makeSetup(to);
    const { createdAt: _at, exerciseId: _of, fromDecisionId: _from, id: _id, ...same } = current;
    const setupIds = same.setupIds.map((id) => moves.get(id)?.to.setupId ?? id);
    await addPrescription(scoped, uuidv7(), { ...same, setupIds, drop: null });
    first ??= { from: move.from.title, to: move.to.title };
  }
  return first;
}

/** By set-up, the rung it was and the one it moves to. */
function movesOf(
  setupIds: readonly string[],
  rungs: readonly LadderRung[],
  before: LadderRecord | undefined,
): ReadonlyMap<string, { readonly from: LadderRung; readonly to: LadderRung }> {
  const safe = safeRungs(rungs);
  return new Map(
    setupIds.flatMap((id) => {
      const from = before?.rungs.find(({ setupId }) => setupId === id);
      if (from === undefined || rungs.some(({ setupId }) => setupId === id)) return [];
      const to = safe.filter(({ load }) => load <= from.load).at(-1) ?? safe[0];
      return to === undefined ? [] : [[id, { from, to }] as const];
    }),
  );
}
