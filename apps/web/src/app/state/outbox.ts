import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import {
  bandEventInput,
  measurementInput,
  readingInput,
  setInput,
  uuid,
} from '@wiry-otter/contracts';
import * as z from 'zod';

const write = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('set'), id: uuid, sessionId: uuid, input: setInput }),
  z.strictObject({
    kind: z.literal('measurement'),
    id: uuid,
    bandId: uuid,
    input: measurementInput,
  }),
  z.strictObject({
    kind: z.literal('reading'),
    id: uuid,
    bandId: uuid,
    measurementId: uuid,
    input: readingInput,
  }),
  z.strictObject({ kind: z.literal('bandEvent'), id: uuid, bandId: uuid, input: bandEventInput }),
]);

/**
 * Something that was done beside a test bench or on a session and has not reached
 * the server yet. Before there were kinds, all of them were sets.
 */
export const waitingWrite = z.preprocess(
  (value) =>
    typeof value === 'object' && value !== null && !('kind' in value)
      ? { kind: 'set', ...value }
      : value,
  write,
);
export type WaitingWrite = z.infer<typeof write>;

export const outboxActions = createActionGroup({
  source: 'Outbox',
  events: {
    'Found in storage': props<{ writes: readonly WaitingWrite[] }>(),
    Write: props<{ write: WaitingWrite }>(),
    Send: emptyProps(),
    Sent: props<{ write: WaitingWrite }>(),
    'Not sent': emptyProps(),
    Refused: props<{ write: WaitingWrite; words: string }>(),
  },
});

interface OutboxState {
  readonly waiting: readonly WaitingWrite[];
  readonly offline: boolean;
}

/** The same thing written again; the end of a measurement is another thing than its begin. */
function repeats(write: WaitingWrite, before: WaitingWrite): boolean {
  return write.kind !== 'measurement' && before.kind === write.kind && before.id === write.id;
}

/** Leaves out the write that was sent; a later write of the same record stays. */
function without({ waiting }: OutboxState, done: WaitingWrite): readonly WaitingWrite[] {
  return waiting.filter((write) => write !== done);
}

/** Writes in the order they were made; the first is on its way. Kept in the browser's storage too. */
export const outboxFeature = createFeature({
  name: 'outbox',
  reducer: createReducer<OutboxState>(
    { waiting: [], offline: false },
    on(outboxActions.foundInStorage, (state, { writes }) => ({ ...state, waiting: writes })),
    on(outboxActions.write, (state, { write }) => ({
      ...state,
      waiting: [...state.waiting.filter((before) => !repeats(write, before)), write],
    })),
    on(outboxActions.sent, outboxActions.refused, (state, { write }) => ({
      offline: false,
      waiting: without(state, write),
    })),
    on(outboxActions.notSent, (state) => ({ ...state, offline: true })),
  ),
  extraSelectors: ({ selectWaiting }) => ({
    selectSets: createSelector(selectWaiting, (waiting) =>
      waiting.filter((write) => write.kind === 'set'),
    ),
  }),
});
