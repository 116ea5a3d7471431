import {
  demandQuantity,
  forceQuantity,
  meanQuantity,
  percentSpread,
  pulledWord,
  quantityWords,
  stretchWord,
} from './figures';

describe('figures', () => {
  it('write a force in the studio’s unit with ± as the 90 % range', () => {
    expect(forceQuantity(184.4, 3.6, 'N')).toEqual({
      figure: '184',
      unit: 'N',
      spread: '6',
    });
    expect(forceQuantity(184.4, null, 'kgf')).toEqual({ figure: '18.8', unit: 'kg', spread: null });
    expect(forceQuantity(184.4, null, 'lbf').figure).toBe('41.5');
  });

  it('leave moments in N·m whatever the unit of force', () => {
    expect(demandQuantity(12.34, 0.5, 'N·m', 'lbf')).toEqual({
      figure: '12.3',
      unit: 'N·m',
      spread: '0.8',
    });
  });

  it('write the mean of a saved set-up in a line, with ± where it is on record', () => {
    const figures = {
      unit: 'N',
      model: 2,
      start: 0,
      mean: 100,
      meanStd: 3,
      end: 0,
      peak: 0,
    } as const;
    const words = (meanStd: number | null, unit: 'N' | 'kgf'): string =>
      quantityWords(meanQuantity({ ...figures, meanStd, peakStretch: 2 }, unit));
    expect(words(3, 'N')).toBe('100 ±5 N');
    expect(words(null, 'kgf')).toBe('10.2 kg');
  });

  it('write stretch and per cent', () => {
    expect(stretchWord(1.8)).toBe('×1.80');
    expect([1.004, 1, 0.86].map(pulledWord)).toEqual(['×1.00', 'slack', 'slack']);
    expect(percentSpread(100, 2)).toBe('3 %');
    expect(percentSpread(0, 2)).toBe('–');
  });
});
