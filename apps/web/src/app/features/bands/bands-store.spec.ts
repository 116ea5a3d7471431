import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import type { CutInput, LawChoice } from '@wiry-otter/contracts';
import { setUpStudio, writes } from '../../../testing/app';
import { bandRecord, measuredBand, pull, UUID } from '../../../testing/records';
import { fieldsOf } from '../../records/outbox/kinds/band-input';
import { BandsStore } from './bands-store';

describe('the bands screen', () => {
  const plank = measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)], { id: `${UUID}a` });
  const bare = bandRecord({ id: `${UUID}b`, name: 'Keel' });
  const roll = bandRecord({ id: `${UUID}c`, name: 'Roll', stock: 'roll', kind: 'strip' });

  function open(id?: string) {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [BandsStore] });
    setUpStudio([plank, bare, roll]);
    const went = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
    const store = TestBed.inject(BandsStore);
    const bandId = signal(id);
    const look = (next: string | undefined): void => {
      bandId.set(next);
      TestBed.tick();
    };
    TestBed.runInInjectionContext(() => store.lookAt(bandId));
    TestBed.tick();
    return { store, look, went, written: writes() };
  }
  /** What is done once the screen is there that it leads to. */
  const arrived = (): Promise<void> => Promise.resolve();

  it('names what asks for a look, and why', () => {
    const { store } = open();
    expect(store.wanting().map(({ name, words }) => `${name}: ${words}`)).toEqual([
      'Keel: no pull and no label yet: in no set-up',
      'Roll: no pull and no label yet: in no set-up',
    ]);
  });

  it('leaves the form when another band is turned to', () => {
    const { look, store } = open(plank.id);
    expect(store.selected()?.record.name).toBe('Plank');
    store.edit();
    expect(store.mode()).toBe('edit');
    look(bare.id);
    expect(store.mode()).toBe('look');
    expect(store.selected()?.record.name).toBe('Keel');
  });

  it('changes the band looked at, or puts a new one on the rail under a new id', async () => {
    const { store, went, written } = open(plank.id);
    store.edit();
    store.save({ ...fieldsOf(plank), name: 'Gangplank' });
    await arrived();
    expect(written()[0]?.params.id).toBe(plank.id);
    expect(written()[0]?.what).toBe('A change of a band');
    store.add();
    store.save({ ...fieldsOf(plank), version: 0, name: 'Hawser' });
    await arrived();
    expect(written()[1]?.what).toBe('A new band');
    expect(written()[1]?.params.id).not.toBe(plank.id);
    expect(went.calls.mostRecent().args[0]).toEqual(['/bands', written()[1]?.params.id]);
  });

  it('cuts a piece from the roll as it stands, and turns to the piece', async () => {
    const { store, went, written } = open(roll.id);
    store.cut({ name: 'Offcut', length_m: 1.2 });
    await arrived();
    const { length_m, pieceId, version } = written()[0]?.body as CutInput;
    expect(written()[0]?.params.id).toBe(roll.id);
    expect([length_m, version]).toEqual([1.2, 1]);
    expect(went).toHaveBeenCalledWith(['/bands', pieceId]);
  });

  it('lets a measurement be chosen for the law', () => {
    const { store, written } = open(plank.id);
    store.chooseLaw('m');
    expect(written()[0]?.body as LawChoice).toEqual({ version: 1, measurementId: 'm' });
    expect(written()[0]?.base).toEqual({ measurementId: null });
  });
});
