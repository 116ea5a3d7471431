// The finder at its reference size, beside prepared solves of the row in the same run.
import {
  type Band,
  find,
  findLadder,
  type Found,
  type LadderSearch,
  type Search,
} from '@wiry-otter/core';
import { findByBruteForce } from '../../../packages/core/test/support/brute-force.js';
import { kit, LADDERS, REFERENCE_KIT, SEARCHES } from './finder-cases.js';
import { bestPerSecond } from './per-second.js';
import { CASES, prepareCase } from './statics-cases.js';

const RUNS = 7;
/** A search may take as long as so many prepared solves, its first call so many times that. */
const AIM = { best: 7000, counted: 25_000, first: 4 } as const;
const KITS = [6, 12, 24, 48];

const LADDER_AIM_MS = 2000;

function found(search: Search): Found {
  const result = find(search);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

function time_ms(work: () => unknown): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}

function median_ms(work: () => unknown): number {
  const times = Array.from({ length: RUNS }, () => time_ms(work)).sort((a, b) => a - b);
  return times[times.length >> 1] ?? NaN;
}

const firsts = Object.entries(SEARCHES).map(([name, searchIn]) => ({
  name,
  first_ms: time_ms(() => found({ ...searchIn(kit(REFERENCE_KIT)), count: false })),
}));
const [row] = CASES;
if (row === undefined) throw new Error('no row among the cases');
const solves_ms = 1000 / bestPerSecond(prepareCase(row).solve);
console.log(
  `the exact ten best among ${REFERENCE_KIT} bands, 3 routes, 25 values, at most 4 bands; medians of ${RUNS} runs:`,
);
for (const { first_ms, name } of firsts) {
  const searchIn = SEARCHES[name] as (bands: readonly Band[]) => Search;
  const search = searchIn(kit(REFERENCE_KIT));
  const best_ms = median_ms(() => found({ ...search, count: false }));
  const counted_ms = median_ms(() => found(search));
  const solves = (ms: number, aim: number): string =>
    `${ms.toFixed(0)} ms, ${(ms / solves_ms / aim).toFixed(2)} of ${aim} solves of the row`;
  console.log(
    `  ${name.padEnd(16)} ${solves(best_ms, AIM.best)}; with the count of ${found(search).feasible?.toLocaleString('en')} ${solves(counted_ms, AIM.counted)}; first call ${first_ms.toFixed(0)} ms, ${(first_ms / solves_ms / AIM.best / AIM.first).toFixed(2)} of ${AIM.first} times that`,
  );
  const { target: _target, ...space } = search;
  const ladder = { ...space, target: LADDERS[name] as LadderSearch['target'] };
  const ladder_ms = median_ms(() => findLadder(ladder));
  const climbed = findLadder(ladder);
  console.log(
    `  ${''.padEnd(16)} its ladder of ${climbed.ok ? climbed.value.rungs.length : 0} rungs ${ladder_ms.toFixed(0)} ms, ${(ladder_ms / LADDER_AIM_MS).toFixed(2)} of the aim of ${LADDER_AIM_MS} ms`,
  );
  const growth = KITS.map((bands) => {
    const ms = median_ms(() => found({ ...searchIn(kit(bands)), count: false }));
    return `${bands} bands ${ms.toFixed(1)} ms`;
  });
  console.log(`  ${''.padEnd(16)} ${growth.join(', ')}`);
}

console.log(
  'beside every candidate solved by itself, where that ends (8 bands, at most 3, 10 values):',
);
for (const [name, searchIn] of Object.entries(SEARCHES)) {
  const whole = searchIn(kit(8));
  const search: Search = {
    ...whole,
    reach: { ...whole.reach, values_m: whole.reach.values_m.slice(0, 10) },
    limits: { ...whole.limits, maxBands: 3 },
  };
  const brute_ms = time_ms(() => findByBruteForce(search));
  const best_ms = median_ms(() => found(search));
  const same =
    JSON.stringify(keys(findByBruteForce(search))) === JSON.stringify(keys(found(search)));
  console.log(
    `  ${name.padEnd(16)} ${brute_ms.toFixed(0)} ms and ${best_ms.toFixed(1)} ms, ${(best_ms / brute_ms).toFixed(4)} of it; ${same ? 'the same ten' : 'NOT the same ten'}`,
  );
  if (!same) process.exitCode = 1;
}

function keys({ feasible, top }: Found): unknown {
  return [feasible, top.map(({ key }) => key)];
}
