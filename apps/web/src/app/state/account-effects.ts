import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { StudioRecord } from '@wiry-otter/contracts';
import { catchError, concatMap, exhaustMap, map, of, switchMap, tap, withLatestFrom } from 'rxjs';
import { troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { answered, recordActions } from '../records/record-actions';
import { selectStudio } from '../records/selectors';
import { accountActions, rulesOf } from './account';
import { noticeActions } from './notices';

export const followAfterSignIn = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      map(() => recordActions.follow()),
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
      ofType(accountActions.signedOut),
      tap(() => void router.navigateByUrl('/sign-in')),
    ),
  { functional: true, dispatch: false },
);
