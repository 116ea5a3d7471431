import type { ContactKind } from '../../body/contacts.js';
import type { Demand, Exercise } from '../../body/exercise.js';
import type { Motion, PlaneTrack } from '../../body/motion.js';
import { turningSide } from '../../body/turning-side.js';
import { succeed } from '../../faults.js';
import type { Take } from '../../memory/arena.js';
import type { LinearDemand } from '../prepared.js';
import type { DemandKind } from './demand-kind.js';
import {
  addGravityMoment,
  addLoadMoments,
  addMomentWeights,
  jointTrack,
  noWeights,
} from './linear-demand.js';

type Moment = Extract<Demand, { kind: 'moment' }>;

/**
 * Moment about the joint (Δx·Fy − Δy·Fx) of gravity on the carried segments,
 * loads on them and band forces on their contacts, N·m. Where the exercise is
 * not done with the body's own weight the muscle has a side: see
 * {@link turningSide}. At the `middle`: of both sides together about the body's
 * middle line, on which the segments' own weight has no say.
 */
export const momentKind: DemandKind<Moment> = {
  unit: 'N·m',
  unsuited: ({ at, carries }, { plane }) => {
    if (at === 'middle' && plane === 'sagittal') {
      return {
        key: 'at',
        found: '"middle" in the sagittal plane',
        expected: 'a joint, or "middle" in the frontal or transverse plane',
      };
    }
    if (at !== 'middle' && plane !== 'sagittal' && carries.includes('trunk')) {
      return {
        key: 'carries',
        found: `"moment" in the ${plane} plane`,
        expected: 'the trunk carried in the sagittal plane, or with "at": "middle"',
      };
    }
    return undefined;
  },
  contacts: () => [],
  joints: ({ at }, { plane }) => [
    { key: 'at', name: at === 'middle' ? (plane === 'frontal' ? 'hip' : 'shoulder') : at },
  ],
  segments: ({ carries }) => carries.map((name, i) => ({ key: `carries[${i}]`, name })),
  weightContacts: ({ at, carries }, { plane, limbs }) => {
    const end = carries.includes('forearm') ? 'grip' : carries.includes('shank') ? 'ankle' : 'toe';
    const oneSide = at !== 'middle' && (limbs === 1 || plane !== 'sagittal');
    return oneSide ? [`${end}R`] : [`${end}L`, `${end}R`];
  },
  prepare: (input, moment) => {
    const { exercise, contacts, motion, take } = input;
    const centre = centreOf(moment, exercise, motion, take);
    const both = bothSidesCount(moment, exercise);
    const carried = new Set(moment.carries);
    const counts = ({ segment, side }: ContactKind): boolean =>
      carried.has(segment) && (both || side !== 'left');
    const demand = noWeights(contacts, motion.phase.length, take);
    contacts.kinds.forEach((kind, c) => {
      if (counts(kind)) addMomentWeights(demand, contacts, c, centre);
    });
    // Seen from above neither limbs nor weights weigh anything.
    if (exercise.plane !== 'transverse') {
      if (moment.at !== 'middle') {
        for (const segment of carried) {
          addGravityMoment(demand, input, segment, centre, both ? 2 : 1);
        }
      }
      addLoadMoments(demand, input, centre, (c) => {
        const kind = contacts.kinds[c];
        return kind !== undefined && counts(kind);
      });
    }
    if (exercise.bodyweight || moment.at === 'middle') return succeed(demand);
    const whole = input.wholeMotion();
    if (!whole.ok) return whole;
    const side = turningSide(moment.at, carried, whole.value);
    return succeed(side === 0 ? demand : towardsMuscle(demand, side));
  },
};

function centreOf({ at }: Moment, { plane }: Exercise, motion: Motion, take: Take): PlaneTrack {
  if (at !== 'middle') return jointTrack(motion, at);
  const onMiddle = take(motion.phase.length);
  return plane === 'frontal'
    ? { x: onMiddle, y: jointTrack(motion, 'hip').y }
    : { x: jointTrack(motion, 'shoulder').x, y: onMiddle };
}

function bothSidesCount({ at, carries }: Moment, { limbs = 2, plane }: Exercise): boolean {
  return at === 'middle' || (plane === 'sagittal' && (limbs === 2 || carries.includes('trunk')));
}

/** The demand as the muscle meets it: what resists the way it turns the limb counts up. */
function towardsMuscle(demand: LinearDemand, side: 1 | -1): LinearDemand {
  for (const values of [demand.weightX, demand.weightY, demand.unassisted]) {
    for (let i = 0; i < values.length; i++) values[i] = -side * (values[i] as number);
  }
  return { ...demand, sided: true };
}
