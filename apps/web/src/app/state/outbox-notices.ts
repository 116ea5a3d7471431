import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { map } from 'rxjs';
import { outboxActions } from '../records/outbox/outbox-state';
import { noticeActions } from './notices';

export const tellRefusal = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.refused),
      map(({ refusal: { details, words }, write }) =>
        noticeActions.show({
          text: `Not taken by the server: ${write.what} ${words} It is kept under “waiting to be sent”.`,
          tone: 'trouble',
          undo: null,
          ...(details === '' ? {} : { details }),
        }),
      ),
    ),
  { functional: true },
);
