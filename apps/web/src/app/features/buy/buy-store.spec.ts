import { TestBed } from '@angular/core/testing';
import { setUpStudio, tell } from '../../../testing/app';
import { BAND, LADDER, PERSON, trained } from '../../../testing/offline-device';
import { BuyStore } from './buy-store';

describe('what to buy', () => {
  async function open() {
    localStorage.clear();
    const device = await trained();
    TestBed.configureTestingModule({ providers: [BuyStore] });
    const { store: global } = setUpStudio([]);
    tell(global, { ...device.records, band: [BAND] });
    return TestBed.inject(BuyStore);
  }

  it('looks at all ladders until one is left out', async () => {
    const store = await open();
    const [row] = store.ladders();
    expect([row?.ladder.id, row?.name, row?.chosen]).toEqual([LADDER, PERSON.name, true]);
    store.choose(LADDER, false);
    expect(store.ladderIds()).toEqual([]);
  });

  it('finds bands that leave no greater gap than there is, the best first', async () => {
    const store = await open();
    await store.look();
    expect(store.broken()).toBeFalse();
    expect(store.served().map(({ id }) => id)).toEqual([LADDER]);
    const gaps = (store.found()?.tried ?? []).map((one) => one.gaps);
    expect(gaps.length).toBeGreaterThan(0);
    expect(gaps).toEqual(gaps.toSorted((a, b) => a - b));
  });

  it('is nothing while the search is given up', async () => {
    const store = await open();
    const looking = store.look();
    store.cancel();
    await looking;
    expect([store.found(), store.broken()]).toEqual([null, false]);
  });
});
