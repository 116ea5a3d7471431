import fc from 'fast-check';
import {
  type Exercise,
  METRICS,
  type Reach,
  type Search,
  type SearchRoute,
} from '../../src/index.js';
import { HANG, ROW } from './arbitraries.js';

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** A curl: a moment that has a side. */
const CURL: Exercise = {
  ...ROW,
  id: 'curl',
  poses: [
    { phase: 0, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -90, forearm: -80 },
    { phase: 1, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -85, forearm: 60 },
  ],
  demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
};

const routesOf = (exercise: Exercise): SearchRoute[] =>
  exercise === CURL
    ? [
        { id: 'both', path: ['soleL', 'gripL', 'gripR', 'soleR'], pinned: ['soleL', 'soleR'] },
        { id: 'one', path: ['soleR', 'gripR'], handling: 0.2 },
      ]
    : exercise === HANG
      ? [
          { id: 'foot', path: ['anchor', 'soleR'], takeUp_m: 0.1, for: 'continuous' },
          { id: 'knee', path: ['anchor', 'kneeR'], handling: 0.1 },
        ]
      : [
          { id: 'held', path: ['anchor', 'gripL', 'gripR'] },
          { id: 'folded', path: ['anchor', 'gripL', 'anchor', 'gripR'], handling: 0.3 },
        ];

const reachOf = (exercise: Exercise): fc.Arbitrary<Reach> => {
  const values_m = fc.uniqueArray(number(0.1, 0.5), { minLength: 1, maxLength: 3 });
  return fc.oneof(
    values_m.map((values): Reach => ({ takeUp: true, values_m: values })),
    values_m.map((values): Reach => ({
      width: exercise === CURL ? 'stance' : 'grip',
      values_m: values,
    })),
    values_m.map((values): Reach => ({
      point: 'anchor',
      axis: exercise === HANG ? 'z' : 'x',
      values_m: exercise === HANG ? values : values.map((value_m) => 1 + 2 * value_m),
    })),
  );
};

const bandsArbitrary = fc
  .array(
    fc.record({
      kind: fc.constantFrom('loop' as const, 'loop' as const, 'tube' as const),
      flatLength_m: number(0.7, 1.3),
      c1_N: number(5, 60),
      loss: number(0, 0.3),
    }),
    { minLength: 2, maxLength: 5 },
  )
  .map((list) =>
    list.map(({ c1_N, flatLength_m, kind, loss }, i) => ({
      // Not in the order of their ids.
      id: `b${(7 * i) % 5}`,
      kind,
      flatLength_m,
      loss,
      law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
    })),
  );

const optional = (min: number, max: number) =>
  fc.option(number(min, max), { nil: undefined, freq: 1 });

/** Small searches of every kind: few enough candidates to work out each. */
export const searchArbitrary: fc.Arbitrary<Search> = fc
  .constantFrom<Exercise>(ROW, HANG, CURL)
  .chain((exercise) =>
    fc.record({
      setup: bandsArbitrary.map((bands) => ({
        body: { stature_m: 1.75, mass_kg: 72 },
        exercise,
        points: {
          anchor: exercise === HANG ? [0, 2.19, 0] : [1.7, 1.2, 0],
        },
        bands,
        samples: 5,
      })),
      routes: fc.constant(routesOf(exercise)),
      reach: reachOf(exercise),
      target: fc
        .constantFrom(...METRICS.filter((metric) => exercise.bodyweight || metric !== 'assistMean'))
        .chain((metric) =>
          fc.record({
            metric: fc.constant(metric),
            value:
              metric === 'assistMean'
                ? number(0.05, 0.8)
                : exercise === CURL
                  ? number(5, 60)
                  : number(40, 700),
          }),
        ),
      limits: fc.record({
        maxBands: fc.integer({ min: 1, max: 4 }),
        stretch: number(1.8, 3),
        start: optional(0, exercise === CURL ? 20 : 200),
        anchor_N: optional(100, 1200),
        overAssist: optional(0, 0.7),
        mount_N: optional(30, 300),
      }),
      top: fc.integer({ min: 1, max: 12 }),
    }),
  );
