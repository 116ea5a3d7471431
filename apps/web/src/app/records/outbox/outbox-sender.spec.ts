import { type HttpTestingController, type TestRequest } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { Actions, ofType } from '@ngrx/effects';
import { bandInput, type LadderRecord, type PlaceInput } from '@wiry-otter/contracts';
import { personFields } from '@wiry-otter/derived';
import { setUpApp, tell } from '../../../testing/app';
import { bandRecord, personRecord, placeRecord, UUID } from '../../../testing/records';
import { SLICES } from '../record-slice';
import { syncFeature } from '../sync';
import { fieldsOf } from './kinds/band-input';
import { Outbox } from './outbox';
import { outboxActions } from './outbox-state';
import { OutboxSender } from './outbox-sender';
import type { Write } from './write';

const place = (id: string, name: string): PlaceInput & { id: string } => ({
  ...placeRecord(),
  id,
  name,
});

function putPlace(id: string, name: string, base?: object): Write {
  const { id: _id, ...body } = place(id, name);
  return {
    id: crypto.randomUUID(),
    at: '2026-11-23T10:00:00Z',
    kind: 'putPlace',
    params: { id },
    body,
    what: name,
    by: { id: `${UUID}1`, name: 'Mika Ferrow' },
    ...(base === undefined ? {} : { base }),
  };
}

const LADDER: Omit<LadderRecord, 'id'> = {
  version: 1,
  model: null,
  personId: `${UUID}1`,
  exerciseId: 'standing-row',
  placeId: `${UUID}2`,
  anchorId: null,
  target: { metric: 'mean', from: 40, to: 90, step: 0.1 },
  source: 'found',
  notchFirst: false,
  gaps: [],
  struck: [],
  basis: { body: { stature_m: 1.8, mass_kg: 85 }, anchorId: null, height_m: null, bands: [] },
  rungs: [],
  savedAt: '2026-11-23T09:00:00Z',
  moved: null,
  removed: false,
};

describe('the sender of the outbox', () => {
  const [loft, cellar] = [`${UUID}2`, `${UUID}3`];
  let outbox: Outbox;
  let wire: HttpTestingController;
  let stop: AbortController;
  let sender: OutboxSender;
  let running: Promise<void>;
  let store: ReturnType<typeof setUpApp>['store'];

  beforeEach(() => {
    ({ store, wire } = setUpApp());
    outbox = new Outbox(crypto.randomUUID());
    sender = TestBed.inject(OutboxSender);
    stop = new AbortController();
  });
  afterEach(async () => {
    stop.abort();
    await running.catch(() => undefined);
    await outbox.delete();
  });

  const start = (): void => {
    running = sender.run(outbox, stop.signal);
  };

  /** The next request to a path, once it is made. */
  async function asked(path: string): Promise<TestRequest> {
    for (;;) {
      const [found] = wire.match((request) => request.url === `/api${path}`);
      if (found !== undefined) return found;
      sender.wake();
      await new Promise((resolve) => setTimeout(resolve));
    }
  }

  /** What is in the outbox once there are so many. */
  async function left(count: number): Promise<string[]> {
    for (;;) {
      const writes = await outbox.read();
      if (writes.length === count) return writes.map(({ what }) => what);
      await new Promise((resolve) => setTimeout(resolve));
    }
  }

  const problem = (
    status: number,
    code: string,
  ): [object, { status: number; statusText: string }] => [
    { type: 'urn:x', title: 'No.', status, code },
    { status, statusText: code },
  ];

  it('sends in order, under one id each, and shows the answer before it lets go', async () => {
    const first = putPlace(loft, 'Loft');
    await outbox.add(first, putPlace(loft, 'Loft, tidied'));
    start();
    const sent = await asked(`/places/${loft}`);
    expect(sent.request.headers.get('otter-write')).toBe(first.id);
    // As whom it was written, whoever is signed in by now.
    expect(sent.request.headers.get('otter-trainer')).toBe(outbox.trainerId);
    // The second is about the same place: it waits for the first.
    expect(wire.match(() => true)).toEqual([]);
    sent.flush({ ...place(loft, 'Loft'), version: 2 });
    const second = await asked(`/places/${loft}`);
    expect(store.selectSignal(SLICES.place.selectEntities)()[loft]?.version).toBe(2);
    second.flush({ ...place(loft, 'Loft, tidied'), version: 3 });
    expect(await left(0)).toEqual([]);
  });

  it('is not held up by one that always fails: others go on', async () => {
    await outbox.add(putPlace(loft, 'Loft'), putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(500, 'internal'));
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(1)).toEqual(['Loft']);
  });

  it('takes a write for taken though this page cannot read the answer, and puts that aside', async () => {
    await outbox.add(putPlace(loft, 'Loft'), putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush({ id: loft, of: 'a later build' });
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(0)).toEqual([]);
    const { unread } = store.selectSignal(syncFeature.selectSyncState)();
    expect(unread).toEqual([{ kind: 'place', id: loft }]);
  });

  it('is not held up by an answer that says nothing: others go on', async () => {
    await outbox.add(putPlace(loft, 'Loft'), putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush('<html>');
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(1)).toEqual(['Loft']);
  });

  it('waits with what names a record until that is there, as a place where somebody trains', async () => {
    const person = personRecord({ id: `${UUID}7`, placeIds: [loft] });
    const trainsThere: Write = {
      ...putPlace(loft, 'Jory trains at the loft'),
      id: crypto.randomUUID(),
      kind: 'putPerson',
      params: { id: person.id },
      body: { ...personFields(person), version: 0 },
    };
    await outbox.add(putPlace(loft, 'Loft'), trainsThere, putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(500, 'internal'));
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(2)).toEqual(['Loft', 'Jory trains at the loft']);
    expect(wire.match(() => true)).toEqual([]);
  });

  it('finds what is due however much of what waits before it is held up', async () => {
    const held = Array.from({ length: 120 }, (_, n) => putPlace(loft, `Loft ${n}`));
    await outbox.add(...held, putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(500, 'internal'));
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(120)).not.toContain('Cellar');
  });

  it('keeps what the server will not have, with its reason, and goes on', async () => {
    await outbox.add(putPlace(loft, 'Loft'), putPlace(cellar, 'Cellar'));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(404, 'not-found'));
    (await asked(`/places/${cellar}`)).flush({ ...place(cellar, 'Cellar'), version: 2 });
    expect(await left(1)).toEqual(['Loft']);
    expect((await outbox.read())[0]?.refusal).toEqual({
      code: 'not-found',
      words: 'No.',
      details: '',
    });
  });

  it('tries again what a server may only be too busy for, before it counts as refused', async () => {
    let now = Date.now();
    spyOn(Date, 'now').and.callFake(() => now);
    await outbox.add(putPlace(loft, 'Loft'));
    start();
    for (let tries = 0; tries < 3; tries++) {
      expect((await outbox.read())[0]?.refusal).toBeUndefined();
      // Its pause is over.
      now += 120_000;
      (await asked(`/places/${loft}`)).flush(...problem(422, 'too-costly'));
    }
    while ((await outbox.read())[0]?.refusal === undefined) sender.wake();
    expect((await outbox.read())[0]?.refusal?.code).toBe('too-costly');
  });

  it('keeps all of it while the sign-in is another’s', async () => {
    await outbox.add(putPlace(loft, 'Loft'));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(403, 'another-trainer'));
    stop.abort();
    await running;
    const [kept] = await outbox.read();
    expect([kept?.what, kept?.refusal]).toEqual(['Loft', undefined]);
  });

  it('merges with what came between, and sends that', async () => {
    const before = placeRecord();
    tell(store, { place: [before] });
    await outbox.add(putPlace(loft, 'Loft', before));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(409, 'version-conflict'));
    const theirs = { ...before, version: 7, about: 'Tidied by a colleague' };
    (await asked(`/records/place/${loft}`)).flush(theirs);
    const again = await asked(`/places/${loft}`);
    expect(again.request.body).toEqual(
      jasmine.objectContaining({ name: 'Loft', about: 'Tidied by a colleague', version: 7 }),
    );
    again.flush({ ...theirs, name: 'Loft', version: 8 });
    expect(await left(0)).toEqual([]);
  });

  it('merges a band with pulls that came between, and sends what can be written of it', async () => {
    const before = bandRecord({ id: cellar, version: 3 });
    const theirs = { ...before, version: 5, note: 'Tidied by a colleague' };
    const input = { ...fieldsOf(before), name: 'Keel' };
    await outbox.add({
      ...putPlace(cellar, 'A band', fieldsOf(before)),
      kind: 'putBand',
      body: input,
    });
    start();
    (await asked(`/bands/${cellar}`)).flush(...problem(409, 'version-conflict'));
    (await asked(`/records/band/${cellar}`)).flush(theirs);
    const again = await asked(`/bands/${cellar}`);
    const sent = bandInput.parse(again.request.body);
    expect([sent.name, sent.note, sent.version]).toEqual(['Keel', 'Tidied by a colleague', 5]);
    again.flush({ ...theirs, name: 'Keel', version: 6 });
    expect(await left(0)).toEqual([]);
  });

  it('goes on with what has fields of its own: a law that was chosen, a piece that is cut', async () => {
    const roll = bandRecord({ id: cellar, version: 5, lawFrom: null });
    const law = { version: 3, measurementId: loft };
    const piece = {
      ...{ version: 3, pieceId: `${UUID}8`, copyId: `${UUID}9` },
      ...{ name: 'Offcut', tag: null, length_m: 1 },
    };
    const base = { measurementId: null };
    await outbox.add(
      { ...putPlace(cellar, 'A law', base), kind: 'chooseLaw', body: law },
      { ...putPlace(cellar, 'A piece'), kind: 'cutPiece', body: piece },
    );
    start();
    for (const [path, body] of [
      ['law', law],
      ['cut', piece],
    ] as const) {
      (await asked(`/bands/${cellar}/${path}`)).flush(...problem(409, 'version-conflict'));
      (await asked(`/records/band/${cellar}`)).flush(roll);
      const again = await asked(`/bands/${cellar}/${path}`);
      expect(again.request.body).toEqual({ ...body, version: 5 });
      again.flush(roll);
    }
    expect(await left(0)).toEqual([]);
  });

  it('leaves to a person what both changed in different ways', async () => {
    const before = placeRecord();
    await outbox.add(putPlace(loft, 'Loft', before));
    start();
    (await asked(`/places/${loft}`)).flush(...problem(409, 'version-conflict'));
    (await asked(`/records/place/${loft}`)).flush({ ...before, version: 7, name: 'Attic' });
    for (;;) {
      const [kept] = await outbox.read();
      if (kept?.refusal !== undefined) {
        expect([kept.refusal.code, kept.refusal.details]).toEqual(['version-conflict', 'name']);
        return;
      }
      await new Promise((resolve) => setTimeout(resolve));
    }
  });

  it('fetches what the server derived in place of what was derived here, and says where they differ', async () => {
    const derivedHere = { id: cellar, model: 2, rungs: [{ setupId: loft, load: 40 }] };
    const write: Write = {
      ...putPlace(loft, 'Loft'),
      derived: [{ kind: 'ladder', id: cellar, record: derivedHere as never }],
    };
    const told: string[] = [];
    TestBed.inject(Actions)
      .pipe(ofType(outboxActions.differed))
      .subscribe(({ words }) => told.push(words));
    const logged = spyOn(console, 'error');
    await outbox.add(write);
    start();
    (await asked(`/places/${loft}`)).flush({ ...place(loft, 'Loft'), version: 2 });
    const asksFor = await asked(`/records/ladder/${cellar}`);
    // Until it is there, what was derived here goes on showing.
    expect((await outbox.read()).length).toBe(1);
    asksFor.flush({ ...LADDER, id: cellar, model: 2 });
    expect(await left(0)).toEqual([]);
    expect(told.length).toBe(1);
    expect(told[0]).toContain('here');
    expect(logged).toHaveBeenCalled();
  });
});
