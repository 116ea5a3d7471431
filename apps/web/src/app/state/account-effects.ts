import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { StudioRecord } from '@wiry-otter/contracts';
import {
  catchError,
  concatMap,
  exhaustMap,
  filter,
  map,
  of,
  switchMap,
  tap,
  withLatestFrom,
} from 'rxjs';
import { troubleNotice } from '../api/api-problem';
import { ActingTrainer } from '../api/acting-trainer';
import { StudioApi } from '../api/studio-api';
import { answered, recordActions } from '../records/record-actions';
import { selectStudio } from '../records/selectors';
import { accountActions, rulesOf } from './account';
import { forgetOnDevice, keepOnDevice } from './account-on-device';
import { noticeActions } from './notices';

export const followAfterSignIn = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      map(({ account }) => recordActions.follow({ trainerId: account.trainer.id })),
    ),
  { functional: true },
);

export const keepAccount = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      tap(({ account }) => keepOnDevice(account)),
    ),
  { functional: true, dispatch: false },
);

export const forgetAccount = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedOut, accountActions.lapsed),
      tap(() => forgetOnDevice()),
    ),
  { functional: true, dispatch: false },
);

export const actAs = createEffect(
  (actions = inject(Actions), acting = inject(ActingTrainer)) =>
    actions.pipe(
      ofType(accountActions.signedIn, accountActions.signedOut, accountActions.lapsed),
      tap((action) => {
        acting.id = action.type === accountActions.signedIn.type ? action.account.trainer.id : null;
      }),
    ),
  { functional: true, dispatch: false },
);

/** A colleague has signed in on this device, in another tab: this one follows. */
export const followColleague = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), acting = inject(ActingTrainer)) =>
    actions.pipe(
      ofType(recordActions.pullFailed),
      filter(({ code }) => code === 'another-trainer'),
      tap(() => (acting.id = null)),
      switchMap(() => api.account()),
      switchMap((account) =>
        of<Action[]>(recordActions.leave(), accountActions.signedIn({ account })),
      ),
      catchError(() => of(accountActions.lapsed())),
    ),
  { functional: true },
);

/** A sign-in that was withdrawn or ran out is told of by whatever is asked next. */
export const noticeLapse = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.pullFailed),
      filter(({ code }) => code === 'signed-out'),
      map(() => accountActions.lapsed()),
    ),
  { functional: true },
);

export const leaveAfterLapse = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.lapsed),
      map(() => recordActions.leave()),
    ),
  { functional: true },
);

export const forgetAfterSignOut = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedOut),
      map(() => recordActions.forget()),
    ),
  { functional: true },
);

export const saveRules = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(accountActions.saveRules),
      withLatestFrom(store.select(selectStudio)),
      concatMap(([{ input, words }, before]) =>
        api.putRules(input).pipe(
          switchMap((studio) =>
            of<Action[]>(
              answered('studio', studio),
              noticeActions.show({ text: words, tone: 'done', undo: undoRules(before, studio) }),
            ),
          ),
          catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
        ),
      ),
    ),
  { functional: true },
);

function undoRules(before: StudioRecord | undefined, { version }: StudioRecord): Action | null {
  return before === undefined
    ? null
    : accountActions.saveRules({
        input: { ...rulesOf(before), version },
        words: 'Rules as they were.',
      });
}

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
      ofType(accountActions.signedOut, accountActions.lapsed),
      tap(() => void router.navigateByUrl('/sign-in')),
    ),
  { functional: true, dispatch: false },
);
