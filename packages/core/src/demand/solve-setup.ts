import type { Triple } from '../body/exercise.js';
import { DEFAULT_STRETCH_LIMIT, materialLength } from '../elastic/band.js';
import { SLACK_STRETCH } from '../elastic/strand-law.js';
import { fail, type Fault, type Result, succeed } from '../faults.js';
import { Arena, type Take } from '../memory/arena.js';
import { findHangingLinks } from '../rig/check-links.js';
import { checkNames } from '../rig/check-names.js';
import {
  createRig,
  firstLink,
  guessLink,
  layRun,
  nodeIndex,
  placePoint,
  type Rig,
} from '../rig/rig.js';
import type { Setup } from '../rig/setup.js';
import { createPreparation, prepareExercise, type Preparation } from './prepare.js';
import { demandContacts } from './kinds/demand-kinds.js';
import { askedDemand, type PreparedExercise } from './prepared.js';
import { GREATEST_REST_N, type LinkWorkspace } from './settle-links.js';
import { createSolutionBuffers, type SolutionBuffers } from './solution-buffers.js';
import { solveRig } from './solve-rig.js';
import { createSummary, helpAt, helpFloor, summarise, type Summary } from './summary.js';

/** One run over the sampled phases. */
export interface RunSolution {
  readonly band: string;
  readonly restPath_m: number;
  /** With the extra, so that stretch = length/rest; null where a slack run lies on a link. */
  readonly length_m: readonly (number | null)[];
  readonly stretch: readonly (number | null)[];
  /** Tension while lengthening, t. */
  readonly strand_N: readonly number[];
  readonly energy_J: readonly number[];
}

export interface Solution {
  readonly phase: readonly number[];
  readonly unit: 'N' | 'N·m';
  readonly runs: readonly RunSolution[];
  /** Where each link rests; null while every run on it is slack. */
  readonly links: Readonly<Record<string, readonly (Triple | null)[]>>;
  /** The effort, phase rising; never below 0. */
  readonly demand: readonly number[];
  /** The way back over the same geometry. */
  readonly lowering: readonly number[];
  readonly unassisted: readonly number[];
  /** Share of the demand that the bands take, for body-weight exercises. */
  readonly assist: readonly (number | null)[] | null;
  readonly anchors: Readonly<Record<string, { readonly peak_N: number }>>;
  /** Ids of the bands whose stretch passes their limit anywhere, ascending. */
  readonly overLimit: readonly string[];
  readonly summary: Summary;
}

/** A solved rig with what it was solved from, for callers that go on computing. */
export interface SolvedRig {
  readonly rig: Rig;
  readonly buffers: SolutionBuffers;
  readonly summary: Summary;
}

/**
 * Where {@link solveSetup} works. It copies out what it answers with, so the
 * memory serves every set-up in turn.
 */
const WORKSPACE = new Arena();

/**
 * Solves a set-up from the whole document: names, then reach, then statics.
 * All faults of names come together, else the first fault of computation.
 */
export function solveSetup(setup: Setup): Result<Solution> {
  WORKSPACE.reset();
  const { take } = WORKSPACE;
  const only = contactsUsed(setup);
  const rigged = rigPrepared(setup, take, (exercise, body, options) =>
    prepareExercise(exercise, body, { ...options, only, take }),
  );
  if (!rigged.ok) return rigged;
  return succeed(readSolution(setup, rigged.value));
}

/** As {@link solveSetup}, keeping rig and buffers, with all contacts, for further solves. */
export function rigSetup(setup: Setup): Result<SolvedRig> {
  const { take } = new Arena();
  return rigPrepared(setup, take, (exercise, body, options) =>
    prepareExercise(exercise, body, { ...options, take }),
  );
}

/** Rigs set-ups one after the other. */
export type Rigger = (setup: Setup) => Result<SolvedRig>;

/**
 * As {@link rigSetup}, for set-ups of one exercise and person: the exercise is
 * prepared anew only where it, the body or the options are others than before.
 */
export function createRigger(): Rigger {
  const prepare = createPreparation();
  return (setup) => rigPrepared(setup, new Arena().take, prepare);
}

/** The contacts a solution depends on: a third of the time goes into placing the others. */
function contactsUsed({ exercise, runs, loads = [] }: Setup): ReadonlySet<string> {
  const { demand } = exercise;
  const used = new Set<string>();
  for (const { path } of runs) for (const name of path) used.add(name);
  for (const { at } of loads) used.add(at);
  for (const { name } of demandContacts(demand)) used.add(name);
  return used;
}

function rigPrepared(setup: Setup, take: Take, prepare: Preparation): Result<SolvedRig> {
  const faults = checkNames(setup);
  if (faults.length > 0) return fail(...faults);
  const hanging = findHangingLinks(setup);
  if (hanging !== undefined) return fail(hanging);
  const { widths, root_m, phases, loads, samples } = setup;
  const options = { widths, root_m, phases, loads, samples };
  const prepared = prepare(setup.exercise, setup.body, options);
  if (!prepared.ok) return prepared;
  const names = Object.keys(setup.points);
  const links = Object.entries(setup.links ?? {});
  const pathNodes = Math.max(0, ...setup.runs.map((run) => run.path.length));
  const capacity = { runs: setup.runs.length, pathNodes };
  const rig = createRig(
    prepared.value,
    { points: names, links: links.map(([name]) => name) },
    capacity,
    take,
  );
  names.forEach((name, p) => {
    const [x, y, z] = setup.points[name] ?? [0, 0, 0];
    placePoint(rig, p, x, y, z);
  });
  links.forEach(([, [x, y, z]], l) => guessLink(rig, l, x, y, z));
  const fault = layRuns(rig, setup);
  if (fault !== undefined) return fail(fault);
  const buffers = createSolutionBuffers(rig, take);
  solveRig(rig, buffers);
  // Not finite is not at rest either.
  if (!((buffers.links?.worst_N ?? 0) <= GREATEST_REST_N)) return fail(unsettled(buffers.links));
  return succeed({ rig, buffers, summary: summarise(rig, buffers, createSummary()) });
}

function unsettled(links: LinkWorkspace | undefined): Fault {
  return {
    code: 'computation',
    path: '$.links',
    found: `links with ${links?.worst_N.toPrecision(2)} N out of balance`,
    expected: `links that come to rest, to ${GREATEST_REST_N} N`,
  };
}

function layRuns(rig: Rig, setup: Setup): Fault | undefined {
  for (const [r, run] of setup.runs.entries()) {
    const band = setup.bands.find(({ id }) => id === run.band);
    if (band === undefined) throw new RangeError(`band ${run.band} passed the check of names`);
    const material_m = materialLength(band.kind, band.flatLength_m);
    const takeUp_m = run.takeUp_m ?? 0;
    if (takeUp_m >= material_m) {
      return {
        code: 'computation',
        path: `$.runs[${r}].takeUp_m`,
        found: String(takeUp_m),
        expected: `less than the band's ${material_m} m of material`,
      };
    }
    const nodesOf = (names: readonly string[] | undefined): number[] | undefined =>
      names?.map((name) => nodeIndex(rig, name) ?? -1);
    layRun(rig, band, {
      path: nodesOf(run.path) ?? [],
      takeUp_m,
      extra_m: run.extra_m,
      pinned: nodesOf(run.pinned),
    });
    const left_m = rig.rest_m[r] as number;
    if (rig.segmentCount[r] === 0 || left_m <= 0) {
      return {
        code: 'computation',
        path: `$.runs[${r}].pinned`,
        found: left_m > 0 ? 'all of the path held fast' : `${left_m} m of rest length left`,
        expected: 'a stretch of path that pulls, with material of its own',
      };
    }
  }
  return undefined;
}

function readSolution(setup: Setup, solved: SolvedRig): Solution {
  const { rig, buffers, summary } = solved;
  const { prepared } = rig;
  const { samples } = prepared;
  return {
    phase: listOf(prepared.phase),
    unit: prepared.unit,
    runs: setup.runs.map(({ band }, r) => ({
      band,
      restPath_m: rig.rest_m[r] as number,
      length_m: definite(solved, r, buffers.length_m),
      stretch: definite(solved, r, buffers.stretch),
      strand_N: listOf(buffers.strand_N, r * samples, samples),
      energy_J: listOf(buffers.energy_J, r * samples, samples),
    })),
    links: readLinks(solved),
    demand: askedOf(prepared, buffers.signed),
    lowering: askedOf(prepared, buffers.signedLowering),
    unassisted: askedOf(prepared, prepared.demand.unassisted),
    assist: prepared.bodyweight ? readHelp(solved) : null,
    anchors: Object.fromEntries(
      rig.points.map((name, p) => [name, { peak_N: buffers.anchorPeak_N[p] as number }]),
    ),
    overLimit: bandsOverLimit(setup, buffers),
    summary,
  };
}

/** Lengths or stretches of a run; null where it lies slack on a link. */
function definite(
  { rig, buffers }: SolvedRig,
  r: number,
  values: Float64Array,
): readonly (number | null)[] {
  const { samples } = rig.prepared;
  const list: (number | null)[] = listOf(values, r * samples, samples);
  if (rig.linked[r] === 0) return list;
  return list.map((value, k) =>
    (buffers.stretch[r * samples + k] as number) > SLACK_STRETCH ? value : null,
  );
}

function readLinks({ rig, buffers: { links } }: SolvedRig): Solution['links'] {
  if (links === undefined) return {};
  const { samples } = rig.prepared;
  return Object.fromEntries(
    rig.links.map((name, l) => {
      const node = (firstLink(rig) + l) * samples;
      const places = Array.from({ length: samples }, (_, k): Triple | null =>
        links.held[l * samples + k] === 1
          ? [
              rig.nodeX[node + k] as number,
              rig.nodeY[node + k] as number,
              rig.nodeZ[node + k] as number,
            ]
          : null,
      );
      return [name, places];
    }),
  );
}

/** A stretch of a typed array as a list; `Array.from` takes ten times as long. */
function listOf(values: Float64Array, start = 0, count = values.length): number[] {
  const list = new Array<number>(count);
  for (let k = 0; k < count; k++) list[k] = values[start + k] as number;
  return list;
}

/** What is asked of the person by a signed demand at every phase. */
export function askedOf({ demand }: PreparedExercise, signed: Float64Array): number[] {
  const list = listOf(signed);
  for (let k = 0; k < list.length; k++) list[k] = askedDemand(list[k] as number, demand.sided);
  return list;
}

function readHelp({ rig, buffers }: SolvedRig): (number | null)[] {
  const { unassisted } = rig.prepared.demand;
  const floor = helpFloor(unassisted);
  return Array.from(buffers.signed, (signed, k) => helpAt(signed, unassisted[k] as number, floor));
}

/** Ids of the bands stretched past their own limit, in ascending order. */
export function bandsOverLimit(setup: Setup, buffers: SolutionBuffers): string[] {
  return setup.runs
    .flatMap(({ band: id }, r) => {
      const limit = setup.bands.find((band) => band.id === id)?.limit ?? DEFAULT_STRETCH_LIMIT;
      return (buffers.peakStretch[r] as number) > limit ? [id] : [];
    })
    .sort();
}
