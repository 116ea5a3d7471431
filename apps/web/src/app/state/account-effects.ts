import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { Account, StudioRecord } from '@wiry-otter/contracts';
import { catchError, concatMap, exhaustMap, map, of, switchMap, tap, withLatestFrom } from 'rxjs';
import { troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { accountActions, accountFeature, rulesOf } from './account';
import { noticeActions } from './notices';
import { studioActions } from './studio';

export const loadAfterSignIn = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      // What is due depends on the rules.
      ofType(accountActions.signedIn, accountActions.rulesSaved),
      map(() => studioActions.load()),
    ),
  { functional: true },
);

export const saveRules = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(accountActions.saveRules),
      withLatestFrom(store.select(accountFeature.selectAccount)),
      concatMap(([{ input, words }, account]) =>
        api.putRules(input).pipe(
          switchMap((studio) =>
            of<Action[]>(
              accountActions.rulesSaved({ studio }),
              noticeActions.show({ text: words, tone: 'done', undo: undoRules(account, studio) }),
            ),
          ),
          catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
        ),
      ),
    ),
  { functional: true },
);

function undoRules(before: Account | null, { version }: StudioRecord): Action | null {
  return before === null
    ? null
    : accountActions.saveRules({
        input: { ...rulesOf(before.studio), version },
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
