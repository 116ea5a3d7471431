import type { Pair } from '../body/exercise.js';
import type { PhaseRange } from '../body/motion.js';
import type { Body } from '../body/segments.js';
import {
  type Band,
  DEFAULT_LOSS,
  DEFAULT_STRETCH_LIMIT,
  isContinuous,
  naturalStrands,
} from '../elastic/band.js';
import {
  type AnchoredExercise,
  anchorPoints,
  type AnchorPlace,
  rootOnAnchor,
} from './anchor-points.js';
import { copyOfId, idsOfCopies } from './band-copies.js';
import {
  type BandChain,
  chainFromAnchor,
  chainHandToHand,
  linkingOf,
  loopsOf,
} from './link-bands.js';
import type { Load, Setup } from './setup.js';

/** Bands that close on themselves, or bands with two ends. */
export const ROUTE_FORMS = ['continuous', 'open'] as const;
export type RouteForm = (typeof ROUTE_FORMS)[number];

/** A way to run bands, for those that close on themselves or for those with two ends. */
export interface Route {
  readonly id: string;
  readonly for: RouteForm;
  readonly path: readonly string[];
  readonly takeUp_m?: number | undefined;
  readonly extra_m?: number | undefined;
  /** Pulled through itself round the anchor. */
  readonly choked?: boolean | undefined;
  /** Where the band is held fast, by a foot or knee that is on it. */
  readonly pinned?: readonly string[] | undefined;
}

/** A band with the weight of its handles and clips at both ends together. */
export interface FittedBand extends Band {
  readonly fittingsMass_kg?: number | undefined;
}

/** An exercise with the ways to run bands in it. */
export interface RoutedExercise extends AnchoredExercise {
  readonly routes?: readonly Route[] | undefined;
}

export interface Composition<Ex extends AnchoredExercise> {
  readonly exercise: Ex;
  readonly body: Body;
  readonly anchor?: AnchorPlace | undefined;
  readonly routes: readonly Route[];
  /**
   * Bands in the order they are put on; each takes the route of its form. Two copies of one are the
   * same band twice.
   */
  readonly bands: readonly FittedBand[];
  readonly widths?: Setup['widths'];
  /** How far below its end a band is gripped, m. Default 0. */
  readonly slip_m?: number | undefined;
  /** Turns of the band round the anchor, beyond what the route lays. Default 0. */
  readonly wraps?: number | undefined;
  /** The part of the movement that is done. */
  readonly phases?: PhaseRange | undefined;
  /** One foot ahead of the other, m; the exercise's own where it is not given. */
  readonly stagger_m?: number | undefined;
  /** The marks are on the floor and on the band. */
  readonly marked?: boolean | undefined;
  /** Loops hang one through the other, in their order, instead of side by side. Default false. */
  readonly linked?: boolean | undefined;
  /** Free weights held besides the bands. */
  readonly weights?: readonly Load[] | undefined;
}

/** The route of the list that suits a band's form; undefined when the exercise has none for it. */
export function routeFor<R extends Route>(
  routes: readonly R[],
  band: Pick<Band, 'kind'>,
): R | undefined {
  const form = isContinuous(band.kind) ? 'continuous' : 'open';
  return routes.find((route) => route.for === form);
}

/** One band of a composition. */
export interface ComposedRun {
  band: string;
  path: string[];
  takeUp_m: number;
  extra_m: number;
  hitch_m: number;
  pinned?: string[];
}

/** The parts of a set-up that the composition decides; a caller may go on changing them. */
export interface ComposedSetup<Ex extends AnchoredExercise> {
  body: { stature_m: number; mass_kg: number };
  exercise: Ex;
  widths?: { grip_m?: number; stance_m?: number };
  phases?: { from: number; to: number };
  stagger_m?: number;
  marked?: boolean;
  root_m?: [number, number];
  points: Record<string, [number, number, number]>;
  links?: Record<string, [number, number, number]>;
  bands: {
    id: string;
    kind: Band['kind'];
    flatLength_m: number;
    law: { c1_N: number; c2_N: number; c3_N: number };
    loss: number;
    limit: number;
    deadLength_m: number;
  }[];
  runs: ComposedRun[];
  loads: { at: string; mass_kg: number }[];
}

/**
 * Lays bands on an exercise, each along its route, with the anchor where the
 * place has it. A band that none of the routes suits is left out. Half of the
 * weight of a band's fittings hangs at each end of its path that is on the body.
 */
export function composeSetup<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
): ComposedSetup<Ex> {
  const { anchor, body, exercise, routes, weights = [] } = composition;
  const copies = inCopies(composition.bands);
  const bands = copies.map(({ band }) => band);
  const laid = copies.flatMap(({ band, isSecond }) => {
    const route = routeFor(routes, band);
    if (route === undefined) return [];
    const isOther = exercise.bandOnEachSide === true && isSecond;
    return [{ band, route: isOther ? otherSide(route) : route }];
  });
  const points = anchor === undefined ? {} : anchorPoints(exercise, body.stature_m, anchor);
  const root = anchor === undefined ? undefined : rootOnAnchor(exercise, body.stature_m, anchor);
  const chain = chainOf({ ...composition, bands }, points);
  const chained = new Map(loopsOf(bands).map(({ id }, i) => [id, chain?.paths[i]]));
  return {
    body: { stature_m: body.stature_m, mass_kg: body.mass_kg },
    exercise,
    ...widthsOf(composition),
    ...handlingOf(composition),
    ...rootOf(root),
    points,
    ...(chain === undefined ? {} : { links: chain.links }),
    bands: laid.map(({ band }) => ({
      id: band.id,
      kind: band.kind,
      flatLength_m: band.flatLength_m,
      law: { ...band.law },
      loss: band.loss ?? DEFAULT_LOSS,
      limit: band.limit ?? DEFAULT_STRETCH_LIMIT,
      deadLength_m: band.deadLength_m ?? 0,
    })),
    runs: laid.map(({ band, route }) => {
      const link = chained.get(band.id);
      const slipped_m = link?.atPerson === false ? 0 : slippedMaterial(band, composition);
      const hitch_m = link?.atAnchor === false ? 0 : hitchedMaterial(band, route, composition);
      const routeTakeUp_m = link?.atPerson === false ? 0 : (route.takeUp_m ?? 0);
      return {
        band: band.id,
        path: [...(link?.path ?? route.path)],
        takeUp_m: routeTakeUp_m + slipped_m + hitch_m,
        extra_m: link?.atAnchor === false ? 0 : (route.extra_m ?? 0),
        hitch_m,
        ...(route.pinned === undefined || link?.atPerson === false
          ? {}
          : { pinned: [...route.pinned] }),
      };
    }),
    loads: [
      ...laid.flatMap(({ band, route }) => {
        const mass_kg = (band.fittingsMass_kg ?? 0) / 2;
        const ends = [route.path[0], route.path.at(-1)];
        return ends.flatMap((at) =>
          at === undefined || mass_kg === 0 || at in points ? [] : [{ at, mass_kg }],
        );
      }),
      ...weights.map(({ at, mass_kg }) => ({ at, mass_kg })),
    ],
  };
}

/**
 * Each band under the id of its copy, and whether it is the second of a pair: of two copies of one
 * band, or of two single bands one after the other.
 */
function inCopies(
  bands: readonly FittedBand[],
): { readonly band: FittedBand; readonly isSecond: boolean }[] {
  const ids = idsOfCopies(bands.map(({ id }) => id));
  const isSingle = ({ id }: FittedBand): boolean =>
    bands.filter((other) => other.id === id).length === 1;
  let singles = 0;
  return bands.map((band, i) => {
    const id = ids[i] as string;
    const place = isSingle(band) ? ++singles : copyOfId(id);
    return { band: { ...band, id }, isSecond: place % 2 === 0 };
  });
}

/** The same route on the body's other side. */
export function otherSide(route: Route): Route {
  const mirrored = (name: string): string =>
    name.replace(/[LR]$/, (side) => (side === 'R' ? 'L' : 'R'));
  return { ...route, path: route.path.map(mirrored), pinned: route.pinned?.map(mirrored) };
}

/** The chain of a composition whose loops hang one through the other; undefined for all others. */
function chainOf<Ex extends AnchoredExercise>(
  { bands, body, exercise, linked = false, routes }: Composition<Ex>,
  points: Readonly<Record<string, [number, number, number]>>,
): BandChain | undefined {
  const route = routes.find((one) => one.for === 'continuous');
  if (!linked || route === undefined) return undefined;
  const loops = loopsOf(bands);
  const name = exercise.anchor?.point ?? '';
  const at = points[name];
  switch (linkingOf(exercise, route, loops.length)) {
    case 'fromAnchor':
      return at === undefined ? undefined : chainFromAnchor(route, name, at, loops.length);
    case 'handToHand':
      return chainHandToHand(
        route,
        loops as [FittedBand, FittedBand],
        at ?? [0, body.stature_m / 2, 0],
      );
    case undefined:
      return undefined;
  }
}

/** Material below the grip that takes no part, m: both strands of a loop, the tail of the rest. */
function slippedMaterial(band: Band, { slip_m = 0 }: Pick<Composition<never>, 'slip_m'>): number {
  return isContinuous(band.kind) ? 2 * slip_m : slip_m;
}

/**
 * Material that lies round the anchor and does not slip, m: a choke and n turns
 * round a girth g hold 2g each of a loop, g of the rest.
 */
function hitchedMaterial(
  band: Band,
  route: Route,
  { anchor, wraps = 0 }: Pick<Composition<never>, 'anchor' | 'wraps'>,
): number {
  const rounds = wraps + (route.choked === true ? 1 : 0);
  return rounds * naturalStrands(band.kind) * (anchor?.girth_m ?? 0);
}

function widthsOf({
  widths,
}: Pick<Composition<never>, 'widths'>): Pick<ComposedSetup<never>, 'widths'> {
  if (widths === undefined) return {};
  const { grip_m, stance_m } = widths;
  return {
    widths: {
      ...(grip_m === undefined ? {} : { grip_m }),
      ...(stance_m === undefined ? {} : { stance_m }),
    },
  };
}

function handlingOf({
  phases,
  stagger_m,
  marked,
}: Pick<Composition<never>, 'phases' | 'stagger_m' | 'marked'>): Pick<
  ComposedSetup<never>,
  'phases' | 'stagger_m' | 'marked'
> {
  return {
    ...(phases === undefined ? {} : { phases: { from: phases.from, to: phases.to } }),
    ...(stagger_m === undefined ? {} : { stagger_m }),
    ...(marked === undefined ? {} : { marked }),
  };
}

function rootOf(root: Pair | undefined): Pick<ComposedSetup<never>, 'root_m'> {
  return root === undefined ? {} : { root_m: [root[0], root[1]] };
}
