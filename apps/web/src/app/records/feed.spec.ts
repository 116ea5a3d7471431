import { TestBed } from '@angular/core/testing';
import { asked, setUpApp } from '../../testing/app';
import { personRecord, UUID } from '../../testing/records';
import { StudioApi } from '../api/studio-api';
import { recordActions } from './record-actions';
import { SLICES } from './record-slice';
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
    store.dispatch(recordActions.restored({ changes: [], cursor: 'kept', unread: [] }));
    store.dispatch(recordActions.pull());
    TestBed.tick();
    wire.expectNone(() => true);
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const request = await asked(wire, '/api/changes');
    expect(request.request.url).toContain('after=kept');
  });

  it('is asked page by page, each where the last ended', async () => {
    const { store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: null, unread: [] }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    (await asked(wire, '/api/changes')).flush(page('one', true));
    (await asked(wire, '/api/changes?after=one')).flush(page('two'));
    expect(sync().cursor).toBe('two');
    wire.expectNone(() => true);
  });

  it('serves all that asked meanwhile with one more pull', async () => {
    const { pull, store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: null, unread: [] }));
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
    store.dispatch(recordActions.restored({ changes: [], cursor: 'of another epoch', unread: [] }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const body = { type: 'urn:x', title: 'Void.', status: 410, code: 'cursor-void' };
    const request = await asked(wire, '/api/changes?after=');
    request.flush(body, { status: 410, statusText: 'Gone' });
    const anew = await asked(wire, '/api/changes');
    expect(anew.request.url).not.toContain('after=');
    anew.flush(page('fresh'));
    expect(sync().cursor).toBe('fresh');
  });

  it('goes on over what this page cannot read, and puts it aside by id', async () => {
    const { store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: null, unread: [] }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const person = personRecord();
    const change = (kind: string, id: string, record: object | null) => ({
      ...{ kind, id, version: 3, record },
    });
    const request = await asked(wire, '/api/changes');
    expect(request.request.headers.get('otter-page')).toBe('1');
    request.flush({
      ...page('one', true),
      changes: [
        change('tide', `${UUID}7`, { id: `${UUID}7`, height_m: 1 }),
        change('band', `${UUID}8`, { id: `${UUID}8`, of: 'a later build' }),
        change('person', person.id, person),
      ],
    });
    expect(store.selectSignal(SLICES.person.selectAll)()).toEqual([person]);
    expect(sync().unread).toEqual([
      { kind: 'tide', id: `${UUID}7` },
      { kind: 'band', id: `${UUID}8` },
    ]);
    const next = await asked(wire, '/api/changes?after=one');
    next.flush({ ...page('two'), changes: [change('band', `${UUID}8`, null)] });
    expect(sync().unread).toEqual([{ kind: 'tide', id: `${UUID}7` }]);
  });

  it('fetches what a build before could not read, and lets go of what is gone', async () => {
    const { store, sync, wire } = open();
    const person = personRecord();
    const unread = [
      { kind: 'person', id: person.id },
      { kind: 'band', id: `${UUID}8` },
      { kind: 'place', id: `${UUID}9` },
      { kind: 'tide', id: `${UUID}7` },
    ];
    store.dispatch(recordActions.restored({ changes: [], cursor: 'kept', unread }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    (await asked(wire, '/api/changes?after=kept')).flush(page('one'));
    (await asked(wire, `/api/records/person/${person.id}`)).flush(person);
    const gone = { type: 'urn:x', title: 'Gone.', status: 404, code: 'not-found' };
    const band = await asked(wire, `/api/records/band/${UUID}8`);
    band.flush(gone, { status: 404, statusText: 'Not found' });
    (await asked(wire, `/api/records/place/${UUID}9`)).flush({ id: `${UUID}9`, of: 'a later one' });
    expect(store.selectSignal(SLICES.person.selectAll)()).toEqual([person]);
    expect(sync().unread.map(({ kind }) => kind)).toEqual(['place', 'tide']);
  });

  it('says that the page is too old for the server, until it is told again', async () => {
    const { store, sync, wire } = open();
    store.dispatch(recordActions.restored({ changes: [], cursor: 'kept', unread: [] }));
    store.dispatch(recordActions.restoredOlder({ changes: [] }));
    const body = { type: 'urn:x', title: 'Old.', status: 409, code: 'page-outdated' };
    const request = await asked(wire, '/api/changes?after=kept');
    request.flush(body, { status: 409, statusText: 'Conflict' });
    expect(sync().outdated).toBeTrue();
    store.dispatch(recordActions.pull());
    (await asked(wire, '/api/changes?after=kept')).flush(page('one'));
    expect(sync().outdated).toBeFalse();
  });
});
