import { bandRecord, measurementRecord, pull } from '../../../testing/records';
import { figuresOf, lengthFault, riggedFields, riggedToMeasure } from './test-bench-model';

const BAND = bandRecord({ flatLength_m: 1, label: { min_N: 80, max_N: 200 } });
const AS_RIGGED = riggedToMeasure(BAND, 'end', 0.5);
const rigged = riggedFields(AS_RIGGED);
const PULLS = [pull(1.5, 60, rigged), pull(2.5, 124, rigged), pull(1.3, 40, rigged)];

describe('test bench figures', () => {
  it('begins from the label and asks for a gentle pull', () => {
    const figures = figuresOf(BAND, undefined, AS_RIGGED, 'loading');
    expect(figures.calibration?.grade).toBe('label');
    expect(figures.worst).toBeNull();
    expect(figures.done).toBeFalse();
    expect(figures.next).toEqual({ stretch: 1.3, length_m: 1.3 });
  });

  it('says of every reading how far it is off, names the next length and ends when the ± is narrow', () => {
    const two = figuresOf(BAND, measurementRecord(PULLS.slice(0, 2)), AS_RIGGED, 'loading');
    expect(two.next?.stretch).toBeCloseTo(1.3, 9);
    expect(two.done).toBeFalse();
    const three = figuresOf(BAND, measurementRecord(PULLS), AS_RIGGED, 'loading');
    expect(three.readings.map(({ stretch }) => stretch)).toEqual([1.5, 2.5, 1.3]);
    expect(three.readings.every(({ residual }) => residual !== null)).toBeTrue();
    expect(three.worst?.share).toBeLessThan(0.07);
    expect(three.done).toBeTrue();
  });

  it('keeps a reading set aside in sight, but not in the law', () => {
    const aside = [...PULLS, pull(2, 20, { ...rigged, setAside: true })];
    const figures = figuresOf(BAND, measurementRecord(aside), AS_RIGGED, 'loading');
    const clean = figuresOf(BAND, measurementRecord(PULLS), AS_RIGGED, 'loading');
    expect(figures.readings.length).toBe(4);
    expect(figures.readings[3]?.residual).toBeNull();
    expect(figures.calibration?.law).toEqual(
      clean.calibration?.law ?? { c1_N: 0, c2_N: 0, c3_N: 0 },
    );
  });

  it('lets back well below the longest pull on the way back', () => {
    const figures = figuresOf(BAND, measurementRecord(PULLS), AS_RIGGED, 'unloading');
    expect(figures.next?.stretch).toBeCloseTo(2.05, 9);
    expect(figuresOf(BAND, undefined, AS_RIGGED, 'unloading').next).toBeNull();
  });

  it('counts fittings, folds and the piece of a roll into the length', () => {
    const tube = bandRecord({
      kind: 'tube',
      flatLength_m: 1.2,
      fittings: { deadLength_m: 0.24, mass_kg: 0.2 },
    });
    const figures = figuresOf(tube, undefined, riggedToMeasure(tube, 'end', 0.5), 'loading');
    expect(figures.next?.length_m).toBeCloseTo(1.2 * 1.3 + 0.24, 9);
    expect(riggedToMeasure(tube, 'folded', 0.5)).toEqual({ strands: 2, rest_m: 0.6, dead_m: 0.12 });
    const roll = bandRecord({ kind: 'strip', stock: 'roll', flatLength_m: 18 });
    expect(riggedToMeasure(roll, 'end', 0.5).rest_m).toBe(0.5);
  });

  it('refuses a length past the limit and says how far it may go', () => {
    expect(lengthFault(BAND, AS_RIGGED, 2.6, 'cm')).toContain('not beyond 250 cm');
    expect(lengthFault(BAND, AS_RIGGED, 2.5, 'cm')).toBeNull();
    expect(lengthFault(BAND, AS_RIGGED, 0.9, 'cm')).toContain('no longer than the band at rest');
  });
});
