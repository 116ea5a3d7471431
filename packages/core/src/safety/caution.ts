import type { RangedJoint } from '../body/joint-angles.js';
import type { Material } from '../care/inspection.js';
import type { Softening } from '../care/softening.js';
import type { SolvedRig } from '../demand/solve-setup.js';
import type { Grade } from '../elastic/calibration.js';
import type { AnchoredExercise, AnchorKind } from '../rig/anchor-points.js';
import type { Matrix3 } from '../elastic/bounded-least-squares.js';
import type { Setup } from '../rig/setup.js';
import type { Units } from '../units/units.js';
import type { Clearance } from './clearance.js';

/** `refuse` keeps a set-up from being ready, `warn` must be acknowledged, `note` informs. */
export const CAUTION_LEVELS = ['refuse', 'warn', 'note'] as const;
export type CautionLevel = (typeof CAUTION_LEVELS)[number];

/** The smallest change that ends a caution. */
export type Cure =
  /** How far the person has to step towards the anchor, m; below 0 away from it. */
  | { readonly kind: 'distance'; readonly closer_m: number }
  /** The part of the movement that is done. */
  | { readonly kind: 'phases'; readonly from: number; readonly to: number }
  /** One foot ahead of the other, m. */
  | { readonly kind: 'stagger'; readonly stagger_m: number };

export interface Caution {
  readonly rule: string;
  readonly level: CautionLevel;
  readonly text: string;
  /** The figures the rule weighed, keyed with their unit. */
  readonly figures: Readonly<Record<string, number | string>>;
  readonly cure?: Cure;
}

/** What is known about a band in the set-up besides its law. */
export interface BandFacts {
  readonly id: string;
  readonly title: string;
  readonly grade: Grade;
  readonly retired: boolean;
  readonly flatLength_m: number;
  readonly material: Material;
  /** Days or stretch cycles since the last inspection are over the studio's rule. */
  readonly inspectionDue: boolean;
  /** How much softer it is than at first; null where it was measured once. */
  readonly softening: Softening | null;
  /** Covariance of its law, N²; undefined where the law counts as exact. */
  readonly covariance?: Matrix3 | undefined;
  /** It is held by handles, not by the bare band. Default false. */
  readonly hasHandles?: boolean | undefined;
}

export const DOOR_SIDES = ['over', 'under', 'hinge', 'latch'] as const;
export type DoorSide = (typeof DOOR_SIDES)[number];
export const DOOR_SWINGS = ['toward', 'away'] as const;
export type DoorSwing = (typeof DOOR_SWINGS)[number];

/** Where on a door the strap sits, and what the door does when it is pulled. */
export interface DoorFit {
  readonly side: DoorSide;
  /** Which way the leaf swings, seen from the person who pulls. */
  readonly opens: DoorSwing;
  readonly locked: boolean;
}

export interface AnchorFacts {
  readonly name: string;
  readonly kind: AnchorKind;
  readonly ratedLoad_N: number | null;
  readonly door: DoorFit | null;
}

export const GOALS = ['build', 'keep', 'rehab', 'skill'] as const;
export type Goal = (typeof GOALS)[number];

/** What on a person's file makes a clinician's word necessary, or a caution sharper. */
export const CONDITIONS = [
  'recentSurgery',
  'pregnancy',
  'neurological',
  'heart',
  'highBloodPressure',
] as const;
export type Condition = (typeof CONDITIONS)[number];

/** How far a joint may go, degrees from the anatomical position. */
export interface JointRange {
  readonly joint: RangedJoint;
  readonly least_deg: number;
  readonly most_deg: number;
}

/** What is on a person's file that a caution looks at. */
export interface PersonFacts {
  readonly goal: Goal;
  readonly latexAllergy: boolean;
  /** Day of birth, ISO 8601; null where it is not on file. */
  readonly bornOn: string | null;
  readonly conditions: readonly Condition[];
  readonly mountLimit_N: number;
  /** Where the joints go without pain; those not named are free. */
  readonly ranges: readonly JointRange[];
  /** Exercises that this person does not do, by id. */
  readonly noGo?: readonly string[] | undefined;
  /** Of who is under age: who agreed, and when, ISO 8601. */
  readonly consent?: { readonly by: string; readonly on: string } | null | undefined;
  /** Day of the first session of each exercise, ISO 8601, by the exercise's id. */
  readonly trainedSince?: Readonly<Record<string, string>> | undefined;
  /** A clinician's clearance; null where there is none. */
  readonly clearance: Pick<Clearance, 'until' | 'enforced'> | null;
}

/** What is known of how the exercise is going to be done; unknown things keep their rule on guard. */
export interface WorkFacts {
  readonly hold_s?: number | undefined;
  /** Work for speed, after this many clean sessions of the exercise in another school. */
  readonly speed?: { readonly cleanSessions: number; readonly fastLowering: boolean } | undefined;
}

/** A set-up whose exercise knows its anchor and what comes with the movement. */
export interface AnchoredSetup extends Setup {
  readonly exercise: AnchoredExercise;
}

/** Everything the rules look at. */
export interface CautionContext {
  readonly setup: AnchoredSetup;
  readonly solved: SolvedRig;
  readonly bands: readonly BandFacts[];
  readonly anchor: AnchorFacts | null;
  readonly person: PersonFacts;
  /** Today, ISO 8601. */
  readonly today: string;
  /** The studio refuses a pull toward the face, where it is else warned of. */
  readonly eyesRule?: boolean | undefined;
  readonly work?: WorkFacts | undefined;
  /** What figures are told in; newtons, centimetres and kilograms where it is not given. */
  readonly units?: Units | undefined;
}

/** Whether a caution comes with the movement itself, as its document lists them. */
export function comesWith({ setup }: CautionContext, rule: string): boolean {
  return setup.exercise.cautions?.includes(rule) ?? false;
}

/** One rule: pure, and silent when it has nothing to say. */
export interface CautionRule {
  readonly id: string;
  readonly level: CautionLevel;
  readonly check: (context: CautionContext) => Caution | undefined;
}
