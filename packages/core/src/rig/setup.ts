import type { Band } from '../elastic/band.js';
import type { Exercise, Pair, Triple } from '../body/exercise.js';
import type { Body } from '../body/segments.js';

/** One band laid along contacts; closed for a loop, open for the rest. */
export interface Run {
  readonly band: string;
  /** Contacts in order; one may occur several times (folded, shared by both hands). */
  readonly path: readonly string[];
  /** Unstretched material that takes no part, m. */
  readonly takeUp_m?: number | undefined;
  /** Stretched path that lies round something and shares the tension, m. */
  readonly extra_m?: number | undefined;
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
