import fc from 'fast-check';
import {
  type Band,
  createRigger,
  type Exercise,
  rigSetup,
  type Setup,
  type Solution,
  solveSetup,
  strandEnergyPerRestMetre,
  strandForce,
} from '../src/index.js';
import { bandArbitrary, HANG, ROW, setupOf } from './support/arbitraries.js';

const PATHS = [
  ['anchor', 'gripL', 'gripR'],
  ['anchor', 'gripL', 'anchor', 'gripR'],
  ['soleL', 'gripL', 'gripR', 'soleR'],
  ['anchor', 'kneeR', 'upperBack', 'gripL'],
];
const pathArbitrary = fc.constantFrom(...PATHS);

describe('statics of a rig', () => {
  it('takes tension and energy from the strand law', () => {
    fc.assert(
      fc.property(bandArbitrary('a'), pathArbitrary, (band, path) => {
        const { runs } = solved(setupOf(ROW, [band], path));
        const run = runs[0];
        if (run === undefined) return false;
        return run.stretch.every(
          (stretch, k) =>
            stretch !== null &&
            [
              [run.strand_N[k], strandForce(band.law, stretch)],
              [run.energy_J[k], run.restPath_m * strandEnergyPerRestMetre(band.law, stretch)],
            ].every(([a = NaN, b = NaN]) => Math.abs(a - b) <= 1e-9 * Math.max(1, b)),
        );
      }),
    );
  });

  it('pulls on all contacts of a run with forces that sum to zero', () => {
    fc.assert(
      fc.property(bandArbitrary('a'), pathArbitrary, (band, path) => {
        // The demand is taken at every place on the path, so its force is tracked; the anchor is tracked anyway.
        const contacts = [...new Set(path.filter((name) => name !== 'anchor'))];
        const exercise: Exercise = { ...ROW, demand: { kind: 'contact', at: contacts } };
        const rigged = rigSetup(setupOf(exercise, [band], path));
        if (!rigged.ok) return false;
        const { buffers, rig } = rigged.value;
        const { samples } = rig.prepared;
        const tracks = buffers.nodeOfTrack.length;
        for (let k = 0; k < samples; k++) {
          let [x, y, z] = [0, 0, 0];
          for (let i = k; i < tracks * samples; i += samples) {
            x += buffers.effortX[i] as number;
            y += buffers.effortY[i] as number;
            z += buffers.effortZ[i] as number;
          }
          if (Math.hypot(x, y, z) > 1e-9 * (1 + (buffers.strand_N[k] as number))) return false;
        }
        return true;
      }),
    );
  });

  it('answers alike and leaves earlier answers alone, whatever was solved in between', () => {
    const between = fc.constantFrom(2, 41, 10_001);
    fc.assert(
      fc.property(bandArbitrary('a'), bandArbitrary('b'), between, (a, b, samples) => {
        const setup = setupOf(ROW, [a], ['anchor', 'gripL', 'gripR']);
        const first = solved(setup);
        const copy = structuredClone(first);
        solved({ ...setupOf(HANG, [b], ['anchor', 'soleR']), samples });
        // A set-up refused half-way leaves its figures in the memory as well.
        solveSetup({ ...setup, runs: [{ band: 'a', path: ['anchor', 'gripL'], takeUp_m: 99 }] });
        expect(solved(setup)).toEqual(first);
        expect(first).toEqual(copy);
      }),
      { numRuns: 20 },
    );
  });

  it('rigs one set-up after the other as each alone, preparing anew only what is another', () => {
    const body = fc.record({
      stature_m: fc.constantFrom(1.6, 1.75),
      mass_kg: fc.constantFrom(60, 72),
    });
    const change = fc.record({
      band: bandArbitrary('a'),
      path: pathArbitrary,
      exercise: fc.constantFrom(ROW, HANG),
      body,
      widths: fc.constantFrom(undefined, { grip_m: 0.7 }),
      root_m: fc.constantFrom(undefined, [0.1, 0.07] as const),
      loads: fc.constantFrom(undefined, [{ at: 'gripR', mass_kg: 5 }]),
      samples: fc.constantFrom(11, 21),
    });
    fc.assert(
      fc.property(fc.array(change, { minLength: 2, maxLength: 6 }), (changes) => {
        const rig = createRigger();
        for (const { band, exercise, path, ...rest } of changes) {
          const setup = { ...setupOf(exercise, [band], path), ...rest };
          const [one, other] = [rig(setup), rigSetup(setup)];
          // A hanging person's hands are at the bar: some of the roots cannot be reached.
          expect(one.ok).toBe(other.ok);
          if (one.ok && other.ok) expect(one.value.buffers).toEqual(other.value.buffers);
        }
      }),
    );
    const rig = createRigger();
    const preparedFor = (setup: Setup) => {
      const rigged = rig(setup);
      return rigged.ok ? rigged.value.rig.prepared : undefined;
    };
    const setup = setupOf(ROW, [], []);
    const first = preparedFor(setup);
    expect(preparedFor({ ...setup, points: { anchor: [1, 1, 0] } })).toBe(first);
    expect(preparedFor({ ...setup, samples: 5 })).not.toBe(first);
  });

  it('adds the demand of parallel bands', () => {
    fc.assert(
      fc.property(bandArbitrary('a'), bandArbitrary('b'), (a, b) => {
        const path = ['anchor', 'soleR'];
        const hang = (bands: readonly Band[]): Solution => solved(setupOf(HANG, bands, path));
        const alone = hang([]).unassisted[0] ?? 0;
        const [first, second, both] = [hang([a]), hang([b]), hang([a, b])];
        return both.phase.every((_, k) => {
          const signed = (solution: Solution): number => alone * (1 - (solution.assist?.[k] ?? 0));
          return near(alone - signed(both), 2 * alone - signed(first) - signed(second));
        });
      }),
    );
  });

  it('is consistent in its units: twice the lengths and forces, the same stretch and help', () => {
    fc.assert(
      fc.property(bandArbitrary('a'), pathArbitrary, (band, path) => {
        const setup = setupOf(HANG, [band], path);
        const [one, two] = [solved(setup), solved(doubled(setup))];
        return one.phase.every(
          (_, k) =>
            near(two.runs[0]?.stretch[k] ?? NaN, one.runs[0]?.stretch[k] ?? NaN) &&
            near(two.demand[k], 2 * (one.demand[k] ?? NaN)) &&
            near(two.assist?.[k] ?? 0, one.assist?.[k] ?? 0),
        );
      }),
    );
  });

  it('leaves the bare exercise as it is when every band is slack', () => {
    const long: Band = {
      id: 'long',
      kind: 'strip',
      flatLength_m: 20,
      law: { c1_N: 50, c2_N: 10, c3_N: 1 },
    };
    const solution = solved(setupOf(HANG, [long], ['anchor', 'soleR']));
    expect(solution.demand).toEqual(solution.unassisted);
    expect(solution.summary.slackShare).toBe(1);
    expect(solution.summary.assistMean).toBe(0);
  });

  it('gives a segment of no length no direction and no pull', () => {
    const band: Band = {
      id: 'a',
      kind: 'tube',
      flatLength_m: 0.5,
      law: { c1_N: 20, c2_N: 10, c3_N: 0.1 },
    };
    const once = solved(setupOf(ROW, [band], ['anchor', 'gripR']));
    const twice = solved(setupOf(ROW, [band], ['anchor', 'gripR', 'gripR']));
    expect(twice.demand).toEqual(once.demand);
    expect(twice.demand.every(Number.isFinite)).toBeTrue();
  });
});

function solved(setup: Setup): Solution {
  const result = solveSetup(setup);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
}

/** All lengths and forces twice as large: the mass too, since weight is a force. */
function doubled(setup: Setup): Setup {
  const { stature_m, mass_kg } = setup.body;
  return {
    ...setup,
    body: { stature_m: 2 * stature_m, mass_kg: 2 * mass_kg },
    points: { anchor: [3.2, 2.4, 0.2] },
    bands: setup.bands.map((band) => ({
      ...band,
      flatLength_m: 2 * band.flatLength_m,
      law: {
        c1_N: 2 * band.law.c1_N,
        c2_N: 2 * band.law.c2_N,
        c3_N: 2 * band.law.c3_N,
      },
    })),
  };
}

function near(a: number | undefined, b: number | undefined): boolean {
  if (a === undefined || b === undefined) return a === b;
  return Math.abs(a - b) <= 1e-8 * Math.max(1, Math.abs(a), Math.abs(b));
}
