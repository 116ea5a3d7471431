import { TestBed } from '@angular/core/testing';
import { setUpStudio } from '../../../testing/app';
import { bandRecord, measuredBand, pull, UUID } from '../../../testing/records';
import { CompareStore } from './compare-store';

describe('bands side by side', () => {
  /** A loop measured at so many times the pulls of a slim one. */
  const loop = (n: number, times: number) =>
    measuredBand([pull(1.35, 30 * times), pull(1.77, 55 * times), pull(2.18, 75 * times)], {
      id: `${UUID}${n}`,
      name: `Loop ${times}`,
    });
  const labelled = bandRecord({ id: `${UUID}8`, name: 'Label', label: { min_N: 50, max_N: 200 } });
  const bare = bandRecord({ id: `${UUID}9`, name: 'Bare' });

  function open() {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [CompareStore] });
    setUpStudio([loop(3, 3), loop(1, 1), labelled, loop(2, 2), bare]);
    return TestBed.inject(CompareStore);
  }

  it('are offered where they have a law, the slimmest pull first', () => {
    const names = open()
      .offered()
      .map(({ record }) => record.name);
    expect(names.filter((name) => name.startsWith('Loop'))).toEqual(['Loop 1', 'Loop 2', 'Loop 3']);
    expect(names).toContain('Label');
    expect(names).not.toContain('Bare');
  });

  it('begin with the measured loops; what a hand picks stays picked', () => {
    const store = open();
    expect(store.picked().map(({ record }) => record.name)).toEqual(['Loop 1', 'Loop 2', 'Loop 3']);
    store.toggle(labelled.id);
    store.toggle(`${UUID}2`);
    expect(new Set(store.picked().map(({ record }) => record.name))).toEqual(
      new Set(['Loop 1', 'Loop 3', 'Label']),
    );
  });

  it('tell their pulls at one stretch, and which two pull as a third', () => {
    const store = open();
    const at2 = store.pulls().map(({ force_N }) => force_N);
    expect(at2).toEqual(at2.toSorted((a, b) => a - b));
    expect((at2[1] ?? NaN) / (at2[0] ?? NaN)).toBeCloseTo(2, 3);
    const sums = store.sums().map(({ pair, whole }) => [new Set(pair), whole]);
    expect(sums).toContain([new Set([`${UUID}1`, `${UUID}2`]), `${UUID}3`]);
    store.compareAt(1.4);
    expect(store.pulls()[0]?.force_N ?? NaN).toBeLessThan(at2[0] ?? NaN);
  });

  it('know no band that is not compared', () => {
    const store = open();
    expect(() => store.bandOf(bare.id)).toThrowError(RangeError);
  });
});
