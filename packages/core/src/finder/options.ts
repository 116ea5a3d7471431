import type { Triple } from '../body/exercise.js';
import { createSolutionBuffers, type SolutionBuffers } from '../demand/solution-buffers.js';
import { layOutRun } from '../demand/lay-out-run.js';
import { prepareExercise } from '../demand/prepare.js';
import type { PreparedExercise } from '../demand/prepared.js';
import {
  type Band,
  DEFAULT_LOSS,
  DEFAULT_STRETCH_LIMIT,
  isContinuous,
  materialLength,
} from '../elastic/band.js';
import { SLACK_STRETCH, strandForce } from '../elastic/strand-law.js';
import { type Result, succeed } from '../faults.js';
import {
  clearRuns,
  createRig,
  layRun,
  nodeIndex,
  placePoint,
  type Rig,
  strandsHookedIn,
} from '../rig/rig.js';
import type { SearchRoute, SearchSpace } from './search.js';

/**
 * Every band on every route that suits it, at one value of the reach, each with what it adds to
 * the demand: forces superpose, so that a candidate is a sum of options of different bands. Options
 * stand by band, in ascending order of its id, then by route. What option i adds at sample k stands
 * at `(i · samples + k) · dimensions`.
 */
export interface Options {
  readonly prepared: PreparedExercise;
  /** 1: what is added to the signed demand; 3: the force that is added to a net pull. */
  readonly dimensions: 1 | 3;
  /** What is asked without bands, in as many dimensions. */
  readonly base: Float64Array;
  readonly count: number;
  readonly band: Int32Array;
  /** The first option of each band, and where those of the last end. */
  readonly firstOf: Int32Array;
  readonly route: Int32Array;
  /** Of handling and of the band itself. */
  readonly ownCost: Float64Array;
  readonly peakStretch: Float64Array;
  readonly added: Float64Array;
  /** 1 where option i is slack at sample k: `i · samples + k`. */
  readonly slack: Uint8Array;
  /** Anchors whose pull is limited. */
  readonly anchors: number;
  /**
   * Pull of option i on anchor p, effort and way back one after the other:
   * `(((i · anchors + p) · 2 + way) · samples + k) · 3`.
   */
  readonly anchorPull_N: Float64Array;
}

/** A run over the samples before a band lies on it. */
interface Path {
  /** Strands that end where it is hooked in. */
  readonly hookedIn: number;
  /** With the extra, without fittings, m. */
  readonly length_m: Float64Array;
  /** Material of the path that is held fast, m. */
  readonly held_m: number;
  /** What a unit of tension adds to the demand, in its dimensions. */
  readonly perTension: Float64Array;
  /** What it pulls on each limited anchor: `(p · samples + k) · 3`. */
  readonly perAnchor: Float64Array;
}

/** The options at every value of the reach; a fault where a hand is out of reach. */
export function layOptions(search: SearchSpace, bands: readonly Band[]): Result<Options[]> {
  const { reach, setup } = search;
  const all: Options[] = [];
  let rigged: { rig: Rig; out: SolutionBuffers } | undefined;
  let paths: (Path | undefined)[] = [];
  for (const value_m of reach.values_m) {
    if (rigged === undefined || 'width' in reach) {
      const widths =
        'width' in reach ? { ...setup.widths, [`${reach.width}_m`]: value_m } : setup.widths;
      const prepared = prepareExercise(setup.exercise, setup.body, { ...setup, widths });
      if (!prepared.ok) return prepared;
      rigged = rigFor(search, prepared.value);
    }
    const { rig, out } = rigged;
    placePoints(rig, search, value_m);
    if (paths.length === 0 || !('takeUp' in reach)) paths = layPaths(rig, out, search);
    const takeUp_m = 'takeUp' in reach ? value_m : 0;
    all.push(layBands(rig.prepared, paths, takeUp_m, search, bands));
  }
  return succeed(all);
}

function rigFor({ routes, setup }: SearchSpace, prepared: PreparedExercise) {
  const pathNodes = Math.max(0, ...routes.map(({ path }) => path.length));
  const rig = createRig(prepared, { points: Object.keys(setup.points) }, { runs: 1, pathNodes });
  return { rig, out: createSolutionBuffers(rig) };
}

const AXES = { x: 0, y: 1, z: 2 } as const;

function placePoints(rig: Rig, { reach, setup }: SearchSpace, value_m: number): void {
  rig.points.forEach((name, p) => {
    const place: [number, number, number] = [...(setup.points[name] as Triple)];
    const moves = 'point' in reach && (reach.point === name || reach.along?.includes(name));
    if (moves) place[AXES[reach.axis]] = value_m;
    placePoint(rig, p, ...place);
  });
}

/** A band of no length and no strength, to lay out where bands of its form run. */
const THREAD = { id: '', flatLength_m: 0, law: { c1_N: 0, c2_N: 0, c3_N: 0 } } as const;

/** Each route as a loop and as an open band would lie on it: `2 · route + (0 closed | 1 open)`; undefined where nothing of it pulls. */
function layPaths(rig: Rig, out: SolutionBuffers, search: SearchSpace): (Path | undefined)[] {
  return search.routes.flatMap((route) =>
    (['loop', 'tube'] as const).map((kind) => layPath(rig, out, route, kind, search.limits)),
  );
}

/** A route with its mirror image, where an equal copy lies there: what each adds to a tension is added up. */
function layPath(
  rig: Rig,
  out: SolutionBuffers,
  route: SearchRoute,
  kind: 'loop' | 'tube',
  limits: SearchSpace['limits'],
): Path | undefined {
  const path = layOneSide(rig, out, route, kind, limits);
  if (path === undefined || route.opposite === undefined) return path;
  const other = layOneSide(rig, out, { ...route, ...route.opposite }, kind, limits);
  if (other === undefined) return path;
  return {
    ...path,
    perTension: path.perTension.map((one, i) => one + (other.perTension[i] as number)),
    perAnchor: path.perAnchor.map((one, i) => one + (other.perAnchor[i] as number)),
  };
}

function layOneSide(
  rig: Rig,
  out: SolutionBuffers,
  { extra_m, path, pinned }: SearchRoute,
  kind: 'loop' | 'tube',
  { anchor_N }: SearchSpace['limits'],
): Path | undefined {
  const nodesOf = (names: readonly string[]): number[] =>
    names.map((name) => nodeIndex(rig, name) ?? -1);
  clearRuns(rig);
  layRun(
    rig,
    { ...THREAD, kind },
    { path: nodesOf(path), extra_m, pinned: pinned && nodesOf(pinned) },
  );
  if (rig.segmentCount[0] === 0) return undefined;
  layOutRun(rig, out, 0);
  const { contacts, demand, samples } = rig.prepared;
  const pulls = new Float64Array(3 * samples);
  const addTrack = (to: Float64Array, at: number, track: number): void => {
    for (let k = 0; k < samples; k++) {
      const i = track * samples + k;
      const o = at + 3 * k;
      to[o] = (to[o] as number) + (out.pullX[i] as number);
      to[o + 1] = (to[o + 1] as number) + (out.pullY[i] as number);
      to[o + 2] = (to[o + 2] as number) + (out.pullZ[i] as number);
    }
  };
  if (demand.kind === 'netPull') {
    for (const node of demand.at) addTrack(pulls, 0, out.trackOfNode[node] as number);
  }
  const limited = anchor_N === undefined ? 0 : rig.points.length;
  const perAnchor = new Float64Array(3 * samples * limited);
  for (let p = 0; p < limited; p++) {
    addTrack(perAnchor, 3 * samples * p, out.trackOfNode[contacts.kinds.length + p] as number);
  }
  return {
    hookedIn: strandsHookedIn(rig, 0),
    length_m: out.length_m.slice(0, samples),
    held_m: -(rig.rest_m[0] as number),
    perTension: demand.kind === 'netPull' ? pulls : out.gain.slice(0, samples),
    perAnchor,
  };
}

function layBands(
  prepared: PreparedExercise,
  paths: readonly (Path | undefined)[],
  takeUp_m: number,
  { bandCost = {}, limits, routes }: SearchSpace,
  bands: readonly Band[],
): Options {
  const { demand, samples } = prepared;
  const dimensions = demand.kind === 'netPull' ? 3 : 1;
  const anchors = (paths.find((path) => path !== undefined)?.perAnchor.length ?? 0) / (3 * samples);
  const most = bands.length * routes.length;
  const options = {
    prepared,
    dimensions,
    base: baseOf(prepared),
    count: 0,
    band: new Int32Array(most),
    firstOf: new Int32Array(bands.length + 1),
    route: new Int32Array(most),
    ownCost: new Float64Array(most),
    peakStretch: new Float64Array(most),
    added: new Float64Array(most * samples * dimensions),
    slack: new Uint8Array(most * samples),
    anchors,
    anchorPull_N: new Float64Array(most * anchors * 6 * samples),
  } satisfies Options;
  const tension = new TensionOfRun(samples);
  bands.forEach((band, b) => {
    options.firstOf[b] = options.count;
    const closed = isContinuous(band.kind);
    routes.forEach((route, r) => {
      if (route.for !== undefined && (route.for === 'continuous') !== closed) return;
      const path = paths[2 * r + (closed ? 0 : 1)];
      const own_m = (route.takeUp_m ?? 0) + takeUp_m;
      const material_m = materialLength(band.kind, band.flatLength_m);
      if (path === undefined || own_m >= material_m) return;
      const rest_m = material_m - own_m - path.held_m;
      if (rest_m <= 0) return;
      const peak = tension.solve(band, path.length_m, rest_m);
      if (peak > Math.min(band.limit ?? DEFAULT_STRETCH_LIMIT, limits.stretch)) return;
      const hooked_N = path.hookedIn * (tension.lengthening_N[0] as number);
      if (hooked_N > (limits.mount_N ?? Infinity)) return;
      const i = options.count++;
      options.band[i] = b;
      options.route[i] = r;
      options.ownCost[i] = (route.handling ?? 0) + (bandCost[band.id] ?? 0);
      options.peakStretch[i] = peak;
      tension.stretch.forEach((ratio, k) => {
        options.slack[i * samples + k] = ratio > SLACK_STRETCH ? 0 : 1;
      });
      multiply(
        options.added,
        i * samples * dimensions,
        path.perTension,
        tension.effort_N,
        dimensions,
      );
      for (let p = 0; p < anchors; p++) {
        const per = path.perAnchor.subarray(3 * samples * p, 3 * samples * (p + 1));
        const at = (i * anchors + p) * 6 * samples;
        multiply(options.anchorPull_N, at, per, tension.effort_N, 3);
        multiply(options.anchorPull_N, at + 3 * samples, per, tension.lowering_N, 3);
      }
    });
  });
  options.firstOf[bands.length] = options.count;
  return options;
}

function baseOf({ demand, samples }: PreparedExercise): Float64Array {
  if (demand.kind === 'linear') return demand.unassisted;
  const base = new Float64Array(3 * samples);
  const weight_N = demand.load_N.reduce((sum, load) => sum + load, 0);
  for (let k = 0; k < samples; k++) base[3 * k + 1] = weight_N;
  return base;
}

/** Writes each direction times the tension of its sample. */
function multiply(
  to: Float64Array,
  at: number,
  per: Float64Array,
  tension_N: Float64Array,
  dimensions: number,
): void {
  for (let k = 0, j = 0; k < tension_N.length; k++) {
    for (let d = 0; d < dimensions; d++, j++) {
      to[at + j] = (per[j] as number) * (tension_N[k] as number);
    }
  }
}

/** A run whose length changes by less than this between neighbouring samples holds, m. */
const HOLDING_M = 1e-9;

/** Tension of one band over the samples, both ways of the rep: as `solveRig` has it, for a run alone. */
class TensionOfRun {
  readonly lengthening_N: Float64Array;
  readonly effort_N: Float64Array;
  readonly lowering_N: Float64Array;
  readonly stretch: Float64Array;

  constructor(samples: number) {
    this.lengthening_N = new Float64Array(samples);
    this.effort_N = new Float64Array(samples);
    this.lowering_N = new Float64Array(samples);
    this.stretch = new Float64Array(samples);
  }

  /** Works the tension out; returns the largest stretch. */
  solve(
    { deadLength_m = 0, law, loss = DEFAULT_LOSS }: Band,
    path_m: Float64Array,
    rest_m: number,
  ): number {
    const { effort_N, lengthening_N, lowering_N, stretch } = this;
    let longest = 0;
    for (let k = 0; k < stretch.length; k++) {
      const ratio = ((path_m[k] as number) - deadLength_m) / rest_m;
      stretch[k] = ratio;
      if (ratio > longest) longest = ratio;
      lengthening_N[k] = strandForce(law, ratio);
    }
    const lossPerStretch = longest > 1 ? loss / (longest - 1) : 0;
    const last = stretch.length - 1;
    for (let k = 0; k <= last; k++) {
      const t_N = lengthening_N[k] as number;
      const short_N = (1 - lossPerStretch * (longest - (stretch[k] as number))) * t_N;
      const change_m =
        (path_m[Math.min(k + 1, last)] as number) - (path_m[Math.max(k - 1, 0)] as number);
      effort_N[k] = change_m < -HOLDING_M ? short_N : t_N;
      lowering_N[k] = change_m > HOLDING_M ? short_N : t_N;
    }
    return longest;
  }
}
