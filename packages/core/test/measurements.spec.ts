import {
  composeSetup,
  firstMeasurement,
  knowBand,
  lawOfBand,
  type MeasuredBand,
  type Measurement,
  rigSetup,
  standingMeasurement,
  wornBands,
} from '../src/index.js';
import { ROW } from './support/arbitraries.js';

const measurement = (
  id: string,
  day: string,
  force_N: number,
  part: Partial<Measurement> = {},
): Measurement => ({
  id,
  startedAt: `${day}T09:00:00Z`,
  finishedAt: `${day}T09:10:00Z`,
  readings: [{ length_m: 1.5, force_N, setAside: false }],
  ...part,
});

const SPRING = measurement('spring', '2026-04-24', 60);
const AUTUMN = measurement('autumn', '2026-10-05', 50);
const band = (part: Partial<MeasuredBand>): MeasuredBand => ({
  kind: 'loop',
  flatLength_m: 1,
  measurements: [],
  ...part,
});
const strandAt = (known: MeasuredBand, roll?: MeasuredBand): number => {
  const law = lawOfBand(known, roll);
  return law.ok ? law.value.law.c1_N : NaN;
};

describe('the law of a band', () => {
  it('is that of its latest finished measurement, in whatever order they come', () => {
    expect(standingMeasurement(band({ measurements: [AUTUMN, SPRING] }))?.id).toBe('autumn');
    const running = measurement('now', '2026-11-23', 48, { finishedAt: null });
    expect(standingMeasurement(band({ measurements: [SPRING, running] }))?.id).toBe('spring');
    expect(standingMeasurement(band({ measurements: [running] }))?.id).toBe('now');
    expect(firstMeasurement(band({ measurements: [AUTUMN, SPRING] }))?.id).toBe('spring');
  });

  it('is that of the measurement chosen', () => {
    const chosen = band({ measurements: [SPRING, AUTUMN], lawFrom: 'spring' });
    expect(standingMeasurement(chosen)?.id).toBe('spring');
    expect(strandAt(chosen)).toBeGreaterThan(strandAt(band({ measurements: [AUTUMN] })));
  });

  it('passes over measurements whose pulls were all set aside', () => {
    const aside = measurement('aside', '2026-11-01', 90, {
      readings: [{ length_m: 1.5, force_N: 90, setAside: true }],
    });
    expect(standingMeasurement(band({ measurements: [SPRING, aside] }))?.id).toBe('spring');
  });

  it('of a cut piece is the roll’s until it is measured itself', () => {
    const roll = band({ kind: 'strip', flatLength_m: 18, measurements: [SPRING] });
    // Readings of a roll name the length they were taken on.
    const onRoll = band({
      ...roll,
      measurements: [
        measurement('roll', '2026-04-24', 30, {
          readings: [{ length_m: 0.75, rest_m: 0.5, force_N: 30, setAside: false }],
        }),
      ],
    });
    const piece = band({ kind: 'strip', flatLength_m: 0.9 });
    expect(strandAt(piece, onRoll)).toBe(strandAt(onRoll));
    const own = band({ ...piece, measurements: [AUTUMN] });
    expect(strandAt(own, onRoll)).toBe(strandAt(own));
  });

  it('is the label’s where nothing was pulled, and a fault where there is no label either', () => {
    const label = { min_N: 60, max_N: 180 };
    const labelled = lawOfBand(band({ label }));
    expect(labelled.ok && labelled.value.grade).toBe('label');
    expect(lawOfBand(band({})).ok).toBeFalse();
    // A piece with a label of its own prefers it to a roll that knows nothing.
    expect(lawOfBand(band({ label }), band({})).ok).toBeTrue();
  });
});

describe('softening of a band', () => {
  const recorded = (measurements: readonly Measurement[]) =>
    knowBand({
      ...band({ measurements }),
      id: 'b',
      name: 'Band',
      stock: 'band',
      cutFrom: null,
      state: 'inUse',
      removed: false,
      material: 'latexLayered',
      limit: 2.5,
      fittings: null,
      copies: [{ state: 'inUse', inspectionDue: false, holder: { at: 'bag' } }],
    });

  it('compares a copy with its own first measurement, never with another copy', () => {
    const first = { ...SPRING, copyId: 'a' };
    expect(recorded([first, { ...AUTUMN, copyId: 'a' }]).softening?.soft).toBeTrue();
    expect(recorded([first, { ...AUTUMN, copyId: 'b' }]).softening).toBeNull();
    expect(recorded([first]).softening).toBeNull();
  });
});

describe('fittings', () => {
  const tube = {
    id: 'tube',
    kind: 'tube' as const,
    flatLength_m: 1.2,
    law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
    deadLength_m: 0.24,
    fittingsMass_kg: 0.3,
  };
  const composed = (band: typeof tube) =>
    composeSetup({
      exercise: ROW,
      body: { stature_m: 1.75, mass_kg: 70 },
      anchor: { height_m: 1.1, distance_m: 2.2 },
      routes: [{ id: 'both', for: 'open', path: ['gripL', 'anchor', 'gripR'] }],
      bands: [band],
    });

  it('take their length off the path and hang half their weight on each hand', () => {
    const setup = composed(tube);
    expect(setup.loads).toEqual([
      { at: 'gripL', mass_kg: 0.15 },
      { at: 'gripR', mass_kg: 0.15 },
    ]);
    const with_m = rigSetup(setup);
    const bare = rigSetup(composed({ ...tube, deadLength_m: 0 }));
    if (!with_m.ok || !bare.ok) throw new Error('no rig');
    const difference = (bare.value.summary.peakStretch - with_m.value.summary.peakStretch) * 1.2;
    expect(difference).toBeCloseTo(0.24, 9);
  });
});

describe('stretch cycles', () => {
  it('count a band that a repetition takes beyond ×2, and only that', () => {
    const band = {
      id: 'loop',
      kind: 'loop' as const,
      flatLength_m: 1,
      law: { c1_N: 20, c2_N: 16, c3_N: 0.2 },
    };
    const worn = (distance_m: number): string[] => {
      const setup = composeSetup({
        exercise: ROW,
        body: { stature_m: 1.75, mass_kg: 70 },
        anchor: { height_m: 1.1, distance_m },
        routes: [{ id: 'end', for: 'continuous', path: ['anchor', 'gripL', 'gripR'] }],
        bands: [band],
      });
      const rigged = rigSetup(setup);
      if (!rigged.ok) throw new Error('no rig');
      expect(rigged.value.summary.peakStretch > 2).toBe(distance_m > 2);
      return wornBands(setup, rigged.value);
    };
    expect(worn(2.3)).toEqual(['loop']);
    expect(worn(1.6)).toEqual([]);
  });
});
