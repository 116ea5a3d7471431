import fc from 'fast-check';
import {
  type Accuracy,
  BY_EYE,
  BY_MARKS,
  calibrate,
  type Matrix3,
  rigSetup,
  solutionSpread,
  stretchesOfPath,
} from '../src/index.js';
import { bandArbitrary, HANG, ROW, setupOf } from './support/arbitraries.js';

const FLAT_M = 1.04;
const SAMPLES = [1.3, 1.7, 2.2].map((stretch, i) => ({
  length_m: stretch * FLAT_M,
  force_N: [48, 86, 121][i] ?? 0,
}));

/** Small enough that no demand turns round and no peak moves on, N. */
const STEP_N = 1e-6;

/** Done exactly as told: what is left unsure are the laws. */
const EXACTLY: Accuracy = { placing_m: 0, poseShare: 0 };

describe('spread of a solution', () => {
  it('is the same from one side where the demand is linear in the law', () => {
    const fitted = calibrate({ kind: 'loop', flatLength_m: FLAT_M, samples: SAMPLES });
    if (!fitted.ok) return fail('no fit');
    const { law, covariance } = fitted.value;
    const band = { id: 'a', kind: 'loop' as const, flatLength_m: FLAT_M, law };
    const pull = {
      kind: 'moment' as const,
      at: 'shoulder' as const,
      carries: ['forearm'] as const,
    };
    const setup = setupOf({ ...ROW, demand: pull }, [band], ['anchor', 'gripL', 'gripR']);
    const rigged = rigSetup(setup);
    if (!rigged.ok) return fail('no rig');
    const spread = solutionSpread(rigged.value, [covariance], EXACTLY);
    const deviation = sampledDeviation(setup, covariance);
    expect(deviation).toBeGreaterThan(0.05);
    expect(spread.mean / deviation).toBeCloseTo(1, 2);
  });

  it('rests on a gain that tells the demand from the tension, there and back over a loss', () => {
    const pull = {
      kind: 'moment' as const,
      at: 'shoulder' as const,
      carries: ['forearm'] as const,
    };
    for (const x of [1.9, -1.1]) {
      const band = {
        id: 'a',
        kind: 'loop' as const,
        flatLength_m: 0.6,
        law: { c1_N: 20, c2_N: 15, c3_N: 0.2 },
        loss: 0.2,
      };
      const setup = setupOf({ ...ROW, demand: pull }, [band], ['anchor', 'gripL', 'gripR']);
      const rigged = rigSetup({ ...setup, points: { anchor: [x, 1.2, 0] } });
      if (!rigged.ok) return fail('no rig');
      const { gain, signed, signedLowering, strand_N } = rigged.value.buffers;
      const { unassisted } = rigged.value.rig.prepared.demand;
      signed.forEach((value, k) => {
        const told = (unassisted[k] ?? NaN) + (gain[k] ?? NaN) * (strand_N[k] ?? NaN);
        expect(told).toBeCloseTo(value, 9);
      });
      expect(Array.from(signed)).not.toEqual(Array.from(signedLowering));
    }
  });

  it('tells of every figure what a law with one coefficient a little higher does to it', () => {
    const curl = { ...ROW, demand: { kind: 'moment', at: 'elbow', carries: ['forearm'] } as const };
    const coefficient = fc.constantFrom('c1_N' as const, 'c2_N' as const, 'c3_N' as const);
    const [exercise, first] = [fc.constantFrom(HANG, curl, ROW), bandArbitrary('a')];
    fc.assert(
      fc.property(exercise, first, bandArbitrary('b'), coefficient, (movement, a, b, which) => {
        // Bands that pull at nothing leave every phase a peak.
        fc.pre(a.law.c1_N + b.law.c1_N > 1);
        const at = movement === HANG ? [0.1, 2.3, 0] : [1.6, 1.2, 0.1];
        const path = movement === HANG ? ['anchor', 'ankleL'] : ['anchor', 'gripL', 'gripR'];
        const rigged = (moved: number) => {
          const law = { ...a.law, [which]: a.law[which] + moved };
          const setup = setupOf(movement, [{ ...a, law }, b], path);
          const points = { anchor: at as [number, number, number] };
          // A weight in one hand turns the net pull from the line of the bands.
          const rig = rigSetup({ ...setup, points, loads: [{ at: 'gripR', mass_kg: 4 }] });
          return rig.ok ? rig.value : fail('no rig');
        };
        const [here, there] = [rigged(0), rigged(STEP_N)];
        if (here === undefined || there === undefined) return;
        const one = (c: string): number => (c === which ? 1 : 0);
        const covariance: Matrix3 = [
          [one('c1_N'), 0, 0],
          [0, one('c2_N'), 0],
          [0, 0, one('c3_N')],
        ];
        const spread = solutionSpread(here, [covariance, undefined], EXACTLY);
        for (const figure of ['start', 'end', 'peak', 'mean', 'assistMean'] as const) {
          const moved = (there.summary[figure] ?? 0) - (here.summary[figure] ?? 0);
          const expected = Math.abs(moved) / STEP_N;
          // A net pull turns while the law moves, so that a step is a little off its slope.
          const tolerance = movement === ROW ? 5e-5 * (1 + expected) : 5e-6;
          expect(Math.abs(spread[figure] - expected))
            .withContext(`${figure}: ${spread[figure]}, by a step ${expected}`)
            .toBeLessThan(tolerance);
        }
      }),
    );
  });

  it('matches what the figures do when the law is moved along its covariance', () => {
    const fitted = calibrate({ kind: 'loop', flatLength_m: FLAT_M, samples: SAMPLES });
    if (!fitted.ok) return fail('no fit');
    const { law, covariance } = fitted.value;
    const band = { id: 'a', kind: 'loop' as const, flatLength_m: FLAT_M, law };
    const setup = setupOf(ROW, [band], ['anchor', 'gripL', 'gripR']);
    const rigged = rigSetup(setup);
    if (!rigged.ok) return fail('no rig');
    const spread = solutionSpread(rigged.value, [covariance], EXACTLY);
    expect(spread.mean).toBeCloseTo(sampledDeviation(setup, covariance), 0);
    expect(spread.mean).toBeGreaterThan(0.3);
  });

  it('is zero for an exact law and leaves the solution as it was', () => {
    const band = {
      id: 'a',
      kind: 'loop' as const,
      flatLength_m: FLAT_M,
      law: { c1_N: 20, c2_N: 15, c3_N: 0.2 },
    };
    const rigged = rigSetup(setupOf(ROW, [band], ['anchor', 'gripL', 'gripR']));
    if (!rigged.ok) return fail('no rig');
    const before = Array.from(rigged.value.buffers.signed);
    const spread = solutionSpread(rigged.value, [undefined], EXACTLY);
    expect(spread.peak).toBe(0);
    expect(spread.mostly).toBeUndefined();
    expect(Array.from(rigged.value.buffers.signed)).toEqual(before);
  });
});

describe('spread of a solution that is not done quite as told', () => {
  const band = {
    id: 'a',
    kind: 'loop' as const,
    flatLength_m: FLAT_M,
    law: { c1_N: 20, c2_N: 15, c3_N: 0.2 },
  };
  const rowAt = (x: number) => setupOf(ROW, [band], ['anchor', 'gripL', 'gripR'], [x, 1.2, 0]);
  const rigOf = (setup: ReturnType<typeof setupOf>) => {
    const rigged = rigSetup(setup);
    if (!rigged.ok) throw new Error(JSON.stringify(rigged.faults));
    return rigged.value;
  };
  const meanOf = (setup: ReturnType<typeof setupOf>): number => rigOf(setup).summary.mean;

  it('has half of what a path longer and shorter by 3 cm a stretch makes of a figure, 1 cm with marks', () => {
    const setup = rowAt(1.9);
    // To either hand and back; the stretch between the hands keeps its length.
    expect(stretchesOfPath(rigOf(setup).rig, 0)).toBe(2);
    for (const [accuracy, step_m] of [
      [BY_EYE, 0.03],
      [BY_MARKS, 0.01],
    ] as const) {
      const moved = (sign: number): number =>
        meanOf({
          ...setup,
          runs: setup.runs.map((run) => ({ ...run, extra_m: sign * 2 * step_m })),
        });
      const { mean, mostly } = solutionSpread(rigOf(setup), [undefined], accuracy);
      expect(mean).toBeCloseTo((moved(1) - moved(-1)) / 2, 9);
      expect(mostly).toBe('placing');
    }
  });

  it('is not sure of a band on the brink of slack', () => {
    const distances = Array.from({ length: 100 }, (_, i) => 1 + i / 100);
    const slack = distances.filter((x) => rigOf(rowAt(x)).summary.start === 0);
    const brink = Math.max(...slack);
    expect(solutionSpread(rigOf(rowAt(brink)), [undefined]).start).toBeGreaterThan(1);
    expect(solutionSpread(rigOf(rowAt(Math.min(...slack))), [undefined]).start).toBe(0);
  });

  it('counts the pose by what the bands alone give, for moments and body weight only', () => {
    const still: Accuracy = { placing_m: 0, poseShare: 0.03 };
    expect(solutionSpread(rigOf(rowAt(1.9)), [undefined], still).mean).toBe(0);
    const hang = rigOf(setupOf(HANG, [band], ['anchor', 'ankleL'], [0, 2.3, 0]));
    const spread = solutionSpread(hang, [undefined], still);
    const { signed } = hang.buffers;
    expect(spread.start).toBeCloseTo(
      0.03 * Math.abs((signed[0] ?? NaN) - (hang.rig.prepared.demand.unassisted[0] ?? NaN)),
      9,
    );
    expect(spread.assistMean).toBeCloseTo(0.03 * Math.abs(hang.summary.assistMean ?? NaN), 9);
    expect(spread.mostly).toBe('pose');
  });

  it('counts the stretches between two of a pair where there are no others', () => {
    const apart = rigOf(setupOf(ROW, [band], ['gripL', 'gripR']));
    expect(stretchesOfPath(apart.rig, 0)).toBe(2);
  });
});

/** Standard deviation of the mean demand over laws drawn along the principal triangle of C. */
function sampledDeviation(setup: ReturnType<typeof setupOf>, covariance: Matrix3): number {
  const [root0, root1, root2] = cholesky(covariance);
  const means: number[] = [];
  const steps = [-1.5, -0.5, 0.5, 1.5];
  for (const a of steps) {
    for (const b of steps) {
      for (const c of steps) {
        const law = setup.bands[0]?.law;
        if (law === undefined) continue;
        const band = {
          ...setup.bands[0],
          law: {
            c1_N: law.c1_N + root0[0] * a,
            c2_N: law.c2_N + root1[0] * a + root1[1] * b,
            c3_N: law.c3_N + root2[0] * a + root2[1] * b + root2[2] * c,
          },
        };
        const rigged = rigSetup({ ...setup, bands: [band as (typeof setup.bands)[number]] });
        if (rigged.ok) means.push(rigged.value.summary.mean);
      }
    }
  }
  const average = means.reduce((sum, value) => sum + value, 0) / means.length;
  const square = means.reduce((sum, value) => sum + (value - average) ** 2, 0) / means.length;
  // The four steps have a variance of 1.25.
  return Math.sqrt(square / 1.25);
}

/** Lower triangle L with L·Lᵀ = m, row by row. */
function cholesky(m: Matrix3): [[number], [number, number], [number, number, number]] {
  const l00 = Math.sqrt(m[0][0]);
  const l10 = m[1][0] / l00;
  const l11 = Math.sqrt(m[1][1] - l10 * l10);
  const l20 = m[2][0] / l00;
  const l21 = (m[2][1] - l20 * l10) / l11;
  const l22 = Math.sqrt(m[2][2] - l20 * l20 - l21 * l21);
  return [[l00], [l10, l11], [l20, l21, l22]];
}
