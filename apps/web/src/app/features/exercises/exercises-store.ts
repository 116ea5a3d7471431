import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import { Store } from '@ngrx/store';
import { CATALOGUE } from '@wiry-otter/catalogue';
import {
  type ExerciseDocument,
  exerciseDocument,
  type OwnExerciseRecord,
  parseDocument,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { selectExercises } from '../../records/selectors';
import { studioActions } from '../../records/writing/studio-actions';
import type { Refusal } from '../../ui/fields/refused';
import type { ReadJson } from '../../ui/files/json-file';
import { copyExercise, exerciseFaults, OWN_PREFIX } from './own-exercise';

/** An exercise under change and the version it was made from. */
interface Draft {
  readonly id: string;
  readonly version: number;
  readonly document: ExerciseDocument;
}

interface ExercisesState {
  /** The one that would be copied. */
  readonly source: string;
  readonly draft: Draft | null;
  /** Why a document that was brought in is no exercise. */
  readonly refused: Refusal | null;
}

/** The studio's own exercises, and the one under change. */
export const ExercisesStore = signalStore(
  withState<ExercisesState>({ source: 'standing-row', draft: null, refused: null }),
  withComputed(({ draft }, global = inject(Store)) => {
    const own = global.selectSignal(selectExercises);
    return {
      own,
      sources: computed(() =>
        [...own().map(({ document }) => document), ...CATALOGUE].toSorted((a, b) =>
          a.title.localeCompare(b.title),
        ),
      ),
      faults: computed(() => {
        const present = draft();
        return present === null ? [] : exerciseFaults(present.document);
      }),
    };
  }),
  withMethods((store, global = inject(Store)) => ({
    choose(source: string): void {
      patchState(store, { source });
    },
    copy(): void {
      const exercise = store.sources().find(({ id }) => id === store.source());
      if (exercise === undefined) return;
      const id = uuidv7();
      patchState(store, { draft: { id, version: 0, document: copyExercise(exercise, id) } });
    },
    change({ document, id, version }: OwnExerciseRecord): void {
      patchState(store, { draft: { id, version, document } });
    },
    set(document: ExerciseDocument): void {
      patchState(store, ({ draft }) => ({ draft: draft && { ...draft, document } }));
    },
    leave(): void {
      patchState(store, { draft: null });
    },
    save(): void {
      const draft = store.draft();
      if (draft === null || store.faults().length > 0) return;
      const { document, id, version } = draft;
      const words = `${document.title}: kept, and offered in Set-ups.`;
      global.dispatch(studioActions.saveExercise({ id, input: { version, document }, words }));
      patchState(store, { draft: null });
    },
    putAway({ id }: OwnExerciseRecord): void {
      global.dispatch(studioActions.putExerciseAway({ id }));
    },
    /** Opens an exercise document under an id of its own; says what is wrong with one that cannot be. */
    bringIn(file: ReadJson): void {
      if (!file.ok) return patchState(store, { refused: { words: file.fault, details: [] } });
      const details = exerciseFaults(file.json);
      const words = 'This document holds no exercise that can be kept.';
      patchState(store, { refused: details.length === 0 ? null : { words, details } });
      const parsed = parseDocument(exerciseDocument, file.json);
      if (details.length > 0 || !parsed.ok) return;
      const id = uuidv7();
      const document = { ...parsed.value, id: `${OWN_PREFIX}${id}` };
      patchState(store, { draft: { id, version: 0, document } });
    },
  })),
);
