import { TestBed } from '@angular/core/testing';
import type { PlaceInput } from '@wiry-otter/contracts';
import { setUpStudio, writes } from '../../../testing/app';
import { placeRecord } from '../../../testing/records';
import { PlacesStore } from './places-store';

describe('the place under change', () => {
  function open() {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [PlacesStore] });
    setUpStudio([]);
    return { store: TestBed.inject(PlacesStore), written: writes() };
  }

  it('is kept with its anchors, from the version it was opened at', () => {
    const { store, written } = open();
    store.change(placeRecord());
    store.addAnchor('post');
    const post = store.draft()?.anchors.at(-1);
    expect(post).toEqual(jasmine.objectContaining({ kind: 'post', girth_m: 0.5, door: null }));
    store.setAnchor(post?.id ?? '', { name: 'Mooring post', ratedLoad_N: 3000 });
    store.removeAnchor(placeRecord().anchors[0]?.id ?? '');
    store.save();
    const [write] = written();
    expect(write?.kind).toBe('putPlace');
    expect(write?.params.id).toBe(placeRecord().id);
    const { anchors, version } = write?.body as PlaceInput;
    expect(version).toBe(1);
    expect(anchors.map(({ name }) => name)).toEqual(['Hall door', 'Bar', 'Mooring post']);
    expect(store.draft()).toBeNull();
  });

  it('is not kept while something is missing, and says at which anchor', () => {
    const { store, written } = open();
    store.add();
    expect(store.changed()).toBeFalse();
    store.set({ name: 'Sail loft' });
    store.addAnchor('bar');
    expect(store.changed()).toBeTrue();
    expect(store.faults()).toEqual(['bar, name is missing.']);
    store.save();
    expect(written()).toEqual([]);
    store.setAnchor(store.draft()?.anchors[0]?.id ?? '', { name: 'Boom', highest_m: 99 });
    expect(store.faults()[0]).toContain('Boom, highest: 99 will not do');
    store.leave();
    expect(store.faults()).toEqual([]);
  });

  it('hangs a strap in a door as it usually is, until it is said otherwise', () => {
    const { store } = open();
    store.add();
    store.addAnchor('door');
    const [door] = store.draft()?.anchors ?? [];
    if (door === undefined) throw new Error('no door');
    expect(door.door).toEqual({ side: 'hinge', opens: 'away', locked: false, foamEnd: true });
    store.setDoor(door, { opens: 'toward' });
    expect(store.draft()?.anchors[0]?.door?.opens).toBe('toward');
    expect(store.draft()?.anchors[0]?.door?.side).toBe('hinge');
  });
});
