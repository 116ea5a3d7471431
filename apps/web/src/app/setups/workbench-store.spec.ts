import { TestBed } from '@angular/core/testing';
import { ACCOUNT, setUpApp } from '../../testing/app';
import {
  bandRecord,
  personRecord,
  placeRecord,
  pull,
  UUID,
  measurementRecord,
} from '../../testing/records';
import { accountActions } from '../state/account';
import { studioActions } from '../state/studio';
import { WorkbenchStore } from './workbench-store';

const BAND = bandRecord({
  id: `${UUID}7`,
  measurements: [measurementRecord([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)])],
});

function openBench(): InstanceType<typeof WorkbenchStore> {
  TestBed.resetTestingModule();
  const { store } = setUpApp();
  store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
  store.dispatch(
    studioActions.loaded({
      bands: [BAND],
      people: [personRecord()],
      places: [placeRecord()],
      setups: [],
      prescriptions: [],
      decisions: [],
    }),
  );
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
    bench.setHeight(3);
    expect(bench.set.height_m()).toBe(2);
    bench.chooseAnchor(`${UUID}4`);
    expect(bench.set.height_m()).toBe(1.3);
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
});
