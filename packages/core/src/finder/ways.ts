import { type AnchoredExercise, namesOfAnchor } from '../rig/anchor-points.js';
import { type Route, ROUTE_FORMS, routeFor } from '../rig/compose.js';
import type { SpaceRequest, Varied } from './proposal.js';

/** A way to lay bands: a route for one form or for each, and the one quantity that is varied. */
export interface Way {
  readonly routes: readonly [Route, ...Route[]];
  readonly varied: Varied;
}

/** An anchor that can be put higher or lower by less than this stays where it is, m. */
const LEAST_RANGE_M = 0.05;

/**
 * What an exercise lets vary on a route, the usual first: the distance from an anchor at one side,
 * and where the band helps with the body's weight also the height at which it hangs and how far it is
 * taken up; the stance on a band under both feet, or how far it is gripped below its end; else that
 * alone, or how far it is taken up where it hangs.
 */
function quantitiesOn<Ex extends AnchoredExercise>(
  { height, present }: Pick<SpaceRequest<Ex>, 'height' | 'present'>,
  route: Route,
): Varied[] {
  const { anchor, bodyweight } = present.exercise;
  const { path } = route;
  if (anchor?.side !== 'over' && anchorOn(anchor, route) !== undefined) {
    const isMovable = height !== undefined && height.most - height.least >= LEAST_RANGE_M;
    return bodyweight
      ? ['distance_m', ...(isMovable ? (['height_m'] as const) : []), 'slip_m']
      : ['distance_m'];
  }
  const isStoodOn = path.includes('soleL') && path.includes('soleR') && anchor === undefined;
  return isStoodOn ? ['stance_m', 'slip_m'] : ['slip_m'];
}

/** The point of the anchor that a route runs to; undefined where that is none, or two. */
export function anchorOn(anchor: AnchoredExercise['anchor'], { path }: Route): string | undefined {
  const names = anchor === undefined ? [] : namesOfAnchor(anchor);
  const [name, other] = names.filter((one) => path.includes(one));
  return other === undefined ? name : undefined;
}

/**
 * Every way: the routes of each form alone, with each quantity that can be varied on them, and of
 * both forms together where the same is varied on both, standing or hanging elsewhere.
 */
export function waysOf<Ex extends AnchoredExercise>(request: SpaceRequest<Ex>): Way[] {
  const { kit, routes } = request;
  const usable = routes.filter((route) =>
    kit.some((band) => routeFor([route], band) !== undefined),
  );
  const single = usable.flatMap((route) =>
    quantitiesOn(request, route).map((varied): Way => ({ routes: [route], varied })),
  );
  const pairs = usable
    .filter((route) => route.for === 'continuous')
    .flatMap((loops) =>
      usable
        .filter((route) => route.for === 'open')
        .flatMap((open) =>
          shared(request, loops, open).map((varied): Way => ({ routes: [loops, open], varied })),
        ),
    );
  return [...single, ...pairs];
}

/** The usual way: the first route of each form that has bands, together where they can be. */
export function usualWayOf<Ex extends AnchoredExercise>(
  request: SpaceRequest<Ex>,
): Way | undefined {
  const { kit, routes } = request;
  const [first, second] = ROUTE_FORMS.flatMap(
    (form) =>
      routes.find(
        (route) => route.for === form && kit.some((band) => routeFor([route], band) !== undefined),
      ) ?? [],
  );
  if (first === undefined) return undefined;
  const [varied] = quantitiesOn(request, first) as [Varied];
  const isTogether = second !== undefined && shared(request, first, second)[0] === varied;
  return { routes: isTogether ? [first, second] : [first], varied };
}

/** What is varied on two routes at once; how far a band is gripped is each band's own. */
function shared<Ex extends AnchoredExercise>(
  request: SpaceRequest<Ex>,
  one: Route,
  other: Route,
): Varied[] {
  const others = quantitiesOn(request, other);
  return quantitiesOn(request, one).filter(
    (varied) => varied !== 'slip_m' && others.includes(varied),
  );
}
