import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatMap, fromEvent, tap } from 'rxjs';
import { recordActions } from '../record-actions';
import { OpenOutbox } from './open-outbox';
import { OutboxSender } from './outbox-sender';
import { outboxActions } from './outbox-state';

export const openOutbox = createEffect(
  (actions = inject(Actions), open = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(recordActions.follow),
      concatMap(({ trainerId }) => open.open(trainerId)),
    ),
  { functional: true, dispatch: false },
);

export const closeOutbox = createEffect(
  (actions = inject(Actions), open = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(recordActions.leave, recordActions.forget),
      tap(() => open.close()),
    ),
  { functional: true, dispatch: false },
);

/** One after the other: what follows from a write may rest on the one before. */
export const keepWrites = createEffect(
  (actions = inject(Actions), open = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(outboxActions.write),
      concatMap(({ write }) => open.add(write)),
    ),
  { functional: true },
);

export const dismissWrite = createEffect(
  (actions = inject(Actions), open = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(outboxActions.dismiss),
      concatMap(({ write }) => open.dismiss(write)),
    ),
  { functional: true, dispatch: false },
);

export const sendAgain = createEffect(
  (actions = inject(Actions), open = inject(OpenOutbox)) =>
    actions.pipe(
      ofType(outboxActions.sendAgain),
      concatMap(({ base, body, write }) => open.sendAgain(write, body, base)),
    ),
  { functional: true, dispatch: false },
);

export const sendWhenConnected = createEffect(
  (sender = inject(OutboxSender)) => fromEvent(window, 'online').pipe(tap(() => sender.wake())),
  { functional: true, dispatch: false },
);
