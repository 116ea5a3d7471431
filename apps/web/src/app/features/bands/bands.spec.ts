import { knowBand, naturalPull, USUAL_UNITS } from '@wiry-otter/core';
import {
  bandRecord,
  copyRecord,
  measuredBand,
  measurementRecord,
  pull,
  UUID,
} from '../../../testing/records';
import { bandFormFault, createBandForm, fillBandForm, readBandForm } from './band-form-fields';

import { timeLine } from './band-time-line';
import { curveData } from './curve-data';
import { layOutRail } from './rail-layout';

const PULLS = [pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)];
const MEASURED = measuredBand(PULLS);

describe('a known band', () => {
  it('carries the law fitted in the browser, with its ±', () => {
    const known = knowBand(MEASURED);
    expect(known.calibration?.grade).toBe('measured');
    const natural = naturalPull(known, 2);
    expect(natural?.force_N).toBeGreaterThan(95);
    expect(natural?.force_N).toBeLessThan(125);
    expect(natural?.std_N).toBeGreaterThan(0);
  });

  it('counts no pull that was set aside', () => {
    const aside = measuredBand(PULLS.map((reading) => ({ ...reading, setAside: true })));
    expect(knowBand(aside).calibration).toBeNull();
    expect(naturalPull(knowBand(aside), 2)).toBeNull();
  });

  it('shows law, range, pulls and claim on its curve, up to the limit', () => {
    const label = { min_N: 80, max_N: 230 };
    const data = curveData(knowBand({ ...MEASURED, label, limit: 2.2 }));
    expect(data.readings.length).toBe(3);
    expect(data.line.at(-1)?.x).toBeCloseTo(2.2, 9);
    expect(data.above.at(-1)?.y).toBeGreaterThan(data.line.at(-1)?.y ?? NaN);
    expect(data.claim.map(({ y }) => y)).toEqual([80, 230]);
  });
});

describe('rail', () => {
  it('hangs bands by kind, longest pull to the right, true to scale', () => {
    const strong = bandRecord({ id: 'b', width_mm: 44, label: { min_N: 200, max_N: 500 } });
    const tube = bandRecord({ id: 't', kind: 'tube', label: { min_N: 30, max_N: 90 } });
    const { groups } = layOutRail([strong, tube, MEASURED].map((band) => knowBand(band)));
    expect(groups.map(({ words }) => words)).toEqual(['Tubes', 'Loops']);
    const loops = groups[1]?.bands ?? [];
    expect(loops.map(({ band }) => band.record.id)).toEqual(['a', 'b']);
    expect(loops[1]?.width).toBe(2 * (loops[0]?.width ?? NaN));
    expect(loops[1]?.length).toBe(loops[0]?.length ?? NaN);
    expect(loops[1]?.x).toBeGreaterThan(loops[0]?.x ?? NaN);
  });

  it('hangs a roll last, with its free end alone', () => {
    const roll = bandRecord({ id: 'r', stock: 'roll', kind: 'strip', flatLength_m: 18.5 });
    const { groups, height } = layOutRail([knowBand(roll), knowBand(MEASURED)]);
    expect(groups.map(({ words }) => words)).toEqual(['Loops', 'Rolls']);
    expect(groups[1]?.bands[0]?.rest_m).toBe(0.3);
    expect(height).toBe(groups[0]?.bands[0]?.length ?? NaN);
  });

  it('is empty without bands', () => {
    expect(layOutRail([])).toEqual({ groups: [], width: 0, height: 0 });
  });
});

describe('band form', () => {
  it('gives back the record it was filled from, in any unit', () => {
    for (const units of [
      USUAL_UNITS,
      { force: 'kgf', length: 'cm', mass: 'lb' },
      { force: 'lbf', length: 'in', mass: 'lb' },
    ] as const) {
      const form = createBandForm(units);
      const record = bandRecord({
        label: { min_N: 98.0665, max_N: 196.133 },
        thickness_mm: 4.7,
        fittings: { deadLength_m: 0.123, mass_kg: 0.2 },
      });
      fillBandForm(form, record, units);
      expect(bandFormFault(form, units)).toBeNull();
      const { label, ...input } = readBandForm(form, record, units);
      expect(label?.min_N).toBeCloseTo(98.0665, 0);
      // Not by a hair otherwise, though inches are written to the hundredth.
      const { fittings, flatLength_m, name, tag, thickness_mm, version, width_mm } = record;
      expect(input).toEqual(
        jasmine.objectContaining({
          ...{ fittings, flatLength_m, name, tag, thickness_mm, version, width_mm },
        }),
      );
    }
  });

  it('is filled in by the inch', () => {
    const units = { force: 'lbf', length: 'in', mass: 'lb' } as const;
    const form = createBandForm(units);
    form.patchValue({ name: 'Plank', flatLength: 41, width: 0.5 });
    expect(bandFormFault(form, units)).toBeNull();
    const { flatLength_m, width_mm } = readBandForm(form, null, units);
    expect(flatLength_m).toBeCloseTo(1.0414, 10);
    expect(width_mm).toBeCloseTo(12.7, 10);
    form.patchValue({ flatLength: 1 });
    expect(bandFormFault(form, units)).toContain('between 2.0 in and 1181.1 in');
  });

  it('keeps the copies there are and letters the new ones', () => {
    const form = createBandForm(USUAL_UNITS);
    const record = bandRecord();
    fillBandForm(form, record, USUAL_UNITS);
    form.patchValue({
      copies: 3,
      boughtOn: '2026-11-01',
      kind: 'tube',
      dead: 24,
      fittings_g: 180,
    });
    const { copies, fittings } = readBandForm(form, record, USUAL_UNITS);
    expect(copies.map(({ mark }) => mark)).toEqual(['a', 'b', 'c']);
    expect(copies[0]).toEqual({ id: `${UUID}e`, mark: 'a', boughtOn: '2026-11-01' });
    expect(new Set(copies.map(({ id }) => id)).size).toBe(3);
    expect(fittings).toEqual({ deadLength_m: 0.24, mass_kg: 0.18 });
  });

  it('says what is missing or the wrong way round', () => {
    const form = createBandForm(USUAL_UNITS);
    expect(bandFormFault(form, USUAL_UNITS)).toContain('needs a name');
    form.patchValue({ name: 'Plank', labelMin: 90 });
    expect(bandFormFault(form, USUAL_UNITS)).toContain('a lower and an upper end');
    form.patchValue({ labelMax: 50 });
    expect(bandFormFault(form, USUAL_UNITS)).toContain('below its lower one');
    form.patchValue({ labelMax: 150, tag: 12 });
    expect(bandFormFault(form, USUAL_UNITS)).toContain('from 1 to 9');
  });
});

describe('the story of a band', () => {
  it('tells what happened, the latest first, and to which copy', () => {
    const band = measuredBand(PULLS, {
      copies: [copyRecord({ boughtOn: '2026-03-02' }), copyRecord({ id: `${UUID}f`, mark: 'b' })],
      measurements: [measurementRecord(PULLS)],
      events: [
        {
          id: 'i',
          copyId: `${UUID}e`,
          at: '2026-11-21T09:00:00Z',
          by: 'Mika Ferrow',
          what: { kind: 'inspected', findings: { edges: 'watch' }, note: 'Dull.' },
        },
        {
          id: 'r',
          copyId: `${UUID}f`,
          at: '2026-11-22T09:00:00Z',
          by: 'Mika Ferrow',
          what: { kind: 'retired', reason: 'A nick.' },
        },
      ],
    });
    expect(timeLine(band).map(({ words, tone }) => [words, tone])).toEqual([
      ['retired: A nick. (b) · Mika Ferrow', 'stop'],
      ['inspected, on watch: Dull. (a) · Mika Ferrow', 'caution'],
      ['measured (a): 3 pulls · Mika Ferrow', 'plain'],
      ['bought (a)', 'plain'],
    ]);
  });
});
