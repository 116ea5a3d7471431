import { provideHttpClient, withFetch } from '@angular/common/http';
import {
  type ApplicationConfig,
  isDevMode,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import { provideServiceWorker } from '@angular/service-worker';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore } from '@ngrx/store';
import type * as z from 'zod';
import { routes } from './app.routes';
import { provideRecords } from './records/provide-records';
import * as replicaEffects from './records/replica-effects';
import * as streamEffects from './records/stream-effects';
import { accountFeature } from './account/account';
import * as accountEffects from './account/account-effects';
import { askWhoIsSignedIn } from './account/ask-who-is-signed-in';
import * as bandEffects from './records/writing/band-effects';
import { noticesFeature } from './ui/notices/notices';
import * as outboxNotices from './records/outbox/outbox-notices';
import * as outboxEffects from './records/outbox/outbox-effects';
import { focusFeature } from './focus/focus';
import * as focusEffects from './focus/focus-effects';
import * as studioEffects from './records/writing/studio-effects';

// The content security policy forbids code made from text, which Zod would try first. It finds this
// when it is loaded, with the first schema; the app opens without any.
const zodConfig: Partial<z.core.$ZodConfig> = { jitless: true };
Object.assign(globalThis, { __zod_globalConfig: zodConfig });

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideZonelessChangeDetection(),
    provideHttpClient(withFetch()),
    provideRouter(routes, withComponentInputBinding()),
    provideStore(
      {},
      {
        runtimeChecks: {
          strictStateImmutability: isDevMode(),
          strictActionImmutability: isDevMode(),
        },
      },
    ),
    provideState(accountFeature),
    provideRecords(),
    provideState(focusFeature),
    provideState(noticesFeature),
    provideEffects(
      focusEffects,
      replicaEffects,
      streamEffects,
      accountEffects,
      studioEffects,
      bandEffects,
      outboxEffects,
      outboxNotices,
    ),
    provideAppInitializer(askWhoIsSignedIn),
    // Opens without a network after one visit.
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:10000',
    }),
  ],
};
