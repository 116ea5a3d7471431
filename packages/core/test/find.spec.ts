import fc from 'fast-check';
import { type Exercise, find, type Found, type Search, solveSetup } from '../src/index.js';
import { bandArbitrary, ROW } from './support/arbitraries.js';
import { findByBruteForce } from './support/brute-force.js';
import { searchArbitrary } from './support/searches.js';
import { differences, readVectors } from './support/vectors.js';

const BODY = { stature_m: 1.75, mass_kg: 72 };

/** Seen from above, each shoulder turned by what is in its own hand. */
const FLY: Exercise = {
  ...ROW,
  id: 'fly',
  plane: 'transverse',
  root: { point: 'shoulder', at: [0, -0.1295] },
  poses: [
    { phase: 0, upperArm: -96, forearm: -78 },
    { phase: 1, upperArm: -6, forearm: 10 },
  ],
  demand: { kind: 'moment', at: 'shoulder', carries: ['upperArm', 'forearm'] },
};

describe('find', () => {
  for (const vector of readVectors<Search, Found>('find')) {
    it(`gives the candidates of ${vector.name}`, () => {
      const result = find(vector.input);
      if (!result.ok) return fail(JSON.stringify(result.faults));
      expect(differences(result.value, vector.expected, vector.relativeTolerance)).toEqual([]);
    });
  }

  it('comes to what working out every candidate comes to', () => {
    let rich = 0;
    fc.assert(
      fc.property(searchArbitrary, (search) => {
        const expected = findByBruteForce(search);
        if ((expected.feasible ?? 0) >= 10) rich++;
        const found = find(search);
        if (!found.ok) throw new Error(JSON.stringify(found.faults));
        expect(found.value.feasible).toBe(expected.feasible);
        expect(found.value.top.map(({ key }) => key)).toEqual(expected.top.map(({ key }) => key));
        expect(differences(found.value.top, expected.top, 1e-9)).toEqual([]);
      }),
      { numRuns: 150 },
    );
    expect(rich).withContext('searches with ten candidates and more').toBeGreaterThan(30);
  });

  it('takes two equal copies opposite each other as one item: what it tells is what both ask', () => {
    let told = 0;
    const opposite = { path: ['anchorL', 'gripL'] };
    const route = { id: 'each', path: ['anchorR', 'gripR'], opposite };
    const reach = { point: 'anchorR', along: ['anchorL'], axis: 'x' as const };
    fc.assert(
      fc.property(
        fc.constantFrom(FLY, ROW),
        fc.tuple(bandArbitrary('b0'), bandArbitrary('b1')),
        fc.uniqueArray(fc.double({ min: 1.2, max: 2.2, noNaN: true }), {
          minLength: 1,
          maxLength: 3,
        }),
        (exercise, bands, distances_m) => {
          const away = exercise === FLY ? -1 : 1;
          const values_m = distances_m.map((distance_m) => away * distance_m);
          const pointsAt = (x_m: number): Search['setup']['points'] =>
            exercise === FLY
              ? { anchorL: [x_m, 0.9, 0], anchorR: [x_m, -0.9, 0] }
              : { anchorL: [x_m, 1.2, -0.4], anchorR: [x_m, 1.2, 0.4] };
          const setup = { body: BODY, exercise, points: pointsAt(1), bands, samples: 5 };
          const found = find({
            setup,
            routes: [route],
            reach: { ...reach, values_m },
            target: { metric: 'mean', value: 40 },
            limits: { maxBands: 2, stretch: 2.5 },
          });
          if (!found.ok) throw new Error(JSON.stringify(found.faults));
          for (const { key, value } of found.value.top) {
            const [at = '', laid = ''] = key.split('|');
            const on = laid.split(',').map((one) => one.split(':')[0] as string);
            const both = on
              .flatMap((id) => bands.filter((band) => band.id === id))
              .flatMap((band) => [
                { band, path: route.path, id: band.id },
                { band, path: opposite.path, id: `${band.id}~2` },
              ]);
            const solved = solveSetup({
              ...setup,
              points: pointsAt(values_m[Number(at)] ?? NaN),
              bands: both.map(({ band, id }) => ({ ...band, id })),
              runs: both.map(({ id, path }) => ({ band: id, path })),
            });
            expect(solved.ok && solved.value.summary.mean).toBeCloseTo(value, 6);
            told++;
          }
        },
      ),
      { numRuns: 60 },
    );
    expect(told).withContext('candidates').toBeGreaterThan(60);
  });

  it('does not count where it is not asked to', () => {
    const [vector] = readVectors<Search, Found>('find');
    if (vector === undefined) throw new Error('no vector');
    const found = find({ ...vector.input, count: false });
    expect(found.ok && found.value.feasible).toBeUndefined();
    expect(found.ok && found.value.top).toEqual(found.ok ? vectorTop(vector.input) : []);
  });

  it('names routes, bands and points that are not there, all together', () => {
    const [vector] = readVectors<Search, Found>('find');
    const search = vector?.input as Search;
    const found = find({
      ...search,
      routes: [
        { id: 'one', path: ['soleL', 'gripX'] },
        { id: 'one', path: ['soleL', 'gripL'] },
      ],
      reach: { point: 'post', axis: 'x', values_m: [1] },
      bandCost: { rope: 1 },
    });
    expect(found.ok ? [] : found.faults.map(({ path }) => path)).toEqual([
      '$.routes[0].path[1]',
      '$.routes[1].id',
      '$.reach.point',
      '$.bandCost.rope',
    ]);
  });
});

function vectorTop(search: Search): Found['top'] {
  const found = find(search);
  return found.ok ? found.value.top : [];
}
