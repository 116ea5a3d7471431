import {
  type NudgeRange,
  nudgesOf,
  anchorPlaceOf,
  anchorPoints,
  type AnchorSide,
  type Band,
  type Composition,
  composeSetup,
  equalCable,
  equalDumbbell,
  type Plane,
  pullsLevel,
  remeasured,
  rigSetup,
  type Setup,
  STANDARD_GRAVITY_M_S2,
} from '../src/index.js';
import { HANG, ROW } from './support/arbitraries.js';

const BAND: Band = {
  id: 'a',
  kind: 'loop',
  flatLength_m: 1.04,
  law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
};
const ROW_COMPOSITION: Composition<typeof ROW> = {
  exercise: ROW,
  body: { stature_m: 1.75, mass_kg: 72 },
  anchor: { height_m: 1.2, distance_m: 1.9 },
  routes: [{ id: 'held', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] }],
  bands: [BAND],
};

const CURL: Setup = {
  body: { stature_m: 1.75, mass_kg: 72 },
  exercise: {
    ...ROW,
    id: 'curl',
    strength: 'bell',
    poses: [
      { phase: 0, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -90, forearm: -80 },
      { phase: 1, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -85, forearm: 60 },
    ],
    demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
  },
  points: {},
  bands: [BAND],
  runs: [{ band: 'a', path: ['soleL', 'gripL', 'gripR', 'soleR'] }],
};

function meanOf(setup: Setup): number {
  const rigged = rigSetup(setup);
  if (!rigged.ok) throw new Error(JSON.stringify(rigged.faults));
  return rigged.value.summary.mean;
}

const trapezoid = (values: readonly number[]): number =>
  values.reduce(
    (sum, value, k) => sum + (k === 0 || k === values.length - 1 ? value / 2 : value),
    0,
  ) /
  (values.length - 1);

describe('a weight of equal mean', () => {
  it('asks the same mean in a curl as the solver says of that weight', () => {
    const mean = meanOf(CURL);
    const weight = equalDumbbell(CURL, mean);
    expect(weight?.at).toEqual(['gripL', 'gripR']);
    const loads = (weight?.at ?? []).map((at) => ({ at, mass_kg: weight?.amount ?? NaN }));
    const held = { ...CURL, bands: [], runs: [], loads };
    expect(meanOf(held)).toBeCloseTo(mean, 6);
    expect(trapezoid(weight?.demand ?? [])).toBeCloseTo(mean, 6);
  });

  it('pulls evenly in a row, where the hands’ force is what counts', () => {
    const setup = composeSetup(ROW_COMPOSITION);
    const mean = meanOf(setup);
    const weight = equalDumbbell(setup, mean);
    expect((weight?.amount ?? NaN) * 2 * STANDARD_GRAVITY_M_S2).toBeCloseTo(mean, 6);
    const [least, most] = [Math.min, Math.max].map((f) => f(...(weight?.demand ?? [])));
    expect(most).toBeCloseTo(least ?? NaN, 6);
  });

  it('hangs on a cable along the band’s path, with the same mean', () => {
    for (const setup of [composeSetup(ROW_COMPOSITION), CURL]) {
      const mean = meanOf(setup);
      const cable = equalCable(setup, mean);
      expect(trapezoid(cable?.demand ?? [])).toBeCloseTo(mean, 6);
    }
    // At the end of a curl the cable, like the band, crosses the forearm less squarely.
    const { demand = [] } = equalCable(CURL, meanOf(CURL)) ?? {};
    expect(demand[20]).toBeGreaterThan(demand[0] ?? NaN);
  });

  it('is a cable to each hand in a row, however the band runs: together they pull its mean', () => {
    for (const path of [
      ['anchor', 'gripL', 'gripR'],
      ['anchor', 'gripL', 'anchor', 'gripR'],
    ]) {
      const setup = composeSetup({
        ...ROW_COMPOSITION,
        routes: [{ id: 'route', for: 'continuous', path }],
      });
      const cable = equalCable(setup, 100);
      expect(cable?.at).toEqual(['gripL', 'gripR']);
      // A little more than half each: the lines meet at an angle.
      expect(cable?.amount).toBeGreaterThan(50);
      expect(cable?.amount).toBeLessThan(53);
    }
    expect(equalCable(CURL, meanOf(CURL))?.at).toEqual(['gripL', 'gripR']);
  });

  it('is nothing like bands that pull level', () => {
    const levelOf = (setup: Setup): boolean => {
      const solved = rigSetup(setup);
      if (!solved.ok) throw new Error(JSON.stringify(solved.faults));
      return pullsLevel(setup, solved.value);
    };
    expect(levelOf(CURL)).toBeFalse();
    const row = composeSetup(ROW_COMPOSITION);
    expect(levelOf(row)).toBeTrue();
    const high = { ...row, points: { anchor: [1, 3.5, 0] as const } };
    expect(levelOf(high)).toBeFalse();
    expect(levelOf({ ...CURL, exercise: HANG, runs: [], bands: [] })).toBeTrue();
  });

  it('is not offered where a weight has no say', () => {
    const fromAbove: Setup = {
      ...CURL,
      exercise: {
        ...ROW,
        plane: 'transverse',
        root: { point: 'elbow', at: [0, -0.13] },
        poses: [
          { phase: 0, forearm: 40 },
          { phase: 1, forearm: -40 },
        ],
        demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
      },
      runs: [{ band: 'a', path: ['gripL', 'gripR'] }],
    };
    expect(equalDumbbell(fromAbove, 5)).toBeUndefined();
    expect(equalDumbbell({ ...CURL, exercise: HANG, runs: [], bands: [] }, 500)).toBeUndefined();
    expect(equalCable({ ...CURL, runs: [], bands: [] }, 5)).toBeUndefined();
    expect(equalDumbbell(CURL, 1e9)).toBeUndefined();
  });
});

describe('nudges', () => {
  const RANGES: NudgeRange[] = [
    { nudged: 'distance_m', from_m: 1.9, least_m: 0.2, most_m: 2.8 },
    { nudged: 'slip_m', from_m: 0, least_m: 0, most_m: 0.5 },
  ];
  const present = { ...ROW_COMPOSITION, anchor: { height_m: 1.2, distance_m: 1.9 } };
  const WANTED = [-0.2, -0.1, -0.05, 0.05, 0.1];

  it('make the wanted share, as the solver says of the moved set-up', () => {
    const nudges = nudgesOf(present, RANGES, WANTED);
    expect(nudges.filter(({ nudged }) => nudged === 'distance_m').length).toBe(5);
    const before = meanOf(composeSetup(present));
    for (const { by_m, nudged, share, wanted } of nudges) {
      const after =
        nudged === 'distance_m'
          ? { ...present, anchor: { height_m: 1.2, distance_m: 1.9 + by_m } }
          : { ...present, slip_m: by_m };
      expect(meanOf(composeSetup(after)) / before - 1).toBeCloseTo(share, 9);
      expect(Math.abs(share - wanted)).toBeLessThanOrEqual(0.02);
      // Farther back and lower down the band is harder.
      expect(Math.sign(by_m)).toBe(Math.sign(wanted));
    }
  });

  it('are none beyond the range, past a limit, or where nothing is laid', () => {
    const near: NudgeRange[] = [{ nudged: 'distance_m', from_m: 1.9, least_m: 1.89, most_m: 1.91 }];
    expect(nudgesOf(present, near, [-0.2, 0.2])).toEqual([]);
    const stiff = { ...present, bands: present.bands.map((band) => ({ ...band, limit: 1.01 })) };
    expect(nudgesOf(stiff, RANGES, WANTED)).toEqual([]);
    expect(nudgesOf({ ...present, bands: [] }, RANGES, WANTED)).toEqual([]);
    expect(nudgesOf({ ...present, slip_m: 2 }, RANGES, WANTED)).toEqual([]);
  });
});

describe('a composition', () => {
  it('grips a loop lower by twice the slip, chokes and wraps by the girth', () => {
    const [run] = composeSetup({
      ...ROW_COMPOSITION,
      anchor: { height_m: 1.2, distance_m: 1.9, girth_m: 0.3 },
      routes: [{ id: 'c', for: 'continuous', path: ['anchor', 'gripR'], choked: true }],
      slip_m: 0.05,
      wraps: 1,
    }).runs;
    expect(run?.takeUp_m).toBeCloseTo(0.1 + 1.2, 12);
    expect(run?.hitch_m).toBeCloseTo(0.6 + 0.6, 12);
    expect(run?.extra_m).toBe(0);
  });
});

describe('the points of an anchor', () => {
  const planes: readonly Plane[] = ['sagittal', 'frontal', 'transverse'];
  const sides: readonly AnchorSide[] = ['ahead', 'behind', 'left', 'right'];
  const anchored = (plane: Plane, side: AnchorSide, halfWidth?: number) => ({
    ...ROW,
    plane,
    level: 0.6,
    anchor: { point: 'p', kinds: ['post' as const], height: 0.5, distance: 0.5, side, halfWidth },
  });

  it('are read back as the place they were made from', () => {
    for (const plane of planes) {
      for (const side of sides) {
        const exercise = anchored(plane, side);
        const points = anchorPoints(exercise, 1.75, { height_m: 1.3, distance_m: 0.9 });
        const place = anchorPlaceOf(exercise, 1.75, points);
        expect(place?.height_m).withContext(`${plane} ${side}`).toBeCloseTo(1.3, 12);
        expect(place?.distance_m).withContext(`${plane} ${side}`).toBeCloseTo(0.9, 12);
      }
    }
  });

  it('lie to the person’s right where the frames say so', () => {
    const at = (plane: Plane, side: AnchorSide) =>
      anchorPoints(anchored(plane, side), 1.75, { height_m: 1.05, distance_m: 2 })['p'];
    expect(at('sagittal', 'ahead')).toEqual([2, 1.05, 0]);
    expect(at('sagittal', 'right')).toEqual([0, 1.05, 2]);
    expect(at('frontal', 'right')).toEqual([2, 1.05, 0]);
    expect(at('frontal', 'ahead')?.[2]).toBe(-2);
    expect(at('transverse', 'right')?.[1]).toBe(-2);
    expect(at('transverse', 'ahead')?.[2]).toBeCloseTo(0, 12);
  });

  it('are two where the exercise wants a pair', () => {
    const exercise = anchored('transverse', 'behind', 0.2);
    const points = anchorPoints(exercise, 2, { height_m: 1.2, distance_m: 1 });
    expect(points['pL']?.[1]).toBeCloseTo(0.4, 12);
    expect(points['pR']?.[1]).toBeCloseTo(-0.4, 12);
    expect(anchorPlaceOf(exercise, 2, points)?.distance_m).toBeCloseTo(1, 12);
    expect(anchorPlaceOf(exercise, 2, {})).toBeUndefined();
  });
});

describe('a set-up with bands measured again', () => {
  const saved = composeSetup(ROW_COMPOSITION);
  const scaled = (by: number) => ({
    law: { c1_N: by * 20, c2_N: by * 16, c3_N: by * 0.2 },
    loss: 0.1,
  });

  it('asks less where the band has grown softer, by as much', () => {
    const now = remeasured(saved, new Map([['a', scaled(0.9)]]));
    expect(now?.share).toBeCloseTo(-0.1, 6);
    expect(now?.before).toBeCloseTo(meanOf(saved), 9);
    expect(now?.bands).toEqual(['a']);
  });

  it('has nothing to say of the same law, or of a band that is gone', () => {
    expect(remeasured(saved, new Map([['a', scaled(1)]]))).toBeUndefined();
    expect(remeasured(saved, new Map())).toBeUndefined();
  });
});
