// What a device is without its screens: store, replica, feed, outbox and sender of the application.
import '@angular/compiler';
import { provideHttpClient, withFetch } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { createApplication } from '@angular/platform-browser';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import { DERIVER_IN_PLACE } from '@wiry-otter/derived';
import { v7 as uuidv7 } from 'uuid';
import { ActingTrainer } from '../app/api/acting-trainer';
import { fieldsOf } from '../app/records/outbox/kinds/band-input';
import * as outboxEffects from '../app/records/outbox/outbox-effects';
import { outboxFeature } from '../app/records/outbox/outbox-state';
import { RecordWriter } from '../app/records/outbox/record-writer';
import { provideRecords } from '../app/records/provide-records';
import { recordActions } from '../app/records/record-actions';
import * as replicaEffects from '../app/records/replica-effects';
import { Replica } from '../app/records/replica';
import { SHOWN } from '../app/records/shown';
import * as streamEffects from '../app/records/stream-effects';
import { noticesFeature } from '../app/ui/notices/notices';
import { WorkerDeriver } from '../app/workers/worker-deriver';

/** What a device wrote: each is to be on the server once, at the end. */
export interface Written {
  readonly sets: readonly string[];
  readonly events: readonly string[];
  readonly readings: readonly string[];
}

export interface Device {
  /** Does so many things that a trainer does, the same for the same seed and records. */
  play(seed: number, count: number): Promise<Written>;
  /** What waits, and what the server would not have. */
  outbox(): { readonly waiting: number; readonly refused: readonly string[] };
  pull(): void;
  /** What is kept on the device, by kind and id. */
  replica(): Promise<Readonly<Record<string, unknown>>>;
}

declare global {
  interface Window {
    openDevice(trainer: { readonly id: string; readonly name: string }): Promise<Device>;
  }
}

window.openDevice = async (trainer) => {
  const { injector } = await createApplication({
    providers: [
      provideZonelessChangeDetection(),
      provideHttpClient(withFetch()),
      provideStore(),
      provideRecords(),
      provideState(noticesFeature),
      provideEffects(replicaEffects, streamEffects, outboxEffects),
      { provide: WorkerDeriver, useValue: DERIVER_IN_PLACE },
    ],
  });
  const store = injector.get(Store);
  Object.assign(injector.get(ActingTrainer), trainer);
  store.dispatch(recordActions.follow({ trainerId: trainer.id }));
  const writer = injector.get(RecordWriter);
  const writes = store.selectSignal(outboxFeature.selectWrites);
  const shown = <Kind extends RecordKind>(kind: Kind): RecordOf<Kind>[] =>
    store.selectSignal(SHOWN[kind].selectAll)();
  return {
    play: (seed, count) => play(writer, shown, random(seed), count),
    outbox: () => ({
      waiting: writes().filter(({ refusal }) => refusal === undefined).length,
      refused: writes().flatMap(({ kind, refusal }) =>
        refusal === undefined ? [] : `${kind}: ${refusal.code} ${refusal.details}`,
      ),
    }),
    pull: () => store.dispatch(recordActions.pull()),
    async replica() {
      const replica = new Replica(trainer.id);
      const { changes } = await replica.readRecent();
      const all = [...changes, ...(await replica.readOlder())];
      return Object.fromEntries(all.map(({ id, kind, record }) => [`${kind} ${id}`, record]));
    },
  };
};

type Shown = <Kind extends RecordKind>(kind: Kind) => RecordOf<Kind>[];

async function play(
  writer: RecordWriter,
  shown: Shown,
  next: () => number,
  count: number,
): Promise<Written> {
  const written = { sets: [] as string[], events: [] as string[], readings: [] as string[] };
  const any = <Of>(all: readonly Of[]): Of | undefined => all[Math.floor(next() * all.length)];
  const now = (): string => new Date().toISOString();
  for (let i = 0; i < count; i++) {
    const what = next();
    const open = shown('session').filter(({ finishedAt }) => finishedAt === null);
    const session = any(open);
    const band = any(shown('band').filter(({ state }) => state !== 'retired'));
    const place = any(shown('place'));
    if (session === undefined || what < 0.08) {
      const prescription = any(shown('prescription'));
      if (prescription === undefined) continue;
      const began = { prescriptionId: prescription.id, startedAt: now() };
      await writer.write('startSession', { id: uuidv7() }, began, 'A session begun');
    } else if (what < 0.5) {
      const setId = uuidv7();
      written.sets.push(setId);
      const set = {
        ...{ performedAt: now(), setupId: null, reps: 8 + Math.floor(8 * next()), partial: 0 },
        ...{ hold_s: null, lowering_s: null, spare: 2, form: 'clean' as const, pain: 0 },
      };
      await writer.write('logSet', { id: session.id, setId }, set, 'A set');
    } else if (what < 0.56) {
      const set = any(session.sets);
      const params = { id: session.id, setId: set?.id ?? '' };
      if (set === undefined) continue;
      await writer.write('setSetAside', params, { setAside: true }, 'A set taken back', set);
    } else if (what < 0.6) {
      await writer.write('finishSession', { id: session.id }, { redFlag: false }, 'The end');
    } else if (what < 0.75) {
      const [copyId, eventId] = [any(band?.copies ?? [])?.id, uuidv7()];
      if (band === undefined || copyId === undefined) continue;
      written.events.push(eventId);
      const event =
        next() < 0.5
          ? { kind: 'moved' as const, holder: { at: 'bag' as const } }
          : { kind: 'inspected' as const, findings: { edges: 'good' as const }, note: '' };
      const body = { copyId, at: now(), what: event };
      await writer.write('addBandEvent', { id: band.id, eventId }, body, 'An event');
    } else if (what < 0.83) {
      // Pulls and events raise the band's version meanwhile: what is merged are the fields that
      // a person writes.
      if (band === undefined) continue;
      const words = `seen ${Math.floor(1e6 * next())}`;
      const change = next() < 0.5 ? { note: `Rolled up, ${words}` } : { name: `Band ${words}` };
      const [base, params] = [fieldsOf(band), { id: band.id }];
      await writer.write('putBand', params, { ...base, ...change }, 'A band', base);
    } else if (what < 0.93) {
      const measurement = any(band?.measurements ?? []);
      const [before] = (measurement?.readings ?? []).toSorted((a, b) => a.length_m - b.length_m);
      if (band === undefined || measurement === undefined || before === undefined) continue;
      const params = { id: band.id, measurementId: measurement.id, readingId: uuidv7() };
      written.readings.push(params.readingId);
      const pull = {
        ...{ length_m: before.length_m, rest_m: before.rest_m, strands: before.strands },
        ...{ dead_m: before.dead_m, weighing: before.weighing, direction: before.direction },
        ...{ force_N: before.force_N * (0.95 + 0.1 * next()), takenAt: now() },
      };
      await writer.write('addReading', params, pull, 'A pull');
    } else if (place !== undefined) {
      // Two devices may change the same field: a person is asked then.
      const { id, ...fields } = place;
      const about = `Seen ${Math.floor(1e6 * next())}`;
      const body = next() < 0.5 ? { ...fields, about } : { ...fields, name: `Loft ${about}` };
      await writer.write('putPlace', { id }, body, 'A place kept', place);
    }
  }
  return written;
}

/** Numbers from 0 to 1 that are the same for the same seed (mulberry32). */
function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}
