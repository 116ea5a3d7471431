import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import { setInput, type SetInput, type SessionRecord, uuid } from '@wiry-otter/contracts';
import * as z from 'zod';

/** A set that was logged and has not reached the server yet. */
export const waitingSet = z.strictObject({ id: uuid, sessionId: uuid, input: setInput });
export interface WaitingSet {
  readonly id: string;
  readonly sessionId: string;
  readonly input: SetInput;
}

export const outboxActions = createActionGroup({
  source: 'Outbox',
  events: {
    'Found in storage': props<{ sets: readonly WaitingSet[] }>(),
    'Log set': props<WaitingSet>(),
    Send: emptyProps(),
    Sent: props<{ id: string; session: SessionRecord }>(),
    'Not sent': emptyProps(),
    Refused: props<{ id: string; words: string }>(),
  },
});

/** Sets in the order they were logged; the first is on its way. Kept in the browser's storage too. */
export const outboxFeature = createFeature({
  name: 'outbox',
  reducer: createReducer<{ sets: readonly WaitingSet[]; offline: boolean }>(
    { sets: [], offline: false },
    on(outboxActions.foundInStorage, (state, { sets }) => ({ ...state, sets })),
    on(outboxActions.logSet, (state, { id, sessionId, input }) => ({
      ...state,
      sets: [...state.sets.filter((set) => set.id !== id), { id, sessionId, input }],
    })),
    on(outboxActions.sent, (state, { id }) => ({
      offline: false,
      sets: state.sets.filter((set) => set.id !== id),
    })),
    on(outboxActions.refused, (state, { id }) => ({
      offline: false,
      sets: state.sets.filter((set) => set.id !== id),
    })),
    on(outboxActions.notSent, (state) => ({ ...state, offline: true })),
  ),
});
