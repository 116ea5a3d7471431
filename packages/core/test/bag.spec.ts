import fc from 'fast-check';
import {
  type AnchoredExercise,
  type FittedBand,
  otherWays,
  packBag,
  type Packing,
  type ProposalRequest,
  type SetupToPack,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const ITEMS = ['bar', 'door', 'heron', 'reed', 'sluice', 'towline', 'willow'];

const setupArbitrary: fc.Arbitrary<SetupToPack> = fc.record({
  ways: fc.array(fc.uniqueArray(fc.constantFrom(...ITEMS), { minLength: 1, maxLength: 3 }), {
    minLength: 1,
    maxLength: 3,
  }),
});

function packed(setups: readonly SetupToPack[]): Packing {
  const packing = packBag(setups);
  for (;;) {
    const { done, value } = packing.next();
    if (done === true) return value;
  }
}

/** The size of the smallest of all bags that serve. */
function smallestBag(setups: readonly SetupToPack[]): number {
  let fewest = Infinity;
  for (let mask = 0; mask < 2 ** ITEMS.length; mask++) {
    const bag = ITEMS.filter((_, i) => (mask >> i) & 1);
    const serves = setups.every(({ ways }) =>
      ways.some((way) => way.every((item) => bag.includes(item))),
    );
    if (serves) fewest = Math.min(fewest, bag.length);
  }
  return fewest;
}

describe('a bag', () => {
  it('is the smallest of all that serve every set-up', () => {
    fc.assert(
      fc.property(fc.array(setupArbitrary, { maxLength: 8 }), (setups) => {
        const { atLeast, exact, items, ways } = packed(setups);
        expect(exact).toBeTrue();
        expect(items.length).toBe(smallestBag(setups));
        expect(atLeast).toBe(items.length);
        setups.forEach((setup, s) => {
          const way = setup.ways[ways[s] ?? -1];
          expect(way?.every((item) => items.includes(item))).toBeTrue();
        });
      }),
      { numRuns: 300 },
    );
  });

  it('says of a set-up without a way that it has none, and packs for the others', () => {
    const { items, ways } = packed([{ ways: [] }, { ways: [['reed', 'door']] }]);
    expect(items).toEqual(['door', 'reed']);
    expect(ways).toEqual([-1, 0]);
  });

  it('tells the best bag so far on the way, with what none can be smaller than', () => {
    // Twelve people with eight set-ups each, out of forty bands.
    const setups = fc.sample(
      fc.array(
        fc.record({
          ways: fc.array(
            fc.uniqueArray(fc.integer({ min: 0, max: 39 }).map(String), {
              minLength: 1,
              maxLength: 2,
            }),
            { minLength: 1, maxLength: 3 },
          ),
        }),
        { minLength: 96, maxLength: 96 },
      ),
      { numRuns: 1, seed: 5 },
    )[0] as SetupToPack[];
    const packing = packBag(setups);
    let last: Packing | undefined;
    for (let next = packing.next(); ; next = packing.next()) {
      const { exact, items, atLeast } = next.value;
      expect(atLeast).toBeLessThanOrEqual(items.length);
      expect(items.length).toBeLessThanOrEqual(last?.items.length ?? Infinity);
      expect(exact).toBe(next.done === true);
      last = next.value;
      if (next.done === true) break;
    }
    expect(last.ways.every((way) => way >= 0)).toBeTrue();
  });
});

describe('other ways of a set-up', () => {
  const KIT: FittedBand[] = [12, 15, 19, 26, 40].map((c1_N, i) => ({
    id: `b${i}`,
    kind: 'loop',
    flatLength_m: 1.04,
    law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
  }));
  const request: ProposalRequest<AnchoredExercise> = {
    present: {
      exercise: ROW,
      body: { stature_m: 1.75, mass_kg: 72 },
      anchor: { height_m: 1.2, distance_m: 1.5 },
      routes: [],
      bands: [],
    },
    kit: KIT,
    routes: [{ id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] }],
    target: { metric: 'mean', value: 120 },
    limits: { maxBands: 4 },
    distance: { least: 0.8, most: 2.8 },
  };

  it('ask within 5 % of the same with at most two other bands, and are two at most', () => {
    const ways = otherWays(request, []);
    expect(ways.length).toBe(2);
    for (const { bandIds, value } of ways) {
      expect(Math.abs(Math.log(value / 120))).toBeLessThanOrEqual(Math.log(1.05));
      expect(bandIds.length).toBeLessThanOrEqual(2);
    }
    const [first] = ways;
    const others = otherWays(request, first?.bandIds ?? []);
    expect(others.map(({ bandIds }) => bandIds)).not.toContain(first?.bandIds ?? []);
  });

  it('are none where nothing comes near', () => {
    expect(otherWays({ ...request, target: { metric: 'mean', value: 9000 } }, [])).toEqual([]);
  });
});
