import { provideHttpClient, withFetch } from '@angular/common/http';
import {
  type ApplicationConfig,
  inject,
  isDevMode,
  provideAppInitializer,
  provideBrowserGlobalErrorListeners,
  provideZonelessChangeDetection,
} from '@angular/core';
import { provideServiceWorker } from '@angular/service-worker';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import { catchError, map, of, tap } from 'rxjs';
import type * as z from 'zod';
import { StudioApi } from './api/studio-api';
import { routes } from './app.routes';
import { provideRecords } from './records/provide-records';
import * as replicaEffects from './records/replica-effects';
import * as streamEffects from './records/stream-effects';
import { accountActions, accountFeature } from './account/account';
import * as accountEffects from './account/account-effects';
import { accountOnDevice } from './account/account-on-device';
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

/**
 * Screens and guards can rely on knowing who is signed in. Who was so on this device last is so at
 * once, without a network; the server is asked meanwhile whether it still knows them.
 */
function askWhoIsSignedIn() {
  const store = inject(Store);
  const kept = accountOnDevice();
  if (kept !== undefined) {
    store.dispatch(accountActions.signedIn({ account: kept }));
    return;
  }
  return inject(StudioApi)
    .account()
    .pipe(
      tap((account) => store.dispatch(accountActions.signedIn({ account }))),
      map(() => undefined),
      catchError(() => of(undefined)),
    );
}
