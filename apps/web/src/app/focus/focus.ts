import {
  createActionGroup,
  createFeature,
  createReducer,
  createSelector,
  on,
  props,
} from '@ngrx/store';
import { recordActions } from '../records/record-actions';
import { selectPeople } from '../records/selectors';

export const focusActions = createActionGroup({
  source: 'Focus',
  events: { 'Focus person': props<{ personId: string }>() },
});

interface FocusState {
  /** Whom the trainer is at work with; null until they said so. */
  readonly chosenId: string | null;
}

/** The person whom all screens are about. */
export const focusFeature = createFeature({
  name: 'focus',
  reducer: createReducer<FocusState>(
    { chosenId: null },
    on(focusActions.focusPerson, (_state, { personId }) => ({ chosenId: personId })),
    on(recordActions.leave, recordActions.forget, () => ({ chosenId: null })),
  ),
  extraSelectors: ({ selectChosenId }) => ({
    /** The first person where nobody was chosen, or one who is not this trainer's. */
    selectFocusId: createSelector(
      selectChosenId,
      selectPeople,
      (chosenId, people): string | null =>
        people.find(({ id }) => id === chosenId)?.id ?? people[0]?.id ?? null,
    ),
  }),
});
