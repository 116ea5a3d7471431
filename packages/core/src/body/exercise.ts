import type { Joint, Segment } from './segments.js';

/** The plane an exercise moves in; z is always x × y. */
export const PLANES = ['sagittal', 'frontal', 'transverse'] as const;
export type Plane = (typeof PLANES)[number];

/** How the muscle's strength goes over the range. */
export const STRENGTH_SHAPES = ['ascending', 'descending', 'bell', 'flat'] as const;
export type StrengthShape = (typeof STRENGTH_SHAPES)[number];

export type Pair = readonly [number, number];
export type Triple = readonly [number, number, number];

/**
 * A pose: the direction of each segment from its proximal to its distal end,
 * degrees counter-clockwise from +x; in place of the arm's two, the grip from
 * the shoulder (`hand`) or from the exercise's origin (`handAt`), in statures.
 */
export interface Pose extends Partial<Readonly<Record<Segment, number | undefined>>> {
  /** 0 at the start, 1 at the end of the effort. */
  readonly phase: number;
  readonly hand?: Pair | undefined;
  readonly handAt?: Pair | undefined;
  /** The left side where it does something else: for the drawing; figures take both sides alike. */
  readonly left?: Partial<Readonly<Record<LimbSegment, number | undefined>>> | undefined;
}

/** A segment that there is one of on each side. */
export type LimbSegment = Exclude<Segment, 'trunk'>;

/** A place on a segment that a band can pull on: share of its length, offset in statures. */
export interface SegmentPlace {
  readonly segment: Segment;
  readonly at: number;
  readonly offset?: number | undefined;
  readonly z_m?: number | undefined;
}

/** How a demand goes over the rep. */
export const DEMAND_COURSES = ['rises', 'falls', 'bell', 'level'] as const;
export type DemandCourse = (typeof DEMAND_COURSES)[number];

/** What the person has to do, at every phase: the quantity an exercise is judged by. */
export type Demand =
  | { readonly kind: 'support'; readonly at: readonly string[] }
  | {
      readonly kind: 'moment';
      /** `middle`: the body's middle line, in the frontal and transverse planes. */
      readonly at: Joint | 'middle';
      readonly carries: readonly Segment[];
    }
  | { readonly kind: 'prop'; readonly at: Joint; readonly pivot: Joint }
  | { readonly kind: 'contact'; readonly at: readonly string[] };

export interface Exercise {
  readonly id: string;
  readonly title: string;
  readonly plane: Plane;
  /** Whether the load is the person's own weight, so that a band helps or hinders. */
  readonly bodyweight: boolean;
  readonly strength: StrengthShape;
  /** Which way the two-link arm bends. Default 1. */
  readonly elbowBend?: 1 | -1 | undefined;
  /** How many limbs work together (sagittal only). Default 2; it matters to `moment` alone. */
  readonly limbs?: 1 | 2 | undefined;
  readonly root: { readonly point: Joint; readonly at: Pair };
  /** Shares of stature. */
  readonly widths?:
    { readonly grip?: number | undefined; readonly stance?: number | undefined } | undefined;
  readonly poses: readonly Pose[];
  readonly contacts?: Readonly<Record<string, SegmentPlace>> | undefined;
  /** How far one foot stands ahead of the other, in statures: drawn, and counted in the balance. */
  readonly stagger?: number | undefined;
  /** What the demand does over the rep with an ordinary band. */
  readonly course?: DemandCourse | undefined;
  readonly demand: Demand;
}
