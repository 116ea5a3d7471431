import { TestBed } from '@angular/core/testing';
import { findExercise } from '@wiry-otter/catalogue';
import type { OwnExerciseInput, OwnExerciseRecord } from '@wiry-otter/contracts';
import { setUpStudio, tell, writes } from '../../../testing/app';
import { UUID } from '../../../testing/records';
import { ExercisesStore } from './exercises-store';

describe('exercises of one’s own', () => {
  const row = findExercise('standing-row');
  if (row === undefined) throw new Error('no row in the catalogue');
  const own: OwnExerciseRecord = {
    id: `${UUID}8`,
    version: 3,
    removed: false,
    document: { ...row, id: `own-${UUID}8`, title: 'Row on the quay' },
  };

  function open() {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [ExercisesStore] });
    const { store: global } = setUpStudio([]);
    tell(global, { exercise: [own] });
    return { store: TestBed.inject(ExercisesStore), written: writes() };
  }

  it('are copied under a name and an id of their own', () => {
    const { store, written } = open();
    store.choose('standing-row');
    store.copy();
    const draft = store.draft();
    expect(draft?.version).toBe(0);
    expect(draft?.document.id).toBe(`own-${draft?.id}`);
    expect(draft?.document.title).toBe(`${row.title}, my way`);
    store.save();
    expect(written()[0]?.kind).toBe('putExercise');
    expect(written()[0]?.what).toBe('A new exercise');
    expect(store.draft()).toBeNull();
  });

  it('can be copied themselves, beside those of the catalogue', () => {
    const { store } = open();
    expect(store.sources().map(({ title }) => title)).toContain('Row on the quay');
    const titles = store.sources().map(({ title }) => title);
    expect(titles).toEqual(titles.toSorted((a, b) => a.localeCompare(b)));
  });

  it('are changed from the version they were opened at, and not while they have faults', () => {
    const { store, written } = open();
    store.change(own);
    store.set({ ...own.document, title: '' });
    expect(store.faults().length).toBe(1);
    store.save();
    expect(written()).toEqual([]);
    store.set({ ...own.document, title: 'Row at the lock' });
    store.save();
    expect(written()[0]?.what).toBe('A change of an exercise');
    expect((written()[0]?.body as OwnExerciseInput).version).toBe(3);
  });

  it('come in as documents under a new id; what is none says why', () => {
    const { store } = open();
    store.bringIn({ ok: true, json: own.document });
    expect(store.refused()).toBeNull();
    expect(store.draft()?.document.title).toBe('Row on the quay');
    expect(store.draft()?.id).not.toBe(own.id);
    store.leave();
    store.bringIn({ ok: true, json: { ...own.document, phases: [] } });
    expect(store.refused()?.details.length).toBeGreaterThan(0);
    expect(store.draft()).toBeNull();
    store.bringIn({ ok: false, fault: 'This is no JSON.' });
    expect(store.refused()?.words).toBe('This is no JSON.');
  });
});
