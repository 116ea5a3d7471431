import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { EMPTY, map, Observable, switchMap } from 'rxjs';
import { recordActions } from './record-actions';

/** Looks again whenever the server says that something was written, here or elsewhere. */
export const lookWhenTold = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.follow, recordActions.forget),
      switchMap(({ type }) => (type === recordActions.follow.type ? told() : EMPTY)),
      map(() => recordActions.pull()),
    ),
  { functional: true },
);

/** The browser connects again by itself, and is told to look when it is connected. */
function told(): Observable<unknown> {
  return new Observable((subscriber) => {
    const source = new EventSource('/api/changes/stream');
    source.onmessage = (event) => subscriber.next(event);
    return () => source.close();
  });
}
