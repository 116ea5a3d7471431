import type { ContactField } from '../../body/contacts.js';
import type { Motion, PlaneTrack } from '../../body/motion.js';
import { type Joint, type Segment, SEGMENTS } from '../../body/segments.js';
import type { Take } from '../../memory/arena.js';
import { STANDARD_GRAVITY_M_S2 as G } from '../../units/units.js';
import type { LinearDemand } from '../prepared.js';
import type { DemandInput } from './demand-kind.js';

/** A linear demand on which nothing counts yet. */
export function noWeights(contacts: ContactField, samples: number, take: Take): LinearDemand {
  const size = (contacts.kinds.length + 1) * samples;
  return {
    kind: 'linear',
    sided: false,
    weightX: take(size),
    weightY: take(size),
    unassisted: take(samples),
  };
}

/** A force F on contact c turns about the centre by Δx·Fy − Δy·Fx, counter-clockwise. */
export function addMomentWeights(
  { weightX, weightY }: LinearDemand,
  contacts: ContactField,
  c: number,
  centre: PlaneTrack,
): void {
  const samples = centre.x.length;
  for (let k = 0; k < samples; k++) {
    const i = c * samples + k;
    weightX[i] = -((contacts.y[i] as number) - (centre.y[k] as number));
    weightY[i] = (contacts.x[i] as number) - (centre.x[k] as number);
  }
}

/** Adds the counter-clockwise moment of a segment's weight about the centre, N·m. */
export function addGravityMoment(
  { unassisted }: LinearDemand,
  { body, motion }: DemandInput,
  segment: Segment,
  centre: PlaneTrack,
  limbs: 1 | 2,
): void {
  const { from, paired, masses } = SEGMENTS[segment];
  const start = jointTrack(motion, from);
  const direction = motion.directions.get(segment);
  if (direction === undefined) throw new RangeError(`segment ${segment} is not in the poses`);
  for (const { massShare, alongStature } of masses) {
    const weight_N = massShare * (paired ? limbs : 1) * body.mass_kg * G;
    const along_m = alongStature * body.stature_m;
    for (let k = 0; k < unassisted.length; k++) {
      const x = (start.x[k] as number) + along_m * (direction.x[k] as number);
      unassisted[k] = (unassisted[k] as number) - weight_N * (x - (centre.x[k] as number));
    }
  }
}

/** Adds the counter-clockwise moments of the loads on contacts that count, N·m. */
export function addLoadMoments(
  { unassisted }: LinearDemand,
  { contacts, loads }: DemandInput,
  centre: PlaneTrack,
  counts: (contact: number) => boolean = () => true,
): void {
  const samples = unassisted.length;
  for (const load of loads) {
    const c = contacts.index.get(load.at);
    if (c === undefined || !counts(c)) continue;
    for (let k = 0; k < samples; k++) {
      const lever_m = (contacts.x[c * samples + k] as number) - (centre.x[k] as number);
      unassisted[k] = (unassisted[k] as number) - lever_m * load.mass_kg * G;
    }
  }
}

/** The places of a joint that the poses are known to reach. */
export function jointTrack(motion: Motion, joint: Joint): PlaneTrack {
  const track = motion.joints.get(joint);
  if (track === undefined) throw new RangeError(`joint ${joint} is not in the poses`);
  return track;
}
