import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { map } from 'rxjs';
import { outboxActions } from './outbox-state';
import { noticeActions } from '../../ui/notices/notices';

const DEFECT = 'The server has come to another result than this device: its result stands.';
const KNEW_MORE =
  'The server knew of something that was written elsewhere meanwhile, and comes to another result: it stands.';

export const tellNotKept = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.notKept),
      map(({ refusal: { details, words } }) =>
        noticeActions.show({
          text: `Not saved. ${words}`,
          tone: 'trouble',
          undo: null,
          ...(details === '' ? {} : { details }),
        }),
      ),
    ),
  { functional: true },
);

export const tellDifference = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.differed),
      map(({ knewMore, words, write }) =>
        noticeActions.show({
          text: `${sentence(write.what)} ${knewMore ? KNEW_MORE : DEFECT}`,
          tone: knewMore ? 'done' : 'trouble',
          undo: null,
          details: words,
        }),
      ),
    ),
  { functional: true },
);

export const tellRefusal = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(outboxActions.refused),
      map(({ refusal: { details, words }, write }) =>
        noticeActions.show({
          text: `Not taken by the server: ${sentence(write.what)} ${words} It is kept under “waiting to be sent”.`,
          tone: 'trouble',
          undo: null,
          ...(details === '' ? {} : { details }),
        }),
      ),
    ),
  { functional: true },
);

function sentence(words: string): string {
  return words.endsWith('.') ? words : `${words}.`;
}
