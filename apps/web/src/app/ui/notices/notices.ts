import {
  type Action,
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';

/** A line that says what was done, with the way back where there is one. */
export interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'trouble';
  readonly undo: Action | null;
  /** Of what went wrong, for who wants to know more. */
  readonly details?: string;
}

export const noticeActions = createActionGroup({
  source: 'Notices',
  events: {
    Show: props<Notice>(),
    Dismiss: emptyProps(),
  },
});

export const noticesFeature = createFeature({
  name: 'notices',
  reducer: createReducer<{ notice: Notice | null }>(
    { notice: null },
    on(noticeActions.show, (_state, { type: _type, ...notice }) => ({ notice })),
    on(noticeActions.dismiss, () => ({ notice: null })),
  ),
});
