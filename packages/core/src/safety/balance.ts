import { centreOfMass } from '../demand/centre-of-mass.js';
import { STANDARD_GRAVITY_M_S2 as G, writeLength } from '../units/units.js';
import type { CautionContext, CautionRule } from './caution.js';

/** Heel behind and ball ahead of the ankle, in statures: between them the ground pushes. */
const HEEL = -0.039;
const BALL = 0.12;

/** The ground may have to push so far outside the feet before it is said, m. */
const TOLERANCE_M = 0.02;

/** A longer step than this is a lunge, in statures. */
const LONGEST_STAGGER = 0.5;

/** Warns of standing work in which the pull tips the person over. */
export const balance: CautionRule = {
  id: 'balance',
  level: 'warn',
  check: (context) => {
    const tip_m = greatestTip(context);
    if (tip_m === undefined || Math.abs(tip_m) <= TOLERANCE_M) return undefined;
    const { stature_m } = context.setup.body;
    // Either end of the base moves by half of it.
    const stagger_m = Math.ceil(100 * (staggerOf(context) + 2 * Math.abs(tip_m))) / 100;
    const holds = stagger_m <= LONGEST_STAGGER * stature_m;
    const words = (length_m: number): string => writeLength(length_m, context.units?.length);
    const way = tip_m > 0 ? 'forward' : 'back';
    return {
      rule: 'balance',
      level: 'warn',
      text: `The pull tips one ${way}: the ground would have to push ${words(Math.abs(tip_m))} outside the feet. ${
        holds
          ? `One foot ${words(stagger_m)} ahead of the other holds it, or a lean against the pull.`
          : 'Lean against the pull, kneel or sit, or take a lighter band.'
      }`,
      figures: { tip_m },
      ...(holds ? { cure: { kind: 'stagger', stagger_m } } : {}),
    };
  },
};

/** One foot ahead of the other, m: the set-up's own, else the exercise's. */
export function staggerOf({ setup }: Pick<CautionContext, 'setup'>): number {
  const { body, exercise, stagger_m } = setup;
  return Math.abs(stagger_m ?? (exercise.stagger ?? 0) * body.stature_m);
}

/**
 * How far outside the feet the ground would have to push, m: ahead of the ball
 * above 0, behind the heel below, 0 between them; the greatest over the rep, of
 * the still poses. Centre of pressure
 *
 *     x = (Σ m·g·x − Σ over body contacts (x·Fy − y·Fx)) / (m·g − Σ Fy)
 *
 * with y from the floor. The bands weigh nothing, so that what they do to the
 * body is the opposite of what they do to the anchors. Undefined where the rule
 * has no say: not standing, not in the sagittal plane, poses without the whole
 * body, or legs that do not do alike, so that the feet are elsewhere.
 */
export function greatestTip(context: Pick<CautionContext, 'setup' | 'solved'>): number | undefined {
  const { setup, solved } = context;
  const { exercise, body } = setup;
  if (exercise.plane !== 'sagittal' || exercise.posture !== 'standing') return undefined;
  if (exercise.poses.some(({ left }) => left?.thigh !== undefined || left?.shank !== undefined)) {
    return undefined;
  }
  const { contacts, samples } = solved.rig.prepared;
  const ankle = contacts.index.get('ankleR');
  const whole = centreOfMass(solved.rig.prepared, 0) !== undefined;
  if (ankle === undefined || !whole) return undefined;
  const half_m = staggerOf(context) / 2;
  let greatest = 0;
  for (let k = 0; k < samples; k++) {
    const x = centreOfPressure(context, k);
    const at = contacts.x[ankle * samples + k] as number;
    const ahead = x - (at + BALL * body.stature_m + half_m);
    const behind = x - (at + HEEL * body.stature_m - half_m);
    const tip = ahead > 0 ? ahead : Math.min(0, behind);
    if (Math.abs(tip) > Math.abs(greatest)) greatest = tip;
  }
  return greatest;
}

function centreOfPressure(
  { setup, solved }: Pick<CautionContext, 'setup' | 'solved'>,
  k: number,
): number {
  const { body, loads = [] } = setup;
  const { rig, buffers } = solved;
  const { contacts, samples } = rig.prepared;
  const xOf = (name: string): number =>
    contacts.x[(contacts.index.get(name) ?? 0) * samples + k] as number;
  let down_N = 0;
  let moment = 0;
  const addWeight = (weight_N: number, x: number): void => {
    down_N += weight_N;
    moment += weight_N * x;
  };
  addWeight(body.mass_kg * G, centreOfMass(rig.prepared, k)?.[0] ?? 0);
  for (const { at, mass_kg } of loads) addWeight(mass_kg * G, xOf(at));
  rig.points.forEach((name, p) => {
    const node = contacts.kinds.length + p;
    const i = (buffers.trackOfNode[node] as number) * samples + k;
    const [x, y] = setup.points[name] ?? [0, 0];
    // The anchor is pulled the other way.
    down_N += buffers.effortY[i] as number;
    moment += x * (buffers.effortY[i] as number) - y * (buffers.effortX[i] as number);
  });
  return moment / down_N;
}
