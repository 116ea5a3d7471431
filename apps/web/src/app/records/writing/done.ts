import type { Action } from '@ngrx/store';
import { noticeActions } from '../../ui/notices/notices';

/** A line that says what was written, with the way back. */
export function done(text: string, undo: Action | null): Action {
  return noticeActions.show({ text, tone: 'done', undo });
}
