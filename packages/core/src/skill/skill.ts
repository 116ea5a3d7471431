import type { PhaseRange } from '../body/motion.js';

/** One level of a skill: an exercise, or a part of its movement. */
export interface SkillLevel {
  /** Id of the exercise. */
  readonly exercise: string;
  /** What the level is called where it is not the exercise's own title. */
  readonly title?: string | undefined;
  /** The part of the movement that belongs to it. Default the whole. */
  readonly phases?: PhaseRange | undefined;
  /** How many limbs carry it. Default 2. */
  readonly limbs?: 1 | 2 | undefined;
}

/** A place of the body where the help hangs. */
export interface HangPlace {
  /** "foot", "lower back". */
  readonly where: string;
  /** Ids of the routes that hang a band there, the usual one first. */
  readonly routes: readonly string[];
  /** How one gets in and out safely. */
  readonly gettingIn: string;
  readonly gettingOut: string;
}

/** Ways a skill is worked on. */
export const SKILL_WORKS = ['taper', 'hold'] as const;
export type SkillWork = (typeof SKILL_WORKS)[number];

/** A family of exercises that lead one to the next, and where a band helps in them. */
export interface Skill {
  readonly id: string;
  readonly title: string;
  /** What it leads to. */
  readonly aim: string;
  readonly work: SkillWork;
  /** Of which limb the demand is told for one, where levels differ in how many carry it. */
  readonly limb?: 'arm' | 'leg' | undefined;
  /** Easiest first; the order holds where demands tie. */
  readonly levels: readonly SkillLevel[];
  /** Why it holds there. */
  readonly orderWhy: string;
  readonly hangs: readonly HangPlace[];
  /** Exercises in which a band adds load, for who needs no help any more. */
  readonly beyond?: readonly string[] | undefined;
  /** Slow lowerings are a track of their own. */
  readonly lowered?: boolean | undefined;
  /** The contact that comes down on a target, where the way down decides the demand. */
  readonly target?: string | undefined;
}
