import { WHOLE_REP } from '../body/motion.js';
import { weightContacts } from '../demand/kinds/demand-kinds.js';
import { prepareExercise } from '../demand/prepare.js';
import { askedDemand, type PreparedDemand } from '../demand/prepared.js';
import { rigSetup, type SolvedRig } from '../demand/solve-setup.js';
import { strengthAt } from '../demand/strength.js';
import { chainedPath } from '../rig/link-bands.js';
import { nodeIndex, type Rig } from '../rig/rig.js';
import type { Setup } from '../rig/setup.js';

/** The same exercise with something else than bands, of equal mean demand. */
export interface EqualWeight {
  readonly kind: 'dumbbell' | 'cable';
  /** Mass at each place in kg, or tension of each line of the cable in N. */
  readonly amount: number;
  /** Contacts the weights hang at, or the lines of the cable lead to; none for one along a path. */
  readonly at: readonly string[];
  readonly demand: readonly number[];
  /** Mean over maximum of demand/strength, as the summary has it. */
  readonly match: number | null;
}

/** Weights heavier than this are not looked for, kg; cables harder, N. */
const HEAVIEST_KG = 500;
const HARDEST_N = 5000;
const BISECTIONS = 60;

/**
 * Free weights that ask the same mean of the person: mass m at each place with
 * the mean of what u + m·a asks equal to `mean`, u the signed demand without
 * anything and a what one kilogram adds. Undefined where a weight has no say: seen from above, for
 * exercises with the body's own weight, and where the mean is out of reach.
 *
 * @param mean mean demand to match, in the demand's unit
 */
export function equalDumbbell(setup: Setup, mean: number): EqualWeight | undefined {
  const { exercise } = setup;
  const at = weightContacts(exercise);
  if (exercise.plane === 'transverse' || exercise.bodyweight || at.length === 0) return undefined;
  const alone = unassistedWith(setup, 0, at);
  const loaded = unassistedWith(setup, 1, at);
  if (alone === undefined || loaded === undefined) return undefined;
  const slope = loaded.unassisted.map((value, k) => value - (alone.unassisted[k] as number));
  return matched(setup, { kind: 'dumbbell', at, demand: alone, slope, most: HEAVIEST_KG }, mean);
}

/**
 * Whether a free weight is nothing like these bands: they pull more level than upright on where it
 * would hang, seen from above, or there is nowhere to hang it. F is the bands' net pull there:
 *
 *     Σ √(Fx² + Fz²) > Σ |Fy|, at the start, the middle and the end of the rep
 */
export function pullsLevel({ exercise }: Setup, { buffers, rig }: SolvedRig): boolean {
  const at = new Set(weightContacts(exercise).map((name) => nodeIndex(rig, name)));
  if (exercise.plane === 'transverse' || exercise.bodyweight || at.size === 0) return true;
  const { samples } = rig.prepared;
  let [level, upright] = [0, 0];
  for (const k of [0, Math.floor(samples / 2), samples - 1]) {
    const net = [0, 0, 0];
    for (let r = 0; r < rig.runs; r++) {
      const strand_N = buffers.strand_N[r * samples + k] as number;
      for (const [here, there] of segmentsBothWays(rig, r)) {
        if (!at.has(here)) continue;
        const [i, j] = [here * samples + k, there * samples + k];
        const along = [rig.nodeX, rig.nodeY, rig.nodeZ].map(
          (axis) => (axis[j] as number) - (axis[i] as number),
        );
        const length = Math.hypot(...along);
        if (length > 0) along.forEach((d, a) => (net[a] = (net[a] ?? 0) + (strand_N * d) / length));
      }
    }
    const [x = 0, y = 0, z = 0] = net;
    level += Math.hypot(x, z);
    upright += Math.abs(y);
  }
  return level > upright;
}

/** From each node of a run's path to the next, and back. */
function segmentsBothWays(rig: Rig, r: number): [number, number][] {
  const count = rig.pathLength[r] as number;
  const node = (i: number): number => rig.path[r * rig.capacity.pathNodes + (i % count)] as number;
  return Array.from({ length: rig.closed[r] === 1 ? count : count - 1 }, (_, i) => [
    [node(i), node(i + 1)] as [number, number],
    [node(i + 1), node(i)] as [number, number],
  ]).flat();
}

/**
 * Cables of even tension T with the same mean: one line to each place where a weight would hang, from
 * where the first band comes to it; along that band's whole path where it comes to none. The mean of
 * what u + T·g asks is `mean`, g the demand per newton of tension. Undefined without a band, and where
 * the mean is out of reach.
 *
 * @param mean mean demand to match, in the demand's unit
 */
export function equalCable(setup: Setup, mean: number): EqualWeight | undefined {
  const [run] = setup.runs;
  const band = setup.bands.find(({ id }) => id === run?.band);
  if (run === undefined || band === undefined) return undefined;
  const path = chainedPath(setup) ?? run.path;
  const lines = linesTo(weightContacts(setup.exercise), path);
  const paths = lines.length === 0 ? [path] : threadPaths(lines);
  // A thread so short that it is taut wherever the path leads shows the demand per newton.
  const threads = paths.map((_, i) => ({
    ...band,
    id: `thread ${i}`,
    kind: lines.length === 0 ? band.kind : 'tube',
    flatLength_m: 1e-3,
    law: { c1_N: 1, c2_N: 0, c3_N: 0 },
    deadLength_m: 0,
    loss: 0,
  }));
  const rigged = rigSetup({
    ...setup,
    bands: threads,
    runs: threads.map(({ id }, i) => ({ band: id, path: paths[i] as readonly string[] })),
    links: undefined,
    loads: undefined,
  });
  if (!rigged.ok) return undefined;
  const { rig, buffers } = rigged.value;
  const { demand } = rig.prepared;
  const slope = demand.unassisted.map((value, k) => {
    const strand_N = buffers.strand_N[k] as number;
    return strand_N > 0 ? ((buffers.signed[k] as number) - value) / strand_N : 0;
  });
  const at = lines.map(({ to }) => to);
  return matched(setup, { kind: 'cable', at, demand, slope, most: HARDEST_N }, mean);
}

/** A line of a cable to a contact. */
interface Line {
  readonly from: string;
  readonly to: string;
}

/** To each of the contacts that a path comes to, from the next on the path that is none of them. */
function linesTo(contacts: readonly string[], path: readonly string[]): Line[] {
  return contacts.flatMap((to) => {
    const i = path.indexOf(to);
    if (i < 0) return [];
    // Before it or after it, whichever is nearer; a closed path goes on from its beginning.
    for (let off = 1; off < path.length; off++) {
      for (const name of [path.at(i - off), path[(i + off) % path.length]]) {
        if (name !== undefined && !contacts.includes(name)) return [{ from: name, to }];
      }
    }
    return [];
  });
}

/** Two lines from one place are one thread, so that both pull alike; two from two are each other's mirror image. */
function threadPaths(lines: readonly Line[]): readonly (readonly string[])[] {
  const [one, other] = lines;
  if (one !== undefined && other?.from === one.from) return [[one.to, one.from, other.to]];
  return lines.map(({ from, to }) => [from, to]);
}

/** What takes the bands' place, of which an amount is looked for. */
interface Substitute extends Pick<EqualWeight, 'kind' | 'at'> {
  /** The demand without it. */
  readonly demand: PreparedDemand;
  /** What one kilogram or newton of it adds to the signed demand, at every phase. */
  readonly slope: Float64Array;
  /** The greatest amount that is looked for. */
  readonly most: number;
}

function matched(
  setup: Setup,
  { kind, at, demand, slope, most }: Substitute,
  mean: number,
): EqualWeight | undefined {
  const demandOf = (amount: number): number[] =>
    Array.from(demand.unassisted, (value, k) =>
      askedDemand(value + amount * (slope[k] as number), demand.sided),
    );
  const amount = bisect((value) => meanOf(demandOf(value)) - mean, most);
  if (amount === undefined) return undefined;
  const asked = demandOf(amount);
  return { kind, amount, at, demand: asked, match: matchOf(setup, asked) };
}

/** The zero of a function that rises from below zero at 0 to above it at `most`. */
function bisect(f: (value: number) => number, most: number): number | undefined {
  if (f(0) > 0 || f(most) < 0) return undefined;
  let [low, high] = [0, most];
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (low + high) / 2;
    if (f(middle) < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Trapezoid over phase. */
function meanOf(demand: readonly number[]): number {
  const last = demand.length - 1;
  return (
    demand.reduce((sum, value, k) => sum + (k === 0 || k === last ? value / 2 : value), 0) / last
  );
}

function matchOf(
  { exercise: { strength }, phases: { from, to } = WHOLE_REP }: Setup,
  demand: readonly number[],
): number | null {
  const hardness = demand.map(
    (value, k) => value / strengthAt(strength, from + ((to - from) * k) / (demand.length - 1)),
  );
  const hardest = Math.max(...hardness);
  return hardest > 0 ? meanOf(hardness) / hardest : null;
}

function unassistedWith(
  { body, exercise, phases, root_m, samples, widths }: Setup,
  mass_kg: number,
  at: readonly string[],
): PreparedDemand | undefined {
  const loads = mass_kg === 0 ? [] : at.map((contact) => ({ at: contact, mass_kg }));
  const prepared = prepareExercise(exercise, body, { widths, root_m, phases, samples, loads });
  return prepared.ok ? prepared.value.demand : undefined;
}
