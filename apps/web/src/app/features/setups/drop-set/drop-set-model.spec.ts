import { findExercise } from '@wiry-otter/catalogue';
import { knowBand, USUAL_UNITS } from '@wiry-otter/core';
import { measuredBand, personRecord, pull } from '../../../../testing/records';
import type { WorkbenchInput } from '../workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../workbench/workbench-state';
import { planOnWorkbench } from './drop-set-model';

const BAG = [1, 0.7, 0.45].map((share, i) => {
  const pulls = [pull(1.35, 48 * share), pull(1.77, 88 * share), pull(2.18, 121 * share)];
  return knowBand({ ...measuredBand(pulls), id: `b${i}`, name: ['Plank', 'Oar', 'Rope'][i] ?? '' });
});

function inputOf(bandIds: readonly string[]): WorkbenchInput {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  return {
    person: personRecord(),
    exercise,
    placeId: null,
    anchor: null,
    bands: BAG.filter(({ record }) => bandIds.includes(record.id)),
    today: '2026-11-23',
    eyesRule: false,
    units: USUAL_UNITS,
    state: { ...EMPTY_WORKBENCH, bandIds, distance_m: 2 },
  };
}

describe('a drop set on the workbench', () => {
  const input = inputOf(['b0', 'b1', 'b2']);

  it('takes off about what is wanted at each drop, by moves that are told', () => {
    const parts = planOnWorkbench(input, BAG, { times: 2, share: 0.25, direction: 'down' });
    expect(parts?.length).toBe(3);
    expect(parts?.[0]?.change).toBe('as it is set');
    for (const { change, load, seconds, share, solved } of parts?.slice(1) ?? []) {
      expect(Math.abs(-share - 0.25)).toBeLessThan(0.08);
      expect(seconds).toBeLessThanOrEqual(5);
      expect(change).toMatch(/off|cm in/);
      expect(solved.solved.summary.mean).toBeCloseTo(load, 9);
    }
  });

  it('climbs the same way backwards, and goes down and up', () => {
    const wish = { times: 2, share: 0.25 };
    const down = planOnWorkbench(input, BAG, { ...wish, direction: 'down' }) ?? [];
    const up = planOnWorkbench(input, BAG, { ...wish, direction: 'up' }) ?? [];
    const both = planOnWorkbench(input, BAG, { ...wish, direction: 'downUp' }) ?? [];
    const loads = (parts: typeof down) => parts.map(({ load }) => load);
    expect(loads(up)).toEqual(loads(down).reverse());
    expect(loads(both)).toEqual([...loads(down), ...loads(up).slice(1)]);
    // What comes off on the way down goes on on the way up, and takes as long.
    expect(up.map(({ seconds }) => seconds)).toEqual([
      0,
      ...down
        .slice(1)
        .map(({ seconds }) => seconds)
        .reverse(),
    ]);
    expect(up.slice(1).every(({ share }) => share > 0)).toBeTrue();
  });

  it('is none of nothing', () => {
    const none = { times: 2, share: 0.25, direction: 'down' as const };
    expect(planOnWorkbench(inputOf([]), BAG, none)).toBeUndefined();
  });

  it('takes both of a pair off at once, where each side has a band of its own', () => {
    const exercise = findExercise('fly');
    if (exercise === undefined) throw new Error('no fly');
    const bandIds = ['b0', 'b0', 'b1', 'b1'];
    const bands = bandIds.flatMap((id) => BAG.filter(({ record }) => record.id === id));
    const state = { ...input.state, exerciseId: 'fly', bandIds, distance_m: 1.2 };
    const parts = planOnWorkbench({ ...input, exercise, bands, state }, BAG, {
      times: 1,
      share: 0.3,
      direction: 'down',
    });
    expect(parts?.length).toBe(2);
    for (const { part, solved } of parts ?? []) {
      const { bandIds: on = [] } = part;
      expect(on.filter((_id, i) => i % 2 === 0)).toEqual(on.filter((_id, i) => i % 2 === 1));
      const sides = solved.document.runs.map(({ path }) => path.at(-1));
      expect(sides.filter((end) => end === 'gripR').length).toBe(sides.length / 2);
    }
  });
});
