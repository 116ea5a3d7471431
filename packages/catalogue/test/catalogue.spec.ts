import { readdirSync } from 'node:fs';
import { type Band, composeSetup, routeFor, solveSetup } from '@wiry-otter/core';
import { CATALOGUE } from '../src/index.js';

const LOOP: Band = {
  id: 'loop',
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
};
const TUBE: Band = { ...LOOP, id: 'tube', kind: 'tube', flatLength_m: 1.2 };

describe('catalogue', () => {
  it('holds every document of its folder, under ids of their own', () => {
    const files = readdirSync(new URL('../exercises', import.meta.url));
    expect(CATALOGUE.map(({ id }) => `${id}.json`).sort()).toEqual(files.sort());
  });

  for (const exercise of CATALOGUE) {
    for (const stature_m of [1.5, 1.75, 2]) {
      it(`lays ${exercise.id} for a stature of ${stature_m} m: feet on the floor, every route`, () => {
        for (const route of exercise.routes ?? []) {
          const bands = [LOOP, TUBE].filter((band) => routeFor([route], band) !== undefined);
          const setup = composeSetup({
            exercise,
            body: { stature_m, mass_kg: 40 * stature_m },
            anchor: exercise.anchor && {
              point: exercise.anchor.point,
              height_m: exercise.anchor.height * stature_m,
              distance_m: exercise.anchor.distance * stature_m,
            },
            routes: [route],
            bands,
          });
          const result = solveSetup(setup);
          if (!result.ok) return fail(JSON.stringify(result.faults));
          expect(result.value.summary.peak).toBeGreaterThan(0);
        }
        const ankleHeight = exercise.root.at[1];
        expect(exercise.root.point).toBe('ankle');
        // The sole lies 0.039 of stature under the ankle.
        expect(ankleHeight).toBeCloseTo(0.039, 3);
      });
    }
  }
});
