import type { LadderRecord, LadderRung } from '@wiry-otter/contracts';
import type { EntityManager } from 'typeorm';
import { v7 as uuidv7 } from 'uuid';
import type { LadderContent, LadderRow } from '../database/entities/ladder.js';
import type { Scope } from '../platform/scope.js';
import { safeRungs } from './safe-rungs.js';
import { addPrescription, listPrescriptions } from '../sessions/prescription-store.js';

/**
 * Where the prescription in force stands on a rung of the version before, it moves to the rung of
 * the new one that is nearest in load and not heavier, of those that no caution refuses; to the
 * lightest where all are heavier.
 *
 * @param makeSetup makes a rung a set-up that can be prescribed
 * @returns from where to where; null where it stays
 */
export async function movePrescription(
  manager: EntityManager,
  scope: Scope,
  { exerciseId, personId }: LadderRow,
  { rungs }: Pick<LadderContent, 'rungs'>,
  before: LadderRecord | undefined,
  makeSetup: (rung: LadderRung) => Promise<void>,
): Promise<LadderContent['moved']> {
  const prescriptions = await listPrescriptions(manager, scope);
  const current = prescriptions.find(
    (one) => one.personId === personId && one.exerciseId === exerciseId,
  );
  const stood = before?.rungs.find(({ setupId }) => setupId === current?.setupId);
  if (current === undefined || stood === undefined) return null;
  if (rungs.some(({ setupId }) => setupId === stood.setupId)) return null;
  const safe = safeRungs(rungs);
  const to = safe.filter(({ load }) => load <= stood.load).at(-1) ?? safe[0];
  if (to === undefined) return null;
  await makeSetup(to);
  const {
    createdAt: _at,
    exerciseId: _exercise,
    fromDecisionId: _from,
    id: _id,
    ...same
  } = current;
  await addPrescription(manager, scope, uuidv7(), { ...same, setupId: to.setupId, drop: null });
  return { from: stood.title, to: to.title };
}
