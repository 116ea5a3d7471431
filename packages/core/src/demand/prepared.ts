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
  /** Signed demand without bands, at every phase. */
  readonly unassisted: Float64Array;
  readonly unit: 'N' | 'N·m';
  readonly bodyweight: boolean;
  /** Strength of the muscle over the phases, 1 at its best. */
  readonly strength: Float64Array;
  readonly judge: LinearJudge | ContactJudge;
}

/**
 * Support, moment and prop are linear in the band forces: signed demand =
 * unassisted + Σ over contacts of (weightX·Fx + weightY·Fy). After the last
 * contact a block of zeros stands for whatever is not on the body.
 */
export interface LinearJudge {
  readonly kind: 'linear';
  readonly weightX: Float64Array;
  readonly weightY: Float64Array;
}

/** Σ over the judged contacts of |band force + load weight there|. */
export interface ContactJudge {
  readonly kind: 'contact';
  readonly at: readonly number[];
  /** Vertical load force on each judged contact, N (negative: downwards). */
  readonly load_N: Float64Array;
}
