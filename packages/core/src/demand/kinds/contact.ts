import type { Demand } from '../../body/exercise.js';
import { succeed } from '../../faults.js';
import { STANDARD_GRAVITY_M_S2 as G } from '../../units/units.js';
import type { DemandKind } from './demand-kind.js';
import { namesAt } from './named-contacts.js';

/**
 * |Σ (band force + load weight)| over the contacts in `at`, N: what a scale
 * between hands and band would read. What only presses the hands together
 * cancels in it.
 */
export const contactKind: DemandKind<Extract<Demand, { kind: 'contact' }>> = {
  unit: 'N',
  unsuited: () => undefined,
  contacts: namesAt,
  joints: () => [],
  segments: () => [],
  weightContacts: ({ at }) => at,
  prepare: ({ contacts, exercise, loads, motion, take }, { at }) => {
    const load_N = take(at.length);
    // Seen from above gravity does not act.
    if (exercise.plane !== 'transverse') {
      for (const load of loads) {
        const i = at.indexOf(load.at);
        if (i >= 0) load_N[i] = (load_N[i] as number) - load.mass_kg * G;
      }
    }
    const together_N = load_N.reduce((sum, force) => sum + force, 0);
    return succeed({
      kind: 'netPull',
      sided: false,
      at: at.map((name) => contacts.index.get(name) ?? 0),
      load_N,
      unassisted: take(motion.phase.length).fill(Math.abs(together_N)),
    });
  },
};
