import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import {
  catchError,
  concat,
  concatMap,
  from,
  map,
  Observable,
  of,
  switchMap,
  takeUntil,
} from 'rxjs';
import type { Action } from '@ngrx/store';
import { OpenOutbox } from './outbox/open-outbox';
import { OpenReplica } from './open-replica';
import { recordActions } from './record-actions';
import type { Replica } from './replica';

/**
 * Fills the store from the device first: no screen waits for the network, and today's work not for
 * the sessions of half a year, which come when the page has nothing else to do.
 */
export const readReplica = createEffect(
  (actions = inject(Actions), open = inject(OpenReplica)) =>
    actions.pipe(
      ofType(recordActions.follow),
      switchMap(({ trainerId }) => {
        const replica = open.open(trainerId);
        return from(replica.readRecent()).pipe(
          // A browser that keeps nothing (a private window, a full disk) still has the network.
          catchError(() => of({ changes: [], cursor: null, unread: [] })),
          switchMap((kept) => concat(of(recordActions.restored(kept)), readOlder(replica))),
          takeUntil(actions.pipe(ofType(recordActions.leave, recordActions.forget))),
        );
      }),
    ),
  { functional: true },
);

function readOlder(replica: Replica): Observable<Action> {
  return atIdle().pipe(
    switchMap(() => replica.readOlder()),
    catchError(() => of([])),
    map((changes) => recordActions.restoredOlder({ changes })),
  );
}

/** It never waits longer for the page to have nothing to do, ms. */
const LONGEST_WAIT_MS = 2000;

function atIdle(): Observable<void> {
  return new Observable((subscriber) => {
    const asked = requestIdleCallback(
      () => {
        subscriber.next();
        subscriber.complete();
      },
      { timeout: LONGEST_WAIT_MS },
    );
    return () => cancelIdleCallback(asked);
  });
}

export const keepInReplica = createEffect(
  (actions = inject(Actions), open = inject(OpenReplica), outbox = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(
        recordActions.pulled,
        recordActions.answered,
        recordActions.putAside,
        recordActions.begunAnew,
        recordActions.forget,
      ),
      concatMap((action) =>
        from(keep(open, outbox, action)).pipe(
          // What could not be kept is fetched again after a reload.
          catchError(() => of(undefined)),
        ),
      ),
    ),
  { functional: true, dispatch: false },
);

type Kept = ReturnType<
  | typeof recordActions.pulled
  | typeof recordActions.answered
  | typeof recordActions.putAside
  | typeof recordActions.begunAnew
  | typeof recordActions.forget
>;

async function keep(open: OpenReplica, outbox: OpenOutbox, action: Kept): Promise<void> {
  switch (action.type) {
    case recordActions.pulled.type:
      return open.do((replica) => replica.keep(action.changes, action.cursor, action.unread));
    case recordActions.answered.type:
      return open.do((replica) => replica.keep(action.changes));
    case recordActions.putAside.type:
      return open.do((replica) => replica.keep([], undefined, action.unread));
    case recordActions.begunAnew.type:
      // Told once more what it had confirmed, a server that was restored has it again. That comes
      // first: once the cursor is gone, nobody would know that there was an epoch before.
      await outbox.tellOnceMore();
      return open.do((replica) => replica.clear());
    case recordActions.forget.type:
      return open.remove();
  }
}
