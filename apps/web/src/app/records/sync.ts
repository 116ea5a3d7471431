import { createFeature, createReducer, createSelector, on } from '@ngrx/store';
import { recordActions } from './record-actions';

interface SyncState {
  /** Everything was fetched once, now or on an earlier visit. */
  readonly fetched: boolean;
  /** How much of what this device keeps is in the store. */
  readonly restored: 'none' | 'recent' | 'all';
  /** Why nothing could be fetched; null where it could. */
  readonly failure: string | null;
  /** Where the feed goes on. */
  readonly cursor: string | null;
}

const initialState: SyncState = { fetched: false, restored: 'none', failure: null, cursor: null };

/** How far this device has followed the server's records. */
export const syncFeature = createFeature({
  name: 'sync',
  reducer: createReducer<SyncState>(
    initialState,
    on(recordActions.restored, (state, { cursor }) => ({
      ...state,
      fetched: cursor !== null,
      restored: 'recent' as const,
      cursor,
    })),
    on(recordActions.restoredOlder, (state) => ({ ...state, restored: 'all' as const })),
    on(recordActions.pulled, (state, { cursor, more }) => ({
      ...state,
      fetched: state.fetched || !more,
      failure: null,
      cursor,
    })),
    on(recordActions.pullFailed, (state, { words }) => ({ ...state, failure: words })),
    on(recordActions.begunAnew, (state) => ({ ...state, cursor: null })),
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
