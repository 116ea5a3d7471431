import {
  type FinderPreferences,
  knowBand,
  proposeSetups,
  type Target,
  USUAL_PREFERENCES,
  USUAL_UNITS,
} from '@wiry-otter/core';
import { findExercise } from '@wiry-otter/catalogue';
import {
  copyRecord,
  measuredBand,
  personRecord,
  placeRecord,
  pull,
} from '../../../../testing/records';
import type { KnownBand } from '../../bands/band-law';
import type { WorkbenchInput } from '../workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../workbench/workbench-state';
import { lineOf, requestOf, withoutAlike } from './found-lines';

const TARGET: Target = { metric: 'mean', value: 80 };
const MEASURED = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
const SLIM = knowBand({
  ...measuredBand([pull(1.35, 24), pull(1.77, 44), pull(2.18, 60)]),
  id: 'slim',
});
const [PLACE] = [placeRecord()];

function inputOf(part: Partial<WorkbenchInput> = {}): WorkbenchInput {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  return {
    person: personRecord(),
    exercise,
    placeId: null,
    anchor: PLACE?.anchors.find(({ kind }) => kind === 'wall') ?? null,
    bands: [],
    today: '2026-11-23',
    eyesRule: false,
    units: USUAL_UNITS,
    state: EMPTY_WORKBENCH,
    ...part,
  };
}

function found(input: WorkbenchInput, usable: readonly KnownBand[], target = TARGET) {
  const result = proposeSetups(requestOf(input, usable, target, USUAL_PREFERENCES), 30);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return result.value.flatMap((proposal) => lineOf(input, usable, proposal) ?? []);
}

describe('found set-ups', () => {
  it('are laid on the workbench as they say', () => {
    const lines = found(inputOf(), [MEASURED, SLIM]);
    expect(lines.length).toBeGreaterThan(2);
    for (const { part, solved, value, words } of lines) {
      expect(solved.solved.summary.mean).toBeCloseTo(value, 6);
      // Told with the range in which it comes out alike.
      const [from = NaN, to = from] = (/^(\d+)(?:–(\d+))? cm from the anchor/.exec(words) ?? [])
        .slice(1)
        .filter((end) => end !== undefined)
        .map(Number);
      expect((from + to) / 2).toBeCloseTo((part.distance_m ?? NaN) * 100, 6);
      expect(solved.cautions.every(({ level }) => level !== 'refuse')).toBeTrue();
    }
  });

  it('leave latex out for the allergic, and what an anchor is not rated for', () => {
    const allergic = inputOf({ person: { ...personRecord(), latexAllergy: true } });
    const of = (band: KnownBand, material: 'latexMoulded' | 'synthetic'): KnownBand => ({
      ...band,
      record: { ...band.record, material },
    });
    const bag = [of(MEASURED, 'synthetic'), of(SLIM, 'latexMoulded')];
    expect(requestOf(allergic, bag, TARGET, USUAL_PREFERENCES).kit.map(({ id }) => id)).toEqual([
      MEASURED.record.id,
    ]);
    const anchor = inputOf().anchor;
    const rated = inputOf({ anchor: anchor && { ...anchor, ratedLoad_N: 240 } });
    expect(requestOf(rated, [MEASURED], TARGET, USUAL_PREFERENCES).limits.anchor_N).toBe(80);
  });

  it('put what is known less surely behind', () => {
    const label: KnownBand = {
      ...SLIM,
      calibration: SLIM.calibration && { ...SLIM.calibration, grade: 'label' },
    };
    const { bandCost = {} } = requestOf(inputOf(), [MEASURED, label], TARGET, USUAL_PREFERENCES);
    expect(bandCost['slim']).toBeGreaterThan(bandCost[MEASURED.record.id] ?? NaN);
  });

  it('are told once where the same bands come out alike', () => {
    const lines = found(inputOf(), [MEASURED]);
    const [line] = lines;
    if (line === undefined) throw new Error('nothing found');
    expect(withoutAlike([line, { ...line, id: 'another way' }])).toEqual([line]);
    expect(withoutAlike(lines).length).toBeGreaterThan(0);
  });

  it('weigh what the trainer prefers', () => {
    const costs = (part: Partial<FinderPreferences>) =>
      requestOf(inputOf(), [MEASURED, SLIM], TARGET, { ...USUAL_PREFERENCES, ...part });
    const none = costs({ stacking: 'smallestSteps' });
    expect(Object.values(none.bandCost ?? {})).toEqual([0, 0]);
    expect(Object.values(none.handling ?? {}).every((cost) => cost === 0)).toBeTrue();
    const { bandCost = {} } = costs({ stacking: 'easyToMount' });
    expect(bandCost[MEASURED.record.id]).toBeGreaterThan(bandCost['slim'] ?? NaN);
    const state = { ...EMPTY_WORKBENCH, bandIds: ['slim'] };
    const close = requestOf(inputOf({ state }), [MEASURED, SLIM], TARGET, {
      ...USUAL_PREFERENCES,
      closeToSet: true,
    }).bandCost;
    expect(close?.[MEASURED.record.id]).toBeGreaterThan(close?.['slim'] ?? NaN);
  });

  it('say what it takes to change over', () => {
    const state = { ...EMPTY_WORKBENCH, bandIds: [MEASURED.record.id], distance_m: 2 };
    const lines = found(inputOf({ state, bands: [MEASURED] }), [MEASURED, SLIM]);
    const alone = lines.find(({ bands }) => bands.every(({ record }) => record.id === 'slim'));
    expect(alone?.changeOver).toContain('Plank off, Plank on');
    const kept = lines.find(({ part }) => part.bandIds?.join() === MEASURED.record.id);
    expect(kept?.changeOver).toMatch(/^(laid another way, )?\d+ cm (back|closer)$/);
  });

  it('stay inside the room before the anchor', () => {
    const anchor = inputOf().anchor;
    const small = inputOf({ anchor: anchor && { ...anchor, room_m: 1.2 } });
    expect(requestOf(small, [SLIM], TARGET, USUAL_PREFERENCES).distance.most).toBe(1.2);
    for (const { part } of found(small, [MEASURED, SLIM])) {
      expect(part.distance_m).toBeLessThanOrEqual(1.2);
    }
  });

  it('take two equal copies of a band where each side has one of its own, from those at hand', () => {
    const exercise = findExercise('fly');
    if (exercise === undefined) throw new Error('no fly');
    const twice: KnownBand = {
      ...SLIM,
      record: { ...SLIM.record, copies: [copyRecord(), copyRecord({ id: 'second', mark: 'b' })] },
    };
    const away: KnownBand = {
      ...twice,
      record: {
        ...twice.record,
        id: 'away',
        copies: twice.record.copies.map((copy) => ({
          ...copy,
          holder: { at: 'person' as const, personId: null },
        })),
      },
    };
    const input = inputOf({ exercise });
    const lines = found(input, [MEASURED, twice, away], { metric: 'mean', value: 12 });
    expect(lines.length).toBeGreaterThan(0);
    for (const { bands, changeOver, solved, value } of lines) {
      expect(bands.map(({ record }) => record.id)).toEqual(['slim', 'slim']);
      expect(solved.document.runs.map(({ band }) => band)).toEqual(['slim', 'slim~2']);
      expect(solved.document.runs.map(({ path }) => path.at(-1))).toEqual(['gripR', 'gripL']);
      expect(solved.solved.summary.mean).toBeCloseTo(value, 6);
      expect(changeOver).toContain('2 × Plank on');
    }
  });
});
