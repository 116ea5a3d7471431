import fc from 'fast-check';
import {
  type Band,
  composeSetup,
  createRig,
  createSolutionBuffers,
  fromKilograms,
  fromMetres,
  fromNewtons,
  LENGTH_UNITS,
  MASS_UNITS,
  layRun,
  naturalStrands,
  nodeIndex,
  placePoint,
  prepareExercise,
  solveRig,
  solveSetup,
  toKilograms,
  toMetres,
  toMillimetres,
  toNewtons,
  writeDay,
  writeLength,
  writeMass,
  writeWidth,
} from '../src/index.js';
import { minimiseNonNegative, type Vector3 } from '../src/elastic/bounded-least-squares.js';
import { daysBetween } from '../src/progression/day.js';
import { bandArbitrary, ROW, setupOf } from './support/arbitraries.js';

const BAND: Band = {
  id: 'a',
  kind: 'loop',
  flatLength_m: 1,
  law: { c1_N: 20, c2_N: 10, c3_N: 0.1 },
};

describe('units', () => {
  it('write a day in words', () => {
    expect(writeDay('2026-11-05')).toBe('5 Nov 2026');
    expect(writeDay('2027-01-31')).toBe('31 Jan 2027');
  });

  it('turn lengths, widths and bodies there and back, and write them', () => {
    expect(toMetres(10, 'in')).toBeCloseTo(0.254, 12);
    expect(toKilograms(100, 'lb')).toBeCloseTo(45.359237, 12);
    expect(toMillimetres(0.5, 'in')).toBeCloseTo(12.7, 12);
    expect([writeLength(1.9), writeLength(1.9, 'in')]).toEqual(['190 cm', '74.8 in']);
    expect([writeWidth(22), writeWidth(6.5), writeWidth(22, 'in')]).toEqual([
      ...['22 mm', '6.5 mm', '0.87 in'],
    ]);
    expect([writeMass(70), writeMass(70.25), writeMass(70, 'lb')]).toEqual([
      ...['70 kg', '70.3 kg', '154.3 lb'],
    ]);
    const value = fc.double({ min: 0, max: 5000, noNaN: true });
    fc.assert(
      fc.property(
        ...([value, fc.constantFrom(...LENGTH_UNITS), fc.constantFrom(...MASS_UNITS)] as const),
        (amount, length, mass) =>
          Math.abs(fromMetres(toMetres(amount, length), length) - amount) < 1e-9 &&
          Math.abs(fromKilograms(toKilograms(amount, mass), mass) - amount) < 1e-9,
      ),
    );
  });

  it('turn forces to newtons and back', () => {
    expect(toNewtons(10, 'kgf')).toBeCloseTo(98.0665, 10);
    expect(toNewtons(1, 'lbf')).toBeCloseTo(4.4482216152605, 12);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        fc.constantFrom('N' as const, 'kgf' as const, 'lbf' as const),
        (force, unit) => Math.abs(fromNewtons(toNewtons(force, unit), unit) - force) < 1e-9,
      ),
    );
  });
});

describe('days', () => {
  it('are counted over months, leap days and changes of the clock', () => {
    expect(daysBetween('2026-03-02', '2026-03-16')).toBe(14);
    expect(daysBetween('2028-02-28', '2028-03-01')).toBe(2);
    expect(daysBetween('2026-10-24', '2026-10-26')).toBe(2);
    expect(daysBetween('2026-03-02', '2026-03-01')).toBe(-1);
  });
});

describe('bounded least squares', () => {
  const entry = fc.double({ min: -3, max: 3, noNaN: true });
  const vector = fc.tuple(entry, entry, entry);

  it('finds no worse a point than any other that is not negative', () => {
    fc.assert(
      fc.property(fc.tuple(vector, vector, vector), vector, vector, (rows, b, other) => {
        // AᵀA + I is symmetric and positive definite whatever A is.
        const gram = (i: number, j: number): number =>
          rows.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), i === j ? 1 : 0);
        const line = (i: number): Vector3 => [gram(i, 0), gram(i, 1), gram(i, 2)];
        const matrix = [line(0), line(1), line(2)] as const;
        const cost = (x: readonly number[]): number =>
          x.reduce(
            (sum, xi, i) =>
              sum + xi * x.reduce((own, xj, j) => own + gram(i, j) * xj, 0) - 2 * (b[i] ?? 0) * xi,
            0,
          );
        const { solution } = minimiseNonNegative(matrix, b);
        const rival = other.map(Math.abs);
        return solution.every((x) => x >= 0) && cost(solution) <= cost(rival) + 1e-9;
      }),
    );
  });
});

describe('rig', () => {
  const prepared = prepareExercise(ROW, { stature_m: 1.75, mass_kg: 72 }, { samples: 11 });

  it('gives the same figures however often it is filled again', () => {
    if (!prepared.ok) return fail('not prepared');
    const rig = createRig(prepared.value, { points: ['anchor'] }, { runs: 2, pathNodes: 4 });
    const buffers = createSolutionBuffers(rig);
    const path = ['anchor', 'gripL', 'gripR'].map((name) => nodeIndex(rig, name) ?? -1);
    fc.assert(
      fc.property(bandArbitrary('a'), fc.double({ min: 1.4, max: 2.4, noNaN: true }), (band, x) => {
        placePoint(rig, 0, x, 1.2, 0.1);
        rig.runs = 0;
        layRun(rig, band, { path });
        solveRig(rig, buffers);
        const whole = solveSetup({
          ...setupOf(ROW, [band], ['anchor', 'gripL', 'gripR']),
          points: { anchor: [x, 1.2, 0.1] },
        });
        if (!whole.ok) return false;
        expect(Array.from(buffers.signed, Math.abs)).toEqual([...whole.value.demand]);
        expect(buffers.anchorPeak_N[0]).toBe(whole.value.anchors['anchor']?.peak_N);
        return true;
      }),
    );
  });

  it('refuses more than it was allocated for', () => {
    if (!prepared.ok) return fail('not prepared');
    const rig = createRig(prepared.value, { points: [] }, { runs: 1, pathNodes: 2 });
    layRun(rig, BAND, { path: [0, 1] });
    expect(() => layRun(rig, BAND, { path: [0, 1] })).toThrowError(RangeError);
    rig.runs = 0;
    expect(() => layRun(rig, BAND, { path: [0, 1, 2] })).toThrowError(RangeError);
    expect(nodeIndex(rig, 'nowhere')).toBeUndefined();
  });
});

describe('composing a set-up', () => {
  const routes = [
    { id: 'round', for: 'continuous', path: ['anchor', 'gripL', 'gripR'], takeUp_m: 0.1 },
    { id: 'through', for: 'open', path: ['gripL', 'anchor', 'gripR'] },
  ] as const;

  it('lays each band along the route of its form, and leaves out what none suits', () => {
    const tube: Band = { ...BAND, id: 'b', kind: 'tube' };
    const anchor = { height_m: 1.1, distance_m: 1.9 };
    const body = { stature_m: 1.7, mass_kg: 60 };
    const both = composeSetup({ exercise: ROW, body, anchor, routes, bands: [tube, BAND] });
    expect(both.points).toEqual({ anchor: [1.9, 1.1, 0] });
    expect(both.runs).toEqual([
      { band: 'b', path: ['gripL', 'anchor', 'gripR'], takeUp_m: 0, extra_m: 0, hitch_m: 0 },
      { band: 'a', path: ['anchor', 'gripL', 'gripR'], takeUp_m: 0.1, extra_m: 0, hitch_m: 0 },
    ]);
    const looped = composeSetup({
      ...both,
      exercise: ROW,
      body,
      routes: [routes[0]],
      bands: [tube, BAND],
    });
    expect(looped.bands.map(({ id }) => id)).toEqual(['a']);
  });

  it('counts two strands of a loop and one of all else', () => {
    expect((['loop', 'miniLoop', 'tube', 'strip', 'tubing'] as const).map(naturalStrands)).toEqual([
      2, 2, 1, 1, 1,
    ]);
  });
});
