import { TestBed } from '@angular/core/testing';
import { setUpStudio } from '../../testing/app';
import { bandRecord, pull, UUID, measurementRecord } from '../../testing/records';
import { WorkbenchStore } from './workbench-store';

const BAND = bandRecord({
  id: `${UUID}7`,
  measurements: [measurementRecord([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)])],
});

const SECOND = { ...BAND, id: `${UUID}8`, name: 'Second', tag: null };

function openBench(): InstanceType<typeof WorkbenchStore> {
  TestBed.resetTestingModule();
  setUpStudio([BAND, SECOND]);
  const bench = TestBed.runInInjectionContext(() => new WorkbenchStore());
  TestBed.tick();
  return bench;
}

describe('workbench store', () => {
  beforeEach(() => localStorage.clear());

  it('offers the anchors of the place that the exercise can use', () => {
    const bench = openBench();
    expect(bench.anchors().map(({ kind }) => kind)).toEqual(['wall', 'door']);
    bench.chooseExercise('curl');
    expect(bench.anchors()).toEqual([]);
  });

  it('holds distance and height to where person and anchor can be, in whole centimetres', () => {
    const bench = openBench();
    bench.setDistance(9);
    expect(bench.set.distance_m()).toBe(2.8);
    bench.setDistance(1.2345);
    expect(bench.set.distance_m()).toBe(1.23);
    bench.chooseAnchor(`${UUID}3`);
    bench.setHeight(3);
    expect(bench.set.height_m()).toBe(2);
    bench.chooseAnchor(`${UUID}4`);
    // The door reaches no higher than 1.3 m, so the row goes to its usual height.
    expect(bench.set.height_m()).toBe(1.22);
  });

  it('solves as bands go on and off, and asks for cautions to be seen to anew', () => {
    const bench = openBench();
    expect(bench.solved()?.document.runs).toEqual([]);
    bench.toggleBand(BAND.id);
    bench.acknowledge('door-side', true);
    expect(bench.solved()?.solved.summary.mean).toBeGreaterThan(20);
    bench.toggleBand(BAND.id);
    expect(bench.set.acknowledged()).toEqual([]);
    expect(bench.solved()?.document.runs).toEqual([]);
  });

  it('finds the bench as it was left for the person', () => {
    const bench = openBench();
    bench.toggleBand(BAND.id);
    bench.setDistance(2.04);
    TestBed.tick();
    const again = openBench();
    expect(again.set.distance_m()).toBe(2.04);
    expect(again.set.bandIds()).toEqual([BAND.id]);
  });

  it('undoes and redoes without end; a drag counts as one change', () => {
    const bench = openBench();
    bench.toggleBand(BAND.id);
    for (const distance_m of [1.91, 1.95, 2.0]) bench.setDistance(distance_m);
    bench.setFigure('slip_m', 0.05);
    bench.undo();
    expect(bench.set.slip_m()).toBe(0);
    bench.undo();
    expect(bench.set.distance_m()).toBe(1.9);
    expect(bench.set.bandIds()).toEqual([BAND.id]);
    bench.redo();
    expect(bench.set.distance_m()).toBe(2);
    bench.setFigure('wraps', 2);
    expect(bench.canRedo()).toBeFalse();
    while (bench.canUndo()) bench.undo();
    expect(bench.set.bandIds()).toEqual([]);
  });

  it('takes what changes nothing for no change', () => {
    const bench = openBench();
    bench.setDistance(bench.set.distance_m() + 0.001);
    bench.setSide(bench.set.side());
    expect(bench.canUndo()).toBeFalse();
    bench.setDistance(bench.set.distance_m() + 0.01);
    bench.undo();
    bench.setDistance(bench.set.distance_m());
    expect(bench.canRedo()).toBeTrue();
  });

  it('undoes a slow drag as one change, and two keys far apart as two', () => {
    const now = spyOn(performance, 'now').and.returnValue(10_000);
    const bench = openBench();
    bench.hold();
    for (const [at, distance_m] of [
      [10_100, 1.95],
      [12_000, 2],
      [15_000, 2.05],
    ] as const) {
      now.and.returnValue(at);
      bench.setDistance(distance_m);
    }
    bench.letGo();
    now.and.returnValue(18_000);
    bench.setDistance(2.1);
    bench.undo();
    expect(bench.set.distance_m()).toBe(2.05);
    bench.undo();
    expect(bench.set.distance_m()).toBe(1.9);
  });

  it('goes to where an exercise usually has its anchor, and lets figures be typed within bounds', () => {
    const bench = openBench();
    bench.chooseExercise('pull-up');
    expect(bench.anchor()?.kind).toBe('bar');
    expect(bench.set.height_m()).toBe(2.25);
    bench.setFigure('slip_m', 9);
    expect(bench.set.slip_m()).toBe(0.6);
    bench.setFigure('stance_m', 0.4);
    bench.setFigure('stance_m', null);
    expect(bench.set.stance_m()).toBeNull();
  });

  it('tells what changes would cost, and the cable of equal mean', () => {
    const bench = openBench();
    expect([...bench.costs()]).toEqual([]);
    bench.toggleBand(BAND.id);
    const back = [...bench.costs()].find(({ id }) => id === 'back');
    expect(back?.difference).toBeGreaterThan(0);
    const off = [...bench.costs()].find(({ id }) => id === `off ${BAND.id}`);
    expect(off?.share).toBeCloseTo(-1, 6);
    // Folded between the anchor and each hand, the loop is half as long.
    const fold = [...bench.costs()].find(({ id }) => id === 'fold folded');
    expect(fold?.share).toBeGreaterThan(1);
    bench.chooseRoute('continuous', 'folded');
    expect([...bench.costs()].some(({ id }) => id.startsWith('fold'))).toBeFalse();
    // A row pulls level: no free weight is like it.
    expect(bench.comparable()).toEqual(['cable']);
    expect(bench.equalCable()?.amount).toBeGreaterThan(0);
    bench.chooseExercise('curl');
    expect(bench.comparable()).toEqual(['dumbbell', 'cable']);
    expect(bench.equalDumbbell()?.amount).toBeGreaterThan(0);
  });

  it('hangs loops one through the other, in the order that is chosen', () => {
    const bench = openBench();
    for (const id of [BAND.id, SECOND.id]) bench.toggleBand(id);
    expect(bench.linking()).toBe('fromAnchor');
    bench.setLinked(true);
    const first = (): string | undefined => bench.solved()?.document.runs[0]?.band;
    expect(first()).toBe(BAND.id);
    bench.putFirst(SECOND.id);
    expect(first()).toBe(SECOND.id);
    bench.undo();
    expect(first()).toBe(BAND.id);
    // With nothing on a wall they go round the back, from hand to hand.
    bench.chooseExercise('push-up-across-back');
    expect(bench.linking()).toBe('handToHand');
    bench.setLinked(true);
    expect(Object.keys(bench.solved()?.document.links ?? {})).toEqual(['link1']);
  });
});
