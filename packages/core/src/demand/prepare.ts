import { DEFAULT_WIDTHS, locateContacts, type Widths } from '../body/contacts.js';
import type { Exercise, Pair } from '../body/exercise.js';
import { type Motion, type PhaseRange, sampleMotion, WHOLE_REP } from '../body/motion.js';
import type { Body } from '../body/segments.js';
import { Arena, type Take } from '../memory/arena.js';
import { type Result, succeed } from '../faults.js';
import { DEFAULT_SAMPLES, type Load, type Setup } from '../rig/setup.js';
import { demandUnit, prepareDemand } from './kinds/demand-kinds.js';
import type { PreparedExercise } from './prepared.js';
import { strengthAt } from './strength.js';

/** What an exercise is prepared for besides the body. */
export interface PreparationOptions {
  readonly widths?: Setup['widths'];
  readonly root_m?: Pair | undefined;
  readonly phases?: PhaseRange | undefined;
  readonly loads?: readonly Load[] | undefined;
  readonly samples?: number | undefined;
  /** Contacts that will be asked for; all of the exercise's where it is not given. */
  readonly only?: ReadonlySet<string> | undefined;
  /** Memory that the result is written in; memory of its own where it is not given. */
  readonly take?: Take | undefined;
}

/**
 * Works out everything that does not depend on bands and anchors. Names are
 * taken as checked (see `checkNames`).
 *
 * @returns a fault `computation` for a hand out of reach or a prop without a lever
 */
export function prepareExercise(
  exercise: Exercise,
  body: Body,
  options: PreparationOptions = {},
): Result<PreparedExercise> {
  const samples = options.samples ?? DEFAULT_SAMPLES;
  const { phases = WHOLE_REP, take = new Arena().take } = options;
  const root_m = rootPlace(exercise, body, options.root_m);
  const sampled = sampleMotion(exercise, body, root_m, samples, take, phases);
  if (!sampled.ok) return sampled;
  const motion = sampled.value;
  const widths = widthsOf(exercise, body, options.widths);
  const contacts = locateContacts(exercise, body, motion, widths, take, options.only);
  const demand = prepareDemand({
    exercise,
    body,
    motion,
    wholeMotion: () =>
      isWholeRep(motion, phases)
        ? sampled
        : sampleMotion(exercise, body, root_m, WHOLE_REP_SAMPLES, take),
    contacts,
    loads: options.loads ?? [],
    take,
  });
  if (!demand.ok) return demand;
  return succeed({
    samples,
    phase: motion.phase,
    contacts,
    unit: demandUnit(exercise.demand),
    bodyweight: exercise.bodyweight,
    strength: strengthTrack(exercise, motion.phase, take(samples)),
    demand: demand.value,
  });
}

/** Phases at which the whole rep is looked at for what does not depend on the part done. */
const WHOLE_REP_SAMPLES = 41;

function isWholeRep({ phase }: Motion, { from, to }: PhaseRange): boolean {
  return from === WHOLE_REP.from && to === WHOLE_REP.to && phase.length === WHOLE_REP_SAMPLES;
}

/** Prepares an exercise with all its contacts, in memory of its own. */
export type Preparation = (
  exercise: Exercise,
  body: Body,
  options: Omit<PreparationOptions, 'only' | 'take'>,
) => Result<PreparedExercise>;

/**
 * As {@link prepareExercise}, for one set-up after the other: what was prepared
 * last serves again while exercise (the same object), body and options stay.
 */
export function createPreparation(): Preparation {
  let last: { exercise: Exercise; key: string; prepared: Result<PreparedExercise> } | undefined;
  return (exercise, body, { widths, root_m, phases, loads, samples }) => {
    const { stature_m, mass_kg } = body;
    const key = JSON.stringify([stature_m, mass_kg, widths, root_m, phases, loads, samples]);
    if (last?.exercise !== exercise || last.key !== key) {
      const prepared = prepareExercise(exercise, body, { widths, root_m, phases, loads, samples });
      last = { exercise, key, prepared };
    }
    return last.prepared;
  };
}

function strengthTrack(
  { strength }: Exercise,
  phase: Float64Array,
  track: Float64Array,
): Float64Array {
  for (let k = 0; k < track.length; k++) track[k] = strengthAt(strength, phase[k] as number);
  return track;
}

/** Where the root stands, m: `root_m` where it is given, else the exercise's own place. */
export function rootPlace(exercise: Exercise, body: Body, root_m: Pair | undefined): Pair {
  const [x, y] = exercise.root.at;
  return root_m ?? [x * body.stature_m, y * body.stature_m];
}

function widthsOf({ widths: own }: Exercise, body: Body, widths: Setup['widths']): Widths {
  return {
    grip_m: widths?.grip_m ?? (own?.grip ?? DEFAULT_WIDTHS.grip) * body.stature_m,
    stance_m: widths?.stance_m ?? (own?.stance ?? DEFAULT_WIDTHS.stance) * body.stature_m,
  };
}
