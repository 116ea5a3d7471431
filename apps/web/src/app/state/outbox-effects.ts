import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  catchError,
  concatMap,
  filter,
  fromEvent,
  map,
  merge,
  of,
  switchMap,
  take,
  tap,
  timer,
} from 'rxjs';
import * as z from 'zod';
import { ApiProblem, problemWords } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { accountActions } from './account';
import { noticeActions } from './notices';
import { outboxActions, outboxFeature, waitingSet } from './outbox';
import { readStored, store as keep } from './storage';

const STORAGE_KEY = 'otter.outbox';
const RETRY_MS = 5000;
/** A lapsed sign-in is mended by signing in again; the set stays. */
const SIGNED_OUT = 401;

/** Takes up what an earlier visit could not send. */
export const findStoredSets = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      take(1),
      map(() =>
        outboxActions.foundInStorage({ sets: readStored(STORAGE_KEY, z.array(waitingSet)) ?? [] }),
      ),
    ),
  { functional: true },
);

/** Keeps the outbox in the browser's storage, so that a reload loses nothing. */
export const keepOutbox = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(outboxActions.logSet, outboxActions.sent, outboxActions.refused),
      switchMap(() => store.select(outboxFeature.selectSets).pipe(take(1))),
      tap((sets) => keep(STORAGE_KEY, sets)),
    ),
  { functional: true, dispatch: false },
);

/** Sends whenever there is something new, the connection is back, or a while after a failure. */
export const sendWhenDue = createEffect(
  (actions = inject(Actions)) =>
    merge(
      actions.pipe(
        ofType(
          outboxActions.foundInStorage,
          outboxActions.logSet,
          outboxActions.sent,
          outboxActions.refused,
        ),
      ),
      fromEvent(window, 'online'),
      actions.pipe(
        ofType(outboxActions.notSent),
        switchMap(() => timer(RETRY_MS)),
      ),
    ).pipe(map(() => outboxActions.send())),
  { functional: true },
);

/** Sends the oldest set; the order of the log stays the order of the work. */
export const sendOldest = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(outboxActions.send),
      concatMap(() =>
        store.select(outboxFeature.selectSets).pipe(
          take(1),
          map((sets) => sets[0]),
          filter((set) => set !== undefined),
          switchMap(({ id, sessionId, input }) =>
            api.logSet(sessionId, id, input).pipe(
              map((session) => outboxActions.sent({ id, session })),
              catchError((error: unknown) =>
                of(
                  error instanceof ApiProblem && !error.passing && error.status !== SIGNED_OUT
                    ? outboxActions.refused({ id, words: problemWords(error) })
                    : outboxActions.notSent(),
                ),
              ),
            ),
          ),
        ),
      ),
    ),
  { functional: true },
);

export const tellRefusal = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.refused),
      map(({ words }) =>
        noticeActions.show({
          text: `A set was not taken by the server. ${words}`,
          tone: 'trouble',
          undo: null,
        }),
      ),
    ),
  { functional: true },
);
