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
  /** Whether the stretch of path after each entry of `path` is held fast at both ends and pulls nowhere. */
  readonly held: Uint8Array;
  /** Distinct segments of each run's path that pull. */
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

/**
 * Squared length added under the root of every distance while a rig has links,
 * m²: a link may come to rest on a contact, where a distance has a kink.
 */
export const KINK_M2 = 1e-12;

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
    held: new Uint8Array(capacity.runs * capacity.pathNodes),
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

/** The name of a node, the inverse of {@link nodeIndex}. */
export function nodeName({ links, points, prepared: { contacts } }: Rig, node: number): string {
  const point = node - contacts.kinds.length;
  return contacts.kinds[node]?.name ?? points[point] ?? links[point - points.length] ?? '';
}

/** Takes all bands off; their places are used again by {@link layRun}. */
export function clearRuns(rig: Rig): void {
  rig.runs = 0;
}

/** How a band is laid. */
export interface Lay {
  /** Nodes, at least two. */
  readonly path: readonly number[];
  /** Unstretched material that takes no part, m; 0 ≤ takeUp_m < material. Default 0. */
  readonly takeUp_m?: number | undefined;
  /** Stretched path round something smooth, m, ≥ 0. Default 0. */
  readonly extra_m?: number | undefined;
  /** Nodes at which the band is held fast. */
  readonly pinned?: readonly number[] | undefined;
}

/**
 * Lays a band along nodes. Rest length of the path: 2·flat length − take-up for
 * a loop, flat length − take-up for the rest, less what is held fast between
 * neighbours that are both pinned, as far as they are apart at the first sample.
 * Fittings shorten the path by their dead length. Points have to be placed
 * before, where pinned. The caller vouches for the numbers, and looks after a
 * rest length that is not positive and a run without a segment that pulls.
 */
export function layRun(
  rig: Rig,
  band: Band,
  { path, takeUp_m = 0, extra_m = 0, pinned }: Lay,
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
  const held_m = holdFast(rig, r, pinned);
  laySegments(rig, r);
  rig.rest_m[r] = materialLength(band.kind, band.flatLength_m) - takeUp_m - held_m;
  rig.extra_m[r] = extra_m - (band.deadLength_m ?? 0);
  rig.c1_N[r] = band.law.c1_N;
  rig.c2_N[r] = band.law.c2_N;
  rig.c3_N[r] = band.law.c3_N;
  rig.loss[r] = band.loss ?? DEFAULT_LOSS;
  rig.runs = r + 1;
}

/** Segments of a run's path, held or not. */
export function pathSegments(rig: Rig, r: number): number {
  const nodes = rig.pathLength[r] as number;
  return rig.closed[r] === 1 ? nodes : nodes - 1;
}

/** Squared length added under the root of every distance of a rig, m²: {@link KINK_M2} where it has links. */
export function kinkOf({ links }: Rig): number {
  return links.length > 0 ? KINK_M2 : 0;
}

/** Notes where run r is held fast between pinned neighbours; returns how far they are apart at the first sample, m. */
function holdFast(rig: Rig, r: number, pinned: readonly number[] | undefined): number {
  const { capacity, held, path, prepared } = rig;
  const start = r * capacity.pathNodes;
  const nodes = rig.pathLength[r] as number;
  const isPinned = (i: number): boolean => pinned?.includes(path[start + i] as number) ?? false;
  let held_m = 0;
  for (let s = 0; s < nodes; s++) {
    const next = (s + 1) % nodes;
    const fast = s < pathSegments(rig, r) && isPinned(s) && isPinned(next);
    held[start + s] = fast ? 1 : 0;
    if (!fast) continue;
    const a = (path[start + s] as number) * prepared.samples;
    const b = (path[start + next] as number) * prepared.samples;
    const across = (track: Float64Array): number => (track[b] as number) - (track[a] as number);
    const [dx, dy, dz] = [across(rig.nodeX), across(rig.nodeY), across(rig.nodeZ)];
    held_m += Math.sqrt(dx * dx + dy * dy + dz * dz + kinkOf(rig));
  }
  return held_m;
}

/**
 * The distinct segments of run r that pull, each with how often the path goes
 * along it: a loop hung by two contacts runs there and back, a folded band more often.
 */
function laySegments(rig: Rig, r: number): void {
  const { capacity, held, path, segments } = rig;
  const start = r * capacity.pathNodes;
  const nodes = rig.pathLength[r] as number;
  let end = 3 * start;
  for (let s = 0; s < pathSegments(rig, r); s++) {
    if (held[start + s] === 1) continue;
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

/**
 * Strands of run r that end where it is hooked in, at the contact of the body where most of them do:
 * 2 for a plain loop, 4 for one that is folded over a bar; 0 where it lies on no contact.
 */
export function strandsHookedIn(
  { capacity, prepared, segmentCount, segments }: Rig,
  r: number,
): number {
  const start = 3 * r * capacity.pathNodes;
  const ends = new Map<number, number>();
  let most = 0;
  for (let s = 0; s < (segmentCount[r] as number); s++) {
    const at = start + 3 * s;
    const ofSegment = new Set(segments.subarray(at, at + 2));
    // What goes from a contact to itself pulls nowhere.
    if (ofSegment.size === 1) continue;
    for (const node of ofSegment) {
      if (node >= prepared.contacts.kinds.length) continue;
      const all = (ends.get(node) ?? 0) + (segments[at + 2] as number);
      ends.set(node, all);
      most = Math.max(most, all);
    }
  }
  return most;
}

function joins(segments: Int32Array, at: number, a: number, b: number): boolean {
  const from = segments[at];
  const to = segments[at + 1];
  return (from === a && to === b) || (from === b && to === a);
}
