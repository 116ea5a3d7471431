import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import {
  catchError,
  concatMap,
  filter,
  fromEvent,
  map,
  merge,
  type Observable,
  of,
  switchMap,
  take,
  tap,
  timer,
} from 'rxjs';
import * as z from 'zod';
import { ApiProblem, problemWords } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { answered } from '../records/record-actions';
import { accountActions } from './account';
import { noticeActions } from './notices';
import { outboxActions, outboxFeature, waitingWrite, type WaitingWrite } from './outbox';
import { readStored, store as keep } from './storage';

const STORAGE_KEY = 'otter.outbox';
const RETRY_MS = 5000;
/** A lapsed sign-in is mended by signing in again; the set stays. */
const SIGNED_OUT = 401;

/** Takes up what an earlier visit could not send. */
export const findStoredWrites = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(accountActions.signedIn),
      take(1),
      map(() =>
        outboxActions.foundInStorage({
          writes: readStored(STORAGE_KEY, z.array(waitingWrite)) ?? [],
        }),
      ),
    ),
  { functional: true },
);

/** Keeps the outbox in the browser's storage, so that a reload loses nothing. */
export const keepOutbox = createEffect(
  (actions = inject(Actions), store = inject(Store)) =>
    actions.pipe(
      ofType(outboxActions.write, outboxActions.sent, outboxActions.refused),
      switchMap(() => store.select(outboxFeature.selectWaiting).pipe(take(1))),
      tap((waiting) => keep(STORAGE_KEY, waiting)),
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
          outboxActions.write,
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

/** Sends the oldest write; the order of the log stays the order of the work. */
export const sendOldest = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(outboxActions.send),
      concatMap(() =>
        store.select(outboxFeature.selectWaiting).pipe(
          take(1),
          map((waiting) => waiting[0]),
          filter((write) => write !== undefined),
          switchMap((write) =>
            send(api, write).pipe(
              switchMap((answer) => of<Action[]>(answer, outboxActions.sent({ write }))),
              catchError((error: unknown) =>
                of(
                  error instanceof ApiProblem && !error.passing && error.status !== SIGNED_OUT
                    ? outboxActions.refused({ write, words: problemWords(error) })
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

/** The record that the write belongs to, as the server has it now. */
function send(api: StudioApi, write: WaitingWrite): Observable<Action> {
  const { id, kind } = write;
  if (kind === 'set') {
    return api
      .logSet(write.sessionId, id, write.input)
      .pipe(map((session) => answered('session', session)));
  }
  const answer =
    kind === 'measurement'
      ? api.putMeasurement(write.bandId, id, write.input)
      : kind === 'reading'
        ? api.addReading(write.bandId, write.measurementId, id, write.input)
        : api.addBandEvent(write.bandId, id, write.input);
  return answer.pipe(map((band) => answered('band', band)));
}

const WORDS: Readonly<Record<WaitingWrite['kind'], string>> = {
  set: 'A set',
  measurement: 'A measurement',
  reading: 'A reading',
  bandEvent: 'A note on a band',
};

export const tellRefusal = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.refused),
      map(({ write, words }) =>
        noticeActions.show({
          text: `${WORDS[write.kind]} was not taken by the server. ${words}`,
          tone: 'trouble',
          undo: null,
        }),
      ),
    ),
  { functional: true },
);
