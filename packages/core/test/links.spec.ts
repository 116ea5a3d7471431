import fc from 'fast-check';
import {
  type Band,
  type Setup,
  type Solution,
  solveSetup,
  strandEnergyPerRestMetre,
  strandForce,
  type Triple,
} from '../src/index.js';
import { factorise, solveFactorised } from '../src/linear/cholesky.js';
import { bandArbitrary, ROW } from './support/arbitraries.js';

const LAW = { c1_N: 20, c2_N: 16, c3_N: 0.2 };
const tube = (id: string, flatLength_m: number, law = LAW): Band => ({
  id,
  kind: 'tube',
  flatLength_m,
  law,
});

/** Bands that meet in links; the points are given, and so are the hands of the row. */
function linked(part: Pick<Setup, 'bands' | 'runs' | 'points' | 'links'>): Setup {
  return { body: { stature_m: 1.75, mass_kg: 72 }, exercise: ROW, samples: 3, ...part };
}

function solved(setup: Setup): Solution {
  const result = solveSetup(setup);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

function placeOf(solution: Solution, name: string, k = 0): Triple {
  const place = solution.links[name]?.[k];
  if (place === undefined || place === null) throw new Error(`${name} has no place`);
  return place;
}

describe('links', () => {
  const series = (guess: Triple, weaker = 0.5) =>
    linked({
      points: { left: [0, 1, 0], right: [2, 1, 0] },
      bands: [
        tube('stout', 0.5),
        tube('slim', 0.5, { c1_N: weaker * 20, c2_N: weaker * 16, c3_N: weaker * 0.2 }),
      ],
      runs: [
        { band: 'stout', path: ['left', 'knot'] },
        { band: 'slim', path: ['knot', 'right'] },
      ],
      links: { knot: guess },
    });

  it('rest where two bands in series pull alike, the weaker one stretched more', () => {
    const solution = solved(series([1.2, 1.3, 0.4]));
    const [stout, slim] = solution.runs;
    expect(stout?.strand_N[0]).toBeCloseTo(slim?.strand_N[0] ?? NaN, 6);
    expect(slim?.stretch[0] ?? 0).toBeGreaterThan((stout?.stretch[0] ?? 0) + 0.3);
    expect((slim?.length_m[0] ?? 0) + (stout?.length_m[0] ?? 0)).toBeCloseTo(2, 6);
  });

  it('rest at one place, wherever the search begins', () => {
    const coordinate = fc.double({ min: -3, max: 5, noNaN: true });
    const [x, y, z] = placeOf(solved(series([1, 1, 0])), 'knot');
    fc.assert(
      fc.property(fc.tuple(coordinate, coordinate, coordinate), (guess) => {
        const place = placeOf(solved(series(guess)), 'knot');
        return Math.hypot(place[0] - x, place[1] - y, place[2] - z) < 1e-5;
      }),
    );
  });

  it('store the least energy: no small move of a link stores less', () => {
    const points: Record<string, Triple> = { a: [0, 0, 0], b: [2, 0.3, 0], c: [0.8, 1.9, 0.4] };
    const bands = [tube('p', 0.6), tube('q', 0.5), tube('r', 0.7)];
    const solution = solved(
      linked({
        points,
        bands,
        runs: [
          { band: 'p', path: ['a', 'knot'] },
          { band: 'q', path: ['b', 'knot'] },
          { band: 'r', path: ['c', 'knot'] },
        ],
        links: { knot: [1, 1, 1] },
      }),
    );
    const knot = placeOf(solution, 'knot');
    const energyAt = ([x, y, z]: Triple): number =>
      Object.values(points).reduce((sum, [px, py, pz], i) => {
        const rest_m = bands[i]?.flatLength_m ?? NaN;
        const stretch = Math.hypot(x - px, y - py, z - pz) / rest_m;
        return sum + rest_m * strandEnergyPerRestMetre(LAW, stretch);
      }, 0);
    const step = fc.double({ min: -0.05, max: 0.05, noNaN: true });
    fc.assert(
      fc.property(fc.tuple(step, step, step), ([dx, dy, dz]) => {
        const moved: Triple = [knot[0] + dx, knot[1] + dy, knot[2] + dz];
        return energyAt(moved) >= energyAt(knot) - 1e-9;
      }),
    );
  });

  type BandOf = ReturnType<typeof bandOf>;
  type Place = [number, number, number];
  // One band ends a hair short of taut: a step that overlooked it once never came to rest.
  const bandOf = (
    id: string,
    kind: 'loop' | 'strip',
    flatLength_m: number,
    c1_N: number,
    c3_N = 0,
  ) => ({
    id,
    kind,
    flatLength_m,
    law: { c1_N, c2_N: 0, c3_N },
    loss: 0,
  });
  const ON_THE_BRINK: [[Place, Place, Place, Place, Place], [BandOf, BandOf, BandOf, BandOf]] = [
    [
      [0, 0, 0],
      [0, 0, 0],
      [0, 0, 0],
      [0, 0, -1.154543735139655],
      [0, 0, 0],
    ],
    [
      bandOf('p', 'strip', 0.4807035974963508, 5.6914027312843505, 2.96873474120357),
      bandOf('q', 'loop', 1.0657256562288218, 2.0000000000000027),
      bandOf('r', 'loop', 0.3, 2),
      bandOf('s', 'loop', 0.3000000000000009, 149.99999999999963),
    ],
  ];

  it('come to rest in every tangle of bands', () => {
    const at = fc.double({ min: -1.5, max: 1.5, noNaN: true });
    const place = fc.tuple(at, at, at);
    const band = (id: string) =>
      fc
        .tuple(bandArbitrary(id), fc.double({ min: 2, max: 150, noNaN: true }))
        .map(([any, c1_N]) => ({ ...any, law: { ...any.law, c1_N } }));
    fc.assert(
      fc.property(
        fc.tuple(place, place, place, place, place),
        fc.tuple(band('p'), band('q'), band('r'), band('s')),
        ([a, b, c, one, two], bands) =>
          solveSetup(
            linked({
              points: { a, b, c },
              bands,
              runs: [
                { band: 'p', path: ['a', 'one'] },
                { band: 'q', path: ['one', 'two', 'b', 'two'] },
                { band: 'r', path: ['two', 'c'] },
                { band: 's', path: ['one', 'gripR'] },
              ],
              links: { one, two },
            }),
          ).ok,
      ),
      { numRuns: 200, examples: [ON_THE_BRINK] },
    );
  });

  it('may come to rest on a contact', () => {
    const solution = solved(
      linked({
        points: { a: [0, 1, 0], near: [1, 1, 0], b: [1.2, 1, 0] },
        bands: [tube('hold', 0.1, { c1_N: 300, c2_N: 0, c3_N: 0 }), tube('pull', 0.15)],
        runs: [
          { band: 'hold', path: ['near', 'knot', 'near'], extra_m: 0.2 },
          { band: 'pull', path: ['knot', 'b'] },
        ],
        links: { knot: [0.4, 1.4, 0] },
      }),
    );
    expect(placeOf(solution, 'knot')[0]).toBeCloseTo(1, 3);
    const [hold] = solution.runs;
    expect(hold?.strand_N[0]).toBeCloseTo(strandForce({ c1_N: 300, c2_N: 0, c3_N: 0 }, 2), 0);
  });

  it('have no place while every run on them is slack, and such a run no length', () => {
    const solution = solved(
      linked({
        points: { left: [0, 1, 0], right: [0.8, 1, 0] },
        bands: [tube('one', 0.5), tube('two', 0.5)],
        runs: [
          { band: 'one', path: ['left', 'knot'] },
          { band: 'two', path: ['knot', 'right'] },
        ],
        links: { knot: [0.4, 1, 0] },
      }),
    );
    expect(solution.links).toEqual({ knot: [null, null, null] });
    expect(solution.runs[0]?.stretch).toEqual([null, null, null]);
    expect(solution.runs[0]?.length_m).toEqual([null, null, null]);
    expect(solution.summary.peakStretch).toBe(0);
    expect(solution.summary.slackShare).toBe(1);
  });

  it('hold a chain of bands through several links', () => {
    const solution = solved(
      linked({
        points: { left: [0, 1, 0], right: [2.4, 1, 0] },
        bands: [tube('a', 0.5), tube('b', 0.5), tube('c', 0.5)],
        runs: [
          { band: 'a', path: ['left', 'one'] },
          { band: 'b', path: ['one', 'two'] },
          { band: 'c', path: ['two', 'right'] },
        ],
        links: { one: [0, 2, 0], two: [0, 2, 0] },
      }),
    );
    expect(placeOf(solution, 'one')[0]).toBeCloseTo(0.8, 5);
    expect(placeOf(solution, 'two')[0]).toBeCloseTo(1.6, 5);
    expect(solution.anchors['left']?.peak_N).toBeCloseTo(strandForce(LAW, 1.6), 4);
  });
});

describe('the Cholesky factor', () => {
  it('solves what it factorises', () => {
    const matrix = Float64Array.from([4, 2, 1, 2, 5, 3, 1, 3, 6]);
    const factor = new Float64Array(9);
    const x = Float64Array.from([1, 2, 3]);
    expect(factorise(matrix, 3, 0, factor)).toBeTrue();
    solveFactorised(factor, 3, x, x);
    const back = [0, 1, 2].map((i) =>
      [0, 1, 2].reduce((sum, j) => sum + (matrix[3 * i + j] ?? 0) * (x[j] ?? 0), 0),
    );
    back.forEach((value, i) => expect(value).toBeCloseTo(i + 1, 12));
  });

  it('says of a matrix that is not positive definite that it is not, until enough is added', () => {
    const matrix = Float64Array.from([1, 2, 2, 1]);
    const factor = new Float64Array(4);
    expect(factorise(matrix, 2, 0, factor)).toBeFalse();
    expect(factorise(matrix, 2, 1.5, factor)).toBeTrue();
  });
});
