import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import { RECORD_KINDS, type RecordKind } from '@wiry-otter/contracts';
import {
  catchError,
  concatMap,
  EMPTY,
  expand,
  filter,
  fromEvent,
  map,
  mergeMap,
  type Observable,
  of,
  switchMap,
  take,
  takeUntil,
  timer,
} from 'rxjs';
import { ApiProblem, problemWords } from '../api/api-problem';
import type { Unread } from '../api/answer-schemas';
import { StudioApi } from '../api/studio-api';
import { answered, recordActions } from './record-actions';
import { syncFeature } from './sync';

/** The server's records were built anew, so that the cursor means nothing any more. */
const CURSOR_VOID = 'cursor-void';
const NOT_FOUND = 'not-found';

export const pullAtFirst = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.restoredOlder),
      map(() => recordActions.pull()),
    ),
  { functional: true },
);

export const pullWhenConnected = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.follow),
      switchMap(() =>
        fromEvent(window, 'online').pipe(
          takeUntil(actions.pipe(ofType(recordActions.leave, recordActions.forget))),
        ),
      ),
      map(() => recordActions.pull()),
    ),
  { functional: true },
);

/** What an older transaction keeps back is looked for again this much later, ms. */
const HELD_MS = 300;

export const pullWhatWasHeld = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.pulled),
      filter(({ held, more }) => held && !more),
      switchMap(() => timer(HELD_MS)),
      map(() => recordActions.pull()),
    ),
  { functional: true },
);

/**
 * Fetches what has changed, page by page; one pull after the other, and none before all is there that
 * this device had kept: that would bring back what the feed has just told to be gone. What asked while
 * another pull was on its way is served by the next, all of it at once.
 */
export const pull = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) => {
    let asked = 0;
    let served = 0;
    return actions.pipe(
      ofType(recordActions.pull),
      map(() => ++asked),
      concatMap((number) =>
        store.select(syncFeature.selectSyncState).pipe(
          filter(({ restored }) => restored === 'all'),
          take(1),
          filter(() => number > served),
          switchMap(({ cursor }) => {
            served = asked;
            return pages(api, cursor);
          }),
          // What is told of one trainer's records is not another's.
          takeUntil(actions.pipe(ofType(recordActions.leave, recordActions.forget))),
        ),
      ),
    );
  },
  { functional: true },
);

/** So many are fetched at a time. */
const FETCHED_AT_ONCE = 4;

/** What a build before could not read is fetched by this one, once the feed has told the rest. */
export const fetchUnread = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(recordActions.restored),
      filter(({ unread }) => unread.length > 0),
      switchMap(() =>
        actions.pipe(
          ofType(recordActions.pulled),
          filter(({ more }) => !more),
          take(1),
          takeUntil(actions.pipe(ofType(recordActions.leave, recordActions.forget))),
        ),
      ),
      concatMap(() => store.select(syncFeature.selectUnread).pipe(take(1))),
      mergeMap((unread) => unread),
      mergeMap((one) => fetched(api, one), FETCHED_AT_ONCE),
    ),
  { functional: true },
);

const isKnown = (kind: string): kind is RecordKind =>
  (RECORD_KINDS as readonly string[]).includes(kind);

function fetched(api: StudioApi, { id, kind }: Unread): Observable<Action> {
  if (!isKnown(kind)) return EMPTY;
  return api.record(kind, id).pipe(
    map((record) => answered(kind, record)),
    catchError((error: unknown) =>
      // Gone meanwhile; whatever else it was, it is tried again at the next start.
      codeOf(error) === NOT_FOUND
        ? of(recordActions.answered({ changes: [{ kind, id, version: 1, record: null }] }))
        : EMPTY,
    ),
  );
}

function codeOf(error: unknown): string {
  return error instanceof ApiProblem ? error.code : '';
}

function pages(api: StudioApi, cursor: string | null): Observable<Action> {
  return api.changes(cursor).pipe(
    expand(({ cursor: next, more }) => (more ? api.changes(next) : EMPTY)),
    map((page) => recordActions.pulled(page)),
    catchError((error: unknown) =>
      codeOf(error) === CURSOR_VOID
        ? of<Action[]>(recordActions.begunAnew(), recordActions.pull())
        : of(recordActions.pullFailed({ code: codeOf(error), words: problemWords(error) })),
    ),
  );
}
