import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { strToU8, zipSync } from 'fflate';
import { asked, setUpStudio, writes } from '../../../testing/app';
import { outboxActions } from '../../records/outbox/outbox-state';
import { noticesFeature } from '../../ui/notices/notices';
import { bandRecord, UUID } from '../../../testing/records';
import { ReadStudioStore } from './read-studio-store';

const SETTINGS = {
  format: 'wiry-otter.studio-settings',
  version: 1,
  ...{ name: 'Lock Five Strength', zone: 'Europe/Amsterdam', weekStart: 'monday' },
  ...{ forceUnit: 'kgf', lengthUnit: 'cm', massUnit: 'kg', eyesRule: false, trainers: [] },
  ...{ inspectionDays: 21, inspectionCycles: 900, painLimit: 2, breakDays: 10 },
};

const placeOf = (id: string, name: string): object => ({
  ...{ format: 'wiry-otter.place', version: 1, id, name, about: '', anchors: [] },
});

const fileOf = (id: string, name: string): object => ({
  ...{ format: 'wiry-otter.person-file', version: 1, person: { id, name } },
  ...{ places: [{ id: `${UUID}c` }], exercises: [] },
});

const BANDS = { format: 'wiry-otter.bands', version: 1, bands: [{ id: `${UUID}e` }] };

const FILES: Readonly<Record<string, unknown>> = {
  'studio.json': SETTINGS,
  'bands.json': BANDS,
  'people/Wren-1.json': fileOf(`${UUID}a`, 'Wren Tiller'),
  'people/Nils-2.json': fileOf(`${UUID}b`, 'Nils Sluice'),
  'people/Tobias-3.json': fileOf(`${UUID}1`, 'Tobias Quill'),
  'places/Quay-1.json': placeOf(`${UUID}c`, 'Quay'),
  'places/Shed-2.json': placeOf(`${UUID}d`, 'Shed'),
};

function archiveOf(files: Readonly<Record<string, unknown>>): File {
  const packed = Object.entries(files).map(([path, document]) => [
    path,
    strToU8(typeof document === 'string' ? document : JSON.stringify(document)),
  ]);
  const zip = zipSync(Object.fromEntries(packed) as Record<string, Uint8Array>);
  return new File([zip], 'studio.zip');
}

const READ = {
  ...{ personId: `${UUID}b`, name: 'Nils Sluice', added: [], saved: true },
  counts: { sessions: 1, sets: 3, setups: 1, notes: 0 },
};

describe('an archive of a whole studio on its way in', () => {
  function open() {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [ReadStudioStore] });
    const { store: global, wire } = setUpStudio([bandRecord({ id: `${UUID}e` })]);
    const notice = global.selectSignal(noticesFeature.selectNotice);
    return { notice, store: TestBed.inject(ReadStudioStore), wire, written: writes() };
  }

  it('is told first: who is here already, and whether its rules can be taken', async () => {
    const { store, wire } = open();
    await store.choose(archiveOf(FILES));
    expect(store.faults()).toEqual([]);
    expect(store.archive()?.people.length).toBe(3);
    const { bands, people, places } = store.arrivals();
    expect(bands).toBeNull();
    expect(people.map(({ person }) => person.name)).toEqual(['Wren Tiller', 'Nils Sluice']);
    // The quay comes along with whoever trains there.
    expect(places.map(({ name }) => name)).toEqual(['Shed']);
    // Whoever works with people already keeps to the rules of the house.
    expect(store.withRules()).toBeFalse();
    wire.expectNone(({ url }) => url.includes('import'));
  });

  it('goes on with the others where one is refused, and brings the places that nobody brought', async () => {
    const { store, wire, written } = open();
    await store.choose(archiveOf(FILES));
    const over = store.readIn();
    const problem = { type: 'urn:x', title: 'On record here already.', status: 409, faults: [] };
    (await asked(wire, '/api/people/import?save=yes')).flush(
      { ...problem, code: 'person-present' },
      { status: 409, statusText: 'Conflict' },
    );
    (await asked(wire, '/api/people/import?save=yes')).flush(READ);
    while (written().length === 0) await new Promise((resolve) => setTimeout(resolve));
    const [write] = written();
    expect([write?.kind, write?.params, write?.what]).toEqual([
      'putPlace',
      { id: `${UUID}d` },
      'Shed',
    ]);
    if (write === undefined) return fail('nothing was written');
    TestBed.inject(Store).dispatch(outboxActions.kept({ write: { ...write, place: 1 } }));
    await over;
    expect(store.notRead()).toEqual([{ what: 'Wren Tiller', words: ['On record here already.'] }]);
    expect(store.read()).toEqual(['Nils Sluice', 'Shed']);
    expect(store.archive()).toBeNull();
  });

  it('brings the bands that are not here, and names those that were refused', async () => {
    const { store, wire } = open();
    const bands = { ...BANDS, bands: [...BANDS.bands, { id: `${UUID}f`, name: 'Keel' }] };
    await store.choose(archiveOf({ 'bands.json': bands }));
    const over = store.readIn();
    const row = { row: 1, name: 'Keel', does: 'refuse', words: ['$.limit: found 9'] };
    const counts = { add: 0, change: 0, same: 0, refuse: 1 };
    const plan = { ...{ about: 'documents', said: [], digest: 'd', counts }, rows: [row] };
    const planned = await asked(wire, '/api/bands/import');
    const sent = JSON.parse(await (planned.request.body as Blob).text()) as typeof bands;
    expect(sent.bands.map(({ id }) => id)).toEqual([`${UUID}f`]);
    planned.flush({ ...plan, saved: false });
    (await asked(wire, '/api/bands/import?save=d')).flush({ ...plan, saved: true });
    await over;
    expect(store.read()).toEqual([]);
    expect(store.notRead()).toEqual([{ what: 'Keel', words: ['$.limit: found 9'] }]);
  });

  it('stops after the document at hand, and says how it goes on', async () => {
    const { notice, store, wire } = open();
    await store.choose(archiveOf(FILES));
    const over = store.readIn();
    const first = await asked(wire, '/api/people/import?save=yes');
    expect(store.reading()).toEqual({ what: 'Wren Tiller', done: 0, of: 3 });
    store.stop();
    first.flush({ ...READ, name: 'Wren Tiller' });
    await over;
    expect(store.read()).toEqual(['Wren Tiller']);
    expect(notice()?.text).toContain('choose the archive again to go on');
    wire.expectNone(({ url }) => url.startsWith('/api/people/import'));
  });

  it('stops when its page is left', async () => {
    const { store, wire } = open();
    await store.choose(archiveOf(FILES));
    const over = store.readIn();
    const first = await asked(wire, '/api/people/import?save=yes');
    TestBed.resetTestingModule();
    first.flush({ ...READ, name: 'Wren Tiller' });
    await over;
    expect(store.read()).toEqual(['Wren Tiller']);
  });

  it('takes its rules and units over where that is wanted', async () => {
    const { store, wire, written } = open();
    await store.choose(archiveOf({ 'studio.json': SETTINGS }));
    store.setWithRules(true);
    await store.readIn();
    wire.expectNone(({ url }) => url.startsWith('/api/people'));
    const rules = written().find(({ kind }) => kind === 'saveRules')?.body;
    expect(rules).toEqual(
      jasmine.objectContaining({
        forceUnit: 'kgf',
        inspectionDays: 21,
        painLimit: 2,
        breakDays: 10,
      }),
    );
    expect(JSON.stringify(rules)).not.toContain('Lock Five');
  });

  it('names the document and the place of what will not do', async () => {
    const { store } = open();
    const faultsOf = async (files: Readonly<Record<string, unknown>>) => {
      await store.choose(archiveOf(files));
      return store.faults();
    };
    const bad = { ...FILES, 'places/Shed-2.json': placeOf(`${UUID}d`, '') };
    expect(await faultsOf(bad)).toEqual([
      jasmine.stringMatching(/^places\/Shed-2.json, \$\.name: /),
    ]);
    expect(await faultsOf({ 'studio.json': '{' })).toEqual([
      jasmine.stringMatching(/^studio.json, \$: /),
    ]);
    expect(await faultsOf({ 'about.txt': 'nothing' })).toEqual([
      jasmine.stringMatching(/found no document of a studio/),
    ]);
  });
});
