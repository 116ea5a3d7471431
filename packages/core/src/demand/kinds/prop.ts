import type { Demand } from '../../body/exercise.js';
import { CHAIN } from '../../body/segments.js';
import { fail, succeed } from '../../faults.js';
import type { DemandKind } from './demand-kind.js';
import {
  addGravityMoment,
  addLoadMoments,
  addMomentWeights,
  jointTrack,
  noWeights,
} from './linear-demand.js';

/** Hands and pivot nearer than this in x carry no vertical force between them, m. */
const LEAST_LEVER_M = 1e-9;

/**
 * Vertical force through the arms of a body propped on `at` and `pivot`, N:
 * (Σ m·g·(x − xp) − Σ band moment about the pivot) / (x_at − xp).
 */
export const propKind: DemandKind<Extract<Demand, { kind: 'prop' }>> = {
  unit: 'N',
  unsuited: (_, { plane }) =>
    plane === 'sagittal'
      ? undefined
      : {
          key: 'kind',
          found: `"prop" in the ${plane} plane`,
          expected: 'prop in the sagittal plane',
        },
  contacts: () => [],
  joints: ({ at, pivot }) => [
    { key: 'at', name: at },
    { key: 'pivot', name: pivot },
  ],
  segments: () => CHAIN.map((name) => ({ key: 'kind', name })),
  weightContacts: () => [],
  prepare: (input, { at, pivot: pivotJoint }) => {
    const { contacts, motion, take } = input;
    const samples = motion.phase.length;
    const pivot = jointTrack(motion, pivotJoint);
    const hands = jointTrack(motion, at);
    const demand = noWeights(contacts, samples, take);
    for (const segment of CHAIN) addGravityMoment(demand, input, segment, pivot, 2);
    addLoadMoments(demand, input, pivot);
    const propped = [`${at}L`, `${at}R`];
    contacts.kinds.forEach(({ name }, c) => {
      if (!propped.includes(name)) addMomentWeights(demand, contacts, c, pivot);
    });
    const { unassisted, weightX, weightY } = demand;
    for (let k = 0; k < samples; k++) {
      const lever_m = (hands.x[k] as number) - (pivot.x[k] as number);
      if (Math.abs(lever_m) < LEAST_LEVER_M) {
        return fail({
          code: 'computation',
          path: '$.exercise.demand',
          found: `"at" and "pivot" at the same x (sample ${k})`,
          expected: 'hands ahead of or behind the pivot at every phase',
        });
      }
      // The moments so far are counter-clockwise; the hands carry what balances them.
      unassisted[k] = -(unassisted[k] as number) / lever_m;
      for (let i = k; i < weightX.length; i += samples) {
        weightX[i] = -(weightX[i] as number) / lever_m;
        weightY[i] = -(weightY[i] as number) / lever_m;
      }
    }
    return succeed(demand);
  },
};
