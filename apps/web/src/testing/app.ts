import { provideHttpClient } from '@angular/common/http';
import {
  HttpTestingController,
  provideHttpClientTesting,
  type TestRequest,
} from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { Actions, ofType, provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import {
  type Account,
  type BandToday,
  RECORD_KINDS,
  type RecordKind,
  type RecordOf,
  type StudioRecord,
} from '@wiry-otter/contracts';
import { provideRecords } from '../app/records/provide-records';
import { outboxActions } from '../app/records/outbox/outbox-state';
import type { Write } from '../app/records/outbox/write';
import { recordActions } from '../app/records/record-actions';
import * as accountEffects from '../app/account/account-effects';
import { accountActions, accountFeature } from '../app/account/account';
import * as bandEffects from '../app/records/writing/band-effects';
import { noticesFeature } from '../app/ui/notices/notices';
import { focusFeature } from '../app/focus/focus';
import * as focusEffects from '../app/focus/focus-effects';
import * as studioEffects from '../app/records/writing/studio-effects';
import { personRecord, placeRecord, UUID } from './records';

export const ACCOUNT: Account = {
  trainer: { id: `${UUID}1`, name: 'Mika Ferrow', email: 'mika@canalside.example' },
  studioId: `${UUID}0`,
  gaugeUrl: null,
};

export const STUDIO: StudioRecord = {
  id: `${UUID}0`,
  version: 1,
  name: 'Towpath Training',
  zone: 'Europe/Amsterdam',
  address: null,
  trainers: [{ id: `${UUID}1`, name: 'Mika Ferrow', role: 'owner', hasLeft: false }],
  forceUnit: 'N',
  lengthUnit: 'cm',
  massUnit: 'kg',
  weekStart: 'monday',
  inspectionDays: 30,
  inspectionCycles: 1500,
  eyesRule: false,
  painLimit: 3,
  breakDays: 14,
};

/** The same, where no time without training is called a break: what was done on a fixed day grows old. */
export const WITHOUT_BREAKS: StudioRecord = { ...STUDIO, breakDays: 100_000 };

/** The application's own store and effects; only the wire is in the spec's hands. */
export function setUpApp(): { store: Store; wire: HttpTestingController } {
  TestBed.configureTestingModule({
    providers: [
      provideZonelessChangeDetection(),
      provideHttpClient(),
      provideHttpClientTesting(),
      provideRouter([]),
      provideStore(),
      provideState(accountFeature),
      provideRecords(),
      provideState(focusFeature),
      provideState(noticesFeature),
      provideEffects(accountEffects, focusEffects, bandEffects, studioEffects),
    ],
  });
  return { store: TestBed.inject<Store>(Store), wire: TestBed.inject(HttpTestingController) };
}

/** Puts records into the store, as the feed would tell of them. */
export function tell(
  store: Store,
  records: { readonly [Kind in RecordKind]?: readonly RecordOf<Kind>[] },
): void {
  const changes = RECORD_KINDS.flatMap((kind) =>
    (records[kind] ?? []).map((record) => ({ kind, id: record.id, version: 1, record })),
  );
  store.dispatch(recordActions.restored({ changes: [], cursor: null, unread: [] }));
  store.dispatch(recordActions.restoredOlder({ changes: [] }));
  store.dispatch(
    recordActions.pulled({ changes, cursor: '', more: false, held: false, unread: [] }),
  );
}

/** The application with the trainer signed in: one person, one place and these bands. */
export function setUpStudio(bands: readonly BandToday[]): ReturnType<typeof setUpApp> {
  const app = setUpApp();
  app.store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
  tell(app.store, {
    studio: [STUDIO],
    band: bands,
    person: [personRecord()],
    place: [placeRecord()],
  });
  return app;
}

/** What is written from now on, as it goes to the outbox. */
export function writes(): () => readonly Write[] {
  const written: Write[] = [];
  TestBed.inject(Actions)
    .pipe(ofType(outboxActions.write))
    .subscribe((action) => written.push(action.write));
  return () => written;
}

/** A request of this path, or of one that begins so, once it is on the wire: the first of all waits for what its answer is held to. */
export async function asked(wire: HttpTestingController, path: string): Promise<TestRequest> {
  for (;;) {
    const [request] = wire.match(({ url }) => url.startsWith(path));
    if (request !== undefined) return request;
    await new Promise((resolve) => setTimeout(resolve));
  }
}
