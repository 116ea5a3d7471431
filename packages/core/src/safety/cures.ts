import { type PhaseRange, WHOLE_REP } from '../body/motion.js';
import { prepareExercise } from '../demand/prepare.js';
import type { PreparedExercise } from '../demand/prepared.js';
import { solveRig } from '../demand/solve-rig.js';
import type { SolvedRig } from '../demand/solve-setup.js';
import { anchorPlaceOf, anchorPoints } from '../rig/anchor-points.js';
import { placePoint } from '../rig/rig.js';
import type { AnchoredSetup, CautionContext } from './caution.js';

/** Cures are looked for in whole centimetres up to this distance, m. */
const FARTHEST_CURE_M = 2;
const CURE_STEP_M = 0.01;

/** So far inside its limit a cure lands, m. */
const INSIDE_M = 0.02;

/** Phases at which the part of a movement that may be done is looked for. */
const CURE_SAMPLES = 101;
/** Such a part begins and ends so far inside its limits, as a share of the rep. */
const INSIDE_PHASE = 0.01;
/** Less of a movement than this share is no exercise. */
const LEAST_PART = 0.2;

/**
 * How far the person has to step towards the anchor, m: to the first whole
 * centimetre at which all is fine, and two more, so that the set-up does not
 * stand on its limit. Undefined where no step helps, or there is no anchor to
 * step to. Leaves rig and buffers as they were.
 */
export function distanceCure(
  { setup, solved }: Pick<CautionContext, 'setup' | 'solved'>,
  isFine: (solved: SolvedRig) => boolean,
): number | undefined {
  const { body, exercise, points } = setup;
  const { rig, buffers } = solved;
  const place = anchorPlaceOf(exercise, body.stature_m, points);
  if (place === undefined || exercise.anchor?.side === 'over') return undefined;
  const isFineAt = (closer_m: number): boolean => {
    const distance_m = place.distance_m - closer_m;
    const moved = anchorPoints(exercise, body.stature_m, { ...place, distance_m });
    rig.points.forEach((name, p) => {
      const at = closer_m === 0 ? points[name] : moved[name];
      if (at !== undefined) placePoint(rig, p, at[0], at[1], at[2]);
    });
    solveRig(rig, buffers);
    return isFine(solved);
  };
  let cure: number | undefined;
  const most = Math.floor(Math.min(FARTHEST_CURE_M, place.distance_m) / CURE_STEP_M);
  for (let step = 1; step < most && cure === undefined; step++) {
    const closer_m = step * CURE_STEP_M;
    if (!isFineAt(closer_m)) continue;
    cure = isFineAt(closer_m + INSIDE_M) ? closer_m + INSIDE_M : closer_m;
  }
  isFineAt(0);
  return cure;
}

/**
 * The longest part of the movement in which every pose is fine, a hundredth of
 * the rep inside its limits where it does not end with the movement itself.
 * Undefined where less than a fifth of the rep is left.
 */
export function phasesCure(
  { setup }: { readonly setup: AnchoredSetup },
  isFine: (prepared: PreparedExercise, sample: number) => boolean,
): PhaseRange | undefined {
  const { body, exercise, loads, root_m, widths } = setup;
  const prepared = prepareExercise(exercise, body, {
    widths,
    root_m,
    loads,
    samples: CURE_SAMPLES,
  });
  if (!prepared.ok) return undefined;
  const { phase } = prepared.value;
  let best: PhaseRange = { from: 0, to: 0 };
  let begun: number | undefined;
  for (let k = 0; k <= CURE_SAMPLES; k++) {
    const fine = k < CURE_SAMPLES && isFine(prepared.value, k);
    if (fine) begun ??= k;
    if (fine || begun === undefined) continue;
    const part = inside(phase[begun] as number, phase[k - 1] as number);
    if (part.to - part.from > best.to - best.from) best = part;
    begun = undefined;
  }
  return best.to - best.from < LEAST_PART ? undefined : best;
}

function inside(from: number, to: number): PhaseRange {
  const hundredths = (phase: number): number => Math.round(100 * phase) / 100;
  return {
    from: from === WHOLE_REP.from ? from : hundredths(from + INSIDE_PHASE),
    to: to === WHOLE_REP.to ? to : hundredths(to - INSIDE_PHASE),
  };
}

/** "from the start to 62 % of the movement". */
export function phaseWords({ from, to }: PhaseRange): string {
  const begin = from === WHOLE_REP.from ? 'the start' : `${Math.round(100 * from)} %`;
  const end = to === WHOLE_REP.to ? 'the end' : `${Math.round(100 * to)} %`;
  return `from ${begin} to ${end} of the movement`;
}
