import fc from 'fast-check';
import { calibrate, predictStrand, type PullSample } from '../src/index.js';

describe('calibration', () => {
  it('refuses a band with neither a label nor a pull above rest', () => {
    const slack: PullSample[] = [
      { length_m: 0.9, force_N: 0 },
      { length_m: 1.5, force_N: 0 },
    ];
    for (const samples of [[], slack]) {
      const result = calibrate({ kind: 'loop', flatLength_m: 1, samples });
      expect(result.ok).toBeFalse();
    }
  });

  it('takes the label where no pull says anything', () => {
    const result = calibrate({
      kind: 'tube',
      flatLength_m: 1,
      samples: [{ length_m: 0.9, force_N: 0 }],
      label: { min_N: 40, max_N: 110 },
    });
    expect(result.ok && result.value.grade).toBe('label');
  });

  it('grades by the number and the span of the loading pulls', () => {
    const grade = (...lengths: number[]) => {
      const samples = lengths.map((length_m) => ({ length_m, force_N: 60 * (length_m - 1) + 20 }));
      const result = calibrate({ kind: 'strip', flatLength_m: 1, samples });
      return result.ok ? result.value.grade : 'none';
    };
    expect(grade(1.3, 1.6, 1.8)).toBe('measured');
    expect(grade(1.3, 1.6, 1.79)).toBe('partial');
    expect(grade(1.3, 1.8)).toBe('partial');
  });

  it('halves the rest length of a band folded over a bar unless told otherwise', () => {
    const folded = { length_m: 0.78, force_N: 150, strands: 4 };
    const implied = calibrate({ kind: 'loop', flatLength_m: 1.04, samples: [folded] });
    const stated = calibrate({
      kind: 'loop',
      flatLength_m: 1.04,
      samples: [{ ...folded, rest_m: 0.52 }],
    });
    expect(implied).toEqual(stated);
  });

  it('never fits a negative coefficient nor narrows ± below the prior with no data near', () => {
    const pull = fc.record({
      length_m: fc.double({ min: 1.05, max: 2.9, noNaN: true }),
      force_N: fc.double({ min: 1, max: 400, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.array(pull, { minLength: 1, maxLength: 8 }), (samples) => {
        const result = calibrate({ kind: 'loop', flatLength_m: 1, samples });
        if (!result.ok) return false;
        const { c1_N, c2_N, c3_N } = result.value.law;
        const { std_N } = predictStrand(result.value, 2);
        return c1_N >= 0 && c2_N >= 0 && c3_N >= 0 && Number.isFinite(std_N) && std_N > 0;
      }),
    );
  });

  it('recovers the law behind exact pulls within its ±', () => {
    const law = { c1_N: 24, c2_N: 19, c3_N: 0.24 };
    const pullAt = (x: number) =>
      2 *
      (law.c1_N * (x - x ** -2) +
        law.c2_N * (1 - x ** -3) +
        law.c3_N * (x - x ** -2) * (x * x + 2 / x - 3));
    const samples = [1.2, 1.5, 1.9, 2.4].map((x) => ({ length_m: x, force_N: pullAt(x) }));
    const result = calibrate({ kind: 'loop', flatLength_m: 1, samples });
    if (!result.ok) return fail('no fit');
    for (const x of [1.3, 1.8, 2.4]) {
      const { strand_N, std_N } = predictStrand(result.value, x);
      expect(Math.abs(strand_N - pullAt(x) / 2)).toBeLessThan(std_N);
    }
  });
});
