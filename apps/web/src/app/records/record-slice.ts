import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import { createFeatureSelector, createReducer, createSelector, on } from '@ngrx/store';
import {
  RECORD_KINDS,
  type RecordChange,
  type RecordKind,
  type RecordOf,
} from '@wiry-otter/contracts';
import { recordActions } from './record-actions';

/** The part of the store that holds the records of one kind, by their id. */
export type RecordSlice<Kind extends RecordKind> = ReturnType<typeof recordSlice<Kind>>;

function recordSlice<Kind extends RecordKind>(kind: Kind) {
  const adapter = createEntityAdapter<RecordOf<Kind>>({ selectId: ({ id }) => id });
  const selectState = createFeatureSelector<EntityState<RecordOf<Kind>>>(kind);
  const { selectAll, selectEntities } = adapter.getSelectors();
  return {
    kind,
    reducer: createReducer<EntityState<RecordOf<Kind>>>(
      adapter.getInitialState(),
      on(
        recordActions.restored,
        recordActions.restoredOlder,
        recordActions.pulled,
        recordActions.answered,
        (state, { changes }) => {
          const own = changes.filter((change) => change.kind === kind);
          if (own.length === 0) return state;
          const { gone, kept } = parted<Kind>(own);
          const newer = kept.filter((record) => !isOlder(record, state.entities[record.id]));
          return adapter.upsertMany(newer, adapter.removeMany(gone, state));
        },
      ),
      on(recordActions.begunAnew, recordActions.leave, recordActions.forget, (state) =>
        adapter.removeAll(state),
      ),
    ),
    selectAll: createSelector(selectState, selectAll),
    selectEntities: createSelector(selectState, selectEntities),
  };
}

function parted<Kind extends RecordKind>(
  changes: readonly RecordChange[],
): { gone: string[]; kept: RecordOf<Kind>[] } {
  return {
    gone: changes.flatMap(({ id, record }) => (record === null ? [id] : [])),
    kept: changes.flatMap(({ record }) => (record === null ? [] : [record as RecordOf<Kind>])),
  };
}

/** An answer that was overtaken by a later one does not bring back what was before. */
function isOlder(record: object, known: object | undefined): boolean {
  return (
    known !== undefined &&
    'version' in known &&
    'version' in record &&
    Number(record.version) < Number(known.version)
  );
}

/** One slice for each kind of record. */
export const SLICES = Object.fromEntries(RECORD_KINDS.map((kind) => [kind, recordSlice(kind)])) as {
  [Kind in RecordKind]: RecordSlice<Kind>;
};
