import { TestBed } from '@angular/core/testing';
import { asked, setUpApp } from '../../testing/app';
import { StudioApi } from '../api/studio-api';
import { recordActions } from './record-actions';
import { syncFeature } from './sync';

describe('the feed', () => {
  function open() {
    localStorage.clear();
    const { store, wire } = setUpApp();
    const pull = (): void => store.dispatch(recordActions.pull());
    return { pull, store, wire, sync: store.selectSignal(syncFeature.selectSyncState) };
  }
  const page = (cursor: string, more = false) => ({ changes: [], cursor, more, held: false });

  it('is not asked before all is there that this device had kept', async () => {
    const { store, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: 'kept' }));
    store.dispatch(recordActions.pull());
    TestBed.tick();
    wire.expectNone(() => true);
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const request = await asked(wire, '/api/changes');
    expect(request.request.url).toContain('after=kept');
  });

  it('is asked page by page, each where the last ended', async () => {
    const { store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: null }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    (await asked(wire, '/api/changes')).flush(page('one', true));
    (await asked(wire, '/api/changes?after=one')).flush(page('two'));
    expect(sync().cursor).toBe('two');
    wire.expectNone(() => true);
  });

  it('serves all that asked meanwhile with one more pull', async () => {
    const { pull, store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: null }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const first = await asked(wire, '/api/changes');
    for (let n = 0; n < 5; n++) pull();
    first.flush(page('one'));
    (await asked(wire, '/api/changes?after=one')).flush(page('two'));
    expect(sync().cursor).toBe('two');
    // Whatever was asked before this is on the wire before it.
    const after = TestBed.inject(StudioApi).account().subscribe();
    await asked(wire, '/api/account');
    after.unsubscribe();
    wire.expectNone(() => true);
    pull();
    await asked(wire, '/api/changes?after=two');
  });

  it('is fetched anew where the cursor means nothing any more', async () => {
    const { store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: 'of another epoch' }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const body = { type: 'urn:x', title: 'Void.', status: 410, code: 'cursor-void' };
    const request = await asked(wire, '/api/changes?after=');
    request.flush(body, { status: 410, statusText: 'Gone' });
    const anew = await asked(wire, '/api/changes');
    expect(anew.request.url).not.toContain('after=');
    anew.flush(page('fresh'));
    expect(sync().cursor).toBe('fresh');
  });
});
