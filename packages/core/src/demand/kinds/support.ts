import type { Demand } from '../../body/exercise.js';
import { succeed } from '../../faults.js';
import { STANDARD_GRAVITY_M_S2 as G } from '../../units/units.js';
import type { DemandKind } from './demand-kind.js';
import { namesAt } from './named-contacts.js';
import { noWeights } from './linear-demand.js';

/** m·g + loads·g − Σ vertical band force on all body contacts except those in `at`, N. */
export const supportKind: DemandKind<Extract<Demand, { kind: 'support' }>> = {
  unit: 'N',
  unsuited: (_, { plane }) =>
    plane === 'transverse'
      ? {
          key: 'kind',
          found: `"support" in the ${plane} plane`,
          expected: 'support in the sagittal or frontal plane',
        }
      : undefined,
  contacts: namesAt,
  joints: () => [],
  segments: () => [],
  weightContacts: () => [],
  prepare: ({ body, contacts, loads, motion, take }, { at }) => {
    const samples = motion.phase.length;
    const demand = noWeights(contacts, samples, take);
    contacts.kinds.forEach(({ name }, c) => {
      if (!at.includes(name)) demand.weightY.fill(-1, c * samples, (c + 1) * samples);
    });
    const mass_kg = loads.reduce((sum, load) => sum + load.mass_kg, body.mass_kg);
    demand.unassisted.fill(mass_kg * G);
    return succeed(demand);
  },
};
