import { createEntityAdapter, type EntityState } from '@ngrx/entity';
import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  on,
  props,
} from '@ngrx/store';
import type { BandInput, BandRecord, ReadingInput } from '@wiry-otter/contracts';
import { accountActions } from './account';
import { studioActions } from './studio';

export const bandActions = createActionGroup({
  source: 'Bands',
  events: {
    Put: props<{ id: string; input: BandInput; words: string }>(),
    Remove: props<{ id: string }>(),
    Restore: props<{ id: string }>(),
    'Add reading': props<{ bandId: string; id: string; input: ReadingInput }>(),
    'Set reading aside': props<{ bandId: string; id: string; setAside: boolean }>(),
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
    on(accountActions.signedOut, (state) => adapter.removeAll(state)),
  ),
  extraSelectors: ({ selectBandsState }) => {
    const selectAll = createSelector(selectBandsState, adapter.getSelectors().selectAll);
    return {
      /** Bands on the rail. */
      selectPresent: createSelector(selectAll, (bands) => bands.filter((band) => !band.removed)),
      selectBandEntities: createSelector(selectBandsState, adapter.getSelectors().selectEntities),
    };
  },
});
