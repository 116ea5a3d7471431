import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import type { RecordChange } from '@wiry-otter/contracts';
import type { Unread } from '../api/answer-schemas';
import { recordActions } from './record-actions';

interface SyncState {
  /** Everything was fetched once, now or on an earlier visit. */
  readonly fetched: boolean;
  /** How much of what this device keeps is in the store. */
  readonly restored: 'none' | 'recent' | 'all';
  /** Why nothing could be fetched; null where it could. */
  readonly failure: string | null;
  /** The server says that this page is older than it can do with. */
  readonly outdated: boolean;
  /** What this build cannot read. */
  readonly unread: readonly Unread[];
  /** Where the feed goes on. */
  readonly cursor: string | null;
}

const initialState: SyncState = {
  fetched: false,
  restored: 'none',
  failure: null,
  outdated: false,
  unread: [],
  cursor: null,
};

/** The server does not tell pages as old as this one. */
const PAGE_OUTDATED = 'page-outdated';

/** How far this device has followed the server's records. */
export const syncFeature = createFeature({
  name: 'sync',
  reducer: createReducer<SyncState>(
    initialState,
    on(recordActions.restored, (state, { cursor, unread }) => ({
      ...state,
      unread,
      fetched: cursor !== null,
      restored: 'recent' as const,
      cursor,
    })),
    on(recordActions.restoredOlder, (state) => ({ ...state, restored: 'all' as const })),
    on(recordActions.pulled, (state, { changes, cursor, more, unread }) => ({
      ...state,
      outdated: false,
      unread: stillUnread(state.unread, changes, unread),
      fetched: state.fetched || !more,
      failure: null,
      cursor,
    })),
    on(recordActions.answered, (state, { changes }) =>
      state.unread.length === 0
        ? state
        : { ...state, unread: stillUnread(state.unread, changes, []) },
    ),
    on(recordActions.putAside, (state, { unread }) => ({
      ...state,
      unread: stillUnread(state.unread, [], unread),
    })),
    on(recordActions.pullFailed, (state, { code, words }) => ({
      ...state,
      failure: words,
      outdated: code === PAGE_OUTDATED,
    })),
    on(recordActions.begunAnew, (state) => ({ ...state, cursor: null, unread: [] })),
    on(recordActions.leave, recordActions.forget, () => initialState),
  ),
  extraSelectors: ({ selectFetched, selectRestored }) => ({
    /** What today's work looks at is there; sessions that are long over may still come. */
    selectRecentLoaded: createSelector(
      selectFetched,
      selectRestored,
      (fetched, restored) => fetched && restored !== 'none',
    ),
    /** All that this device keeps is there. */
    selectLoaded: createSelector(
      selectFetched,
      selectRestored,
      (fetched, restored) => fetched && restored === 'all',
    ),
  }),
});

function stillUnread(
  before: readonly Unread[],
  read: readonly RecordChange[],
  unread: readonly Unread[],
): readonly Unread[] {
  const settled = new Set([...read, ...unread].map(({ id, kind }) => `${kind} ${id}`));
  return [...before.filter(({ id, kind }) => !settled.has(`${kind} ${id}`)), ...unread];
}
