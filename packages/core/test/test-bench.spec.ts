import fc from 'fast-check';
import {
  type BandSamples,
  calibrate,
  isWellMeasured,
  nextStretch,
  predictStrand,
  type PullSample,
  RANGE_90,
  residuals,
  strandForce,
  worstSpread,
} from '../src/index.js';
import { lawArbitrary } from './support/arbitraries.js';

const LAW = { c1_N: 30, c2_N: 22, c3_N: 0.4 };
const pullAt = (stretch: number, factor = 1): PullSample => ({
  length_m: stretch,
  force_N: 2 * factor * strandForce(LAW, stretch),
});
const loop = (...samples: PullSample[]): BandSamples => ({
  kind: 'loop',
  flatLength_m: 1,
  samples,
});

describe('the next length to pull', () => {
  it('is a gentle one first, and within a tight limit the limit', () => {
    expect(nextStretch(loop(), 2.5)).toBe(1.5);
    expect(nextStretch(loop(), 1.4)).toBe(1.4);
  });

  it('is where the ± is widest: the far end after the first, the near end after that', () => {
    expect(nextStretch(loop(pullAt(1.5)), 2.5)).toBeCloseTo(2.5, 9);
    expect(nextStretch(loop(pullAt(1.5), pullAt(2.5)), 2.5)).toBeCloseTo(1.2, 9);
  });

  it('lies between ×1.2 and the limit, away from what was pulled, whatever was read', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            length_m: fc.double({ min: 1.05, max: 2.9, noNaN: true }),
            force_N: fc.double({ min: 1, max: 300, noNaN: true }),
          }),
          { maxLength: 6 },
        ),
        fc.double({ min: 1.3, max: 3, noNaN: true }),
        (samples, limit) => {
          const next = nextStretch(loop(...samples), limit);
          expect(next).toBeLessThanOrEqual(limit);
          expect(next).toBeGreaterThanOrEqual(Math.min(1.2, limit));
        },
      ),
    );
  });
});

describe('the widest ±', () => {
  it('is nowhere exceeded between ×1.2 and the limit', () => {
    fc.assert(
      fc.property(
        lawArbitrary.filter(({ c1_N, c2_N }) => c1_N + c2_N > 1),
        fc.double({ min: 1.2, max: 2.5, noNaN: true }),
        (law, at) => {
          const sample = (stretch: number): PullSample => ({
            length_m: stretch,
            force_N: 2 * strandForce(law, stretch),
          });
          const fitted = calibrate(loop(sample(1.4), sample(2.1)));
          if (!fitted.ok) throw new Error('no law');
          const worst = worstSpread(fitted.value, 2.5);
          const { strand_N, std_N } = predictStrand(fitted.value, at);
          // Between the stretches looked at it may be wider by a hair.
          expect((RANGE_90 * std_N) / strand_N).toBeLessThanOrEqual(worst.share * 1.02);
        },
      ),
    );
  });

  it('ends a measurement once it is 5 %, never on a label alone', () => {
    const few = calibrate(loop(pullAt(1.5)));
    const enough = calibrate(loop(pullAt(1.5), pullAt(2.5), pullAt(1.2)));
    const label = calibrate({ ...loop(), label: { min_N: 60, max_N: 180 } });
    if (!few.ok || !enough.ok || !label.ok) throw new Error('no law');
    expect(isWellMeasured(few.value, 2.5)).toBeFalse();
    expect(isWellMeasured(enough.value, 2.5)).toBeTrue();
    expect(isWellMeasured(label.value, 2.5)).toBeFalse();
  });
});

describe('a reading more than 3σ off', () => {
  it('is flagged by the others, alone', () => {
    const slipped = loop(pullAt(1.3), pullAt(1.7, 0.8), pullAt(2), pullAt(2.4));
    expect(residuals(slipped).map(({ outlier }) => outlier)).toEqual([false, true, false, false]);
    expect(residuals(slipped)[1]?.strand_N).toBeLessThan(0);
  });

  it('is not made of the usual 2 %', () => {
    const usual = loop(pullAt(1.3, 1.02), pullAt(1.7, 0.98), pullAt(2, 1.02), pullAt(2.4, 0.98));
    expect(residuals(usual).some(({ outlier }) => outlier)).toBeFalse();
  });

  it('is not called so by a single other one, nor on the way back', () => {
    const two = residuals(loop(pullAt(1.5), pullAt(2, 0.6)));
    expect(two.map(({ deviations }) => deviations)).toEqual([null, null]);
    const back = { ...pullAt(1.6, 0.8), direction: 'unloading' as const };
    const way = residuals(loop(pullAt(1.5), pullAt(2), pullAt(2.4), back));
    expect(way[3]).toEqual(jasmine.objectContaining({ deviations: null, outlier: false }));
  });
});
