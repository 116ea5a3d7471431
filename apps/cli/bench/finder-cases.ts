// The searches that the finder's speed is told by.
import { findExercise } from '@wiry-otter/catalogue';
import type { Band, LadderSearch, Search } from '@wiry-otter/core';

/** Bands of the reference size. */
export const REFERENCE_KIT = 24;

/** Loops from slim to stout, in even steps of share. */
export function kit(count: number): Band[] {
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

/** The reference searches, by name. */
export const SEARCHES: Readonly<Record<string, (bands: readonly Band[]) => Search>> = {
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

/** The ladder asked of each. */
export const LADDERS: Readonly<Record<string, LadderSearch['target']>> = {
  'pull-up by help': { metric: 'assistMean', from: 0.6, to: 0, step: 0.03 },
  'row by its mean': { metric: 'mean', from: 40, to: 400, step: 0.05 },
};
