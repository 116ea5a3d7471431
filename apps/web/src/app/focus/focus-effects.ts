import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { concatMap, map, tap } from 'rxjs';
import { recordActions } from '../records/record-actions';
import { fits, readStored, store as keep } from '../storage/storage';
import { noticeActions } from '../ui/notices/notices';
import { focusActions } from './focus';

/** Where the person in focus is kept, so that a reload finds them again. */
const FOCUS_KEY = 'otter.focus';
const personId = fits((found): found is string => typeof found === 'string');

export const keepFocus = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(focusActions.focusPerson),
      tap(({ personId }) => keep(FOCUS_KEY, personId)),
    ),
  { functional: true, dispatch: false },
);

export const findFocus = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(recordActions.follow),
      concatMap(() => {
        const kept = readStored(FOCUS_KEY, personId);
        return kept === undefined ? [] : [kept];
      }),
      map((personId) => focusActions.focusPerson({ personId })),
    ),
  { functional: true },
);

/** What was said of one person is not said over another. */
export const dismissNotice = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(focusActions.focusPerson),
      map(() => noticeActions.dismiss()),
    ),
  { functional: true },
);
