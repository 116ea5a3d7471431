// Prepared solves of the statics on one core, beside the same sums as a plain C loop.
import { createSolutionBuffers, type Rig } from '@wiry-otter/core';
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { bestPerSecond } from './per-second.js';
import { type Case, CASES, type Prepared, prepareCase } from './statics-cases.js';

const SOURCE = fileURLToPath(new URL('plain/statics.c', import.meta.url));
/** How long the C loop runs, s. */
const PLAIN_S = 0.5;
/** How often both are measured, in turns. */
const TURNS = 5;

const folder = mkdtempSync(join(tmpdir(), 'wiry-otter-plain-'));
const program = join(folder, 'statics');
const compiled = spawnSync('cc', ['-O2', '-o', program, SOURCE, '-lm'], { stdio: 'inherit' });
console.log(
  `prepared solves of 41 samples on one core, the best of several rounds${compiled.status === 0 ? ', beside the same sums in C (cc -O2)' : '; no C compiler here, so no ratio to C'}:`,
);
for (const one of CASES) measure(one);
rmSync(folder, { recursive: true, force: true });

function measure(one: Case): void {
  const prepared = prepareCase(one);
  const { solve } = prepared;
  const beside = one.links === undefined && compiled.status === 0;
  let rate = 0;
  let plainRate = 0;
  // In turns, since neighbours on the machine slow now the one, now the other.
  for (let turn = 0; turn < TURNS; turn++) {
    rate = Math.max(rate, bestPerSecond(solve));
    if (beside) plainRate = Math.max(plainRate, rateOfPlain(prepared, one.title));
  }
  const ratio = beside ? `   ${(plainRate / rate).toFixed(2)} × slower than C (aim 2.5)` : '';
  console.log(
    `  ${one.title.padEnd(12)} ${Math.round(rate).toLocaleString('en').padStart(9)} /s   ${(rate / one.aim).toFixed(1)} × the aim of ${one.aim}${ratio}`,
  );
}

/** The rate of the C loop on the rig, which has to come to the same mean. */
function rateOfPlain({ rig, solve, summary }: Prepared, title: string): number {
  solve(0);
  const plain = runPlain(rig);
  if (Math.abs(plain.mean - summary.mean) > 1e-6 * summary.mean) {
    throw new Error(`${title}: mean ${summary.mean} here, ${plain.mean} in C`);
  }
  return plain.rate;
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
