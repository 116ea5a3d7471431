import { createRigger, type Rigger } from '../demand/solve-setup.js';
import { DEFAULT_STRETCH_LIMIT, isContinuous, naturalStrands } from '../elastic/band.js';
import { type Result, succeed } from '../faults.js';
import { type AnchoredExercise, anchorPoints } from '../rig/anchor-points.js';
import { type Composition, composeSetup, type FittedBand, type Route } from '../rig/compose.js';
import { errorOf } from './find-best.js';
import { find } from './find.js';
import type { Reach, Search, SearchLimits, Target } from './search.js';

/** What a proposal sets besides its bands and their route. */
export type Varied = 'distance_m' | 'stance_m' | 'slip_m';

/** What is looked for on the workbench. */
export interface ProposalRequest<Ex extends AnchoredExercise> {
  /** What is set now; its bands and routes are of no account. */
  readonly present: Composition<Ex>;
  /** Bands that may be used. */
  readonly kit: readonly FittedBand[];
  /** Ways to lay them. */
  readonly routes: readonly Route[];
  readonly target: Target;
  /** Cost of using a band, by id, ≥ 0. Default 0. */
  readonly bandCost?: Readonly<Record<string, number>> | undefined;
  readonly limits: Pick<SearchLimits, 'maxBands' | 'start' | 'anchor_N' | 'mount_N'>;
  /** Distances to stand at, at least and at most, m. */
  readonly distance: { readonly least: number; readonly most: number };
}

/** A set-up that comes near to what is wanted. */
export interface Proposal {
  readonly routeId: string;
  readonly bandIds: readonly string[];
  /** The quantity that was varied, to the centimetre; none where nothing can be. */
  readonly varied: Partial<Readonly<Record<Varied, number>>>;
  /** The figure asked for. */
  readonly value: number;
  readonly cost: number;
}

/** So many of a route's best are looked through for different stacks. */
const LOOKED_THROUGH = 400;
/** Samples of the search; the figures told are worked out at all of the set-up's own. */
const SAMPLES = 9;
/** Distances, widths and slips looked at first, m. */
const COARSE_M = 0.05;
const STANCE = { least: 0.1, most: 0.7 } as const;
const SLIP = { least: 0, most: 0.5 } as const;
const CENTIMETRE_M = 0.01;

/**
 * Set-ups for a wanted figure, the best first: of each stack of bands on each route the one value of
 * distance, stance or grip that comes nearest, to the centimetre. Bands of one form at a time; taut
 * all along, but for help with the body's own weight.
 *
 * @param most how many are told
 * @returns the first fault where the exercise cannot be searched
 */
export function proposeSetups<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  most: number,
): Result<Proposal[]> {
  const rig = createRigger();
  const proposals: Proposal[] = [];
  for (const route of request.routes) {
    const kit = request.kit.filter(
      ({ kind }) => isContinuous(kind) === (route.for === 'continuous'),
    );
    const [first] = kit;
    if (first === undefined) continue;
    const found = find(searchOn(request, route, kit, first));
    if (!found.ok) return found;
    const seen = new Set<string>();
    for (const { cost, key, value } of found.value.top) {
      const [at = '', laid = ''] = key.split('|');
      if (seen.has(laid)) continue;
      seen.add(laid);
      const bandIds = laid.split(',').map((one) => one.split(':')[0] as string);
      const bands = bandIds.flatMap((id) => kit.find((band) => band.id === id) ?? []);
      const coarse = reachValues(request, route)[Number(at)];
      const nearest = refined(request, route, bands, coarse, rig);
      if (nearest === undefined) continue;
      const off = errorOf(request.target, nearest.value) - errorOf(request.target, value);
      proposals.push({ routeId: route.id, bandIds, ...nearest, cost: cost + off });
    }
  }
  proposals.sort((a, b) => a.cost - b.cost);
  return succeed(proposals.slice(0, most));
}

/** What an exercise lets vary on a route; undefined where nothing can be. */
export function variedOn({ anchor }: AnchoredExercise, { path }: Route): Varied | undefined {
  if (anchor !== undefined && anchor.side !== 'over' && path.includes(anchor.point)) {
    return 'distance_m';
  }
  if (path.includes('soleL') && path.includes('soleR')) return 'stance_m';
  return path.some((name) => name.startsWith('grip')) ? 'slip_m' : undefined;
}

/** Values of what is varied that are looked at first, m; one nothing where nothing is. */
function reachValues<Ex extends AnchoredExercise>(
  { distance, present: { exercise } }: ProposalRequest<Ex>,
  route: Route,
): number[] {
  const varied = variedOn(exercise, route);
  if (varied === undefined) return [0];
  const { least, most } = { distance_m: distance, stance_m: STANCE, slip_m: SLIP }[varied];
  const count = Math.floor((most - least) / COARSE_M + 1e-9) + 1;
  return Array.from({ length: count }, (_, i) => inCentimetres(least + i * COARSE_M));
}

function searchOn<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  route: Route,
  kit: readonly FittedBand[],
  first: FittedBand,
): Search {
  const { bandCost = {}, limits, present, target } = request;
  const varied = variedOn(present.exercise, route);
  // One band of the form tells where all of them run; how far they are gripped is what is varied.
  const composed = composeSetup({
    ...present,
    routes: [route],
    bands: [first],
    linked: false,
    ...(varied === 'slip_m' ? { slip_m: 0 } : {}),
  });
  const [run] = composed.runs;
  const { links: _links, runs: _runs, ...setup } = composed;
  return {
    setup: { ...setup, bands: kit, loads: present.weights ?? [], samples: SAMPLES },
    routes: [
      {
        id: route.id,
        path: run?.path ?? route.path,
        takeUp_m: run?.takeUp_m,
        extra_m: run?.extra_m,
        pinned: run?.pinned,
      },
    ],
    reach: reachOf(request, route, first),
    target,
    bandCost: Object.fromEntries(kit.map(({ id }) => [id, bandCost[id] ?? 0])),
    limits: {
      ...limits,
      stretch: Math.max(...kit.map(({ limit = DEFAULT_STRETCH_LIMIT }) => limit)),
    },
    top: LOOKED_THROUGH,
    count: false,
  };
}

function reachOf<Ex extends AnchoredExercise>(
  request: ProposalRequest<Ex>,
  route: Route,
  first: FittedBand,
): Reach {
  const values_m = reachValues(request, route);
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
      const strands = naturalStrands(first.kind);
      return { takeUp: true, values_m: values_m.map((value_m) => strands * value_m) };
    }
  }
}

/** The centimetre round a coarse value at which the figure comes nearest to the target. */
function refined<Ex extends AnchoredExercise>(
  { distance, present, target }: ProposalRequest<Ex>,
  route: Route,
  bands: readonly FittedBand[],
  coarse_m: number | undefined,
  rig: Rigger,
): Pick<Proposal, 'value' | 'varied'> | undefined {
  const varied = variedOn(present.exercise, route);
  const { least, most } =
    varied === 'distance_m' ? distance : varied === 'stance_m' ? STANCE : SLIP;
  const steps = varied === undefined ? 0 : Math.round(COARSE_M / CENTIMETRE_M) - 1;
  let best: Pick<Proposal, 'value' | 'varied'> | undefined;
  for (let step = -steps; step <= steps; step++) {
    const value_m = inCentimetres((coarse_m ?? 0) + step * CENTIMETRE_M);
    if (varied !== undefined && (value_m < least || value_m > most)) continue;
    const solved = rig(composeSetup(laidAt(present, route, bands, varied, value_m)));
    if (!solved.ok) continue;
    const { buffers, summary } = solved.value;
    const over = bands.some(
      ({ limit = DEFAULT_STRETCH_LIMIT }, r) => (buffers.peakStretch[r] as number) > limit,
    );
    const value = summary[target.metric] ?? 0;
    // A band that is slack somewhere trains only the rest of the movement.
    const slack = summary.slackShare > 0 && !present.exercise.bodyweight;
    if (over || slack || value <= 0) continue;
    if (best !== undefined && errorOf(target, value) >= errorOf(target, best.value)) continue;
    best = { value, varied: varied === undefined ? {} : { [varied]: value_m } };
  }
  return best;
}

/** What is set now, with other bands on a route, at another value of what is varied. */
function laidAt<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  route: Route,
  bands: readonly FittedBand[],
  varied: Varied | undefined,
  value_m: number,
): Composition<Ex> {
  const laid = { ...present, routes: [route], bands, linked: false };
  switch (varied) {
    case 'distance_m':
      return { ...laid, anchor: { height_m: 0, ...present.anchor, distance_m: value_m } };
    case 'stance_m':
      return { ...laid, widths: { ...present.widths, stance_m: value_m } };
    case 'slip_m':
      return { ...laid, slip_m: value_m };
    case undefined:
      return laid;
  }
}

function inCentimetres(value_m: number): number {
  return Math.round(100 * value_m) / 100;
}
