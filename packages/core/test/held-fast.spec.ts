import fc from 'fast-check';
import {
  type AnchoredExercise,
  type Band,
  bandOfCopy,
  composeSetup,
  copyOfId,
  solveSetup,
} from '../src/index.js';
import { bandArbitrary, ROW, setupOf } from './support/arbitraries.js';

const CURL: AnchoredExercise = {
  ...ROW,
  id: 'curl',
  poses: [
    { phase: 0, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -88, forearm: -80 },
    { phase: 1, foot: 0, shank: -90, thigh: -90, trunk: 90, upperArm: -84, forearm: 45 },
  ],
  demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] },
};
const UNDER_BOTH = ['gripL', 'soleL', 'soleR', 'gripR'];
const WIDE = { grip_m: 0.4, stance_m: 0.3 };

const solved = (setup: Parameters<typeof solveSetup>[0]) => {
  const result = solveSetup(setup);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value;
};

describe('a band that feet stand on', () => {
  it('pulls as two bands, one on each side of the feet, each with half of what is left', () => {
    fc.assert(
      fc.property(bandArbitrary('whole'), (band) => {
        const tube: Band = { ...band, kind: 'tube', flatLength_m: 1 + band.flatLength_m };
        const { body, exercise, points } = setupOf(CURL, [tube], UNDER_BOTH);
        const whole = solved({
          body,
          exercise,
          points,
          widths: WIDE,
          bands: [tube],
          runs: [{ band: 'whole', path: UNDER_BOTH, pinned: ['soleL', 'soleR'] }],
        });
        const half = { ...tube, flatLength_m: (tube.flatLength_m - WIDE.stance_m) / 2 };
        const halves = solved({
          body,
          exercise,
          points,
          widths: WIDE,
          bands: [
            { ...half, id: 'left' },
            { ...half, id: 'right' },
          ],
          runs: [
            { band: 'left', path: ['gripL', 'soleL'] },
            { band: 'right', path: ['soleR', 'gripR'] },
          ],
        });
        whole.demand.forEach((demand, k) => {
          const other = halves.demand[k] ?? NaN;
          expect(Math.abs(demand - other)).toBeLessThanOrEqual(1e-9 * Math.max(1, demand));
        });
      }),
    );
  });

  it('is refused where nothing of it is left to pull', () => {
    const band: Band = {
      id: 'whole',
      kind: 'tube',
      flatLength_m: 1,
      law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
    };
    const base = { ...setupOf(CURL, [band], UNDER_BOTH), widths: WIDE };
    const faultsOf = (run: object) => {
      const result = solveSetup({ ...base, runs: [{ band: 'whole', path: UNDER_BOTH, ...run }] });
      return result.ok ? [] : result.faults.map(({ path }) => path);
    };
    expect(faultsOf({ pinned: UNDER_BOTH })).toEqual(['$.runs[0].pinned']);
    expect(faultsOf({ pinned: ['soleL', 'soleR'], takeUp_m: 0.75 })).toEqual(['$.runs[0].pinned']);
    expect(faultsOf({ pinned: ['kneeL'] })).toEqual(['$.runs[0].pinned[0]']);
  });
});

describe('the side of a muscle', () => {
  const band: Band = {
    id: 'loop',
    kind: 'loop',
    flatLength_m: 0.4,
    law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
  };
  const curlFrom = (anchor: [number, number, number], exercise = CURL) =>
    solved(setupOf(exercise, [band], ['anchor', 'gripL', 'gripR'], anchor));

  it('takes what turns the other way for nothing, and says for how long', () => {
    // From above the band does the curl.
    const above = curlFrom([0.3, 2.4, 0]);
    expect(above.demand.every((demand) => demand === 0)).toBeTrue();
    expect(above.summary.reversedShare).toBe(1);
    const below = curlFrom([-0.1, 0, 0]);
    expect(Math.min(...below.demand)).toBeGreaterThan(0);
    expect(below.summary.reversedShare).toBe(0);
  });

  it('is none where the joint hardly turns or the body itself is the load', () => {
    const still = { ...CURL, poses: [CURL.poses[1], { ...CURL.poses[1], phase: 1 }] };
    const [first, last] = still.poses;
    if (first === undefined || last === undefined) throw new Error('no poses');
    const held = { ...CURL, poses: [{ ...first, phase: 0 }, last] };
    expect(curlFrom([0.3, 2.4, 0], held).summary.reversedShare).toBe(0);
    expect(Math.min(...curlFrom([0.3, 2.4, 0], held).demand)).toBeGreaterThan(0);
    const own = { ...CURL, bodyweight: true };
    expect(curlFrom([0.3, 2.4, 0], own).summary.reversedShare).toBe(0);
  });
});

describe('slack', () => {
  it('is a stretch of one and a billionth, and no more', () => {
    const path = ['anchor', 'gripR'];
    const band: Band = {
      id: 'tube',
      kind: 'tube',
      flatLength_m: 1,
      law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
    };
    const still = { ...CURL, poses: [CURL.poses[0], { ...CURL.poses[0], phase: 1 }] as never };
    const length_m = solved(setupOf(still, [band], path)).runs[0]?.length_m[0] ?? NaN;
    const slackShare = (stretch: number): number =>
      solved(setupOf(still, [{ ...band, flatLength_m: length_m / stretch }], path)).summary
        .slackShare;
    expect(slackShare(1 + 1e-8)).toBe(0);
    expect(slackShare(1 + 1e-10)).toBe(1);
    expect(slackShare(0.99)).toBe(1);
  });
});

describe('an exercise with a band on each side', () => {
  const APART: AnchoredExercise = { ...ROW, bandOnEachSide: true };
  const tube = (id: string): Band => ({
    id,
    kind: 'tube',
    flatLength_m: 0.7,
    law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
  });
  const route = { id: 'each', title: 'each', for: 'open' as const, path: ['anchor', 'gripR'] };
  const composed = (exercise: AnchoredExercise, bandIds: readonly string[]) =>
    composeSetup({
      exercise,
      body: { stature_m: 1.75, mass_kg: 72 },
      anchor: { height_m: 1.2, distance_m: 1.6 },
      routes: [route],
      bands: bandIds.map(tube),
    });
  const laid = (exercise: AnchoredExercise) =>
    composed(exercise, ['a', 'b', 'c']).runs.map(({ path }) => path.join(' '));

  it('lays every second band as the mirror image of the first', () => {
    expect(laid(APART)).toEqual(['anchor gripR', 'anchor gripL', 'anchor gripR']);
    expect(laid(ROW)).toEqual(['anchor gripR', 'anchor gripR', 'anchor gripR']);
  });

  it('lays two copies of one band opposite each other, each under an id of its own', () => {
    const { runs } = composed(APART, ['a', 'b', 'b']);
    expect(runs.map(({ band, path }) => `${band} ${path.join(' ')}`)).toEqual([
      'a anchor gripR',
      'b anchor gripR',
      'b~2 anchor gripL',
    ]);
    expect(runs.map(({ band }) => [bandOfCopy(band), copyOfId(band)])).toEqual([
      ['a', 1],
      ['b', 1],
      ['b', 2],
    ]);
  });
});
