import {
  calibrate,
  type Calibration,
  type InspectedBand,
  inspectionDue,
  inspectionPoints,
  inspectionResult,
  softening,
} from '../src/index.js';

function measured(factor: number): Calibration {
  const fitted = calibrate({
    kind: 'loop',
    flatLength_m: 1,
    samples: [1.3, 1.8, 2.4].map((length_m) => ({
      length_m,
      force_N: factor * (40 * (length_m - 1) + 10),
    })),
  });
  if (!fitted.ok) throw new Error('no law');
  return fitted.value;
}

describe('softening', () => {
  it('says how much of the first pull is gone, with its ±', () => {
    const soft = softening(measured(1), measured(0.91), 2.5);
    expect(soft?.share).toBeCloseTo(0.09, 2);
    expect(soft?.std).toBeGreaterThan(0.01);
    expect(soft?.std).toBeLessThan(0.04);
    expect(soft?.soft).toBeFalse();
  });

  it('calls a band soft above 12 % and never a firmer one', () => {
    expect(softening(measured(1), measured(0.8), 2.5)?.soft).toBeTrue();
    const firmer = softening(measured(1), measured(1.1), 2.5);
    expect(firmer?.share).toBeLessThan(0);
    expect(firmer?.soft).toBeFalse();
  });

  it('says nothing from a label', () => {
    const label = calibrate({
      kind: 'loop',
      flatLength_m: 1,
      samples: [],
      label: { min_N: 50, max_N: 150 },
    });
    if (!label.ok) throw new Error('no law');
    expect(softening(label.value, measured(1), 2.5)).toBeNull();
    expect(softening(measured(1), label.value, 2.5)).toBeNull();
  });
});

describe('an inspection walk', () => {
  const loop: InspectedBand = { kind: 'loop', material: 'latexLayered', hasFittings: false };

  it('asks what the kind can show', () => {
    expect(inspectionPoints(loop)).toEqual(['edges', 'surface', 'hitch', 'smell']);
    expect(inspectionPoints({ ...loop, kind: 'tube', hasFittings: true })).toEqual([
      'surface',
      'fittings',
      'smell',
    ]);
    expect(inspectionPoints({ ...loop, kind: 'miniLoop', material: 'fabric' })).toEqual([
      'edges',
      'surface',
      'seam',
    ]);
    expect(inspectionPoints({ ...loop, kind: 'tubing' })).toEqual(['surface', 'hitch', 'smell']);
  });

  it('retires at one fault, watches what is doubtful, passes the rest', () => {
    expect(inspectionResult({ edges: 'good', surface: 'good' })).toBe('pass');
    expect(inspectionResult({ edges: 'good', surface: 'watch' })).toBe('watch');
    expect(inspectionResult({ edges: 'bad', surface: 'good' })).toBe('retire');
    expect(inspectionResult({ edges: 'good', smell: 'bad' })).toBe('watch');
  });

  it('is due after more than its days or cycles, not on the border', () => {
    const rule = { days: 30, cycles: 1500 };
    expect(inspectionDue({ days: 30, cycles: 1500 }, rule)).toEqual({
      due: false,
      daysLeft: 0,
      cyclesLeft: 0,
    });
    expect(inspectionDue({ days: 31, cycles: 0 }, rule).due).toBeTrue();
    expect(inspectionDue({ days: 0, cycles: 1501 }, rule).due).toBeTrue();
  });
});
