import fc from 'fast-check';
import {
  calibrate,
  riggedForGauge,
  predictStrand,
  riggedLength,
  STANDARD_GRAVITY_M_S2,
  toStrandReading,
  weighedPull,
} from '../src/index.js';

describe('rigging for the gauge', () => {
  it('hangs a loop by two strands and folds it to four of half the length', () => {
    const loop = { kind: 'loop' as const, flatLength_m: 1.04 };
    expect(riggedForGauge(loop, 'end')).toEqual({ strands: 2, rest_m: 1.04, dead_m: 0 });
    expect(riggedForGauge(loop, 'folded')).toEqual({ strands: 4, rest_m: 0.52, dead_m: 0 });
    expect(riggedForGauge(loop, 'standing')).toEqual({ strands: 2, rest_m: 1.04, dead_m: 0 });
  });

  it('counts the fittings of a tube once along the pull, half of them when folded', () => {
    const tube = { kind: 'tube' as const, flatLength_m: 1.2, deadLength_m: 0.3 };
    expect(riggedForGauge(tube, 'end')).toEqual({ strands: 1, rest_m: 1.2, dead_m: 0.3 });
    expect(riggedForGauge(tube, 'folded')).toEqual({ strands: 2, rest_m: 0.6, dead_m: 0.15 });
  });

  it('gives the length that brings a stretch about, fittings and all', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('loop' as const, 'tube' as const, 'strip' as const),
        fc.constantFrom('end' as const, 'folded' as const, 'standing' as const),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        fc.double({ min: 1, max: 3, noNaN: true }),
        (kind, rigging, flatLength_m, deadLength_m, stretch) => {
          const band = { kind, flatLength_m, deadLength_m };
          const rigged = riggedForGauge(band, rigging);
          const length_m = riggedLength(rigged, stretch);
          const reading = toStrandReading(band, { ...rigged, length_m, force_N: 40 });
          expect(reading.stretch).toBeCloseTo(stretch, 9);
          expect(reading.strand_N).toBeCloseTo(40 / rigged.strands, 9);
        },
      ),
    );
  });

  it('learns the same law from one band straight and folded', () => {
    const straight = calibrate({
      kind: 'loop',
      flatLength_m: 1,
      samples: [
        { length_m: 1.5, force_N: 50 },
        { length_m: 2.2, force_N: 94 },
      ],
    });
    const folded = calibrate({
      kind: 'loop',
      flatLength_m: 1,
      samples: [
        // The same strand pulls at half the length, four of them at the hook: the gauge's own error halves.
        { length_m: 0.75, force_N: 100, strands: 4, gaugeError_N: 1 },
        { length_m: 1.1, force_N: 188, strands: 4, gaugeError_N: 1 },
      ],
    });
    expect(straight.ok && folded.ok).toBeTrue();
    if (!straight.ok || !folded.ok) return;
    // Its rest length is half as long, so that an error of the length counts twice.
    for (const stretch of [1.5, 2, 2.5]) {
      const [one, other] = [straight, folded].map(({ value }) => predictStrand(value, stretch));
      expect((other?.strand_N ?? NaN) / (one?.strand_N ?? NaN)).toBeCloseTo(1, 2);
      expect(other?.std_N).toBeGreaterThan(one?.std_N ?? NaN);
    }
  });

  it('reads pull and length off a bathroom scale', () => {
    const pull = weighedPull({ free_kg: 71.4, standing_kg: 60.9, bar_m: 2.1, foot_m: 0.03 });
    expect(pull.force_N).toBeCloseTo(10.5 * STANDARD_GRAVITY_M_S2, 9);
    expect(pull.length_m).toBeCloseTo(2.07, 12);
  });
});
