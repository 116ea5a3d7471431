import type { RouteForm } from '../rig/compose.js';
import type { Setup } from '../rig/setup.js';

/** A way to run a band that the search may choose. */
export interface SearchRoute {
  readonly id: string;
  readonly path: readonly string[];
  readonly takeUp_m?: number | undefined;
  readonly extra_m?: number | undefined;
  readonly pinned?: readonly string[] | undefined;
  /** Cost of the trouble of laying a band so, ≥ 0. Default 0. */
  readonly handling?: number | undefined;
  /** For bands of this form alone; for all where it is not given. */
  readonly for?: RouteForm | undefined;
  /**
   * Where an equal copy of the band lies that goes on with it as one item: its mirror image, on the
   * body's other side, stretched alike.
   */
  readonly opposite?: Pick<SearchRoute, 'path' | 'pinned'> | undefined;
}

/** The one quantity that is varied, and its values, m. */
export type Reach =
  | {
      /** An anchor against the person. */
      readonly point: string;
      /** Points that move along with it: the other one of a pair. */
      readonly along?: readonly string[] | undefined;
      readonly axis: 'x' | 'y' | 'z';
      readonly values_m: readonly number[];
    }
  | {
      /** In place of the set-up's width. */
      readonly width: 'stance' | 'grip';
      readonly values_m: readonly number[];
    }
  | {
      /** Added to the take-up of every route: gripping lower. */
      readonly takeUp: true;
      readonly values_m: readonly number[];
    };

/** The figures of a summary that can be searched for. */
export const METRICS = ['start', 'end', 'peak', 'mean', 'assistMean'] as const;
export type Metric = (typeof METRICS)[number];

export interface Target {
  readonly metric: Metric;
  readonly value: number;
}

export interface SearchLimits {
  /** Bands at once, at most. */
  readonly maxBands: number;
  /** Stretch of every band, at most; its own limit holds besides. */
  readonly stretch: number;
  /** Least demand at the start. Default: no floor. */
  readonly start?: number | undefined;
  /** Greatest pull on an anchor, N. Default: none. */
  readonly anchor_N?: number | undefined;
  /** Greatest share of the samples in which the bands turn the demand round. Default 0. */
  readonly overAssist?: number | undefined;
  /** Greatest pull of one band when it is hooked in, N. Default: none. */
  readonly mount_N?: number | undefined;
  /** Some band is taut at every sample. Default: not asked. */
  readonly taut?: boolean | undefined;
}

/** The kit, the ways to lay it, and what limits it. */
export interface SearchSpace {
  /** Without runs and links: the search lays the bands. */
  readonly setup: Omit<Setup, 'runs' | 'links'>;
  readonly routes: readonly SearchRoute[];
  readonly reach: Reach;
  readonly limits: SearchLimits;
  /** Cost of using a band, by id, ≥ 0. Default 0. */
  readonly bandCost?: Readonly<Record<string, number>> | undefined;
}

/** What is looked for, and among what. */
export interface Search extends SearchSpace {
  readonly target: Target;
  /** How many of the best are told. Default {@link DEFAULT_TOP}. */
  readonly top?: number | undefined;
  /** Whether all feasible candidates are counted. Default true. */
  readonly count?: boolean | undefined;
}

export const DEFAULT_TOP = 10;

/** One candidate that was found. */
export interface FoundCandidate {
  /** `reachIndex|band:route,band:route`, bands ascending. */
  readonly key: string;
  readonly cost: number;
  /** The figure that was searched for. */
  readonly value: number;
}

export interface Found {
  /** How many candidates are feasible; not told where it was not counted. */
  readonly feasible?: number;
  readonly top: readonly FoundCandidate[];
}

/** From which value to which, in which steps: upward for loads, downward for help. */
export interface LadderTarget {
  readonly metric: Metric;
  readonly from: number;
  readonly to: number;
  /** Of loads the share by which a rung may be above the one before; of help the difference. */
  readonly step: number;
}

/** A whole ladder that is looked for. */
export interface LadderSearch extends SearchSpace {
  readonly target: LadderTarget;
}

/** Between two rungs that are farther apart than a step; below < above. */
export interface Gap {
  readonly below: number;
  readonly above: number;
  /** above/below, of loads. */
  readonly ratio?: number;
  /** above − below, of help. */
  readonly difference?: number;
}

export interface Rungs {
  /** With their cost but for the error: nothing is a rung's own target. */
  readonly rungs: readonly FoundCandidate[];
  readonly gaps: readonly Gap[];
  /** So many set-ups are feasible that only some of each value were looked at; every gap is exact all the same. */
  readonly pooled: boolean;
}
