import { createActionGroup, createSelector, props } from '@ngrx/store';
import type { BandInput, CutInput, ReadingAsideInput } from '@wiry-otter/contracts';
import { knowBands } from '@wiry-otter/core';
import { selectBands } from '../records/selectors';
import { outboxFeature } from './outbox';
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
  },
});

/** Bands on the rail, with what waits to be sent. */
export const selectRail = createSelector(
  selectBands,
  outboxFeature.selectWaiting,
  (bands, waiting) =>
    bands.filter((band) => !band.removed).map((band) => withWaiting(band, waiting)),
);

/** The same with their laws. */
export const selectKnownBands = createSelector(selectRail, (bands) => knowBands(bands));
