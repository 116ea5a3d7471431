import type { Triple } from '../body/exercise.js';
import { type Band, isContinuous } from '../elastic/band.js';
import { strandForce } from '../elastic/strand-law.js';
import type { AnchoredExercise } from './anchor-points.js';
import type { Route } from './compose.js';
import type { Setup } from './setup.js';

/** Links of a chain are called so, counted from its beginning. */
const linkName = (i: number): string => `link${i + 1}`;

/**
 * How loops hang one through the other on a route: from the anchor to the person, or two of them
 * from hand to hand round the back or an anchor behind it. Undefined where they do not.
 *
 * @param count number of loops
 */
export function linkingOf(
  exercise: AnchoredExercise,
  route: Pick<Route, 'for' | 'path' | 'pinned'>,
  count: number,
): 'fromAnchor' | 'handToHand' | undefined {
  if (route.for !== 'continuous' || count < 2) return undefined;
  if (beginsAtAnchor(exercise, route)) return 'fromAnchor';
  return count === 2 && turnOf(route) !== undefined ? 'handToHand' : undefined;
}

/** The anchor has to be one point that the route passes once, so that the chain has one beginning. */
function beginsAtAnchor({ anchor }: AnchoredExercise, { path }: Pick<Route, 'path'>): boolean {
  return (
    anchor !== undefined &&
    anchor.halfWidth === undefined &&
    path.filter((name) => name === anchor.point).length === 1
  );
}

/** The contact that a loop laid double from hand to hand turns round, and its two ends. */
function turnOf({
  path,
  pinned,
}: Pick<Route, 'path' | 'pinned'>):
  { readonly turn: string; readonly ends: readonly [string, string] } | undefined {
  const [a = '', b = '', c = '', d = ''] = path;
  if (path.length !== 4 || pinned !== undefined) return undefined;
  if (b === d && isHand(a) && isHand(c)) return { turn: b, ends: [a, c] };
  if (a === c && isHand(b) && isHand(d)) return { turn: a, ends: [b, d] };
  return undefined;
}

function isHand(contact: string): boolean {
  return contact === 'gripL' || contact === 'gripR';
}

/** The path of one band of a chain. */
export interface ChainedPath {
  readonly path: string[];
  /** What lies round the anchor lies on this one. */
  readonly atAnchor: boolean;
  /** In the hands, or wherever else the chain holds the person: what is gripped lower is gripped on it. */
  readonly atPerson: boolean;
}

/** A chain of loops, first guesses of its links included. */
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
export function chainFromAnchor(
  route: Route,
  anchor: string,
  at: Triple,
  count: number,
): BandChain {
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

/** Stretch at which two loops are compared: that of ordinary use. */
const USUAL_STRETCH = 1.5;

/**
 * Two loops one through the other, the first in the one hand, the second in the other. Both pull
 * alike, so the one that is longer at the same pull reaches round what lies between the hands, and
 * the link comes to rest beyond it: at the middle where they are equal.
 *
 * @param near where the search for the link begins, m; anywhere will do
 */
export function chainHandToHand(
  route: Route,
  [first, second]: readonly [Band, Band],
  near: Triple,
): BandChain | undefined {
  const found = turnOf(route);
  if (found === undefined) return undefined;
  const {
    turn,
    ends: [one, other],
  } = found;
  const link = linkName(0);
  const firstTurns = isLonger(first, second);
  const around = (from: string, to: string): string[] => [from, turn, to, turn];
  return {
    paths: [
      { path: firstTurns ? around(one, link) : [one, link], atAnchor: firstTurns, atPerson: true },
      {
        path: firstTurns ? [link, other] : around(link, other),
        atAnchor: !firstTurns,
        atPerson: true,
      },
    ],
    links: { [link]: [near[0], near[1], near[2]] },
  };
}

/** Whether one loop is longer than another at the pull at which it has its usual stretch. */
function isLonger(one: Band, other: Band): boolean {
  const length_m = USUAL_STRETCH * one.flatLength_m;
  return (
    strandForce(other.law, length_m / other.flatLength_m) >= strandForce(one.law, USUAL_STRETCH)
  );
}

/**
 * The path that one band alone would take in place of loops that hang one through the other: that
 * of the run with the longest, the last of these, each link in it standing for where the loops
 * beyond it lead. Undefined where none hang so.
 */
export function chainedPath({
  links = {},
  runs,
}: Pick<Setup, 'links' | 'runs'>): string[] | undefined {
  const chained = runs.filter(({ path }) => path.some((name) => name in links));
  const [first, ...others] = chained;
  if (first === undefined) return undefined;
  const main = others.reduce(
    (longest, run) => (run.path.length >= longest.path.length ? run : longest),
    first,
  );
  const beyond = (link: string, from: Setup['runs'][number]): string => {
    const next = chained.find((other) => other !== from && other.path.includes(link));
    const end = next?.path.find((name) => name !== link) ?? link;
    return next !== undefined && end in links ? beyond(end, next) : end;
  };
  return main.path.map((name) => (name in links ? beyond(name, main) : name));
}

/** The loops among bands, those that can be hung one through the other. */
export function loopsOf<B extends Pick<Band, 'kind'>>(bands: readonly B[]): B[] {
  return bands.filter(({ kind }) => isContinuous(kind));
}
