import { findExercise } from '@wiry-otter/catalogue';
import {
  inOrder,
  knowBand,
  type LadderTarget,
  proposeLadder,
  USUAL_PREFERENCES,
  withLocked,
  USUAL_UNITS,
} from '@wiry-otter/core';
import { measuredBand, personRecord, placeRecord, pull } from '../../../../testing/records';
import type { WorkbenchInput } from '../workbench/solve-workbench';
import { EMPTY_WORKBENCH } from '../workbench/workbench-state';
import {
  basisOf,
  gapsOf,
  keptRung,
  keptRungs,
  ladderRequestOf,
  type Rung,
  rungsOf,
} from './ladder-model';

const TARGET: LadderTarget = { metric: 'mean', from: 40, to: 90, step: 0.1 };
const PLANK = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
const BAG = [PLANK];
let count = 0;
const newId = (): string => `rung ${++count}`;

function inputOf(): WorkbenchInput {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  return {
    person: personRecord(),
    exercise,
    placeId: null,
    anchor: placeRecord().anchors[0] ?? null,
    bands: [],
    today: '2026-11-23',
    eyesRule: false,
    units: USUAL_UNITS,
    state: EMPTY_WORKBENCH,
  };
}

function found(before: readonly Rung[] = []): Rung[] {
  const input = inputOf();
  const request = ladderRequestOf(input, BAG, TARGET, USUAL_PREFERENCES, false);
  const result = proposeLadder(request);
  if (!result.ok) throw new Error(JSON.stringify(result.faults));
  return rungsOf(input, BAG, TARGET, result.value.rungs, before, newId);
}

describe('a ladder beside the scene', () => {
  it('climbs, each rung as the workbench would have it', () => {
    const rungs = found();
    expect(rungs.length).toBeGreaterThan(3);
    expect(rungs).toEqual(inOrder(rungs, TARGET));
    for (const { load, solved, title, value } of rungs) {
      expect(load).toBe(solved.solved.summary.mean);
      expect(value).toBe(load);
      expect(title).toMatch(/^Plank at \d\.\d\d m$/);
    }
  });

  it('goes on with the set-ups of the rungs that are as they were', () => {
    const first = found();
    const [lightest, ...others] = first;
    if (lightest === undefined) throw new Error('no rung');
    const heavier = { ...lightest, load: 1.01 * lightest.load };
    const again = found([heavier, ...others]).map(({ setupId }) => setupId);
    expect(again.slice(1)).toEqual(others.map(({ setupId }) => setupId));
    expect(again[0]).not.toBe(lightest.setupId);
  });

  it('comes back from the record as it was kept', () => {
    const input = inputOf();
    const rungs = found();
    const [first] = rungs;
    if (first === undefined) throw new Error('no rung');
    const kept = {
      id: 'ladder',
      version: 1,
      model: null,
      personId: input.person.id,
      exerciseId: input.exercise.id,
      placeId: 'place',
      anchorId: null,
      target: TARGET,
      notchFirst: false,
      source: 'found' as const,
      gaps: [],
      struck: [],
      basis: { ...basisOf(input, BAG), bands: [] },
      rungs: [{ ...keptRung({ ...first, locked: true }), load: 1, std: 0, cautions: [] }],
      savedAt: '2026-11-23T09:00:00Z',
      moved: null,
      removed: false,
    };
    const [again] = keptRungs(input, BAG, kept, 0);
    expect(again?.locked).toBeTrue();
    expect(again?.title).toBe(first.title);
    expect(again?.load).toBeCloseTo(first.load, 6);
    // A band that is gone takes its rungs along.
    expect(keptRungs(input, [], kept, 0)).toEqual([]);
  });

  it('keeps locked rungs in place, and struck ones out', () => {
    const rungs = found();
    const [first, second, third] = rungs;
    if (!first || !second || !third) throw new Error('too few rungs');
    const locked = { ...second, key: 'by hand', locked: true };
    const again = withLocked(rungs, [locked], [third.key], TARGET);
    const keys = again.map(({ key }) => key);
    expect(keys).toContain('by hand');
    // What was found within half a step of it gives way.
    expect(keys).not.toContain(second.key);
    expect(keys).not.toContain(third.key);
    const between = ({ above, below }: { above: number; below: number }): boolean =>
      below < third.value && third.value < above;
    expect(gapsOf(again, TARGET).some(between)).toBeTrue();
  });
});
