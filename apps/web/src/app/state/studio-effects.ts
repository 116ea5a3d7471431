import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { OwnExerciseRecord, PlaceRecord, SetupRecord } from '@wiry-otter/contracts';
import {
  catchError,
  concatMap,
  forkJoin,
  map,
  type Observable,
  of,
  switchMap,
  tap,
  withLatestFrom,
} from 'rxjs';
import * as z from 'zod';
import { problemWords, troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { noticeActions } from './notices';
import { readStored, store as keep } from './storage';
import { studioActions, studioFeature } from './studio';

export const loadStudio = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.load),
      switchMap(() =>
        forkJoin({
          bands: api.bands(),
          people: api.people(),
          places: api.places(),
          setups: api.setups(),
          prescriptions: api.prescriptions(),
          decisions: api.decisions(),
          exercises: api.exercises(),
          ladders: api.ladders(),
        }).pipe(
          map((records) => studioActions.loaded(records)),
          catchError((error: unknown) =>
            of(studioActions.loadFailed({ words: problemWords(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);

/** Where the person in focus is kept, so that a reload finds them again. */
const FOCUS_KEY = 'otter.focus';

export const keepFocus = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(studioActions.focusPerson),
      tap(({ personId }) => keep(FOCUS_KEY, personId)),
    ),
  { functional: true, dispatch: false },
);

export const findFocus = createEffect(
  (actions = inject(Actions)) =>
    actions.pipe(
      ofType(studioActions.loaded),
      // Another trainer on the same device may not know the person.
      concatMap(({ people }) => {
        const kept = readStored(FOCUS_KEY, z.string());
        return people.filter(({ id }) => id === kept);
      }),
      map(({ id }) => studioActions.focusPerson({ personId: id })),
    ),
  { functional: true },
);

export const putSetupAway = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.putSetupAway),
      concatMap(({ id }) =>
        savedSetup(api.removeSetup(id), 'put away', studioActions.takeSetupBack({ id })),
      ),
    ),
  { functional: true },
);

export const savePlace = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.savePlace),
      withLatestFrom(store.select(studioFeature.selectPlaces)),
      concatMap(([{ id, input, words }, places]) =>
        api.putPlace(id, input).pipe(
          switchMap((place) =>
            of<Action[]>(
              studioActions.placeSaved({ place }),
              noticeActions.show({
                text: words,
                tone: 'done',
                undo: undoPlace(
                  places.find((known) => known.id === id),
                  place,
                ),
              }),
            ),
          ),
          catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
        ),
      ),
    ),
  { functional: true },
);

function undoPlace(before: PlaceRecord | undefined, { id, version }: PlaceRecord): Action | null {
  if (before === undefined) return null;
  const { id: _id, ...fields } = before;
  return studioActions.savePlace({
    id,
    input: { ...fields, version },
    words: `${before.name} as it was.`,
  });
}

export const saveExercise = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.saveExercise),
      concatMap(({ id, input, words }) => savedExercise(api.putExercise(id, input), words, null)),
    ),
  { functional: true },
);

export const putExerciseAway = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.putExerciseAway),
      concatMap(({ id }) =>
        savedExercise(
          api.removeExercise(id),
          'Put away; saved set-ups keep it.',
          studioActions.takeExerciseBack({ id }),
        ),
      ),
    ),
  { functional: true },
);

export const takeExerciseBack = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.takeExerciseBack),
      concatMap(({ id }) => savedExercise(api.restoreExercise(id), 'Back among your own.', null)),
    ),
  { functional: true },
);

function savedExercise(
  answer: Observable<OwnExerciseRecord>,
  words: string,
  undo: Action | null,
): Observable<Action> {
  return answer.pipe(
    switchMap((exercise) =>
      of<Action[]>(
        studioActions.exerciseSaved({ exercise }),
        noticeActions.show({ text: words, tone: 'done', undo }),
      ),
    ),
    catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
  );
}

export const takeSetupBack = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.takeSetupBack),
      concatMap(({ id }) => savedSetup(api.restoreSetup(id), 'back among the saved', null)),
    ),
  { functional: true },
);

function savedSetup(
  answer: Observable<SetupRecord>,
  words: string,
  undo: Action | null,
): Observable<Action> {
  return answer.pipe(
    switchMap((setup) =>
      of<Action[]>(
        studioActions.setupSaved({ setup }),
        noticeActions.show({ text: `${setup.title}: ${words}.`, tone: 'done', undo }),
      ),
    ),
    catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
  );
}
