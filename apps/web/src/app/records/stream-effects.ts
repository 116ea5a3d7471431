import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { EMPTY, map, Observable, retry, switchMap, timer } from 'rxjs';
import { recordActions } from './record-actions';

/** A browser gives up on a server that answers with an error; it is asked again after this, ms. */
const RETRY_MS = 5000;

/** Looks again whenever the server says that something was written, here or elsewhere. */
export const lookWhenTold = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.follow, recordActions.leave, recordActions.forget),
      switchMap(({ type }) =>
        type === recordActions.follow.type
          ? told().pipe(retry({ delay: () => timer(RETRY_MS) }))
          : EMPTY,
      ),
      map(() => recordActions.pull()),
    ),
  { functional: true },
);

/** A connection that breaks is made again by the browser, and told to look when it stands. */
function told(): Observable<unknown> {
  return new Observable((subscriber) => {
    const source = new EventSource('/api/changes/stream');
    source.onmessage = (event) => subscriber.next(event);
    source.onerror = () => {
      if (source.readyState === EventSource.CLOSED)
        subscriber.error(new Error('not told any more'));
    };
    return () => source.close();
  });
}
