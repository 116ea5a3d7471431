import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  on,
  props,
} from '@ngrx/store';
import type { BandInput, BandRecord, CutInput, ReadingAsideInput } from '@wiry-otter/contracts';
import { knowBands } from '@wiry-otter/core';
import { accountActions } from './account';
import { outboxActions, outboxFeature } from './outbox';
import { studioActions } from './studio';
import { withWaiting } from './waiting-bands';

export const bandActions = createActionGroup({
  source: 'Bands',
  events: {
    Put: props<{ id: string; input: BandInput; words: string }>(),
    Remove: props<{ id: string }>(),
    Restore: props<{ id: string }>(),
    'Set reading aside': props<{
      bandId: string;
      measurementId: string;
      id: string;
      input: ReadingAsideInput;
    }>(),
    'Choose law': props<{ id: string; version: number; measurementId: string | null }>(),
    Cut: props<{ rollId: string; input: CutInput }>(),
    Saved: props<{ band: BandRecord }>(),
  },
});

const adapter = createEntityAdapter<BandRecord>();

/** The studio's bands, removed ones too, so that taking one off the rail can be undone. */
export const bandsFeature = createFeature({
  name: 'bands',
  reducer: createReducer<EntityState<BandRecord>>(
    adapter.getInitialState(),
    on(studioActions.loaded, (state, { bands }) => adapter.setAll([...bands], state)),
    on(bandActions.saved, (state, { band }) => adapter.upsertOne(band, state)),
    on(outboxActions.sent, (state, { answer }) =>
      answer.kind === 'band' ? adapter.upsertOne(answer.band, state) : state,
    ),
    on(accountActions.signedOut, (state) => adapter.removeAll(state)),
  ),
  extraSelectors: ({ selectBandsState }) => {
    const selectAll = createSelector(selectBandsState, adapter.getSelectors().selectAll);
    /** Bands on the rail, with what waits to be sent. */
    const selectPresent = createSelector(selectAll, outboxFeature.selectWaiting, (bands, waiting) =>
      bands.filter((band) => !band.removed).map((band) => withWaiting(band, waiting)),
    );
    return {
      selectPresent,
      /** The same with their laws. */
      selectKnown: createSelector(selectPresent, (bands) => knowBands(bands)),
      selectBandEntities: createSelector(selectBandsState, adapter.getSelectors().selectEntities),
    };
  },
});
