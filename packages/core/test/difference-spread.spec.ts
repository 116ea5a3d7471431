import {
  BY_EYE,
  calibrate,
  differenceStd,
  type Matrix3,
  meanSensitivity,
  type MeanSensitivity,
  rigSetup,
  solutionSpread,
} from '../src/index.js';
import { ROW, setupOf } from './support/arbitraries.js';

const FLAT_M = 1.04;
const EXACTLY = { placing_m: 0, poseShare: 0 };

/** A band of which only the label is known. */
const label = calibrate({
  kind: 'loop',
  flatLength_m: FLAT_M,
  samples: [],
  label: { min_N: 40, max_N: 150 },
});

describe('how sure the difference of two set-ups is', () => {
  if (!label.ok) throw new Error('no law from the label');
  const { covariance, law } = label.value;
  const solvedAt = (bandId: string, distance_m: number) => {
    const band = { id: bandId, kind: 'loop' as const, flatLength_m: FLAT_M, law };
    const rigged = rigSetup(
      setupOf(ROW, [band], ['anchor', 'gripL', 'gripR'], [distance_m, 1.2, 0]),
    );
    if (!rigged.ok) throw new Error(JSON.stringify(rigged.faults));
    return rigged.value;
  };
  const at = (bandId: string, distance_m: number, accuracy = EXACTLY): MeanSensitivity =>
    meanSensitivity(solvedAt(bandId, distance_m), [{ band: bandId }], accuracy);
  const sameForAll = (): Matrix3 => covariance;

  it('cancels what a band that is in both brings', () => {
    const other = differenceStd(at('a', 1.9), at('b', 1.9), sameForAll);
    const apart = solutionSpread(solvedAt('a', 1.9), [covariance], EXACTLY).mean;
    expect(other / apart).toBeCloseTo(Math.SQRT2, 3);
    expect(differenceStd(at('a', 1.9), at('a', 1.9), sameForAll)).toBe(0);
    expect(differenceStd(at('a', 1.9), at('a~2', 1.9), sameForAll)).toBe(0);
    // A few centimetres of distance on one band are surer than two bands that are called alike.
    const nearby = differenceStd(at('a', 1.9), at('a', 2), sameForAll);
    expect(nearby).toBeGreaterThan(0);
    expect(nearby).toBeLessThan(other / 4);
  });

  it('does not cancel where a person stands', () => {
    const here = at('a', 1.9, BY_EYE);
    expect(here.placing).toBeGreaterThan(0);
    expect(differenceStd(here, here, sameForAll)).toBeCloseTo(Math.SQRT2 * here.placing, 9);
  });

  it('counts a law without a covariance as exact, and leaves rig and buffers as they were', () => {
    expect(differenceStd(at('a', 1.9), at('b', 2.1), () => undefined)).toBe(0);
    const solved = solvedAt('a', 1.9);
    const before = Array.from(solved.buffers.signed);
    meanSensitivity(solved, [{ band: 'a' }]);
    expect(Array.from(solved.buffers.signed)).toEqual(before);
  });
});
