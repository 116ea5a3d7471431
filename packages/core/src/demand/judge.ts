import type { ContactField } from '../body/contacts.js';
import type { Demand, Exercise } from '../body/exercise.js';
import type { Motion, PlaneTrack } from '../body/motion.js';
import { type Body, CHAIN, type Joint, type Segment, SEGMENTS } from '../body/segments.js';
import type { Fault } from '../faults.js';
import type { Take } from '../memory/arena.js';
import type { Load } from '../rig/setup.js';
import { STANDARD_GRAVITY_M_S2 as G } from '../units/units.js';
import type { ContactJudge, LinearJudge } from './prepared.js';

/** Everything a kind of demand is worked out from. */
export interface JudgeInput {
  readonly exercise: Exercise;
  readonly body: Body;
  readonly motion: Motion;
  readonly contacts: ContactField;
  readonly loads: readonly Load[];
  /** Where weights and the unassisted demand are written. */
  readonly take: Take;
}

export interface Judged {
  readonly judge: LinearJudge | ContactJudge;
  readonly unassisted: Float64Array;
}

/** Hands and pivot nearer than this in x carry no vertical force between them, m. */
const LEAST_LEVER_M = 1e-9;

/** Works out how forces count towards the demand, and the demand without bands. */
export function judgeDemand(input: JudgeInput): Judged | Fault {
  const { demand } = input.exercise;
  switch (demand.kind) {
    case 'support':
      return judgeSupport(input, demand.at);
    case 'moment':
      return judgeMoment(input, demand);
    case 'prop':
      return judgeProp(input, demand);
    case 'contact':
      return judgeContact(input, demand.at);
  }
}

/** m·g + loads·g − Σ vertical band force on all body contacts except those in `at`, N. */
function judgeSupport(input: JudgeInput, at: readonly string[]): Judged {
  const { contacts, motion, take } = input;
  const samples = motion.phase.length;
  const judge = linearJudge(contacts, samples, take);
  contacts.kinds.forEach(({ name }, c) => {
    if (!at.includes(name)) judge.weightY.fill(-1, c * samples, (c + 1) * samples);
  });
  const mass_kg = input.loads.reduce((sum, load) => sum + load.mass_kg, input.body.mass_kg);
  return { judge, unassisted: take(samples).fill(mass_kg * G) };
}

/**
 * Moment about the joint (Δx·Fy − Δy·Fx) of gravity on the carried segments,
 * loads on them and band forces on their contacts, N·m, counter-clockwise.
 */
function judgeMoment(input: JudgeInput, demand: Extract<Demand, { kind: 'moment' }>): Judged {
  const { exercise, contacts, motion, loads, take } = input;
  const samples = motion.phase.length;
  const centre = jointTrack(motion, demand.at);
  const carried = new Set(demand.carries);
  const bothSides =
    exercise.plane === 'sagittal' && ((exercise.limbs ?? 2) === 2 || carried.has('trunk'));
  const judge = linearJudge(contacts, samples, take);
  const unassisted = take(samples);
  const counts = (c: number): boolean => {
    const kind = contacts.kinds[c];
    return kind !== undefined && carried.has(kind.segment) && (bothSides || kind.side !== 'left');
  };
  contacts.kinds.forEach((_, c) => {
    if (counts(c)) addMomentWeights(judge, contacts, c, centre);
  });
  if (exercise.plane === 'transverse') return { judge, unassisted };
  for (const segment of carried) {
    addGravityMoment(unassisted, input, segment, centre, bothSides ? 2 : 1);
  }
  for (const load of loads) {
    const c = contacts.index.get(load.at);
    if (c === undefined || !counts(c)) continue;
    for (let k = 0; k < samples; k++) {
      const lever_m = (contacts.x[c * samples + k] as number) - (centre.x[k] as number);
      unassisted[k] = (unassisted[k] as number) - lever_m * load.mass_kg * G;
    }
  }
  return { judge, unassisted };
}

/**
 * Vertical force through the arms of a body propped on `at` and `pivot`, N:
 * (Σ m·g·(x − xp) − Σ band moment about the pivot) / (x_at − xp).
 */
function judgeProp(input: JudgeInput, demand: Extract<Demand, { kind: 'prop' }>): Judged | Fault {
  const { contacts, motion, loads, take } = input;
  const samples = motion.phase.length;
  const pivot = jointTrack(motion, demand.pivot);
  const hands = jointTrack(motion, demand.at);
  const judge = linearJudge(contacts, samples, take);
  const unassisted = take(samples);
  for (const segment of CHAIN) addGravityMoment(unassisted, input, segment, pivot, 2);
  for (const load of loads) {
    const c = contacts.index.get(load.at) ?? 0;
    for (let k = 0; k < samples; k++) {
      const lever_m = (contacts.x[c * samples + k] as number) - (pivot.x[k] as number);
      unassisted[k] = (unassisted[k] as number) - lever_m * load.mass_kg * G;
    }
  }
  const propped = [`${demand.at}L`, `${demand.at}R`];
  contacts.kinds.forEach(({ name }, c) => {
    if (!propped.includes(name)) addMomentWeights(judge, contacts, c, pivot);
  });
  return divideByLever(judge, unassisted, hands, pivot);
}

function divideByLever(
  judge: LinearJudge,
  moment: Float64Array,
  hands: PlaneTrack,
  pivot: PlaneTrack,
): Judged | Fault {
  const samples = moment.length;
  for (let k = 0; k < samples; k++) {
    const lever_m = (hands.x[k] as number) - (pivot.x[k] as number);
    if (Math.abs(lever_m) < LEAST_LEVER_M) {
      return {
        code: 'computation',
        path: '$.exercise.demand',
        found: `"at" and "pivot" at the same x (sample ${k})`,
        expected: 'hands ahead of or behind the pivot at every phase',
      };
    }
    // The moments so far are counter-clockwise; the hands carry what balances them.
    moment[k] = -(moment[k] as number) / lever_m;
    for (let i = k; i < judge.weightX.length; i += samples) {
      judge.weightX[i] = -(judge.weightX[i] as number) / lever_m;
      judge.weightY[i] = -(judge.weightY[i] as number) / lever_m;
    }
  }
  return { judge, unassisted: moment };
}

function judgeContact(input: JudgeInput, at: readonly string[]): Judged {
  const { contacts, exercise, loads, motion, take } = input;
  const samples = motion.phase.length;
  const indices = at.map((name) => contacts.index.get(name) ?? 0);
  const load_N = take(at.length);
  if (exercise.plane !== 'transverse') {
    at.forEach((name, i) => {
      for (const load of loads) {
        if (load.at === name) load_N[i] = (load_N[i] as number) - load.mass_kg * G;
      }
    });
  }
  const alone_N = load_N.reduce((sum, force) => sum + Math.abs(force), 0);
  return {
    judge: { kind: 'contact', at: indices, load_N },
    unassisted: take(samples).fill(alone_N),
  };
}

function linearJudge(contacts: ContactField, samples: number, take: Take): LinearJudge {
  const size = (contacts.kinds.length + 1) * samples;
  return { kind: 'linear', weightX: take(size), weightY: take(size) };
}

/** A force F on contact c turns about the centre by Δx·Fy − Δy·Fx. */
function addMomentWeights(
  judge: LinearJudge,
  contacts: ContactField,
  c: number,
  centre: PlaneTrack,
): void {
  const samples = centre.x.length;
  for (let k = 0; k < samples; k++) {
    const i = c * samples + k;
    judge.weightX[i] = -((contacts.y[i] as number) - (centre.y[k] as number));
    judge.weightY[i] = (contacts.x[i] as number) - (centre.x[k] as number);
  }
}

/** Adds the counter-clockwise moment of a segment's weight about the centre, N·m. */
function addGravityMoment(
  moment: Float64Array,
  { body, motion }: JudgeInput,
  segment: Segment,
  centre: PlaneTrack,
  limbs: 1 | 2,
): void {
  const { from, paired, masses } = SEGMENTS[segment];
  const start = motion.joints.get(from);
  const direction = motion.directions.get(segment);
  if (start === undefined || direction === undefined) {
    throw new RangeError(`segment ${segment} is not in the poses`);
  }
  for (const { massShare, alongStature } of masses) {
    const weight_N = massShare * (paired ? limbs : 1) * body.mass_kg * G;
    const along_m = alongStature * body.stature_m;
    for (let k = 0; k < moment.length; k++) {
      const x = (start.x[k] as number) + along_m * (direction.x[k] as number);
      moment[k] = (moment[k] as number) - weight_N * (x - (centre.x[k] as number));
    }
  }
}

function jointTrack(motion: Motion, joint: Joint): PlaneTrack {
  const track = motion.joints.get(joint);
  if (track === undefined) throw new RangeError(`joint ${joint} is not in the poses`);
  return track;
}
