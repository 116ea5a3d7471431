import type { PrescriptionInput, PrescriptionRecord } from '@wiry-otter/contracts';
import type { EntityManager } from 'typeorm';
import { laddersOf, setupOfRung } from '../ladders/ladder-store.js';
import type { Scope } from '../../platform/access/scope.js';
import type { Solver } from '../../platform/solving/solver.js';
import { addPrescription } from '../prescriptions/prescription-store.js';

/**
 * Writes a prescription of set-ups, or of rungs of the person's ladders: a rung that nobody has used
 * yet becomes a set-up now.
 */
export async function prescribe(
  manager: EntityManager,
  solver: Solver,
  scope: Scope,
  id: string,
  input: PrescriptionInput,
  fromDecisionId: string | null = null,
): Promise<PrescriptionRecord> {
  const { personId, setupIds } = input;
  for (const ladder of await laddersOf(manager, scope, { personId })) {
    for (const rung of ladder.rungs) {
      if (setupIds.includes(rung.setupId)) await setupOfRung(manager, solver, scope, ladder, rung);
    }
  }
  return addPrescription(manager, scope, id, input, fromDecisionId);
}
