/**
 * Segment lengths as shares of stature, masses as shares of body mass (one
 * limb), centres of mass as shares of the segment from its proximal end.
 * Source: Drillis & Contini; Winter, Biomechanics and Motor Control of Human
 * Movement. The trunk takes the head and neck with it.
 */
export type Segment = (typeof CHAIN)[number];
export type Joint = (typeof JOINTS)[number];

export interface Body {
  readonly stature_m: number;
  readonly mass_kg: number;
}

/** A mass on a segment: share of body mass (one limb), place as share of stature from the proximal end. */
export interface MassPoint {
  readonly massShare: number;
  readonly alongStature: number;
}

export interface SegmentTable {
  readonly from: Joint;
  readonly to: Joint;
  /** Length as share of stature. */
  readonly length: number;
  /** The trunk is one, the other segments come in pairs. */
  readonly paired: boolean;
  readonly masses: readonly MassPoint[];
}

export const SEGMENTS: Readonly<Record<Segment, SegmentTable>> = {
  foot: limb('ankle', 'toe', 0.152, 0.0145, 0.5),
  shank: limb('knee', 'ankle', 0.246, 0.0465, 0.433),
  thigh: limb('hip', 'knee', 0.245, 0.1, 0.433),
  trunk: { ...limb('hip', 'shoulder', 0.288, 0.578, 0.66), paired: false },
  upperArm: limb('shoulder', 'elbow', 0.186, 0.028, 0.436),
  // To the grip centre; the forearm itself ends at the wrist, 0.146 of stature on.
  forearm: {
    from: 'elbow',
    to: 'grip',
    length: 0.2,
    paired: true,
    masses: [
      { massShare: 0.016, alongStature: 0.43 * 0.146 },
      { massShare: 0.006, alongStature: 0.2 },
    ],
  },
};

/** The segments in the order of the chain from toe to grip. */
export const CHAIN = ['foot', 'shank', 'thigh', 'trunk', 'upperArm', 'forearm'] as const;

/** The joints in the order of the chain; segment i lies between joints i and i + 1. */
export const JOINTS = ['toe', 'ankle', 'knee', 'hip', 'shoulder', 'elbow', 'grip'] as const;

function limb(
  from: Joint,
  to: Joint,
  length: number,
  massShare: number,
  centre: number,
): SegmentTable {
  return { from, to, length, paired: true, masses: [{ massShare, alongStature: centre * length }] };
}
