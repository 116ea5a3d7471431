import { TestBed } from '@angular/core/testing';
import type { PersonRecord } from '@wiry-otter/contracts';
import { ACCOUNT, setUpApp, tell } from '../../testing/app';
import { personRecord, UUID } from '../../testing/records';
import { accountActions } from '../account/account';
import { noticeActions, noticesFeature } from '../ui/notices/notices';
import { focusActions, focusFeature } from './focus';

describe('the person in focus', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  const wren = personRecord({ id: `${UUID}2`, name: 'Wren Sluice' });
  const loaded = (people: readonly PersonRecord[]): string | null => {
    const { store } = setUpApp();
    store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
    tell(store, { person: people });
    return store.selectSignal(focusFeature.selectFocusId)();
  };

  it('is the same after a reload, as long as the trainer knows them', () => {
    const { store } = setUpApp();
    store.dispatch(focusActions.focusPerson({ personId: wren.id }));
    TestBed.resetTestingModule();
    expect(loaded([personRecord(), wren])).toBe(wren.id);
    TestBed.resetTestingModule();
    expect(loaded([personRecord()])).toBe(personRecord().id);
  });

  it('has nothing said over them that was said of another', () => {
    const { store } = setUpApp();
    store.dispatch(noticeActions.show({ text: 'Kept.', tone: 'done', undo: null }));
    store.dispatch(focusActions.focusPerson({ personId: wren.id }));
    expect(store.selectSignal(noticesFeature.selectNotice)()).toBeNull();
  });
});
