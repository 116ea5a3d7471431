// The set-ups that the statics are measured on, in Node and in the browser's worker.
import { findExercise } from '@wiry-otter/catalogue';
import {
  type Band,
  clearRuns,
  createRig,
  createSolutionBuffers,
  createSummary,
  guessLink,
  layRun,
  nodeIndex,
  placePoint,
  prepareExercise,
  type PreparedExercise,
  type Rig,
  type SolutionBuffers,
  solveRig,
  summarise,
  type Summary,
} from '@wiry-otter/core';

const BODY = { stature_m: 1.75, mass_kg: 72 };

const band = (id: string, c1_N: number, flatLength_m = 1.04): Band => ({
  id,
  kind: 'loop',
  flatLength_m,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
  loss: 0.1,
});

export interface Case {
  readonly title: string;
  readonly aim: number;
  readonly exercise: string;
  readonly points: Readonly<Record<string, readonly [number, number, number]>>;
  readonly links?: Readonly<Record<string, readonly [number, number, number]>>;
  readonly runs: readonly { readonly band: Band; readonly path: readonly string[] }[];
}

export const CASES: readonly Case[] = [
  {
    title: 'row',
    aim: 30_000,
    exercise: 'standing-row',
    points: { anchor: [1.9, 1.2, 0] },
    runs: [{ band: band('a', 20), path: ['anchor', 'gripL', 'gripR'] }],
  },
  {
    title: 'pull-up',
    aim: 30_000,
    exercise: 'pull-up',
    points: { bar: [0, 2.31, 0] },
    runs: [{ band: band('a', 40), path: ['bar', 'soleR'] }],
  },
  {
    title: 'curl',
    aim: 25_000,
    exercise: 'curl',
    points: {},
    runs: [{ band: band('a', 12), path: ['soleL', 'gripL', 'gripR', 'soleR'] }],
  },
  {
    title: 'linked pair',
    aim: 3_000,
    exercise: 'standing-row',
    points: { anchor: [2.6, 1.2, 0] },
    links: { knot: [1.4, 1.2, 0] },
    runs: [
      { band: band('stout', 40), path: ['anchor', 'knot'] },
      { band: band('slim', 20), path: ['gripL', 'knot', 'gripR', 'knot'] },
    ],
  },
];

/** A case laid out once, to be solved again and again. */
export interface Prepared {
  readonly rig: Rig;
  readonly summary: Readonly<Summary>;
  /** Solves it at another distance every time, so that nothing is left from the solve before. */
  readonly solve: (i: number) => void;
}

export function prepareCase(one: Case): Prepared {
  const { rig, buffers } = laid(one);
  const summary = createSummary();
  const points = Object.values(one.points);
  const solve = (i: number): void => {
    points.forEach(([x, y, z], p) => placePoint(rig, p, x + 1e-4 * (i % 100), y, z));
    solveRig(rig, buffers);
    summarise(rig, buffers, summary);
  };
  return { rig, summary, solve };
}

function laid(one: Case): { rig: Rig; buffers: SolutionBuffers } {
  const rig = createRig(
    prepared(one.exercise),
    { points: Object.keys(one.points), links: Object.keys(one.links ?? {}) },
    { runs: one.runs.length, pathNodes: 4 },
  );
  Object.values(one.points).forEach(([x, y, z], p) => placePoint(rig, p, x, y, z));
  Object.values(one.links ?? {}).forEach(([x, y, z], l) => guessLink(rig, l, x, y, z));
  clearRuns(rig);
  for (const { band: laidBand, path } of one.runs) {
    layRun(rig, laidBand, { path: path.map((name) => nodeIndex(rig, name) ?? -1) });
  }
  return { rig, buffers: createSolutionBuffers(rig) };
}

function prepared(id: string): PreparedExercise {
  const exercise = findExercise(id);
  const result = exercise && prepareExercise(exercise, BODY);
  if (!result?.ok) throw new Error(`${id} cannot be prepared`);
  return result.value;
}
