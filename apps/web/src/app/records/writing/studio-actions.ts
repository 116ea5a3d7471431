import { createActionGroup, props } from '@ngrx/store';
import type { NoteInput, OwnExerciseInput, PersonInput, PlaceInput } from '@wiry-otter/contracts';

export const studioActions = createActionGroup({
  source: 'Studio',
  events: {
    'Save person': props<{ id: string; input: PersonInput; words: string }>(),
    'Save note': props<{ id: string; input: NoteInput; words: string }>(),
    'Save place': props<{ id: string; input: PlaceInput; words: string }>(),
    'Save exercise': props<{ id: string; input: OwnExerciseInput; words: string }>(),
    'Put exercise away': props<{ id: string }>(),
    'Take exercise back': props<{ id: string }>(),
    'Put setup away': props<{ id: string }>(),
    'Take setup back': props<{ id: string }>(),
  },
});
