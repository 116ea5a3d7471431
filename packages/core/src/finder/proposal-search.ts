import { DEFAULT_STRETCH_LIMIT, naturalStrands } from '../elastic/band.js';
import { type AnchoredExercise, anchorPoints } from '../rig/anchor-points.js';
import { composeSetup, type FittedBand, type Route, routeFor } from '../rig/compose.js';
import type { ProposalRequest, Varied } from './proposal.js';
import type { Reach, Search } from './search.js';

/** Samples of the search; the figures told are worked out at all of the set-up's own. */
const SAMPLES = 9;
/** Distances, widths and slips looked at first, m. */
export const COARSE_M = 0.05;
const STANCE = { least: 0.1, most: 0.7 } as const;
const SLIP = { least: 0, most: 0.5 } as const;

/** What an exercise lets vary on a route; undefined where nothing can be. */
export function variedOn({ anchor }: AnchoredExercise, { path }: Route): Varied | undefined {
  if (anchor !== undefined && anchor.side !== 'over' && path.includes(anchor.point)) {
    return 'distance_m';
  }
  if (path.includes('soleL') && path.includes('soleR')) return 'stance_m';
  return path.some((name) => name.startsWith('grip')) ? 'slip_m' : undefined;
}

/** Least and most of what is varied, m. */
export function rangeOfVaried<Ex extends AnchoredExercise>(
  { distance }: Pick<ProposalRequest<Ex>, 'distance'>,
  varied: Varied,
): { readonly least: number; readonly most: number } {
  return { distance_m: distance, stance_m: STANCE, slip_m: SLIP }[varied];
}

/** Values of what is varied that are looked at first, m; one nothing where nothing is. */
export function coarseValues<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  [route]: readonly [Route, ...Route[]],
): number[] {
  const varied = variedOn(request.present.exercise, route);
  if (varied === undefined) return [0];
  const { least, most } = rangeOfVaried(request, varied);
  const count = Math.floor((most - least) / COARSE_M + 1e-9) + 1;
  return Array.from({ length: count }, (_, i) => inCentimetres(least + i * COARSE_M));
}

/** The search for a stack of the kit's bands, each on the route of the way that suits its form. */
export function searchOn<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  way: readonly [Route, ...Route[]],
  kit: readonly FittedBand[],
): Search {
  const { bandCost = {}, handling = {}, limits, present, target } = request;
  const [first] = way;
  const varied = variedOn(present.exercise, first);
  // One band of each form tells where all of them run; how far they are gripped is what is varied.
  const patterns = way.flatMap(
    (route) => kit.find((band) => routeFor([route], band) !== undefined) ?? [],
  );
  const composed = composeSetup({
    ...present,
    routes: way,
    bands: patterns,
    linked: false,
    ...(varied === 'slip_m' ? { slip_m: 0 } : {}),
  });
  const { links: _links, runs, ...setup } = composed;
  const { slack: _slack, ...searched } = limits;
  return {
    setup: { ...setup, bands: kit, loads: present.weights ?? [], samples: SAMPLES },
    routes: way.map((route, i) => ({
      id: route.id,
      path: runs[i]?.path ?? route.path,
      takeUp_m: runs[i]?.takeUp_m,
      extra_m: runs[i]?.extra_m,
      pinned: runs[i]?.pinned,
      handling: handling[route.id],
      ...(way.length > 1 ? { for: route.for } : {}),
    })),
    reach: reachOf(request, way, patterns[0]),
    target,
    bandCost: Object.fromEntries(kit.map(({ id }) => [id, bandCost[id] ?? 0])),
    limits: {
      ...searched,
      stretch: Math.max(...kit.map(({ limit = DEFAULT_STRETCH_LIMIT }) => limit)),
    },
    count: false,
  };
}

function reachOf<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  way: readonly [Route, ...Route[]],
  pattern: FittedBand | undefined,
): Reach {
  const [route] = way;
  const values_m = coarseValues(request, way);
  const { anchor, body, exercise } = request.present;
  switch (variedOn(exercise, route)) {
    case 'stance_m':
      return { width: 'stance', values_m };
    case 'distance_m': {
      const point = exercise.anchor?.point ?? '';
      const at = (distance_m: number): readonly number[] =>
        anchorPoints(exercise, body.stature_m, { height_m: 0, ...anchor, distance_m })[point] ?? [];
      // The axis along which the person stands off: the one that a metre changes.
      const axis = ([0, 1, 2] as const).find((a) => at(1)[a] !== at(0)[a]) ?? 0;
      return {
        point,
        axis: (['x', 'y', 'z'] as const)[axis],
        values_m: values_m.map((value_m) => at(value_m)[axis] ?? NaN),
      };
    }
    case 'slip_m':
    case undefined: {
      const strands = pattern === undefined ? 1 : naturalStrands(pattern.kind);
      return { takeUp: true, values_m: values_m.map((value_m) => strands * value_m) };
    }
  }
}

export function inCentimetres(value_m: number): number {
  return Math.round(100 * value_m) / 100;
}
