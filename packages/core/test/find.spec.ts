import fc from 'fast-check';
import { find, type Found, type Search } from '../src/index.js';
import { findByBruteForce } from './support/brute-force.js';
import { searchArbitrary } from './support/searches.js';
import { differences, readVectors } from './support/vectors.js';

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
