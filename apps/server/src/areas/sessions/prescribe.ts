import type { PrescriptionInput } from '@wiry-otter/contracts';
import { ladderWithRung, setupOfRung } from '../ladders/ladder-store.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import type { Solver } from '../../platform/solving/solver.js';
import { SetupEntity } from '../setups/entities.js';
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
  for (const setupId of new Set(setupIds)) {
    if ((await scoped.findFirst(SetupEntity, { id: setupId })) !== undefined) continue;
    const ladder = await ladderWithRung(scoped, personId, setupId);
    const rung = ladder?.rungs.find((one) => one.setupId === setupId);
    if (ladder !== undefined && rung !== undefined) {
      await setupOfRung(scoped, solver, ladder, rung);
    }
  }
  await addPrescription(scoped, id, input, fromDecisionId);
}
