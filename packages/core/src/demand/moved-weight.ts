import type { Exercise } from '../body/exercise.js';
import { sampleMotion } from '../body/motion.js';
import { type Body, CHAIN, type Segment, SEGMENTS } from '../body/segments.js';
import { Arena } from '../memory/arena.js';
import { STANDARD_GRAVITY_M_S2 } from '../units/units.js';
import { rootPlace } from './prepare.js';

/** A segment is lifted where its centre rises by at least this share of the greatest rise. */
const LIFTED_SHARE = 0.5;

/** Under this share of stature nothing of the body is lifted: a hand that drifts up is no load. */
const LEAST_RISE = 0.03;

/**
 * Weight of the body that is lifted with the band, N: for an exercise judged by the force at its contacts,
 * g × the mass of the segments whose centre rises from phase 0 to 1 by at least half of the greatest
 * rise of any (a squat: trunk, arms and thighs, 0.88 of the body). Added to loads before they are
 * reviewed; 0 where nothing rises, where the demand holds the body already, and seen from above.
 */
export function movedWeight(exercise: Exercise, body: Body): number {
  if (exercise.demand.kind !== 'contact' || exercise.plane === 'transverse') return 0;
  const { take } = new Arena();
  const motion = sampleMotion(exercise, body, rootPlace(exercise, body, undefined), 2, take);
  if (!motion.ok) return 0;
  const { joints } = motion.value;
  const rises = CHAIN.flatMap((segment) => {
    const { from, length, masses, paired, to } = SEGMENTS[segment];
    const [start, end] = [joints.get(from), joints.get(to)];
    if (start === undefined || end === undefined) return [];
    const share = centreOf(segment) / length;
    const at = (k: number): number =>
      (start.y[k] as number) * (1 - share) + (end.y[k] as number) * share;
    const mass = masses.reduce((sum, { massShare }) => sum + massShare, 0) * (paired ? 2 : 1);
    return [{ mass, rise_m: at(1) - at(0) }];
  });
  const greatest_m = Math.max(0, ...rises.map(({ rise_m }) => rise_m));
  if (greatest_m < LEAST_RISE * body.stature_m) return 0;
  return rises
    .filter(({ rise_m }) => rise_m >= LIFTED_SHARE * greatest_m)
    .reduce((sum, { mass }) => sum + mass * body.mass_kg * STANDARD_GRAVITY_M_S2, 0);
}

/** Where a segment's centre of mass lies, as share of stature from its proximal end. */
function centreOf(segment: Segment): number {
  const { masses } = SEGMENTS[segment];
  const whole = masses.reduce((sum, { massShare }) => sum + massShare, 0);
  return masses.reduce((sum, one) => sum + one.massShare * one.alongStature, 0) / whole;
}
