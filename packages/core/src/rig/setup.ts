import type { Band } from '../elastic/band.js';
import type { Exercise, Pair, Triple } from '../body/exercise.js';
import type { PhaseRange } from '../body/motion.js';
import type { Body } from '../body/segments.js';

/** One band laid along contacts; closed for a loop, open for the rest. */
export interface Run {
  readonly band: string;
  /** Contacts in order; one may occur several times (folded, shared by both hands). */
  readonly path: readonly string[];
  /** Unstretched material that takes no part, m. */
  readonly takeUp_m?: number | undefined;
  /** Stretched path that lies round something smooth and shares the tension, m. */
  readonly extra_m?: number | undefined;
  /** How much of the take-up lies round the anchor, hitched or wound, m; the mechanics need not know. */
  readonly hitch_m?: number | undefined;
  /** Where the band is held fast, by a foot that stands on it: between two such neighbours it pulls nowhere. */
  readonly pinned?: readonly string[] | undefined;
}

/** A free weight at a body contact. */
export interface Load {
  readonly at: string;
  readonly mass_kg: number;
}

/** A person, an exercise and the bands on it: all that the statics needs. */
export interface Setup {
  readonly body: Body;
  readonly exercise: Exercise;
  readonly widths?:
    { readonly grip_m?: number | undefined; readonly stance_m?: number | undefined } | undefined;
  readonly root_m?: Pair | undefined;
  /** The part of the movement that is done. Default the whole. */
  readonly phases?: PhaseRange | undefined;
  /** One foot ahead of the other, m, instead of the exercise's own: for the drawing and the balance. */
  readonly stagger_m?: number | undefined;
  /** The marks are on the floor and on the band, so that it is stood and gripped as told. Default false. */
  readonly marked?: boolean | undefined;
  /** Anchors, m, in the exercise's frame. */
  readonly points: Readonly<Record<string, Triple>>;
  readonly bands: readonly Band[];
  readonly runs: readonly Run[];
  readonly links?: Readonly<Record<string, Triple>> | undefined;
  readonly loads?: readonly Load[] | undefined;
  readonly samples?: number | undefined;
}

/** Phases sampled where a set-up does not say. */
export const DEFAULT_SAMPLES = 41;
