import { findExercise } from '@wiry-otter/catalogue';
import type { SetupRecord } from '@wiry-otter/contracts';
import { composeSetup, fittedBand, knowBand, knownLaws } from '@wiry-otter/core';
import { measuredBand, pull } from '../../../../testing/records';
import { remeasuredWords } from './remeasured-words';
import { knownExercises } from '../../exercises/known-exercises';
import { type WorkbenchKit, readSetup } from './setup-file';

const BAND = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
const SOFTER = knowBand(measuredBand([pull(1.35, 43), pull(1.77, 79), pull(2.18, 109)]));

const ROW = findExercise('standing-row');
if (ROW === undefined) throw new Error('no row');
const DOCUMENT = {
  format: 'wiry-otter.setup' as const,
  version: 1 as const,
  ...composeSetup({
    exercise: ROW,
    body: { stature_m: 1.8, mass_kg: 85 },
    anchor: { height_m: 1.1, distance_m: 1.87 },
    routes: ROW.routes?.slice(2, 3) ?? [],
    bands: [fittedBand(BAND)],
  }),
};

const KIT: WorkbenchKit = {
  usable: [BAND],
  exercises: knownExercises([]),
  girthOffered: () => 0.3,
};

describe('a set-up document', () => {
  it('comes back onto the workbench as it was written', () => {
    const read = readSetup(JSON.parse(JSON.stringify(DOCUMENT)), KIT);
    if (!read.ok) return fail(read.faults.join());
    expect(read.part.exerciseId).toBe('standing-row');
    expect(read.part.distance_m).toBeCloseTo(1.87, 9);
    expect(read.part.height_m).toBeCloseTo(1.1, 9);
    expect(read.part.routeIds?.continuous).toBe('folded');
    expect(read.part.bandIds).toEqual([BAND.record.id]);
  });

  it('comes back with its turns round the anchor and its grip', () => {
    const composed = composeSetup({
      exercise: ROW,
      body: DOCUMENT.body,
      anchor: { height_m: 1.1, distance_m: 1.87, girth_m: 0.3 },
      routes: ROW.routes ?? [],
      bands: [fittedBand(BAND)],
      wraps: 2,
      slip_m: 0.04,
    });
    const read = readSetup({ ...DOCUMENT, ...composed }, KIT);
    expect(read.ok && [read.part.wraps, read.part.slip_m]).toEqual([2, 0.04]);
  });

  it('is refused where the workbench could not lay it the same way', () => {
    const faultsOf = (part: object): string => {
      const read = readSetup({ ...DOCUMENT, ...part }, KIT);
      return read.ok ? '' : read.faults.join();
    };
    const band = BAND.record.id;
    const runs = [{ band, path: ['anchor', 'kneeR'] }];
    expect(faultsOf({ runs })).toContain('$.runs[0].path: found anchor kneeR, expected a route of');
    const ring = {
      links: { a: [1, 1, 0], b: [1.2, 1, 0] },
      runs: [{ band, path: ['a', 'b'] }],
    };
    expect(faultsOf(ring)).toContain('$.links.a: found runs in a ring through');
    expect(faultsOf({ root_m: [9, 9], points: {}, runs })).toContain('"anchor"');
  });

  it('is refused with place, found and expected', () => {
    const faultsOf = (json: unknown): readonly string[] => {
      const read = readSetup(json, KIT);
      return read.ok ? [] : read.faults;
    };
    expect(faultsOf('a row')).toEqual(['$: found "a row", expected an object']);
    const twisted = { ...DOCUMENT, body: { stature_m: 0, mass_kg: 85 }, colour: 'red' };
    expect(faultsOf(twisted).join()).toContain('$.body.stature_m: found 0');
    expect(faultsOf(twisted).join()).toContain('$.colour');
    expect(faultsOf({ ...DOCUMENT, exercise: 'waltz' }).join()).toContain('"waltz"');
    const foreign = { ...DOCUMENT, bands: [{ ...DOCUMENT.bands[0], id: 'other' }], runs: [] };
    expect(faultsOf(foreign).join()).toContain('found "other"');
  });
});

describe('a band measured again', () => {
  const setup = { document: DOCUMENT, figures: { unit: 'N' } } as unknown as SetupRecord;

  it('changes what a saved set-up asks, and by how much is said', () => {
    expect(remeasuredWords(setup, knownLaws([SOFTER]), 'N')).toMatch(/^today \d+ N, −(9|10|11) %$/);
  });

  it('is no news while the law is the same', () => {
    expect(remeasuredWords(setup, knownLaws([BAND]), 'N')).toBeNull();
  });
});
