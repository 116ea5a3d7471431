import { createActionGroup, props } from '@ngrx/store';
import type { BandInput, CutInput, ReadingAsideInput } from '@wiry-otter/contracts';

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
