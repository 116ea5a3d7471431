// The finder at its reference size, beside prepared solves of the row in the same run.
import { findExercise } from '@wiry-otter/catalogue';
import {
  type Band,
  find,
  findLadder,
  type Found,
  type LadderSearch,
  type Search,
} from '@wiry-otter/core';
import { bestPerSecond } from './per-second.js';
import { CASES, prepareCase } from './statics-cases.js';

const RUNS = 7;
/** A search may take as long as so many prepared solves, its first call so many times that. */
const AIM = { best: 7000, counted: 25_000, first: 4 } as const;
const KITS = [6, 12, 24, 48];
const REFERENCE_KIT = 24;

/** Loops from slim to stout, in even steps of share. */
function kit(count: number): Band[] {
  return Array.from({ length: count }, (_, i) => {
    const c1_N = 6 * 18 ** (i / count);
    return {
      id: `b${String(i).padStart(2, '0')}`,
      kind: 'loop',
      flatLength_m: [1.04, 1, 1.1][i % 3] as number,
      law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
      loss: 0.1,
      limit: 2.5,
    };
  });
}

function exerciseOf(id: string): Search['setup']['exercise'] {
  const exercise = findExercise(id);
  if (exercise === undefined) throw new Error(`no ${id} in the catalogue`);
  return exercise;
}

const body = { stature_m: 1.75, mass_kg: 72 };

const SEARCHES: Readonly<Record<string, (bands: readonly Band[]) => Search>> = {
  'pull-up by help': (bands) => ({
    setup: {
      body,
      exercise: exerciseOf('pull-up'),
      points: { bar: [0, 2.31, 0] },
      bands,
      samples: 9,
    },
    routes: [
      { id: 'foot', path: ['bar', 'soleR'], takeUp_m: 0.1 },
      { id: 'knee', path: ['bar', 'kneeR'], takeUp_m: 0.3, handling: 0.1 },
      { id: 'feet', path: ['bar', 'soleL', 'soleR'], handling: 0.2 },
    ],
    reach: { point: 'bar', axis: 'z', values_m: Array.from({ length: 25 }, (_, i) => 0.02 * i) },
    target: { metric: 'assistMean', value: 0.3 },
    limits: { maxBands: 4, stretch: 2.5 },
  }),
  'row by its mean': (bands) => ({
    setup: {
      body,
      exercise: exerciseOf('standing-row'),
      points: { anchor: [1.9, 1.2, 0] },
      bands,
      samples: 9,
    },
    routes: [
      { id: 'held', path: ['anchor', 'gripL', 'gripR'] },
      { id: 'folded', path: ['anchor', 'gripL', 'anchor', 'gripR'], handling: 0.1 },
      { id: 'short', path: ['anchor', 'gripL', 'gripR'], takeUp_m: 0.2, handling: 0.2 },
    ],
    reach: {
      point: 'anchor',
      axis: 'x',
      values_m: Array.from({ length: 25 }, (_, i) => 1.4 + 0.05 * i),
    },
    target: { metric: 'mean', value: 180 },
    limits: { maxBands: 4, stretch: 2.5, start: 40, anchor_N: 900 },
  }),
};

const LADDERS: Readonly<Record<string, LadderSearch['target']>> = {
  'pull-up by help': { metric: 'assistMean', from: 0.6, to: 0, step: 0.03 },
  'row by its mean': { metric: 'mean', from: 40, to: 400, step: 0.05 },
};
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
