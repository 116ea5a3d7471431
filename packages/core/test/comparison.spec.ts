import { calibrate, type ComparedBand, comparePulls, equalSums } from '../src/index.js';

function band(id: string, factor: number): ComparedBand {
  const fitted = calibrate({
    kind: 'loop',
    flatLength_m: 1,
    samples: [1.4, 1.9, 2.4].map((length_m) => ({
      length_m,
      force_N: factor * (40 * (length_m - 1) + 10),
    })),
  });
  if (!fitted.ok) throw new Error('no law');
  return { id, kind: 'loop', calibration: fitted.value };
}

describe('bands compared', () => {
  const pulls = comparePulls([band('stout', 3), band('slim', 1), band('middle', 2)], 2);

  it('stand by pull, each with its step from the one before', () => {
    expect(pulls.map(({ id }) => id)).toEqual(['slim', 'middle', 'stout']);
    expect(pulls[0]?.step).toBeNull();
    expect(pulls[1]?.step).toBeCloseTo(1, 2);
    expect(pulls[2]?.step).toBeCloseTo(0.5, 2);
  });

  it('show which two equal a third within their ±', () => {
    const sums = equalSums(pulls);
    expect(sums.length).toBe(1);
    expect(sums[0]?.pair).toEqual(['slim', 'middle']);
    expect(sums[0]?.whole).toBe('stout');
    expect(Math.abs(sums[0]?.difference_N ?? Infinity)).toBeLessThan(1.645 * (sums[0]?.std_N ?? 0));
  });

  it('find no sum where none is', () => {
    expect(equalSums(comparePulls([band('a', 1), band('b', 1.1), band('c', 4)], 2))).toEqual([]);
  });

  it('have no step to speak of at no stretch', () => {
    expect(comparePulls([band('a', 1), band('b', 2)], 1).map(({ step }) => step)).toEqual([
      null,
      null,
    ]);
  });
});
