import { provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideRouter } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import type { Account, BandRecord } from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import * as accountEffects from '../app/state/account-effects';
import { accountActions, accountFeature } from '../app/state/account';
import * as bandEffects from '../app/state/band-effects';
import { bandsFeature } from '../app/state/bands';
import { noticesFeature } from '../app/state/notices';
import { outboxFeature } from '../app/state/outbox';
import * as outboxEffects from '../app/state/outbox-effects';
import { studioActions, studioFeature } from '../app/state/studio';
import * as studioEffects from '../app/state/studio-effects';
import { personRecord, placeRecord, UUID } from './records';

export const ACCOUNT: Account = {
  trainer: {
    id: `${UUID}1`,
    name: 'Mika Ferrow',
    email: 'mika@canalside.example',
    finder: USUAL_PREFERENCES,
  },
  studio: {
    id: `${UUID}0`,
    version: 1,
    name: 'Towpath Training',
    zone: 'Europe/Amsterdam',
    trainers: [{ id: `${UUID}1`, name: 'Mika Ferrow' }],
    forceUnit: 'N',
    inspectionDays: 30,
    inspectionCycles: 1500,
    eyesRule: false,
  },
  gaugeUrl: null,
};

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
      provideState(studioFeature),
      provideState(bandsFeature),
      provideState(noticesFeature),
      provideState(outboxFeature),
      provideEffects(accountEffects, bandEffects, outboxEffects, studioEffects),
    ],
  });
  return { store: TestBed.inject<Store>(Store), wire: TestBed.inject(HttpTestingController) };
}

/** The application with the trainer signed in: one person, one place and these bands. */
export function setUpStudio(bands: readonly BandRecord[]): ReturnType<typeof setUpApp> {
  const app = setUpApp();
  app.store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
  app.store.dispatch(
    studioActions.loaded({
      bands,
      people: [personRecord()],
      places: [placeRecord()],
      setups: [],
      prescriptions: [],
      decisions: [],
      exercises: [],
      ladders: [],
    }),
  );
  return app;
}
