import { knowBand, routesOfRuns, USUAL_UNITS } from '@wiry-otter/core';
import { findExercise } from '@wiry-otter/catalogue';
import { bandRecord, measuredBand, personRecord, pull } from '../../../../testing/records';
import { type RibbonSpan, ribbonSpans } from '../../../scene/ribbon-spans';
import { SCENE, sceneView, toScene } from '../../../scene/scene-geometry';
import { type SolvedWorkbench, solveWorkbench, type WorkbenchInput } from './solve-workbench';
import { usableBands } from './routes';
import { EMPTY_WORKBENCH, laidAs, type WorkbenchState } from './workbench-state';

const PERSON = personRecord();
const BAND = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
const STATE: WorkbenchState = {
  ...EMPTY_WORKBENCH,
  routeIds: { continuous: 'end-held', open: null },
  bandIds: ['a'],
  distance_m: 2,
};

function solve(
  part: Partial<WorkbenchState> = {},
  person = PERSON,
  bands = [BAND],
): SolvedWorkbench {
  const state = { ...STATE, ...part };
  const exercise = findExercise(state.exerciseId);
  if (exercise === undefined) throw new Error(state.exerciseId);
  const input: WorkbenchInput = {
    state,
    person,
    exercise,
    placeId: null,
    anchor: null,
    bands,
    today: '2026-11-23',
    eyesRule: false,
    units: USUAL_UNITS,
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
    const closer_m = refusal?.cure?.kind === 'distance' ? refusal.cure.closer_m : 0;
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

  it('shows a person far from the wall whole', () => {
    const { document, solved } = solve({ distance_m: 2.8 });
    const { prepared } = solved.rig;
    const view = sceneView(document.exercise, document.points['anchor'], prepared);
    const behind_m = Math.min(...prepared.contacts.x);
    expect(toScene(view, behind_m, 0).x).toBeGreaterThan(10);
    expect(toScene(view, document.points['anchor']?.[0] ?? 0, 0).x).toBeCloseTo(SCENE.right, 6);
  });

  it('draws a band once along lines that several strands share, spread as it is stretched', () => {
    const workbench = solve();
    const scale = sceneView({ plane: 'sagittal' }, [2, 1.2, 0]);
    const spans = ribbonSpans(workbench, 40, scale);
    expect(spans.length).toBe(1);
    const [span] = spans;
    expect(span?.stretch).toBeCloseTo(workbench.solved.summary.peakStretch, 2);
    expect((span?.length ?? 0) / scale.pxPerMetre).toBeGreaterThan(1.5);
    expect(span?.rest_m).toBeCloseTo(
      (span?.length ?? 0) / scale.pxPerMetre / (span?.stretch ?? 1),
      6,
    );
  });

  it('narrows the bands of a stack along the body and opens them like a fan', () => {
    const workbench = solve({ bandIds: ['a', 'b'] }, PERSON, [
      BAND,
      { ...BAND, record: { ...BAND.record, id: 'b' } },
    ]);
    const beside = sceneView({ plane: 'sagittal' }, [2, 1.2, 0]);
    const [one, other] = ribbonSpans(workbench, 40, beside);
    const [first, second] = ribbonSpans(workbench, 40, { ...beside, side: 0 });
    const apart = (a: RibbonSpan | undefined, b: RibbonSpan | undefined, end: 'from' | 'to') =>
      Math.hypot((a?.[end].x ?? 0) - (b?.[end].x ?? 0), (a?.[end].y ?? 0) - (b?.[end].y ?? 0));
    expect(apart(one, other, 'to')).toBeCloseTo(apart(one, other, 'from'), 6);
    expect(first?.width).toBeLessThan(one?.width ?? 0);
    expect(apart(first, second, 'to')).toBeGreaterThan(apart(first, second, 'from') + 5);
  });

  it('lets a slack band hang, but not from above, where it hangs away from the eye', () => {
    const near = solve({ distance_m: 1 });
    const view = sceneView({ plane: 'sagittal' }, [1, 1.2, 0]);
    const [slack] = ribbonSpans(near, 0, view);
    expect(slack?.stretch).toBeLessThan(1);
    const chordMiddle = ((slack?.from.y ?? 0) + (slack?.to.y ?? 0)) / 2;
    expect(slack?.hanging?.control.y ?? 0).toBeGreaterThan(chordMiddle + 20);
    expect(ribbonSpans(near, 0, { ...view, floor: null })[0]?.hanging).toBeNull();
    expect(ribbonSpans(solve({ distance_m: 2 }), 40, view)[0]?.hanging).toBeNull();
  });

  it('reads the weight in the hands back without that of the handles', () => {
    const tube = knowBand({
      ...measuredBand([pull(1.35, 24), pull(1.77, 44), pull(2.18, 60)]),
      kind: 'tube',
      flatLength_m: 1.2,
      fittings: { deadLength_m: 0.2, mass_kg: 0.3 },
    });
    for (const weight_kg of [0, 2]) {
      const { document } = solve({ weight_kg, distance_m: 1.2 }, PERSON, [tube]);
      expect(document.loads?.length).toBeGreaterThan(0);
      expect(laidAs(document, 0, [tube]).weight_kg).toBeCloseTo(weight_kg, 9);
    }
  });

  describe('of two loops, one through the other', () => {
    const slim = knowBand({
      ...measuredBand([pull(1.35, 24), pull(1.77, 44), pull(2.18, 60)]),
      id: 'b',
    });
    const linked = solve({ linked: true, distance_m: 2.6 }, PERSON, [BAND, slim]);

    it('lays both in one line from the anchor to the hands', () => {
      expect(linked.document.runs.map(({ path }) => path[0])).toEqual(['anchor', 'link1']);
      const view = sceneView(linked.document.exercise, [2.6, 1.2, 0], linked.solved.rig.prepared);
      const [first, second] = ribbonSpans(linked, 40, view).filter(({ main }) => main);
      expect(first?.from.x).toBeCloseTo(SCENE.right, 6);
      expect(second?.from.x ?? NaN).toBeLessThan(first?.from.x ?? NaN);
    });

    it('is read back off its document', () => {
      const read = laidAs(linked.document, 0, [BAND, slim]);
      expect(read).toEqual({
        distance_m: 2.6,
        height_m: jasmine.any(Number),
        grip_m: null,
        stance_m: null,
        linked: true,
        marked: false,
        phases: null,
        side: 'right',
        slip_m: 0,
        stagger_m: null,
        weight_kg: 0,
        wraps: 0,
      });
      expect(routesOfRuns(linked.document).map((route) => route?.path)).toEqual([
        ['anchor', 'gripL', 'gripR'],
        ['anchor', 'gripL', 'gripR'],
      ]);
    });
  });

  describe('of the left limb', () => {
    it('asks what the right one asks, and shows the mirror image', () => {
      for (const exerciseId of ['outward-rotation', 'hip-abduction', 'side-raise-crossed']) {
        const part = { exerciseId, routeIds: EMPTY_WORKBENCH.routeIds };
        const right = solve({ ...part, side: 'right' });
        const left = solve({ ...part, side: 'left' });
        expect(left.solved.summary).toEqual(right.solved.summary);
        expect(left.document.side).toBe('left');
        const drawn = (workbench: SolvedWorkbench) => {
          const { exercise, points, side } = workbench.document;
          const view = sceneView(exercise, points['anchor'], workbench.solved.rig.prepared, side);
          return { view, at: toScene(view, 0.3, 0.3) };
        };
        expect(drawn(left).view.side + drawn(right).view.side).toBe(0);
      }
    });

    it('is asked for only where one side works at a time', () => {
      expect(solve({ side: 'left' }).document.side).toBeUndefined();
    });
  });
});
