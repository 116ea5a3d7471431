import type { ContactField } from '../body/contacts.js';

/**
 * What stays the same while bands, anchors and routes change: poses, contacts,
 * gravity and how each force counts towards the demand. Entry k of contact c
 * stands at `c · samples + k`.
 */
export interface PreparedExercise {
  readonly samples: number;
  readonly phase: Float64Array;
  readonly contacts: ContactField;
  readonly unit: 'N' | 'N·m';
  readonly bodyweight: boolean;
  /** Strength of the muscle over the phases, 1 at its best. */
  readonly strength: Float64Array;
  readonly demand: PreparedDemand;
}

export type PreparedDemand = LinearDemand | NetPullDemand;

interface DemandWithoutBands {
  /** Signed demand without bands, at every phase. */
  readonly unassisted: Float64Array;
  /**
   * Whether a muscle on one side of a joint meets it: what is asked is then the
   * signed demand above 0, and below it band or gravity do the movement.
   */
  readonly sided: boolean;
}

/**
 * Support, moment and prop are linear in the band forces: signed demand =
 * unassisted + Σ over contacts of (weightX·Fx + weightY·Fy). After the last
 * contact a block of zeros stands for whatever is not on the body.
 */
export interface LinearDemand extends DemandWithoutBands {
  readonly kind: 'linear';
  readonly weightX: Float64Array;
  readonly weightY: Float64Array;
}

/** |Σ over the contacts of band force + load weight|. */
export interface NetPullDemand extends DemandWithoutBands {
  readonly kind: 'netPull';
  readonly at: readonly number[];
  /** Vertical load force on each contact, N (negative: downwards). */
  readonly load_N: Float64Array;
}

/** What is asked of the person by a signed demand: its size, or what a muscle on one side meets of it. */
export function askedDemand(signed: number, sided: boolean): number {
  return signed >= 0 ? signed : sided ? 0 : -signed;
}
