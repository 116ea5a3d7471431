import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { exhaustMap, map, tap } from 'rxjs';
import { StudioApi } from '../api/studio-api';
import { accountActions } from './account';
import { studioActions } from './studio';

export const loadAfterSignIn = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      map(() => studioActions.load()),
    ),
  { functional: true },
);

export const signOut = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(accountActions.signOut),
      exhaustMap(() => api.signOut()),
      map(() => accountActions.signedOut()),
    ),
  { functional: true },
);

export const leaveAfterSignOut = createEffect(
  (actions = inject(Actions), router = inject(Router)) =>
    actions.pipe(
      ofType(accountActions.signedOut),
      tap(() => void router.navigateByUrl('/sign-in')),
    ),
  { functional: true, dispatch: false },
);
