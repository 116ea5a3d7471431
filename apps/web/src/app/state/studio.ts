import {
  createActionGroup,
  createFeature,
  createReducer,
  emptyProps,
  on,
  props,
} from '@ngrx/store';
import type {
  BandRecord,
  DecisionRecord,
  LadderRecord,
  OwnExerciseInput,
  OwnExerciseRecord,
  PersonRecord,
  PlaceInput,
  PlaceRecord,
  PrescriptionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { accountActions } from './account';

export interface StudioRecords {
  readonly bands: readonly BandRecord[];
  readonly people: readonly PersonRecord[];
  readonly places: readonly PlaceRecord[];
  readonly setups: readonly SetupRecord[];
  readonly prescriptions: readonly PrescriptionRecord[];
  readonly decisions: readonly DecisionRecord[];
  readonly exercises: readonly OwnExerciseRecord[];
  readonly ladders: readonly LadderRecord[];
}

export const studioActions = createActionGroup({
  source: 'Studio',
  events: {
    Load: emptyProps(),
    Loaded: props<StudioRecords>(),
    'Load failed': props<{ words: string }>(),
    'Save place': props<{ id: string; input: PlaceInput; words: string }>(),
    'Place saved': props<{ place: PlaceRecord }>(),
    'Save exercise': props<{ id: string; input: OwnExerciseInput; words: string }>(),
    'Put exercise away': props<{ id: string }>(),
    'Take exercise back': props<{ id: string }>(),
    'Exercise saved': props<{ exercise: OwnExerciseRecord }>(),
    'Ladder saved': props<{ ladder: LadderRecord }>(),
    'Setup saved': props<{ setup: SetupRecord }>(),
    'Put setup away': props<{ id: string }>(),
    'Take setup back': props<{ id: string }>(),
    'Focus person': props<{ personId: string }>(),
  },
});

export interface StudioState {
  readonly loaded: boolean;
  readonly failure: string | null;
  readonly people: readonly PersonRecord[];
  readonly places: readonly PlaceRecord[];
  readonly setups: readonly SetupRecord[];
  readonly prescriptions: readonly PrescriptionRecord[];
  /** Decisions that wait for the trainer. */
  readonly decisions: readonly DecisionRecord[];
  /** Exercises of the studio's own; the catalogue's come with the app. */
  readonly exercises: readonly OwnExerciseRecord[];
  /** The ladders that stand. */
  readonly ladders: readonly LadderRecord[];
  readonly focusId: string | null;
}

const initialState: StudioState = {
  loaded: false,
  failure: null,
  people: [],
  places: [],
  setups: [],
  prescriptions: [],
  decisions: [],
  exercises: [],
  ladders: [],
  focusId: null,
};

/** People, places and what they train with: what more than one screen shows. */
export const studioFeature = createFeature({
  name: 'studio',
  reducer: createReducer<StudioState>(
    initialState,
    on(studioActions.loaded, (state, { bands: _bands, ...records }) => ({
      ...state,
      ...records,
      loaded: true,
      failure: null,
      focusId: state.focusId ?? records.people[0]?.id ?? null,
    })),
    on(studioActions.loadFailed, (state, { words }) => ({ ...state, failure: words })),
    on(studioActions.ladderSaved, (state, { ladder }) => ({
      ...state,
      ladders: [
        ...state.ladders.filter(({ id }) => id !== ladder.id),
        ...(ladder.removed ? [] : [ladder]),
      ],
    })),
    on(studioActions.setupSaved, (state, { setup }) => ({
      ...state,
      setups: [
        ...state.setups.filter(({ id }) => id !== setup.id),
        ...(setup.removed ? [] : [setup]),
      ],
    })),
    on(studioActions.exerciseSaved, (state, { exercise }) => ({
      ...state,
      exercises: [
        ...state.exercises.filter(({ id }) => id !== exercise.id),
        ...(exercise.removed ? [] : [exercise]),
      ],
    })),
    on(studioActions.placeSaved, (state, { place }) => ({
      ...state,
      places: [...state.places.filter(({ id }) => id !== place.id), place].toSorted((a, b) =>
        a.name.localeCompare(b.name),
      ),
    })),
    on(studioActions.focusPerson, (state, { personId }) => ({ ...state, focusId: personId })),
    on(accountActions.signedOut, () => initialState),
  ),
});
