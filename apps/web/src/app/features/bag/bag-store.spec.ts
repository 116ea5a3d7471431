import { TestBed } from '@angular/core/testing';
import { setUpStudio, tell } from '../../../testing/app';
import { BAND, PERSON, PRESCRIBED, trained } from '../../../testing/offline-device';
import { BagStore } from './bag-store';

describe('the bag', () => {
  async function open() {
    const device = await trained();
    TestBed.configureTestingModule({ providers: [BagStore] });
    const { store: global } = setUpStudio([]);
    tell(global, { ...device.records, band: [BAND] });
    return { device, global, store: TestBed.inject(BagStore) };
  }
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('is for those who have work, and for what is prescribed to them', async () => {
    const { device, store } = await open();
    expect(store.personIds()).toEqual([PERSON.id]);
    const prescribed = device.view.get('prescription', PRESCRIBED)?.setupIds ?? [];
    expect(store.chosen().map(({ id }) => id)).toEqual([...prescribed]);
    store.choose(PERSON.id, false);
    expect(store.chosen()).toEqual([]);
  });

  it('holds what serves the work, says for whom, and is ticked off for the day', async () => {
    const { store } = await open();
    await store.pack();
    expect(store.broken()).toBeFalse();
    const [item] = store.items();
    expect(item?.name).toBe(BAND.name);
    expect(item?.uses[0]).toContain(PERSON.name);
    expect(store.unserved()).toEqual([]);
    store.tick(item?.id ?? '', true);
    expect(store.items()[0]?.packed).toBeTrue();
    // A reload in the yard loses no tick.
    TestBed.resetTestingModule();
    const again = await open();
    expect(again.store.packedIds()).toEqual([item?.id ?? '']);
  });
});
