import { inject } from '@angular/core';
import { Router } from '@angular/router';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { StudioRecord } from '@wiry-otter/contracts';
import { catchError, exhaustMap, filter, map, of, switchMap, tap, withLatestFrom } from 'rxjs';
import { ActingTrainer } from '../api/acting-trainer';
import { troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { RecordWriter } from '../records/outbox/record-writer';
import { recordActions } from '../records/record-actions';
import { selectStudio } from '../records/selectors';
import { accountActions, rulesOf } from './account';
import { forgetOnDevice, keepOnDevice } from './account-on-device';
import { noticeActions } from '../ui/notices/notices';

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
        const trainer =
          action.type === accountActions.signedIn.type ? action.account.trainer : undefined;
        acting.id = trainer?.id ?? null;
        acting.name = trainer?.name ?? '';
      }),
    ),
  { functional: true, dispatch: false },
);

/** A colleague has signed in on this device, in another tab: this one follows. */
export const followColleague = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(recordActions.pullFailed),
      filter(({ code }) => code === 'another-trainer'),
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
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(accountActions.saveRules),
      withLatestFrom(store.select(selectStudio)),
      map(([{ input, words }, before]) => {
        if (before !== undefined) {
          const what = 'The rules of the studio';
          void writer.write('saveRules', { id: before.id }, input, what, rulesOf(before));
        }
        return noticeActions.show({ text: words, tone: 'done', undo: undoRules(before) });
      }),
    ),
  { functional: true },
);

function undoRules(before: StudioRecord | undefined): Action | null {
  return before === undefined
    ? null
    : accountActions.saveRules({
        input: { ...rulesOf(before), version: before.version + 1 },
        words: 'Rules as they were.',
      });
}

export const signOut = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(accountActions.signOut),
      exhaustMap(() =>
        api.signOut().pipe(
          map(() => accountActions.signedOut()),
          // Without the server the sign-in would stay, for whoever opens the app next.
          catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
        ),
      ),
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
