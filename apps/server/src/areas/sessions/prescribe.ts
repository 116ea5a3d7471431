import type { PrescriptionInput } from '@wiry-otter/contracts';
import { laddersOf, setupOfRung } from '../ladders/ladder-store.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { addPrescription } from '../prescriptions/prescription-store.js';

/**
 * Writes a prescription of set-ups, or of rungs of the person's ladders: a rung that nobody has used
 * yet becomes a set-up now.
 */
export async function prescribe(
  scoped: ScopedManager,
  solver: Solver,
  id: string,
  input: PrescriptionInput,
  fromDecisionId: string | null = null,
): Promise<void> {
  const { personId, setupIds } = input;
  for (const ladder of await laddersOf(scoped, { personId })) {
    for (const rung of ladder.rungs) {
      if (setupIds.includes(rung.setupId)) await setupOfRung(scoped, solver, ladder, rung);
    }
  }
  await addPrescription(scoped, id, input, fromDecisionId);
}
