import { type Band, DEFAULT_LOSS, isContinuous, materialLength } from '../elastic/band.js';
import type { PreparedExercise } from '../demand/prepared.js';
import { Arena, type Take } from '../memory/arena.js';

/**
 * Bands and anchors laid on a prepared exercise, on flat arrays that are
 * allocated once and filled again and again: moving an anchor or changing a
 * band allocates nothing. Nodes are the exercise's contacts, then the points,
 * then the links; entry k of node i stands at `i · samples + k`.
 */
export interface Rig {
  readonly prepared: PreparedExercise;
  readonly points: readonly string[];
  /** Free points where bands meet; the solver writes their places into the nodes. */
  readonly links: readonly string[];
  /** Where the search for each link begins, three coordinates each, m. */
  readonly linkGuess_m: Float64Array;
  readonly capacity: RigCapacity;
  readonly nodeX: Float64Array;
  readonly nodeY: Float64Array;
  readonly nodeZ: Float64Array;
  /** Runs laid at present. */
  runs: number;
  readonly closed: Uint8Array;
  /** Whether each run touches a link. */
  readonly linked: Uint8Array;
  /** Where each run's nodes begin and how many they are, in `path`. */
  readonly pathLength: Int32Array;
  /** Node indices; run r owns `capacity.pathNodes` entries from `r · capacity.pathNodes`. */
  readonly path: Int32Array;
  /** Distinct segments of each run's path. */
  readonly segmentCount: Int32Array;
  /** Two nodes and how often the path goes from one to the other; run r begins at `3 · capacity.pathNodes · r`. */
  readonly segments: Int32Array;
  readonly rest_m: Float64Array;
  readonly extra_m: Float64Array;
  readonly c1_N: Float64Array;
  readonly c2_N: Float64Array;
  readonly c3_N: Float64Array;
  readonly loss: Float64Array;
}

/** Names of a rig's own nodes, beside the contacts of the exercise. */
export interface RigNames {
  readonly points: readonly string[];
  readonly links?: readonly string[] | undefined;
}

export interface RigCapacity {
  readonly runs: number;
  /** Longest path, in nodes. */
  readonly pathNodes: number;
}

/**
 * Allocates a rig without runs; its points lie at the origin until they are placed.
 *
 * @param take memory to lay it out in; memory of its own where it is not given
 */
export function createRig(
  prepared: PreparedExercise,
  { points, links = [] }: RigNames,
  capacity: RigCapacity,
  take: Take = new Arena().take,
): Rig {
  const { contacts, samples } = prepared;
  const size = (contacts.kinds.length + points.length + links.length) * samples;
  const rig: Rig = {
    prepared,
    points,
    links,
    linkGuess_m: take(3 * links.length),
    capacity,
    nodeX: take(size),
    nodeY: take(size),
    nodeZ: take(size),
    runs: 0,
    closed: new Uint8Array(capacity.runs),
    linked: new Uint8Array(capacity.runs),
    pathLength: new Int32Array(capacity.runs),
    path: new Int32Array(capacity.runs * capacity.pathNodes),
    segmentCount: new Int32Array(capacity.runs),
    segments: new Int32Array(3 * capacity.runs * capacity.pathNodes),
    rest_m: take(capacity.runs),
    extra_m: take(capacity.runs),
    c1_N: take(capacity.runs),
    c2_N: take(capacity.runs),
    c3_N: take(capacity.runs),
    loss: take(capacity.runs),
  };
  rig.nodeX.set(contacts.x);
  rig.nodeY.set(contacts.y);
  rig.nodeZ.set(contacts.z);
  return rig;
}

/** Moves the point of this index to (x, y, z), metres. */
export function placePoint(rig: Rig, point: number, x: number, y: number, z: number): void {
  const { samples, contacts } = rig.prepared;
  const start = (contacts.kinds.length + point) * samples;
  rig.nodeX.fill(x, start, start + samples);
  rig.nodeY.fill(y, start, start + samples);
  rig.nodeZ.fill(z, start, start + samples);
}

/** Says where the search for the link of this index begins, metres. */
export function guessLink(rig: Rig, link: number, x: number, y: number, z: number): void {
  rig.linkGuess_m.set([x, y, z], 3 * link);
}

/** The node of the first link; every later node is a link too. */
export function firstLink(rig: Rig): number {
  return rig.prepared.contacts.kinds.length + rig.points.length;
}

/** The node of a contact, point or link by name; undefined when there is none. */
export function nodeIndex(rig: Rig, name: string): number | undefined {
  const contact = rig.prepared.contacts.index.get(name);
  if (contact !== undefined) return contact;
  const point = rig.points.indexOf(name);
  if (point >= 0) return rig.prepared.contacts.kinds.length + point;
  const link = rig.links.indexOf(name);
  return link < 0 ? undefined : firstLink(rig) + link;
}

/** Takes all bands off; their places are used again by {@link layRun}. */
export function clearRuns(rig: Rig): void {
  rig.runs = 0;
}

/**
 * Lays a band along nodes. Rest length of the path: 2·flat length − take-up for
 * a loop, flat length − take-up for the rest. Fittings shorten the path by
 * their dead length. The caller vouches for the numbers:
 * 0 ≤ takeUp_m < material, extra_m ≥ 0, at least two nodes.
 */
export function layRun(
  rig: Rig,
  band: Band,
  path: readonly number[],
  takeUp_m = 0,
  extra_m = 0,
): void {
  const r = rig.runs;
  if (r >= rig.capacity.runs || path.length > rig.capacity.pathNodes) {
    throw new RangeError('layRun: the rig was allocated for fewer runs or shorter paths');
  }
  const start = r * rig.capacity.pathNodes;
  const free = firstLink(rig);
  rig.linked[r] = 0;
  for (let i = 0; i < path.length; i++) {
    const node = path[i] as number;
    rig.path[start + i] = node;
    if (node >= free) rig.linked[r] = 1;
  }
  rig.pathLength[r] = path.length;
  rig.closed[r] = isContinuous(band.kind) ? 1 : 0;
  laySegments(rig, r);
  rig.rest_m[r] = materialLength(band.kind, band.flatLength_m) - takeUp_m;
  rig.extra_m[r] = extra_m - (band.deadLength_m ?? 0);
  rig.c1_N[r] = band.law.c1_N;
  rig.c2_N[r] = band.law.c2_N;
  rig.c3_N[r] = band.law.c3_N;
  rig.loss[r] = band.loss ?? DEFAULT_LOSS;
  rig.runs = r + 1;
}

/**
 * Lists the segments of a run's path, those between the same two nodes once: a
 * loop hung by two contacts runs there and back, a folded band more often.
 */
function laySegments(rig: Rig, r: number): void {
  const { capacity, path, segments } = rig;
  const start = r * capacity.pathNodes;
  const nodes = rig.pathLength[r] as number;
  const last = rig.closed[r] === 1 ? nodes : nodes - 1;
  let end = 3 * start;
  for (let s = 0; s < last; s++) {
    const from = path[start + s] as number;
    const to = path[start + ((s + 1) % nodes)] as number;
    let at = 3 * start;
    while (at < end && !joins(segments, at, from, to)) at += 3;
    if (at === end) {
      segments[at] = from;
      segments[at + 1] = to;
      segments[at + 2] = 0;
      end += 3;
    }
    segments[at + 2] = (segments[at + 2] as number) + 1;
  }
  rig.segmentCount[r] = (end - 3 * start) / 3;
}

function joins(segments: Int32Array, at: number, a: number, b: number): boolean {
  const from = segments[at];
  const to = segments[at + 1];
  return (from === a && to === b) || (from === b && to === a);
}
