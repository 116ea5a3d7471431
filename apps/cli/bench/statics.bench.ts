// Prepared solves of the statics on one core, beside the same sums as a plain C loop.
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
} from '@wiry-otter/core';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bestPerSecond } from './per-second.js';

const BODY = { stature_m: 1.75, mass_kg: 72 };
const SOURCE = fileURLToPath(new URL('plain/statics.c', import.meta.url));
/** How long the C loop runs, s. */
const PLAIN_S = 0.5;
/** How often both are measured, in turns. */
const TURNS = 5;

const band = (id: string, c1_N: number, flatLength_m = 1.04): Band => ({
  id,
  kind: 'loop',
  flatLength_m,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
  loss: 0.1,
});

interface Case {
  readonly title: string;
  readonly aim: number;
  readonly exercise: string;
  readonly points: Readonly<Record<string, readonly [number, number, number]>>;
  readonly links?: Readonly<Record<string, readonly [number, number, number]>>;
  readonly runs: readonly { readonly band: Band; readonly path: readonly string[] }[];
}

const CASES: readonly Case[] = [
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

const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-plain-'));
const program = join(folder, 'statics');
const compiled = spawnSync('cc', ['-O2', '-o', program, SOURCE, '-lm'], { stdio: 'inherit' });
console.log(
  `prepared solves of 41 samples on one core, the best of several rounds${compiled.status === 0 ? ', beside the same sums in C (cc -O2)' : '; no C compiler here, so no ratio to C'}:`,
);
for (const one of CASES) measure(one);
rmSync(folder, { recursive: true, force: true });

function measure(one: Case): void {
  const { rig, buffers } = laid(one);
  const summary = createSummary();
  const points = Object.values(one.points);
  const solve = (i: number): void => {
    // Another distance every time, so that nothing is left from the solve before.
    points.forEach(([x, y, z], p) => placePoint(rig, p, x + 1e-4 * (i % 100), y, z));
    solveRig(rig, buffers);
    summarise(rig, buffers, summary);
  };
  const beside = one.links === undefined && compiled.status === 0;
  let rate = 0;
  let plainRate = 0;
  // In turns, since neighbours on the machine slow now the one, now the other.
  for (let turn = 0; turn < TURNS; turn++) {
    rate = Math.max(rate, bestPerSecond(solve));
    if (beside) plainRate = Math.max(plainRate, rateOfPlain(rig, solve, one.title, summary));
  }
  const ratio = beside ? `   ${(plainRate / rate).toFixed(2)} × slower than C (aim 2.5)` : '';
  console.log(
    `  ${one.title.padEnd(12)} ${Math.round(rate).toLocaleString('en').padStart(9)} /s   ${(rate / one.aim).toFixed(1)} × the aim of ${one.aim}${ratio}`,
  );
}

/** The rate of the C loop on the rig, which has to come to the same mean. */
function rateOfPlain(
  rig: Rig,
  solve: (i: number) => void,
  title: string,
  summary: Readonly<{ mean: number }>,
): number {
  solve(0);
  const plain = runPlain(rig);
  if (Math.abs(plain.mean - summary.mean) > 1e-6 * summary.mean) {
    throw new Error(`${title}: mean ${summary.mean} here, ${plain.mean} in C`);
  }
  return plain.rate;
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
    layRun(
      rig,
      laidBand,
      path.map((name) => nodeIndex(rig, name) ?? -1),
    );
  }
  return { rig, buffers: createSolutionBuffers(rig) };
}

function prepared(id: string): PreparedExercise {
  const exercise = findExercise(id);
  const result = exercise && prepareExercise(exercise, BODY);
  if (!result?.ok) throw new Error(`${id} cannot be prepared`);
  return result.value;
}

/** Gives the rig to the C program and reads back its rate and mean. */
function runPlain(rig: Rig): { rate: number; mean: number } {
  const { bodyweight, contacts, judge, samples, strength, unassisted } = rig.prepared;
  const { trackOfNode, nodeOfTrack } = createSolutionBuffers(rig);
  const nodes = contacts.kinds.length + rig.points.length;
  const path = Array.from(rig.path.subarray(0, rig.pathLength[0]));
  const weights = (track: 'weightX' | 'weightY'): number[] =>
    Array.from({ length: nodes * samples }, (_, i) =>
      judge.kind === 'linear' ? (judge[track][i] ?? 0) : 0,
    );
  const judged = judge.kind === 'contact' ? judge.at.length : 0;
  const numbers = [
    judge.kind === 'linear' ? 1 : 0,
    bodyweight ? 1 : 0,
    samples,
    judged,
    nodeOfTrack.length,
    nodes,
    path.length,
    PLAIN_S,
    ...[rig.rest_m, rig.extra_m, rig.c1_N, rig.c2_N, rig.c3_N, rig.loss].map((of) => of[0] ?? 0),
    ...path,
    path[0] ?? 0,
    // The C loop knows no spare track: −1 is a node whose force nobody needs.
    ...Array.from(trackOfNode, (track) => (track === nodeOfTrack.length ? -1 : track)),
    ...rig.nodeX.subarray(0, nodes * samples),
    ...rig.nodeY.subarray(0, nodes * samples),
    ...rig.nodeZ.subarray(0, nodes * samples),
    ...weights('weightX'),
    ...weights('weightY'),
    ...unassisted,
    ...strength,
  ];
  const { stdout, status } = spawnSync(program, { input: numbers.join(' '), encoding: 'utf8' });
  const [rate = NaN, mean = NaN] = stdout.split(' ').map(Number);
  if (status !== 0) throw new Error('the C loop did not take the rig');
  return { rate, mean };
}
