import { knowBand } from '@wiry-otter/core';
import { findExercise } from '@wiry-otter/catalogue';
import { bandRecord, measuredBand, personRecord, pull } from '../../testing/records';
import { ribbonSpans, SCENE, sceneView, toScene } from './scene-geometry';
import {
  type SolvedWorkbench,
  solveWorkbench,
  usableBands,
  type WorkbenchInput,
  type WorkbenchState,
} from './workbench-model';

const PERSON = personRecord();
const BAND = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
const STATE: WorkbenchState = {
  exerciseId: 'standing-row',
  placeId: '',
  anchorId: null,
  routeIds: { continuous: 'end-held', open: null },
  bandIds: ['a'],
  height_m: 1.2,
  distance_m: 2,
  grip_m: null,
  stance_m: null,
  slip_m: 0,
  wraps: 0,
  weight_kg: 0,
  body: null,
  wanted: null,
  acknowledged: [],
};

function solve(part: Partial<WorkbenchState> = {}, person = PERSON): SolvedWorkbench {
  const state = { ...STATE, ...part };
  const exercise = findExercise(state.exerciseId);
  if (exercise === undefined) throw new Error(state.exerciseId);
  const input: WorkbenchInput = {
    state,
    person,
    exercise,
    anchor: null,
    bands: [BAND],
    today: '2026-11-23',
    eyesRule: false,
  };
  const solved = solveWorkbench(input);
  if (!('document' in solved)) throw new Error(JSON.stringify(solved));
  return solved;
}

describe('workbench', () => {
  it('asks more the further the person stands from the anchor', () => {
    const means = [1.8, 1.9, 2, 2.1].map((distance_m) => solve({ distance_m }).solved.summary.mean);
    expect(means).toEqual([...means].sort((a, b) => a - b));
    expect(means[3]).toBeGreaterThan((means[0] ?? NaN) * 1.15);
  });

  it('states ± with every figure', () => {
    const { spread } = solve();
    expect(spread.mean).toBeGreaterThan(0);
    expect(spread.demand.length).toBe(41);
  });

  it('refuses an overstretch and takes the cure it names', () => {
    const refusal = solve({ distance_m: 2.8 }).cautions[0];
    expect(refusal?.level).toBe('refuse');
    const closer_m = refusal?.cure?.closer_m ?? 0;
    expect(solve({ distance_m: 2.8 - closer_m }).cautions.map(({ level }) => level)).not.toContain(
      'refuse',
    );
  });

  it('asks for clearance in rehab', () => {
    const rules = (person: ReturnType<typeof personRecord>): string[] =>
      solve({}, person).cautions.map(({ rule }) => rule);
    expect(rules({ ...PERSON, goal: 'rehab' })).toContain('condition');
    const clearance = { by: 'A physiotherapist', until: '2026-12-31', limits: '' };
    expect(rules({ ...PERSON, goal: 'rehab', clearance })).not.toContain('condition');
  });

  it('lays the curl under the feet, without an anchor', () => {
    const { document } = solve({ exerciseId: 'curl', routeIds: { continuous: null, open: null } });
    expect(document.points).toEqual({});
    expect(document.runs[0]?.path).toEqual(['soleL', 'gripL', 'gripR', 'soleR']);
  });

  it('offers no retired band and none without a figure', () => {
    const bands = [
      knowBand(bandRecord({ id: 'none' })),
      knowBand(bandRecord({ id: 'old', state: 'retired', label: { min_N: 50, max_N: 90 } })),
      BAND,
    ];
    expect(usableBands(bands).map(({ record }) => record.id)).toEqual(['a']);
  });
});

describe('scene', () => {
  it('keeps the wall still while the person moves, floor at the ruler', () => {
    for (const distance_m of [1.2, 2.4]) {
      const scale = sceneView({ plane: 'sagittal' }, [distance_m, 1.2, 0]);
      expect(toScene(scale, distance_m, 0)).toEqual({ x: SCENE.right, y: SCENE.floor });
    }
  });

  it('draws a band once along lines that several strands share, spread as it is stretched', () => {
    const bench = solve();
    const scale = sceneView({ plane: 'sagittal' }, [2, 1.2, 0]);
    const spans = ribbonSpans(bench, 40, scale);
    expect(spans.length).toBe(1);
    const [span] = spans;
    expect(span?.stretch).toBeCloseTo(bench.solved.summary.peakStretch, 2);
    expect((span?.length ?? 0) / scale.pxPerMetre).toBeGreaterThan(1.5);
    expect(span?.rest_m).toBeCloseTo(
      (span?.length ?? 0) / scale.pxPerMetre / (span?.stretch ?? 1),
      6,
    );
  });
});
