import { createActionGroup, createSelector, props } from '@ngrx/store';
import type { BandInput, CutInput, ReadingAsideInput } from '@wiry-otter/contracts';
import { knowBands } from '@wiry-otter/core';
import { selectBands } from '../records/selectors';

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

/** Bands on the rail. */
export const selectRail = createSelector(selectBands, (bands) =>
  bands.filter((band) => !band.removed),
);

/** The same with their laws. */
export const selectKnownBands = createSelector(selectRail, (bands) => knowBands(bands));
