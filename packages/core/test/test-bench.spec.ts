import fc from 'fast-check';
import {
  type BandSamples,
  calibrate,
  isMeasuringDone,
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
  it('goes upward from ×1.3 and reaches the limit with the third', () => {
    expect(nextStretch(loop(), 2.5)).toBe(1.3);
    expect(nextStretch(loop(pullAt(1.3)), 2.5)).toBeCloseTo(1.9, 9);
    expect(nextStretch(loop(pullAt(1.31), pullAt(1.88)), 2.5)).toBe(2.5);
    expect(nextStretch(loop(), 1.2)).toBe(1.2);
  });

  it('never goes back below a longer pull before the limit was reached', () => {
    expect(nextStretch(loop(pullAt(1.7)), 2.5)).toBeCloseTo(1.9, 9);
    expect(nextStretch(loop(pullAt(2.1)), 2.5)).toBe(2.5);
  });

  it('is where the ± is widest once the limit was reached, away from what was pulled', () => {
    const pulled = [1.3, 1.9, 2.5];
    const next = nextStretch(loop(...pulled.map((stretch) => pullAt(stretch))), 2.5);
    for (const stretch of pulled) expect(Math.abs(next - stretch)).toBeGreaterThan(0.09);
  });

  it('lies between ×1.3 and the limit, whatever was read', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            length_m: fc.double({ min: 1.05, max: 2.9, noNaN: true }),
            force_N: fc.double({ min: 1, max: 300, noNaN: true }),
          }),
          { maxLength: 6 },
        ),
        fc.double({ min: 1.2, max: 3, noNaN: true }),
        (samples, limit) => {
          const next = nextStretch(loop(...samples), limit);
          expect(next).toBeLessThanOrEqual(limit);
          expect(next).toBeGreaterThanOrEqual(Math.min(1.3, limit));
        },
      ),
    );
  });
});

describe('the widest ±', () => {
  it('is nowhere exceeded between ×1.3 and the limit', () => {
    fc.assert(
      fc.property(
        lawArbitrary.filter(({ c1_N, c2_N }) => c1_N + c2_N > 1),
        fc.double({ min: 1.3, max: 2.5, noNaN: true }),
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
});

describe('a measurement', () => {
  const upward = (...stretches: number[]): BandSamples =>
    loop(...stretches.map((stretch) => pullAt(stretch)));

  it('is done at ±7 % from ×1.3 to the limit, and not before three pulls', () => {
    expect(isMeasuringDone(upward(1.3, 2.5), 2.5)).toBeFalse();
    const done = upward(1.3, 1.9, 2.5);
    const fitted = calibrate(done);
    expect(fitted.ok && worstSpread(fitted.value, 2.5).share).toBeLessThanOrEqual(0.07);
    expect(isMeasuringDone(done, 2.5)).toBeTrue();
    expect(isMeasuringDone({ ...loop(), label: { min_N: 60, max_N: 180 } }, 2.5)).toBeFalse();
  });

  it('goes on while a pull would narrow the widest ±, and is done when none would', () => {
    // A short band on a scale of whole kilograms: lengths and pulls are read poorly.
    const short = (...stretches: number[]): BandSamples => ({
      ...loop(),
      flatLength_m: 0.2,
      samples: stretches.map((stretch) => ({
        length_m: 0.2 * stretch,
        force_N: 2 * strandForce(LAW, stretch),
        gaugeError_N: 4,
      })),
    });
    const widest = (band: BandSamples): number => {
      const fitted = calibrate(band);
      return fitted.ok ? worstSpread(fitted.value, 2.5).share : NaN;
    };
    expect(isMeasuringDone(short(1.3, 1.9, 2.5), 2.5)).toBeFalse();
    const pulled = [1.3, 1.9, 2.5];
    while (!isMeasuringDone(short(...pulled), 2.5) && pulled.length < 20) {
      pulled.push(nextStretch(short(...pulled), 2.5));
    }
    expect(pulled.length).toBeLessThan(20);
    expect(widest(short(...pulled))).toBeGreaterThan(0.07);
  });

  it('of what is no rubber is said to misfit, and is never more than partial', () => {
    // A woven core takes over at ×1.8.
    const woven = (stretch: number): PullSample => pullAt(stretch, stretch > 1.8 ? 2.2 : 1);
    const fitted = calibrate(loop(...[1.3, 1.5, 1.7, 1.9, 2.2].map(woven)));
    expect(fitted.ok && fitted.value.misfit).toBeTrue();
    expect(fitted.ok && fitted.value.grade).toBe('partial');
    const few = calibrate(loop(...[1.3, 1.7, 2.2].map(woven)));
    expect(few.ok && few.value.misfit).toBeFalse();
    expect(few.ok && few.value.grade).toBe('measured');
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
