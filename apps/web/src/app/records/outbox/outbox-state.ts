import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { recordActions } from '../record-actions';
import type { KeptWrite, Refusal, Write } from './write';

export const outboxActions = createActionGroup({
  source: 'Outbox',
  events: {
    /** Something was written: it is kept first, then shown. */
    Write: props<{ write: Write }>(),
    /** It is kept, with what follows from it. */
    Kept: props<{ write: KeptWrite }>(),
    /** It would be refused, as what follows from it shows: it is not kept. */
    'Not kept': props<{ write: Write; refusal: Refusal }>(),
    /** What is kept now, in whatever tab it was written. */
    Changed: props<{ writes: readonly KeptWrite[] }>(),
    Sent: props<{ write: KeptWrite }>(),
    /** The server derived something else from a write than this device had: it knew more, or by a defect. */
    Differed: props<{ write: KeptWrite; words: string; knewMore: boolean }>(),
    /** The server was not reached. */
    'Not sent': emptyProps(),
    Refused: props<{ write: KeptWrite; refusal: Refusal }>(),
    /** A person has chosen what is to be written, or has mended what stood against it. */
    'Send again': props<{ write: KeptWrite; body: Write['body']; base: Write['base'] }>(),
    /** A person has seen what the server would not have, and lets go of it. */
    Dismiss: props<{ write: KeptWrite }>(),
  },
});

interface OutboxState {
  /** In the order they were written. */
  readonly writes: readonly KeptWrite[];
  readonly offline: boolean;
}

const initialState: OutboxState = { writes: [], offline: false };

/** What was written on this device and is not the server's yet, as the outbox keeps it. */
export const outboxFeature = createFeature({
  name: 'outbox',
  reducer: createReducer<OutboxState>(
    initialState,
    on(outboxActions.kept, (state, { write }) => ({
      ...state,
      writes: [...state.writes.filter(({ id }) => id !== write.id), write],
    })),
    on(outboxActions.changed, (state, { writes }) => ({ ...state, writes })),
    on(outboxActions.sent, outboxActions.refused, (state) => ({ ...state, offline: false })),
    on(outboxActions.notSent, (state) => ({ ...state, offline: true })),
    on(recordActions.leave, recordActions.forget, () => initialState),
  ),
  extraSelectors: ({ selectWrites }) => ({
    /** On their way. */
    selectWaiting: createSelector(selectWrites, (writes) =>
      writes.filter(({ refusal }) => refusal === undefined),
    ),
    /** What shows before the server has it. */
    selectLaidOver: createSelector(selectWrites, (writes) =>
      writes.filter(({ again, refusal }) => refusal === undefined && again !== true),
    ),
    /** What the server would not have. */
    selectRefused: createSelector(selectWrites, (writes) =>
      writes.filter(({ refusal }) => refusal !== undefined),
    ),
  }),
});
