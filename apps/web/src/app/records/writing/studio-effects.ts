import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { NoteInput, NoteRecord, PersonRecord, PlaceRecord } from '@wiry-otter/contracts';
import { map, withLatestFrom } from 'rxjs';
import { personFields } from '@wiry-otter/derived';
import { noteFields } from '../outbox/kinds/people';
import { RecordWriter } from '../outbox/record-writer';
import { SHOWN } from '../shown';
import { done } from './done';
import { studioActions } from './studio-actions';

export const savePerson = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.savePerson),
      withLatestFrom(store.select(SHOWN.person.selectEntities)),
      map(([{ id, input, words }, people]) => {
        const before = people[id];
        const what = before === undefined ? 'A new person' : 'A change of a person';
        void writer.write('putPerson', { id }, input, what, before && personFields(before));
        return done(words, undoPerson(before));
      }),
    ),
  { functional: true },
);

function undoPerson(before: PersonRecord | undefined): Action | null {
  if (before === undefined) return null;
  const { id, name, version } = before;
  return studioActions.savePerson({
    id,
    input: { ...personFields(before), version: version + 1 },
    words: `${name} as before.`,
  });
}

export const saveNote = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.saveNote),
      withLatestFrom(store.select(SHOWN.note.selectEntities)),
      map(([{ id, input, words }, notes]) => {
        const before = notes[id];
        const what = before === undefined ? 'A new note' : 'A change of a note';
        void writer.write('putNote', { id }, input, what, before && noteFields(before));
        return done(words, undoNote(id, input, before));
      }),
    ),
  { functional: true },
);

/** A note that was just written is taken away again. */
function undoNote(id: string, input: NoteInput, before: NoteRecord | undefined): Action {
  const fields = before === undefined ? { ...input, removed: true } : noteFields(before);
  return studioActions.saveNote({
    id,
    input: { ...fields, version: input.version + 1 },
    words: before === undefined ? 'The note is gone.' : 'The note as before.',
  });
}

export const savePlace = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.savePlace),
      withLatestFrom(store.select(SHOWN.place.selectEntities)),
      map(([{ id, input, words }, places]) => {
        const before = places[id];
        const what = before === undefined ? 'A new place' : 'A change of a place';
        void writer.write('putPlace', { id }, input, what, before);
        return done(words, undoPlace(before));
      }),
    ),
  { functional: true },
);

function undoPlace(before: PlaceRecord | undefined): Action | null {
  if (before === undefined) return null;
  const { id, version, ...fields } = before;
  return studioActions.savePlace({
    id,
    input: { ...fields, version: version + 1 },
    words: `${before.name} as it was.`,
  });
}

export const saveExercise = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.saveExercise),
      withLatestFrom(store.select(SHOWN.exercise.selectEntities)),
      map(([{ id, input, words }, exercises]) => {
        const before = exercises[id];
        const what = before === undefined ? 'A new exercise' : 'A change of an exercise';
        void writer.write('putExercise', { id }, input, what, before);
        return done(words, null);
      }),
    ),
  { functional: true },
);

export const putExerciseAway = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(studioActions.putExerciseAway),
      map(({ id }) => {
        const words = 'Put away; saved set-ups keep it.';
        void writer.write('removeExercise', { id }, null, 'An exercise put away');
        return done(words, studioActions.takeExerciseBack({ id }));
      }),
    ),
  { functional: true },
);

export const takeExerciseBack = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(studioActions.takeExerciseBack),
      map(({ id }) => {
        const words = 'Back among your own.';
        void writer.write('restoreExercise', { id }, null, 'An exercise taken back');
        return done(words, null);
      }),
    ),
  { functional: true },
);

export const putSetupAway = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.putSetupAway),
      withLatestFrom(store.select(SHOWN.setup.selectEntities)),
      map(([{ id }, setups]) => {
        const words = `${setups[id]?.title ?? 'Set-up'}: put away.`;
        void writer.write('putSetupAway', { id }, null, 'A set-up put away');
        return done(words, studioActions.takeSetupBack({ id }));
      }),
    ),
  { functional: true },
);

export const takeSetupBack = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(studioActions.takeSetupBack),
      withLatestFrom(store.select(SHOWN.setup.selectEntities)),
      map(([{ id }, setups]) => {
        const words = `${setups[id]?.title ?? 'Set-up'}: back among the saved.`;
        void writer.write('takeSetupBack', { id }, null, 'A set-up taken back');
        return done(words, null);
      }),
    ),
  { functional: true },
);
