import { inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { catchError, map, type Observable, of, retry, tap, throwError } from 'rxjs';
import { ApiProblem } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { accountActions } from './account';
import { accountOnDevice } from './account-on-device';

/** How often a server that is too busy to say who is signed in is asked again. */
const MOST_RETRIES = 3;

/**
 * Screens and guards can rely on knowing who is signed in. Who was so on this device last is so at
 * once, without a network; the server is asked meanwhile whether it still knows them.
 */
export function askWhoIsSignedIn(): Observable<void> | undefined {
  const store = inject(Store);
  const kept = accountOnDevice();
  if (kept !== undefined) {
    store.dispatch(accountActions.signedIn({ account: kept }));
    return undefined;
  }
  return inject(StudioApi)
    .account()
    .pipe(
      // A busy server has waited before it said so; without any there is nobody to ask again.
      retry({
        count: MOST_RETRIES,
        delay: (error: unknown) => (isBusy(error) ? of(true) : throwError(() => error)),
      }),
      tap((account) => store.dispatch(accountActions.signedIn({ account }))),
      map(() => undefined),
      catchError(() => of(undefined)),
    );
}

function isBusy(error: unknown): boolean {
  return error instanceof ApiProblem && error.status >= 500;
}
