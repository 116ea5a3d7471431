import fc from 'fast-check';
import {
  type AnchoredExercise,
  type Band,
  type Composition,
  composeSetup,
  equalCable,
  linkingOf,
  type Route,
  routesOfRuns,
  slippedLength,
  solveSetup,
  strandForce,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const HELD: Route = { id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] };
const BACK: Route = {
  id: 'back',
  for: 'continuous',
  path: ['gripL', 'upperBack', 'gripR', 'upperBack'],
};
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

  it('need two loops, and an anchor that is one point, passed once, or a way from hand to hand', () => {
    const linking = (part: Partial<AnchoredExercise> = {}, route: Partial<Route> = {}, count = 2) =>
      linkingOf({ ...ANCHORED, ...part }, { ...HELD, ...route }, count);
    expect(linking()).toBe('fromAnchor');
    expect(linking({}, {}, 3)).toBe('fromAnchor');
    expect(linking({}, {}, 1)).toBeUndefined();
    expect(linking({ anchor: undefined })).toBeUndefined();
    expect(linking({}, { for: 'open' })).toBeUndefined();
    expect(linking({}, { path: ['anchor', 'gripL', 'anchor'] })).toBeUndefined();
    expect(linking({ anchor: { ...ANCHORED.anchor, halfWidth: 0.2 } })).toBeUndefined();
    expect(linking({}, BACK)).toBe('handToHand');
    expect(linking({}, { path: ['anchor', 'gripL', 'anchor', 'gripR'] })).toBe('handToHand');
    expect(linking({}, BACK, 3)).toBeUndefined();
    expect(linking({}, { ...BACK, pinned: ['upperBack'] })).toBeUndefined();
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

  describe('from hand to hand round the back', () => {
    const pressed = (bands: readonly Band[], linked = true) => {
      const solved = solveSetup(composeSetup(composition(bands, { routes: [BACK], linked })));
      if (!solved.ok) throw new Error(JSON.stringify(solved.faults));
      return solved.value;
    };
    const strength = fc.double({ min: 8, max: 60, noNaN: true });
    const length = fc.double({ min: 0.35, max: 0.55, noNaN: true });

    it('are one loop of twice the length where they are equal', () => {
      fc.assert(
        fc.property(strength, length, (c1_N, flatLength_m) => {
          const half = { ...loop('half', c1_N), flatLength_m };
          const whole = { ...half, id: 'whole', flatLength_m: 2 * flatLength_m };
          const pair = pressed([half, { ...half, id: 'other' }]);
          const alone = pressed([whole], false);
          pair.demand.forEach((demand, k) => expect(demand).toBeCloseTo(alone.demand[k] ?? NaN, 2));
        }),
        { numRuns: 20 },
      );
    });

    it('pull alike, and ask the same whichever is in which hand', () => {
      fc.assert(
        fc.property(strength, strength, length, (first, second, flatLength_m) => {
          const [a, b] = [
            { ...loop('a', first), flatLength_m },
            { ...loop('b', second), flatLength_m: 0.45 },
          ];
          // Which one reaches round is told at one pull; where the lengths cross at another, the link
          // stays on the back, as it would by friction.
          const isLongerAt = (stretch: number): boolean =>
            strandForce(b.law, (stretch * a.flatLength_m) / b.flatLength_m) >=
            strandForce(a.law, stretch);
          fc.pre([1.002, 1.1, 2, 3].every((stretch) => isLongerAt(stretch) === isLongerAt(1.5)));
          const one = pressed([a, b]);
          const other = pressed([b, a]);
          const [pullA = [], pullB = []] = one.runs.map(({ strand_N }) => strand_N);
          pullA.forEach((pull, k) => {
            // Where one is so slack that the other alone reaches round, nothing is to compare.
            if (pull > 1) expect((pullB[k] ?? 0) / pull).toBeCloseTo(1, 2);
          });
          one.demand.forEach((demand, k) => expect(demand).toBeCloseTo(other.demand[k] ?? NaN, 2));
        }),
        { numRuns: 20 },
      );
    });

    it('are read back as the route they lie on, and compared with one cable along it', () => {
      const setup = composeSetup(
        composition([loop('stout', 40), loop('slim', 20)], { routes: [BACK], slip_m: 0.1 }),
      );
      const marked = { ...setup, exercise: { ...setup.exercise, routes: [HELD, BACK] } };
      expect(routesOfRuns(marked).map((route) => route?.id)).toEqual(['back', 'back']);
      expect(slippedLength(marked)).toBeCloseTo(0.1, 9);
      const alone = composeSetup(composition([loop('one', 40)], { routes: [BACK] }));
      expect(equalCable(setup, 60)?.amount).toBeCloseTo(equalCable(alone, 60)?.amount ?? NaN, 9);
    });
  });
});
