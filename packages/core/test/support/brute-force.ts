import {
  type Band,
  DEFAULT_STRETCH_LIMIT,
  type Found,
  type FoundCandidate,
  isContinuous,
  rigSetup,
  type Search,
  type Setup,
  type SolvedRig,
} from '../../src/index.js';

export interface Candidate extends FoundCandidate {
  readonly bands: number;
}

/** Every candidate solved by itself, as the definition has it: what the search must come to. */
export function findByBruteForce(search: Search): Found {
  const { top = 10 } = search;
  const feasible = allFeasible(search);
  const units = ({ cost }: Candidate): number => Math.round(cost * 1e9);
  feasible.sort((a, b) => units(a) - units(b) || a.bands - b.bands || (a.key < b.key ? -1 : 1));
  return {
    feasible: feasible.length,
    top: feasible.slice(0, top).map(({ cost, key, value }) => ({ key, cost, value })),
  };
}

/** All feasible candidates, in no order. */
export function allFeasible(search: Search): Candidate[] {
  const { reach, setup } = search;
  const bands = [...setup.bands].sort((a, b) => (a.id < b.id ? -1 : 1));
  return reach.values_m.flatMap((value_m, index) =>
    laidSets(search, bands).flatMap((laid) => candidateOf(search, value_m, index, laid) ?? []),
  );
}

interface Laid {
  readonly band: Band;
  readonly route: Search['routes'][number];
}

/** All sets of different bands, each on one of the routes for it. */
function laidSets({ limits, routes }: Search, bands: readonly Band[]): Laid[][] {
  let sets: Laid[][] = [[]];
  for (const band of bands) {
    const form = isContinuous(band.kind) ? 'continuous' : 'open';
    const on = routes.filter((route) => route.for === undefined || route.for === form);
    sets = sets.flatMap((set) =>
      set.length === limits.maxBands
        ? [set]
        : [set, ...on.map((route) => [...set, { band, route }])],
    );
  }
  return sets.filter(({ length }) => length > 0);
}

function candidateOf(
  search: Search,
  value_m: number,
  index: number,
  laid: readonly Laid[],
): Candidate | undefined {
  const { bandCost = {}, limits, target } = search;
  const solved = rigSetup(setupFor(search, value_m, laid));
  if (!solved.ok || !keepsLimits(search, laid, solved.value)) return undefined;
  const { summary } = solved.value;
  const value = summary[target.metric] ?? 0;
  if (value <= 0 || summary.start < (limits.start ?? -Infinity)) return undefined;
  const error =
    target.metric === 'assistMean'
      ? Math.abs(value - target.value) / 0.02
      : Math.abs(Math.log(value / target.value)) / Math.log(1.05);
  const own = laid.reduce(
    (sum, { band, route }) => sum + (route.handling ?? 0) + (bandCost[band.id] ?? 0),
    0,
  );
  return {
    key: `${index}|${laid.map(({ band, route }) => `${band.id}:${route.id}`).join(',')}`,
    bands: laid.length,
    cost: error + 0.5 * (laid.length - 1) + own + 2 * Math.max(0, summary.peakStretch - 2),
    value,
  };
}

function setupFor({ reach, setup }: Search, value_m: number, laid: readonly Laid[]): Setup {
  const axis = 'point' in reach ? 'xyz'.indexOf(reach.axis) : 0;
  const moved = (name: string, place: readonly number[]) =>
    place.map((at, a) => ('point' in reach && reach.point === name && a === axis ? value_m : at));
  return {
    ...setup,
    ...('width' in reach ? { widths: { ...setup.widths, [`${reach.width}_m`]: value_m } } : {}),
    points: Object.fromEntries(
      Object.entries(setup.points).map(([name, place]) => [
        name,
        moved(name, place) as unknown as [number, number, number],
      ]),
    ),
    runs: laid.map(({ band, route }) => ({
      band: band.id,
      path: route.path,
      takeUp_m: (route.takeUp_m ?? 0) + ('takeUp' in reach ? value_m : 0),
      extra_m: route.extra_m,
      pinned: route.pinned,
    })),
  };
}

function keepsLimits(
  { limits, setup: { points } }: Search,
  laid: readonly Laid[],
  { buffers, rig, summary }: SolvedRig,
): boolean {
  const { anchor_N = Infinity, mount_N = Infinity, overAssist = 0, stretch } = limits;
  return (
    summary.overAssistedShare <= overAssist &&
    buffers.anchorPeak_N.every((peak_N) => peak_N <= anchor_N) &&
    laid.every(({ band, route }, r) => {
      const hooked_N =
        mostStrandsAtContact(route, isContinuous(band.kind), points) *
        (buffers.strand_N[r * rig.prepared.samples] as number);
      const most = Math.min(band.limit ?? DEFAULT_STRETCH_LIMIT, stretch);
      return (buffers.peakStretch[r] as number) <= most && hooked_N <= mount_N;
    })
  );
}

/** How many stretches of a path that pull end at the contact where most do. */
function mostStrandsAtContact(
  { path, pinned = [] }: Search['routes'][number],
  isClosed: boolean,
  points: Search['setup']['points'],
): number {
  const stretches = path
    .map((from, i) => [from, path[(i + 1) % path.length] as string] as const)
    .slice(0, isClosed ? path.length : -1)
    .filter(([from, to]) => from !== to && !(pinned.includes(from) && pinned.includes(to)));
  const contacts = path.filter((name) => !(name in points));
  return Math.max(
    0,
    ...contacts.map((name) => stretches.filter((stretch) => stretch.includes(name)).length),
  );
}
