import { SLACK_STRETCH } from '../elastic/strand-law.js';
import { factorise, solveFactorised } from '../linear/cholesky.js';
import { firstLink, KINK_M2, pathSegments, type Rig } from '../rig/rig.js';

/** Forces on a link that balance to less than this count as balanced, N. */
const REST_N = 1e-9;

/** A link that does not come nearer to rest is accepted up to here, N. */
export const GREATEST_REST_N = 1e-6;

const MOST_STEPS = 50;
const MOST_HALVINGS = 50;
/** From 1e-10 of the stiffest entry in steps of ten to far above it. */
const MOST_ADDITIONS = 25;

/** So little short of taut a run stiffens the steps as if it were, as a stretch ratio. */
const BRINK = 1e-8;

/** Energies this near to each other, as share, tell nothing of which is less. */
const ROUNDING = 1e-11;

/** Near λ = 1 the terms of the energy cancel to about this, J. */
const CANCELLED_J = 1e-12;

/**
 * Squares that stand for {@link KINK_M2} one after the other where Newton does
 * not come to rest at once: a kink rounded off widely is found first, then
 * followed as it sharpens.
 */
const SHARPENING_M2 = [1e-2, 1e-3, 1e-4, 1e-5, 1e-6, 1e-7, 1e-8, 1e-9, 1e-10, 1e-11];

/** Share of the descent that the slope promises which a step must keep (Armijo). */
const LEAST_DESCENT = 1e-4;

/** Where the search for the links' places works; made once per rig. */
export interface LinkWorkspace {
  /** Coordinates of the links, three each, in their order. */
  place: Float64Array;
  trial: Float64Array;
  /** The last place at which every link was held by a taut run, else the first guess. */
  readonly start: Float64Array;
  /** How far each went from the held place before the last, m. */
  readonly moved: Float64Array;
  /** Σ of the forces on each link, turned round: the gradient of the energy, N. */
  readonly gradient: Float64Array;
  /** How the length of the run at hand changes with the places, dimensionless. */
  readonly lengthening: Float64Array;
  readonly hessian: Float64Array;
  readonly factor: Float64Array;
  readonly step: Float64Array;
  /** Places of all nodes at the phase at hand, three coordinates each: the hot loops read no other. */
  readonly nodes: Float64Array;
  /** The segments of the run at hand: difference of the ends, and length. */
  readonly segments: Float64Array;
  /** Per run, whether it was taut at the last evaluation. */
  readonly taut: Uint8Array;
  /** What is added to the square of every distance at present, m². */
  kink_m2: number;
  /** Per link and phase, whether a taut run holds it. */
  readonly held: Uint8Array;
  /** The worst |ΣF| left at any phase, N; NaN where numbers grew beyond measure. */
  worst_N: number;
}

export function createLinkWorkspace(rig: Rig): LinkWorkspace | undefined {
  const links = rig.links.length;
  if (links === 0) return undefined;
  const n = 3 * links;
  return {
    place: new Float64Array(n),
    trial: new Float64Array(n),
    start: new Float64Array(n),
    moved: new Float64Array(n),
    gradient: new Float64Array(n),
    lengthening: new Float64Array(n),
    hessian: new Float64Array(n * n),
    factor: new Float64Array(n * n),
    step: new Float64Array(n),
    nodes: new Float64Array(3 * (firstLink(rig) + links)),
    segments: new Float64Array(4 * rig.capacity.pathNodes),
    taut: new Uint8Array(rig.capacity.runs),
    kink_m2: KINK_M2,
    held: new Uint8Array(links * rig.prepared.samples),
    worst_N: 0,
  };
}

/**
 * Brings the links to rest at every phase, where the stored energy Σ R·W(λ) of
 * the runs that touch them is least, and writes their places into the rig's
 * nodes. The energy is convex in the links' places, so its least value and the
 * tensions are unique. Newton with the analytic Hessian; each phase starts from
 * the last one with every link held, moved on as far as that one was from the
 * one before it, else from the first guess.
 *
 * Allocates nothing. `worst_N` tells how far from balance the worst phase is; the first that
 * stays further than {@link GREATEST_REST_N} ends the search, and so does a number that is not
 * finite: every search is over after a known number of steps.
 */
export function settleLinks(rig: Rig, work: LinkWorkspace): void {
  const { samples } = rig.prepared;
  work.start.set(rig.linkGuess_m);
  work.moved.fill(0);
  let known = false;
  work.worst_N = 0;
  for (let k = 0; k < samples; k++) {
    for (let i = 0; i < work.start.length; i++) {
      // The body moves on evenly from phase to phase, and so do the links.
      work.place[i] = (work.start[i] as number) + (work.moved[i] as number);
    }
    loadNodes(rig, work, k);
    work.worst_N = Math.max(work.worst_N, settlePhase(rig, work));
    // One phase that does not settle is a fault: the others are not worth their time.
    if (!(work.worst_N <= GREATEST_REST_N)) return;
    if (markHeld(rig, work, k)) {
      for (let i = 0; i < work.start.length; i++) {
        const from = work.start[i] as number;
        work.moved[i] = known ? (work.place[i] as number) - from : 0;
        work.start[i] = work.place[i] as number;
      }
      known = true;
    }
    for (let l = 0; l < rig.links.length; l++) {
      const node = (firstLink(rig) + l) * samples + k;
      rig.nodeX[node] = work.place[3 * l] as number;
      rig.nodeY[node] = work.place[3 * l + 1] as number;
      rig.nodeZ[node] = work.place[3 * l + 2] as number;
    }
  }
}

/** Newton from `work.place` to rest, by way of rounder kinks where need be; returns |ΣF|, N. */
function settlePhase(rig: Rig, work: LinkWorkspace): number {
  const straight_N = descend(rig, work);
  if (straight_N <= GREATEST_REST_N) return straight_N;
  for (const square of SHARPENING_M2) {
    work.kink_m2 = square;
    descend(rig, work);
  }
  work.kink_m2 = KINK_M2;
  return descend(rig, work);
}

/** Newton with a line search from `work.place`; returns the |ΣF| that is left, N. */
function descend(rig: Rig, work: LinkWorkspace): number {
  const { gradient, step } = work;
  let energy_J = evaluate(rig, work, work.place);
  let force_N = norm(gradient);
  for (let i = 0; i < MOST_STEPS && force_N > REST_N; i++) {
    const slope = newtonStep(work);
    if (!Number.isFinite(slope)) return Infinity;
    let share = 1;
    let accepted = false;
    for (let halving = 0; halving < MOST_HALVINGS && !accepted; halving++) {
      for (let j = 0; j < step.length; j++) {
        work.trial[j] = (work.place[j] as number) + share * (step[j] as number);
      }
      const trial_J = evaluate(rig, work, work.trial);
      const trial_N = norm(gradient);
      // Where energies cancel to rounding, a falling force tells more.
      const alike = Math.abs(trial_J - energy_J) <= ROUNDING * energy_J + CANCELLED_J;
      accepted = trial_J < energy_J + LEAST_DESCENT * share * slope || (alike && trial_N < force_N);
      if (accepted) {
        energy_J = trial_J;
        force_N = trial_N;
      }
      share /= 2;
    }
    if (!accepted) {
      evaluate(rig, work, work.place);
      return force_N;
    }
    const kept = work.place;
    work.place = work.trial;
    work.trial = kept;
  }
  return force_N;
}

/**
 * The step −H⁻¹·g, with as much added to the diagonal as makes H positive
 * definite; returns the slope of the energy along it, J, which is not finite where there is no such
 * step.
 */
function newtonStep({ gradient, hessian, factor, step }: LinkWorkspace): number {
  const n = gradient.length;
  let stiffest = 1;
  for (let i = 0; i < n; i++) stiffest = Math.max(stiffest, hessian[i * n + i] as number);
  let added = 0;
  for (let i = 0; !factorise(hessian, n, added, factor); i++) {
    // Numbers that are not finite never become positive definite.
    if (i === MOST_ADDITIONS) return NaN;
    added = added === 0 ? stiffest * 1e-10 : added * 10;
  }
  solveFactorised(factor, n, gradient, step);
  let slope = 0;
  for (let i = 0; i < n; i++) {
    step[i] = -(step[i] as number);
    slope += (step[i] as number) * (gradient[i] as number);
  }
  return slope;
}

/** Copies the places of all fixed nodes on linked runs at a phase. */
function loadNodes(rig: Rig, { nodes }: LinkWorkspace, k: number): void {
  const { samples } = rig.prepared;
  const free = firstLink(rig);
  for (let r = 0; r < rig.runs; r++) {
    if (rig.linked[r] === 0) continue;
    for (let s = 0; s < (rig.pathLength[r] as number); s++) {
      const node = nodeOf(rig, r, s);
      if (node >= free) continue;
      const at = node * samples + k;
      nodes[3 * node] = rig.nodeX[at] as number;
      nodes[3 * node + 1] = rig.nodeY[at] as number;
      nodes[3 * node + 2] = rig.nodeZ[at] as number;
    }
  }
}

/** Stored energy of the linked runs with the links at `place`, J; fills gradient and Hessian. */
function evaluate(rig: Rig, work: LinkWorkspace, place: Float64Array): number {
  const free = 3 * firstLink(rig);
  for (let i = 0; i < place.length; i++) work.nodes[free + i] = place[i] as number;
  clear(work.gradient);
  clear(work.hessian);
  let energy_J = 0;
  for (let r = 0; r < rig.runs; r++) {
    if (rig.linked[r] === 1) energy_J += addRun(rig, work, r);
  }
  return energy_J;
}

/** Adds one run to gradient and Hessian; returns its energy, J. */
function addRun(rig: Rig, work: LinkWorkspace, r: number): number {
  const { gradient, hessian, lengthening } = work;
  const n = gradient.length;
  const rest_m = rig.rest_m[r] as number;
  const stretch = measureRun(rig, work, r) / rest_m;
  work.taut[r] = stretch > SLACK_STRETCH ? 1 : 0;
  if (stretch <= 1 - BRINK) return 0;
  // A run on the brink pulls nothing yet, but a step that knows nothing of it would run far into it.
  const isTaut = stretch > 1;
  const c1 = rig.c1_N[r] as number;
  const c2 = rig.c2_N[r] as number;
  const c3 = rig.c3_N[r] as number;
  const inverse = 1 / stretch;
  const square = inverse * inverse;
  const phi1 = stretch - square;
  const yeoh = stretch * stretch + 2 * inverse - 3;
  const strand_N = isTaut ? c1 * phi1 + c2 * (1 - square * inverse) + c3 * phi1 * yeoh : 0;
  // dt/dλ of the three terms, over the rest length: how the tension grows with the length.
  const phi1Slope = 1 + 2 * square * inverse;
  const stiffness =
    (c1 * phi1Slope + 3 * c2 * square * square + c3 * (phi1Slope * yeoh + 2 * phi1 * phi1)) /
    rest_m;
  for (let i = 0; i < n; i++) {
    const li = lengthening[i] as number;
    if (li === 0) continue;
    gradient[i] = (gradient[i] as number) + strand_N * li;
    for (let j = 0; j < n; j++) {
      const at = i * n + j;
      hessian[at] = (hessian[at] as number) + stiffness * li * (lengthening[j] as number);
    }
  }
  if (!isTaut) return 0;
  addCurvature(rig, work, r, strand_N);
  return rest_m * (c1 * yeoh * 0.5 + c2 * (stretch + 0.5 * square - 1.5) + c3 * yeoh * yeoh * 0.25);
}

/** The length of a run, m; fills `lengthening` and `segments`. */
function measureRun(rig: Rig, work: LinkWorkspace, r: number): number {
  const { kink_m2, lengthening, nodes, segments } = work;
  const free = firstLink(rig);
  clear(lengthening);
  let length_m = rig.extra_m[r] as number;
  const count = pathSegments(rig, r);
  for (let s = 0; s < count; s++) {
    if (isHeldFast(rig, r, s)) continue;
    const i = nodeOf(rig, r, s);
    const j = nodeOf(rig, r, s + 1);
    const dx = (nodes[3 * j] as number) - (nodes[3 * i] as number);
    const dy = (nodes[3 * j + 1] as number) - (nodes[3 * i + 1] as number);
    const dz = (nodes[3 * j + 2] as number) - (nodes[3 * i + 2] as number);
    const distance = Math.sqrt(dx * dx + dy * dy + dz * dz + kink_m2);
    segments[4 * s] = dx;
    segments[4 * s + 1] = dy;
    segments[4 * s + 2] = dz;
    segments[4 * s + 3] = distance;
    length_m += distance;
    if (i >= free) addTo(lengthening, i - free, -dx / distance, -dy / distance, -dz / distance);
    if (j >= free) addTo(lengthening, j - free, dx / distance, dy / distance, dz / distance);
  }
  return length_m;
}

/** Adds t·∂²L to the Hessian: (I − uuᵀ)/d for every segment with a link at an end. */
function addCurvature(
  rig: Rig,
  { hessian, segments }: LinkWorkspace,
  r: number,
  strand_N: number,
): void {
  const n = 3 * rig.links.length;
  const free = firstLink(rig);
  const count = pathSegments(rig, r);
  for (let s = 0; s < count; s++) {
    const i = nodeOf(rig, r, s) - free;
    const j = nodeOf(rig, r, s + 1) - free;
    if (i === j || (i < 0 && j < 0)) continue;
    const distance = segments[4 * s + 3] as number;
    const pull = strand_N / distance;
    const square = distance * distance;
    for (let a = 0; a < 3; a++) {
      const da = (segments[4 * s + a] as number) / square;
      for (let b = 0; b < 3; b++) {
        const bend = pull * ((a === b ? 1 : 0) - da * (segments[4 * s + b] as number));
        if (i >= 0) addAt(hessian, n, 3 * i + a, 3 * i + b, bend);
        if (j >= 0) addAt(hessian, n, 3 * j + a, 3 * j + b, bend);
        if (i >= 0 && j >= 0) {
          addAt(hessian, n, 3 * i + a, 3 * j + b, -bend);
          addAt(hessian, n, 3 * j + a, 3 * i + b, -bend);
        }
      }
    }
  }
}

/** Notes which links a taut run holds at this phase; tells whether all are. */
function markHeld(rig: Rig, work: LinkWorkspace, k: number): boolean {
  const { samples } = rig.prepared;
  const free = firstLink(rig);
  for (let l = 0; l < rig.links.length; l++) work.held[l * samples + k] = 0;
  for (let r = 0; r < rig.runs; r++) {
    if (rig.linked[r] === 0 || work.taut[r] === 0) continue;
    for (let s = 0; s < (rig.pathLength[r] as number); s++) {
      const link = nodeOf(rig, r, s) - free;
      if (link >= 0) work.held[link * samples + k] = 1;
    }
  }
  for (let l = 0; l < rig.links.length; l++) {
    if (work.held[l * samples + k] === 0) return false;
  }
  return true;
}

/** Whether the segment after place s of a run's path is held fast and pulls nowhere. */
function isHeldFast(rig: Rig, r: number, s: number): boolean {
  return rig.held[r * rig.capacity.pathNodes + s] === 1;
}

/** The node at place s of a run's path, which closes on itself. */
function nodeOf(rig: Rig, r: number, s: number): number {
  const wrapped = s === rig.pathLength[r] ? 0 : s;
  return rig.path[r * rig.capacity.pathNodes + wrapped] as number;
}

function addTo(values: Float64Array, link: number, x: number, y: number, z: number): void {
  const at = 3 * link;
  values[at] = (values[at] as number) + x;
  values[at + 1] = (values[at + 1] as number) + y;
  values[at + 2] = (values[at + 2] as number) + z;
}

function addAt(matrix: Float64Array, n: number, i: number, j: number, value: number): void {
  const at = i * n + j;
  matrix[at] = (matrix[at] as number) + value;
}

function norm(values: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < values.length; i++) sum += (values[i] as number) * (values[i] as number);
  return Math.sqrt(sum);
}

/** A loop, since a call of `fill` costs more than the few numbers of a link. */
function clear(values: Float64Array): void {
  for (let i = 0; i < values.length; i++) values[i] = 0;
}
