import type { Triple } from '../body/exercise.js';
import { type Band, isContinuous } from '../elastic/band.js';
import type { AnchoredExercise } from './anchor-points.js';
import type { Route } from './compose.js';

/** Links of a chain are called so, counted from the anchor. */
const linkName = (i: number): string => `link${i + 1}`;

/**
 * Whether loops can hang one through the other on this route: the anchor has
 * to be one point, and the route has to pass it once, so that the chain has one
 * beginning.
 */
export function isLinkable({ anchor }: AnchoredExercise, { for: form, path }: Route): boolean {
  return (
    form === 'continuous' &&
    anchor !== undefined &&
    anchor.halfWidth === undefined &&
    path.filter((name) => name === anchor.point).length === 1
  );
}

/** The path of one band of a chain. */
export interface ChainedPath {
  readonly path: string[];
  /** Nearest to the anchor: what lies round the anchor lies on this one. */
  readonly atAnchor: boolean;
  /** Nearest to the person: what is gripped lower is gripped on this one. */
  readonly atPerson: boolean;
}

/** A chain of loops from the anchor to the person, first guesses of its links included. */
export interface BandChain {
  readonly paths: readonly ChainedPath[];
  readonly links: Record<string, [number, number, number]>;
}

/**
 * Hangs loops one through the other, the first on the anchor, the last along
 * what the route has beyond it. The search for the links begins evenly between
 * the anchor and the exercise's origin: the energy is convex, so where it
 * begins does not matter.
 *
 * @param count number of loops, at least 2
 * @param at the anchor, m
 */
export function chainPaths(route: Route, anchor: string, at: Triple, count: number): BandChain {
  const paths = Array.from({ length: count }, (_, i): ChainedPath => {
    const atPerson = i === count - 1;
    const before = i === 0 ? anchor : linkName(i - 1);
    return {
      path: atPerson
        ? route.path.map((name) => (name === anchor ? before : name))
        : [before, linkName(i)],
      atAnchor: i === 0,
      atPerson,
    };
  });
  const links = Object.fromEntries(
    Array.from({ length: count - 1 }, (_, i) => {
      const share = (count - 1 - i) / count;
      return [
        linkName(i),
        [at[0] * share, at[1] * share, at[2] * share] as [number, number, number],
      ];
    }),
  );
  return { paths, links };
}

/** The route that a chain's last band was laid along: its link stands for the anchor. */
export function unlinkedPath(
  path: readonly string[],
  anchor: string,
  links: Readonly<Record<string, unknown>>,
): string[] {
  return path.map((name) => (name in links ? anchor : name));
}

/** The loops among bands, those that can be hung one through the other. */
export function loopsOf<B extends Pick<Band, 'kind'>>(bands: readonly B[]): B[] {
  return bands.filter(({ kind }) => isContinuous(kind));
}
