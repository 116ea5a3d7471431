import { TestBed } from '@angular/core/testing';
import type { PersonRecord } from '@wiry-otter/contracts';
import { bandRecord, personRecord, UUID } from '../../testing/records';
import { ACCOUNT, setUpApp, STUDIO, tell } from '../../testing/app';
import { selectStudio } from '../records/selectors';
import { accountActions, rulesOf } from './account';
import { fieldsOf } from './band-input';
import { bandActions, selectRail } from './bands';
import { noticesFeature } from './notices';
import { outboxActions, outboxFeature } from './outbox';
import { focusFeature, studioActions } from './studio';

const SET = {
  performedAt: '2026-11-23T10:00:00Z',
  reps: 12,
  partial: 0,
  setupId: null,
  hold_s: null,
  lowering_s: null,
  spare: 2,
  form: 'clean' as const,
  pain: 0,
};

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
    store.dispatch(studioActions.focusPerson({ personId: wren.id }));
    TestBed.resetTestingModule();
    expect(loaded([personRecord(), wren])).toBe(wren.id);
    TestBed.resetTestingModule();
    expect(loaded([personRecord()])).toBe(personRecord().id);
  });
});

describe('band effects', () => {
  it('save a change and offer the way back to what was before', () => {
    const { store, wire } = setUpApp();
    const before = bandRecord({ id: `${UUID}7` });
    tell(store, { band: [before] });
    const input = { ...fieldsOf(before), name: 'Keel' };
    store.dispatch(bandActions.put({ id: before.id, input, words: 'Keel changed.' }));
    const sent = wire.expectOne({ method: 'PUT', url: `/api/bands/${before.id}` });
    sent.flush({ ...before, name: input.name, version: 2 });
    const notice = store.selectSignal(noticesFeature.selectNotice)();
    expect(notice?.text).toBe('Keel changed.');
    expect(notice?.undo).toEqual(
      bandActions.put({
        id: before.id,
        input: { ...fieldsOf(before), version: 2 },
        words: 'Change undone.',
      }),
    );
    expect(store.selectSignal(selectRail)()[0]?.name).toBe('Keel');
  });

  it('take a band that was added off the rail again on undo', () => {
    const { store, wire } = setUpApp();
    const band = bandRecord({ id: `${UUID}8` });
    store.dispatch(bandActions.put({ id: band.id, input: fieldsOf(band), words: 'On.' }));
    wire.expectOne(`/api/bands/${band.id}`).flush(band);
    const notice = store.selectSignal(noticesFeature.selectNotice)();
    expect(notice?.undo).toEqual(bandActions.remove({ id: band.id }));
  });

  it('tell a refusal and change nothing', () => {
    const { store, wire } = setUpApp();
    const band = bandRecord({ id: `${UUID}9` });
    tell(store, { band: [band] });
    store.dispatch(bandActions.remove({ id: band.id }));
    wire
      .expectOne({ method: 'DELETE', url: `/api/bands/${band.id}` })
      .flush(
        { type: 'x', title: 'There is no such record.', status: 404, code: 'not-found' },
        { status: 404, statusText: 'Not Found' },
      );
    expect(store.selectSignal(noticesFeature.selectNotice)()).toEqual({
      text: 'There is no such record.',
      tone: 'trouble',
      undo: null,
    });
    expect(store.selectSignal(selectRail)().length).toBe(1);
  });
});

describe('the effect of a changed rule', () => {
  it('is kept, and can be taken back', () => {
    const { store, wire } = setUpApp();
    store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
    wire.match(() => true);
    tell(store, { studio: [STUDIO] });
    const input = { ...rulesOf(STUDIO), inspectionDays: 14 };
    store.dispatch(accountActions.saveRules({ input, words: 'Every 14 days.' }));
    const sent = wire.expectOne({ method: 'PUT', url: '/api/studio/rules' });
    expect(sent.request.body).toEqual(input);
    sent.flush({ ...STUDIO, inspectionDays: 14, version: 2 });
    expect(store.selectSignal(selectStudio)()?.inspectionDays).toBe(14);
    expect(store.selectSignal(noticesFeature.selectNotice)()?.undo).toEqual(
      accountActions.saveRules({
        input: { ...rulesOf(STUDIO), version: 2 },
        words: 'Rules as they were.',
      }),
    );
  });
});

describe('outbox effects', () => {
  const [first, second, sessionId] = [`${UUID}a`, `${UUID}b`, `${UUID}c`];
  const url = (id: string): string => `/api/sessions/${sessionId}/sets/${id}`;
  afterEach(() => localStorage.clear());

  it('send sets in their order, one after the other, and keep what did not go', () => {
    const { store, wire } = setUpApp();
    const waiting = store.selectSignal(outboxFeature.selectSets);
    store.dispatch(
      outboxActions.write({ write: { kind: 'set', id: first, sessionId, input: SET } }),
    );
    store.dispatch(
      outboxActions.write({ write: { kind: 'set', id: second, sessionId, input: SET } }),
    );
    wire.expectNone(url(second));
    wire.expectOne(url(first)).error(new ProgressEvent('error'));
    expect(waiting().map(({ id }) => id)).toEqual([first, second]);
    expect(store.selectSignal(outboxFeature.selectOffline)()).toBeTrue();
    const kept = JSON.parse(localStorage.getItem('otter.outbox') ?? '[]') as { id: string }[];
    expect(kept.map(({ id }) => id)).toEqual([first, second]);
  });

  it('tell when the server will not have a set, and go on with the next', () => {
    const { store, wire } = setUpApp();
    store.dispatch(
      outboxActions.write({ write: { kind: 'set', id: first, sessionId, input: SET } }),
    );
    wire
      .expectOne(url(first))
      .flush(
        { type: 'x', title: 'The session is finished.', status: 409, code: 'session-finished' },
        { status: 409, statusText: 'Conflict' },
      );
    expect(store.selectSignal(noticesFeature.selectNotice)()?.tone).toBe('trouble');
    expect(store.selectSignal(outboxFeature.selectSets)()).toEqual([]);
  });

  it('keep a set when the sign-in has lapsed', () => {
    const { store, wire } = setUpApp();
    store.dispatch(
      outboxActions.write({ write: { kind: 'set', id: first, sessionId, input: SET } }),
    );
    wire
      .expectOne(url(first))
      .flush(
        { type: 'x', title: 'Sign in first.', status: 401, code: 'signed-out' },
        { status: 401, statusText: 'Unauthorized' },
      );
    expect(store.selectSignal(outboxFeature.selectSets)().length).toBe(1);
  });
});
