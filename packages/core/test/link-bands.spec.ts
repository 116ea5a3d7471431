import fc from 'fast-check';
import {
  type Band,
  type Composition,
  composeSetup,
  equalCable,
  isLinkable,
  type Route,
  solveSetup,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const HELD: Route = { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] };
const ANCHORED = {
  ...ROW,
  anchor: { point: 'anchor', kinds: ['wall' as const], height: 0.7, distance: 1.1 },
};

const loop = (id: string, c1_N: number): Band => ({
  id,
  kind: 'loop',
  flatLength_m: 0.6,
  law: { c1_N, c2_N: 0.8 * c1_N, c3_N: 0.01 * c1_N },
});

const composition = (
  bands: readonly Band[],
  part: Partial<Composition<typeof ANCHORED>> = {},
): Composition<typeof ANCHORED> => ({
  exercise: ANCHORED,
  body: { stature_m: 1.75, mass_kg: 72 },
  anchor: { height_m: 1.2, distance_m: 2.6, girth_m: 0.3 },
  routes: [HELD],
  bands,
  linked: true,
  ...part,
});

describe('loops one through the other', () => {
  it('run from the anchor by a link to the hands', () => {
    const setup = composeSetup(composition([loop('stout', 40), loop('slim', 20)]));
    expect(setup.runs.map(({ path }) => path)).toEqual([
      ['anchor', 'link1'],
      ['link1', 'gripL', 'gripR'],
    ]);
    expect(Object.keys(setup.links ?? {})).toEqual(['link1']);
  });

  it('put what lies round the anchor on the first and what is gripped lower on the last', () => {
    const bands = [loop('a', 40), loop('b', 30), loop('c', 20)];
    const { runs } = composeSetup(composition(bands, { wraps: 1, slip_m: 0.05 }));
    expect(runs.map(({ hitch_m }) => hitch_m)).toEqual([0.6, 0, 0]);
    expect(runs.map(({ takeUp_m }) => takeUp_m)).toEqual([0.6, 0, 0.1]);
    expect(runs[1]?.path).toEqual(['link1', 'link2']);
  });

  it('pull one another equally: the weaker one stretches more, whatever their order', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 60, noNaN: true }),
        fc.double({ min: 8, max: 60, noNaN: true }),
        (first, second) => {
          const setup = composeSetup(composition([loop('first', first), loop('second', second)]));
          const result = solveSetup(setup);
          if (!result.ok) throw new Error(JSON.stringify(result.faults));
          const [a, b] = result.value.runs;
          const [x = 0, y = 0] = [a?.stretch.at(-1) ?? 0, b?.stretch.at(-1) ?? 0];
          // The second holds both hands apart, so its strands meet at an angle and pull a little more.
          if (first > 1.1 * second) expect(y).toBeGreaterThan(x);
          if (second > 1.3 * first) expect(x).toBeGreaterThan(y);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('need an anchor that is one point, passed once, and two loops', () => {
    expect(isLinkable(ANCHORED, HELD)).toBeTrue();
    expect(isLinkable({ ...ROW, anchor: undefined }, HELD)).toBeFalse();
    expect(isLinkable(ANCHORED, { ...HELD, for: 'open' })).toBeFalse();
    expect(isLinkable(ANCHORED, { ...HELD, path: ['anchor', 'gripL', 'anchor'] })).toBeFalse();
    expect(
      isLinkable({ ...ANCHORED, anchor: { ...ANCHORED.anchor, halfWidth: 0.2 } }, HELD),
    ).toBeFalse();
    const alone = composeSetup(composition([loop('alone', 30)]));
    expect(alone.links).toBeUndefined();
    expect(alone.runs[0]?.path).toEqual(HELD.path.slice());
  });

  it('compare with one cable from the anchor to the hands', () => {
    const pair = [loop('stout', 40), loop('slim', 20)];
    const cable = equalCable(composeSetup(composition(pair)), 60);
    const alone = equalCable(composeSetup(composition(pair.slice(0, 1))), 60);
    expect(cable?.amount).toBeCloseTo(alone?.amount ?? NaN, 9);
  });
});
