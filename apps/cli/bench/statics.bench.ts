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
const programs = { linked: compile(1), unlinked: compile(0) };
console.log(
  `prepared solves of 41 samples on one core, the best of several rounds${programs.unlinked ? ', beside the same sums in C (cc -O2)' : '; no C compiler here, so no ratio to C'}:`,
);
for (const one of CASES) measure(one);
rmSync(folder, { recursive: true, force: true });

/** The C loop with links or without; undefined where there is no compiler. */
function compile(linked: 0 | 1): string | undefined {
  const program = join(folder, `statics-${linked}`);
  const args = ['-O2', `-DLINKED=${linked}`, '-o', program, SOURCE, '-lm'];
  return spawnSync('cc', args, { stdio: 'inherit' }).status === 0 ? program : undefined;
}

function measure(one: Case): void {
  const prepared = prepareCase(one);
  const { solve } = prepared;
  const program = one.links === undefined ? programs.unlinked : programs.linked;
  let rate = 0;
  let plainRate = 0;
  // In turns, since neighbours on the machine slow now the one, now the other.
  for (let turn = 0; turn < TURNS; turn++) {
    rate = Math.max(rate, bestPerSecond(solve));
    if (program !== undefined) {
      plainRate = Math.max(plainRate, rateOfPlain(program, prepared, one.title));
    }
  }
  const ratio = program ? `   ${(plainRate / rate).toFixed(2)} × slower than C (aim 2.5)` : '';
  console.log(
    `  ${one.title.padEnd(12)} ${Math.round(rate).toLocaleString('en').padStart(9)} /s   ${(rate / one.aim).toFixed(1)} × the aim of ${one.aim}${ratio}`,
  );
}

/** The rate of the C loop on the rig, which has to come to the same mean. */
function rateOfPlain(program: string, { rig, solve, summary }: Prepared, title: string): number {
  solve(0);
  const plain = runPlain(program, rig);
  if (Math.abs(plain.mean - summary.mean) > 1e-6 * summary.mean) {
    throw new Error(`${title}: mean ${summary.mean} here, ${plain.mean} in C`);
  }
  return plain.rate;
}

/** Gives the rig to the C program and reads back its rate and mean. */
function runPlain(program: string, rig: Rig): { rate: number; mean: number } {
  const { bodyweight, contacts, demand, samples, strength } = rig.prepared;
  const { trackOfNode, nodeOfTrack } = createSolutionBuffers(rig);
  const nodes = contacts.kinds.length + rig.points.length + rig.links.length;
  const weights = (track: 'weightX' | 'weightY'): number[] =>
    Array.from({ length: nodes * samples }, (_, i) =>
      demand.kind === 'linear' ? (demand[track][i] ?? 0) : 0,
    );
  const asked = demand.kind === 'netPull' ? demand.at.length : 0;
  const numbers = [
    demand.kind === 'linear' ? 1 : 0,
    demand.sided ? 1 : 0,
    bodyweight ? 1 : 0,
    samples,
    asked,
    nodeOfTrack.length,
    nodes,
    rig.links.length,
    rig.runs,
    PLAIN_S,
    ...Array.from({ length: rig.runs }, (_, r) => numbersOfRun(rig, r)).flat(),
    ...rig.nodeX.subarray(0, nodes * samples),
    ...rig.nodeY.subarray(0, nodes * samples),
    ...rig.nodeZ.subarray(0, nodes * samples),
    ...rig.linkGuess_m,
    ...weights('weightX'),
    ...weights('weightY'),
    ...demand.unassisted,
    ...strength,
    // The C loop knows no spare track: −1 is a node whose force nobody needs.
    ...Array.from({ length: nodes }, (_, i) =>
      trackOfNode[i] === nodeOfTrack.length ? -1 : (trackOfNode[i] ?? -1),
    ),
  ];
  const { stdout, status } = spawnSync(program, { input: numbers.join(' '), encoding: 'utf8' });
  const [rate = NaN, mean = NaN] = stdout.split(' ').map(Number);
  if (status !== 0) throw new Error('the C loop did not take the rig');
  return { rate, mean };
}

/** Segments, rest length, law, loss and path of a run. */
function numbersOfRun(rig: Rig, r: number): number[] {
  const start = r * rig.capacity.pathNodes;
  const path = Array.from(rig.path.subarray(start, start + (rig.pathLength[r] ?? 0)));
  const closed = rig.closed[r] === 1;
  return [
    closed ? path.length : path.length - 1,
    ...[rig.rest_m, rig.extra_m, rig.c1_N, rig.c2_N, rig.c3_N, rig.loss].map((of) => of[r] ?? 0),
    rig.linked[r] ?? 0,
    ...path,
    ...(closed ? path.slice(0, 1) : []),
  ];
}
