import { createRigger, type Rigger } from '../demand/solve-setup.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type Composition, composeSetup } from '../rig/compose.js';

/** What one change of a set-up would cost. */
export interface ChangeCost {
  readonly id: string;
  readonly mean: number;
  /** Mean demand with the change less the mean without. */
  readonly difference: number;
  /** The difference as share of the mean without; null where nothing is asked without. */
  readonly share: number | null;
}

/**
 * The cost of each change, in the order given, each solved when it is asked for.
 * Changes that cannot be laid (a hand out of reach, a band with no material
 * left) are left out; all of them where the present set-up cannot.
 */
export function* whatIf<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  changes: readonly { readonly id: string; readonly part: Partial<Composition<Ex>> }[],
): Generator<ChangeCost, void, void> {
  const rig = createRigger();
  const before = meanDemand(present, rig);
  if (before === undefined) return;
  for (const { id, part } of changes) {
    const mean = meanDemand({ ...present, ...part }, rig);
    if (mean === undefined) continue;
    const difference = mean - before;
    yield { id, mean, difference, share: before > 0 ? difference / before : null };
  }
}

/** Mean demand of a composition, in the demand's unit; undefined where it cannot be laid. */
function meanDemand<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
  rig: Rigger,
): number | undefined {
  const rigged = rig(composeSetup(composition));
  return rigged.ok ? rigged.value.summary.mean : undefined;
}
