import { TestBed } from '@angular/core/testing';
import { setUpStudio } from '../../../../testing/app';
import { bandRecord, pull, UUID, measurementRecord } from '../../../../testing/records';
import { WorkbenchStore } from './workbench-store';

const BAND = bandRecord({
  id: `${UUID}7`,
  measurements: [measurementRecord([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)])],
});

const SECOND = { ...BAND, id: `${UUID}8`, name: 'Second', tag: null };

function openWorkbench(): InstanceType<typeof WorkbenchStore> {
  TestBed.resetTestingModule();
  setUpStudio([BAND, SECOND]);
  const workbench = TestBed.runInInjectionContext(() => new WorkbenchStore());
  TestBed.tick();
  return workbench;
}

describe('workbench store', () => {
  beforeEach(() => localStorage.clear());

  it('offers the anchors of the place that the exercise can use', () => {
    const workbench = openWorkbench();
    expect(workbench.anchors().map(({ kind }) => kind)).toEqual(['wall', 'door']);
    workbench.chooseExercise('curl');
    expect(workbench.anchors()).toEqual([]);
  });

  it('holds distance and height to where person and anchor can be, in whole centimetres', () => {
    const workbench = openWorkbench();
    workbench.setDistance(9);
    expect(workbench.set.distance_m()).toBe(2.8);
    workbench.setDistance(1.2345);
    expect(workbench.set.distance_m()).toBe(1.23);
    workbench.chooseAnchor(`${UUID}3`);
    workbench.setHeight(3);
    expect(workbench.set.height_m()).toBe(2);
    workbench.chooseAnchor(`${UUID}4`);
    // The door reaches no higher than 1.3 m, so the row goes to its usual height.
    expect(workbench.set.height_m()).toBe(1.22);
  });

  it('solves as bands go on and off, and asks for cautions to be seen to anew', () => {
    const workbench = openWorkbench();
    expect(workbench.solved()?.document.runs).toEqual([]);
    workbench.toggleBand(BAND.id);
    workbench.acknowledge('door-side', true);
    expect(workbench.solved()?.solved.summary.mean).toBeGreaterThan(20);
    workbench.toggleBand(BAND.id);
    expect(workbench.set.acknowledged()).toEqual([]);
    expect(workbench.solved()?.document.runs).toEqual([]);
  });

  it('finds the workbench as it was left for the person', () => {
    const workbench = openWorkbench();
    workbench.toggleBand(BAND.id);
    workbench.setDistance(2.04);
    TestBed.tick();
    const again = openWorkbench();
    expect(again.set.distance_m()).toBe(2.04);
    expect(again.set.bandIds()).toEqual([BAND.id]);
  });

  it('undoes and redoes without end; a drag counts as one change', () => {
    const workbench = openWorkbench();
    workbench.toggleBand(BAND.id);
    for (const distance_m of [1.91, 1.95, 2.0]) workbench.setDistance(distance_m);
    workbench.setFigure('slip_m', 0.05);
    workbench.undo();
    expect(workbench.set.slip_m()).toBe(0);
    workbench.undo();
    expect(workbench.set.distance_m()).toBe(1.9);
    expect(workbench.set.bandIds()).toEqual([BAND.id]);
    workbench.redo();
    expect(workbench.set.distance_m()).toBe(2);
    workbench.setFigure('wraps', 2);
    expect(workbench.canRedo()).toBeFalse();
    while (workbench.canUndo()) workbench.undo();
    expect(workbench.set.bandIds()).toEqual([]);
  });

  it('takes what changes nothing for no change', () => {
    const workbench = openWorkbench();
    workbench.setDistance(workbench.set.distance_m() + 0.001);
    workbench.setSide(workbench.set.side());
    expect(workbench.canUndo()).toBeFalse();
    workbench.setDistance(workbench.set.distance_m() + 0.01);
    workbench.undo();
    workbench.setDistance(workbench.set.distance_m());
    expect(workbench.canRedo()).toBeTrue();
  });

  it('undoes a slow drag as one change, and two keys far apart as two', () => {
    const now = spyOn(performance, 'now').and.returnValue(10_000);
    const workbench = openWorkbench();
    workbench.hold();
    for (const [at, distance_m] of [
      [10_100, 1.95],
      [12_000, 2],
      [15_000, 2.05],
    ] as const) {
      now.and.returnValue(at);
      workbench.setDistance(distance_m);
    }
    workbench.letGo();
    now.and.returnValue(18_000);
    workbench.setDistance(2.1);
    workbench.undo();
    expect(workbench.set.distance_m()).toBe(2.05);
    workbench.undo();
    expect(workbench.set.distance_m()).toBe(1.9);
  });

  it('goes to where an exercise usually has its anchor, and lets figures be typed within bounds', () => {
    const workbench = openWorkbench();
    workbench.chooseExercise('pull-up');
    expect(workbench.anchor()?.kind).toBe('bar');
    expect(workbench.set.height_m()).toBe(2.25);
    workbench.setFigure('slip_m', 9);
    expect(workbench.set.slip_m()).toBe(0.6);
    workbench.setFigure('stance_m', 0.4);
    workbench.setFigure('stance_m', null);
    expect(workbench.set.stance_m()).toBeNull();
  });

  it('tells what each change would do, and the cable of equal mean', () => {
    const workbench = openWorkbench();
    expect([...workbench.changes()]).toEqual([]);
    workbench.toggleBand(BAND.id);
    const back = [...workbench.changes()].find(({ id }) => id === 'back');
    expect(back?.difference).toBeGreaterThan(0);
    const off = [...workbench.changes()].find(({ id }) => id === `off ${BAND.id}`);
    expect(off?.share).toBeCloseTo(-1, 6);
    // What a change says is what comes of taking it.
    const before = workbench.solved()?.solved.summary.mean ?? NaN;
    workbench.take('change', back?.part ?? {});
    const after = workbench.solved()?.solved.summary.mean ?? NaN;
    expect(after - before).toBeCloseTo(back?.difference ?? NaN, 9);
    workbench.undo();
    // Folded between the anchor and each hand, the loop is half as long.
    const fold = [...workbench.changes()].find(({ id }) => id === 'fold folded');
    expect(fold?.share).toBeGreaterThan(1);
    workbench.chooseRoute('continuous', 'folded');
    expect([...workbench.changes()].some(({ id }) => id.startsWith('fold'))).toBeFalse();
    // A row pulls level: no free weight is like it.
    expect(workbench.comparable()).toEqual(['cable']);
    expect(workbench.equalCable()?.amount).toBeGreaterThan(0);
    workbench.chooseExercise('curl');
    expect(workbench.comparable()).toEqual(['dumbbell', 'cable']);
    expect(workbench.equalDumbbell()?.amount).toBeGreaterThan(0);
  });

  it('hangs loops one through the other, in the order that is chosen', () => {
    const workbench = openWorkbench();
    for (const id of [BAND.id, SECOND.id]) workbench.toggleBand(id);
    expect(workbench.linking()).toBe('fromAnchor');
    workbench.setLinked(true);
    const first = (): string | undefined => workbench.solved()?.document.runs[0]?.band;
    expect(first()).toBe(BAND.id);
    workbench.putFirst(SECOND.id);
    expect(first()).toBe(SECOND.id);
    workbench.undo();
    expect(first()).toBe(BAND.id);
    // With nothing on a wall they go round the back, from hand to hand.
    workbench.chooseExercise('push-up-across-back');
    expect(workbench.linking()).toBe('handToHand');
    workbench.setLinked(true);
    expect(Object.keys(workbench.solved()?.document.links ?? {})).toEqual(['link1']);
  });
});
