import { TestBed } from '@angular/core/testing';
import type { PersonInput, PersonRecord, SessionRecord } from '@wiry-otter/contracts';
import { personFields } from '@wiry-otter/derived';
import { format, subDays } from 'date-fns';
import { setUpStudio, tell, writes } from '../../../testing/app';
import { personRecord, UUID } from '../../../testing/records';
import { PeopleStore } from './people-store';

describe('the people of a trainer', () => {
  const wren = personRecord({ id: `${UUID}7`, name: 'Wren Sluice' });
  const tobias = personRecord();

  function open(people: readonly PersonRecord[] = [tobias, wren]) {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [PeopleStore] });
    const { store: global } = setUpStudio([]);
    tell(global, { person: people });
    return { global, store: TestBed.inject(PeopleStore), written: writes() };
  }
  const session = (personId: string, daysAgo: number): SessionRecord =>
    ({
      ...{ id: `${UUID}${daysAgo}`, version: 1, personId, discardedAt: null },
      ...{ day: format(subDays(new Date(), daysAgo), 'yyyy-MM-dd'), startedAt: '', sets: [] },
    }) as unknown as SessionRecord;

  it('are listed by name, or who was trained longest ago first, and who has gone quiet', () => {
    const { global, store } = open();
    tell(global, { session: [session(tobias.id, 2), session(wren.id, 20)] });
    const names = () => store.rows().map(({ person }) => person.name);
    expect(names()).toEqual(['Tobias Quill', 'Wren Sluice']);
    expect(store.rows().map(({ quiet }) => quiet)).toEqual([null, 'quiet for 20 days']);
    store.sort('lastSession');
    expect(names()).toEqual(['Wren Sluice', 'Tobias Quill']);
    // Whoever opens a sheet comes back to the list as it was.
    const again = TestBed.runInInjectionContext(() => new PeopleStore());
    expect(again.order()).toBe('lastSession');
  });

  it('have a clearance that says when it runs out, and those it has followed', () => {
    const until = (days: number): string => format(subDays(new Date(), -days), 'yyyy-MM-dd');
    const clearance = (days: number) => ({
      ...{ by: 'Sanne Okoro, physiotherapist', limits: 'Nothing overhead.' },
      until: until(days),
    });
    const words = (days: number): string | null | undefined => {
      const { store } = open([personRecord({ clearance: clearance(days) })]);
      store.open(tobias.id);
      return store.clearance()?.endsWords;
    };
    expect(words(40)).toBeNull();
    TestBed.resetTestingModule();
    expect(words(9)).toBe('It runs out in 9 days: ask for another.');
    TestBed.resetTestingModule();
    expect(words(-1)).toBe('It has run out: ask for another.');
    TestBed.resetTestingModule();
    const { store } = open([personRecord({ clearancesBefore: [clearance(-30)] })]);
    store.open(tobias.id);
    expect(store.clearancesBefore()[0]).toContain('Sanne Okoro, physiotherapist, until ');
  });

  it('are quiet where they trained longer ago than this device keeps', () => {
    const { store } = open([personRecord({ trainedSince: { 'standing-row': '2024-02-01' } })]);
    const [row] = store.rows();
    expect([row?.lastWords, row?.quiet]).toEqual(['', 'quiet for half a year']);
  });

  it('are written down with a name, stature, mass and what for; the rest is as for most', () => {
    const { store, written } = open();
    store.add();
    expect(store.changed()).toBeFalse();
    expect(store.save()).toBeUndefined();
    expect(store.faults()).toEqual([
      'The name is missing.',
      'The stature is missing.',
      'The body mass is missing.',
    ]);
    store.set({ name: 'Jory Lantern', stature_m: 1.74, mass_kg: 770 });
    expect(store.faults()).toEqual([jasmine.stringMatching(/^The body mass: 770 will not do/)]);
    store.set({ mass_kg: 77, goal: 'skill' });
    const id = store.save();
    const [write] = written();
    expect([write?.kind, write?.params.id]).toEqual(['putPerson', id]);
    expect(write?.body as PersonInput).toEqual(
      jasmine.objectContaining({ version: 0, name: 'Jory Lantern', painLimit: 3, clearance: null }),
    );
    expect(store.openId()).toBe(id ?? '');
  });

  it('are changed from the version that was opened, without what the log knows of them', () => {
    const { store, written } = open();
    store.change(tobias);
    store.set({
      clearance: { by: 'Sanne Okoro, physiotherapist', until: '2027-02-28', limits: '' },
    });
    store.save();
    const [write] = written();
    expect(write?.base).toEqual(personFields(tobias));
    expect(write?.body).toEqual(jasmine.objectContaining({ version: 1, name: 'Tobias Quill' }));
    expect(Object.keys(write?.body as object)).not.toContain('trainedSince');
  });

  it('have a sheet that says what their set-ups are held to, and when that runs out', () => {
    const clearance = {
      by: 'Sanne Okoro, physiotherapist',
      until: '2020-02-28',
      limits: 'Nothing overhead.',
      enforced: {
        ...{ pull_N: 120, handHeight_m: 1.4, stage: 'isometric' as const },
        groups: { not: ['rotatorCuff' as const, 'neck' as const] },
      },
    };
    const { store } = open([personRecord({ clearance, goal: 'keep', conditions: ['heart'] })]);
    store.open(tobias.id);
    expect(store.isClearanceAskedFor()).toBeTrue();
    expect(store.clearance()).toEqual({
      ...{ by: clearance.by, until: '28 Feb 2020', isOver: true, limits: clearance.limits },
      endsWords: 'It has run out: ask for another.',
      enforced: [
        'no pull above 120 N',
        'hands no higher than 140 cm',
        'as far as holds',
        'no work for rotator cuff, neck',
      ],
    });
    expect(store.lines().find(({ label }) => label === 'On file')?.words).toBe('a heart condition');
  });
});
