import { DEFAULT_STRETCH_LIMIT, naturalStrands } from '../elastic/band.js';
import { type AnchoredExercise, anchorPoints, namesOfAnchor } from '../rig/anchor-points.js';
import { copiesTaken } from '../rig/band-copies.js';
import { composeSetup, type FittedBand, otherSide, type Route, routeFor } from '../rig/compose.js';
import type { SpaceRequest, Varied } from './proposal.js';
import type { Reach, SearchSpace } from './search.js';
import { anchorOn, type Way } from './ways.js';

/** Samples of the search; the figures told are worked out at all of the set-up's own. */
const SAMPLES = 9;
/** Distances, widths and slips looked at first, m. */
export const COARSE_M = 0.05;
const STANCE = { least: 0.1, most: 0.7 } as const;
const SLIP = { least: 0, most: 0.5 } as const;
const NO_RANGE = { least: 0, most: 0 } as const;

/** Least and most of what is varied, m. */
export function rangeOfVaried<Ex extends AnchoredExercise>(
  { distance, height = NO_RANGE }: Pick<SpaceRequest<Ex>, 'distance' | 'height'>,
  varied: Varied,
): { readonly least: number; readonly most: number } {
  return { distance_m: distance, height_m: height, stance_m: STANCE, slip_m: SLIP }[varied];
}

/** Values of what is varied that are looked at first, m. */
export function coarseValues<Ex extends AnchoredExercise>(
  request: SpaceRequest<Ex>,
  { varied }: Pick<Way, 'varied'>,
): number[] {
  const { least, most } = rangeOfVaried(request, varied);
  const count = Math.floor((most - least) / COARSE_M + 1e-9) + 1;
  return Array.from({ length: count }, (_, i) => inCentimetres(least + i * COARSE_M));
}

/** The search for a stack of the kit's bands, each on a route of the way that suits its form. */
export function searchOn<Ex extends AnchoredExercise>(
  request: SpaceRequest<Ex>,
  way: Way,
  kit: readonly FittedBand[],
): SearchSpace & { readonly count: false } {
  const { bandCost = {}, handling = {}, limits, present } = request;
  const isInPairs = copiesTaken(present.exercise) === 2;
  const patterns = way.routes.map((route) => patternOf(route, kit));
  const composed = way.routes.map((route, i) => {
    const pattern = patterns[i];
    return composeSetup({
      ...present,
      routes: [route],
      bands: pattern === undefined ? [] : [pattern],
      linked: false,
      // How far the bands are gripped is what is varied then.
      ...(way.varied === 'slip_m' ? { slip_m: 0 } : {}),
    });
  });
  const { links: _links, runs: _runs, ...setup } = composed[0] as (typeof composed)[number];
  const { slack = present.exercise.bodyweight, ...searched } = limits;
  return {
    setup: {
      ...setup,
      bands: kit,
      loads: present.weights ?? [],
      samples: SAMPLES,
    },
    routes: way.routes.map((route, i) => {
      const run = composed[i]?.runs[0];
      const path = run?.path ?? route.path;
      const opposite = otherSide({ ...route, path, pinned: run?.pinned });
      return {
        id: route.id,
        path,
        takeUp_m: run?.takeUp_m,
        extra_m: run?.extra_m,
        pinned: run?.pinned,
        handling: handling[route.id],
        for: route.for,
        ...(isInPairs ? { opposite: { path: opposite.path, pinned: opposite.pinned } } : {}),
      };
    }),
    reach: reachOf(request, way, patterns[0]),
    bandCost: Object.fromEntries(kit.map(({ id }) => [id, bandCost[id] ?? 0])),
    limits: {
      ...searched,
      taut: !slack,
      stretch: Math.max(...kit.map(({ limit = DEFAULT_STRETCH_LIMIT }) => limit)),
    },
    count: false,
  };
}

/** One band of a route's form: it tells where all of them run. */
function patternOf(route: Route, kit: readonly FittedBand[]): FittedBand | undefined {
  return kit.find((band) => routeFor([route], band) !== undefined);
}

function reachOf<Ex extends AnchoredExercise>(
  request: SpaceRequest<Ex>,
  way: Way,
  pattern: FittedBand | undefined,
): Reach {
  const values_m = coarseValues(request, way);
  switch (way.varied) {
    case 'stance_m':
      return { width: 'stance', values_m };
    case 'distance_m':
    case 'height_m':
      return anchorReach(request, way, values_m);
    case 'slip_m': {
      const strands = pattern === undefined ? 1 : naturalStrands(pattern.kind);
      return { takeUp: true, values_m: values_m.map((value_m) => strands * value_m) };
    }
  }
}

/** The anchor against the person, with the other one of a pair. */
function anchorReach<Ex extends AnchoredExercise>(
  { present: { anchor, body, exercise } }: SpaceRequest<Ex>,
  { routes: [route], varied }: Way,
  values_m: readonly number[],
): Reach {
  const point = anchorOn(exercise.anchor, route) ?? '';
  const names = exercise.anchor === undefined ? [] : namesOfAnchor(exercise.anchor);
  const at = (value_m: number): readonly number[] => {
    const place = { height_m: 0, distance_m: 0, ...anchor, [varied]: value_m };
    return anchorPoints(exercise, body.stature_m, place)[point] ?? [];
  };
  // The axis along which it is moved: the one that a metre changes.
  const axis = ([0, 1, 2] as const).find((a) => at(1)[a] !== at(0)[a]) ?? 0;
  return {
    point,
    along: names.filter((name) => name !== point),
    axis: (['x', 'y', 'z'] as const)[axis],
    values_m: values_m.map((value_m) => at(value_m)[axis] ?? NaN),
  };
}

export function inCentimetres(value_m: number): number {
  return Math.round(100 * value_m) / 100;
}
