import type { AnchoredExercise } from '../rig/anchor-points.js';
import type { Composition, FittedBand, Route } from '../rig/compose.js';
import type { SearchLimits, Target } from './search.js';

/** What a proposal sets besides its bands and their routes. */
export type Varied = 'distance_m' | 'height_m' | 'stance_m' | 'slip_m';

/** Among what is looked for: a kit, ways to lay it, and what limits it. */
export interface SpaceRequest<Ex extends AnchoredExercise> {
  /** What is set now; its bands and routes are of no account. */
  readonly present: Composition<Ex>;
  /** Bands that may be used; where each side has a band of its own, those with two equal copies. */
  readonly kit: readonly FittedBand[];
  /** Ways to lay them. */
  readonly routes: readonly Route[];
  /** Cost of using a band, by id, ≥ 0. Default 0. */
  readonly bandCost?: Readonly<Record<string, number>> | undefined;
  /** Cost of laying a band on a route, by the route's id, ≥ 0. Default 0. */
  readonly handling?: Readonly<Record<string, number>> | undefined;
  readonly limits: Pick<SearchLimits, 'maxBands' | 'start' | 'anchor_N' | 'mount_N'> & {
    /**
     * A band that is slack somewhere trains only the rest of the movement: whether one may be.
     * Default: only where the body's own weight is lightened.
     */
    readonly slack?: boolean | undefined;
  };
  /** Distances to stand at, at least and at most, m. */
  readonly distance: { readonly least: number; readonly most: number };
  /** Heights at which the anchor can be put, m; stays where it is where they are not given. */
  readonly height?: { readonly least: number; readonly most: number } | undefined;
}

/** What is looked for on the workbench. */
export interface ProposalRequest<Ex extends AnchoredExercise> extends SpaceRequest<Ex> {
  readonly target: Target;
}

/** A set-up that comes near to what is wanted. */
export interface Proposal {
  /** One route for each form of the bands. */
  readonly routeIds: readonly string[];
  /** Twice the same where each side has a copy of it. */
  readonly bandIds: readonly string[];
  /** The quantity that was varied, to the centimetre; none for the bare exercise. */
  readonly varied: Partial<Readonly<Record<Varied, number>>>;
  /** The figure asked for. */
  readonly value: number;
  readonly cost: number;
}
