import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { OwnExerciseRecord, PlaceRecord, SetupRecord } from '@wiry-otter/contracts';
import {
  catchError,
  concatMap,
  map,
  type Observable,
  of,
  switchMap,
  tap,
  withLatestFrom,
} from 'rxjs';
import * as z from 'zod';
import { troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { answered, recordActions } from '../records/record-actions';
import { selectPlaces } from '../records/selectors';
import { noticeActions } from './notices';
import { readStored, store as keep } from './storage';
import { studioActions } from './studio';

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
      ofType(recordActions.follow),
      concatMap(() => {
        const kept = readStored(FOCUS_KEY, z.string());
        return kept === undefined ? [] : [kept];
      }),
      map((personId) => studioActions.focusPerson({ personId })),
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
      withLatestFrom(store.select(selectPlaces)),
      concatMap(([{ id, input, words }, places]) =>
        api.putPlace(id, input).pipe(
          switchMap((place) =>
            of<Action[]>(
              answered('place', place),
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
        answered('exercise', exercise),
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
        answered('setup', setup),
        noticeActions.show({ text: `${setup.title}: ${words}.`, tone: 'done', undo }),
      ),
    ),
    catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
  );
}
