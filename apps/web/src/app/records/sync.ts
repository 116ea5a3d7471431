import { createFeature, createReducer, on } from '@ngrx/store';
import { recordActions } from './record-actions';

interface SyncState {
  /** Everything was fetched once. */
  readonly loaded: boolean;
  /** Why nothing could be fetched; null where it could. */
  readonly failure: string | null;
  /** Where the feed goes on. */
  readonly cursor: string | null;
}

const initialState: SyncState = { loaded: false, failure: null, cursor: null };

/** How far this device has followed the server's records. */
export const syncFeature = createFeature({
  name: 'sync',
  reducer: createReducer<SyncState>(
    initialState,
    on(recordActions.restored, (state, { cursor }) => ({
      ...state,
      loaded: cursor !== null,
      cursor,
    })),
    on(recordActions.pulled, ({ loaded }, { cursor, more }) => ({
      loaded: loaded || !more,
      failure: null,
      cursor,
    })),
    on(recordActions.pullFailed, (state, { words }) => ({ ...state, failure: words })),
    on(recordActions.begunAnew, (state) => ({ ...state, cursor: null })),
    on(recordActions.leave, recordActions.forget, () => initialState),
  ),
});
