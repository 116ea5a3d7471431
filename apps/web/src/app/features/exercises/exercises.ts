import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import { CATALOGUE } from '@wiry-otter/catalogue';
import {
  type ExerciseDocument,
  exerciseDocument,
  LARGEST_EXERCISE,
  type OwnExerciseRecord,
  parseDocument,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { DocumentPicker } from '../../ui/files/document-picker';
import { downloadJson, type ReadJson } from '../../ui/files/json-file';
import { type Refusal, Refused } from '../../ui/fields/refused';
import { selectExercises } from '../../records/selectors';
import { studioActions } from '../../records/writing/studio-actions';
import { copyExercise, exerciseFaults, OWN_PREFIX } from './own-exercise';
import { PoseEditor } from './pose-editor';

/** An exercise under change and the version it was made from. */
interface Draft {
  readonly id: string;
  readonly version: number;
  readonly document: ExerciseDocument;
}

/** Exercises of the studio's own: copied from one there is, posed, judged, in and out as documents. */
@Component({
  selector: 'otter-exercises',
  imports: [DocumentPicker, FormsModule, PoseEditor, Refused],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './exercises.html',
})
export class Exercises {
  private readonly store = inject(Store);

  protected readonly own = this.store.selectSignal(selectExercises);
  protected readonly sources = computed(() =>
    [...this.own().map(({ document }) => document), ...CATALOGUE].toSorted((a, b) =>
      a.title.localeCompare(b.title),
    ),
  );
  protected readonly source = signal('standing-row');
  protected readonly draft = signal<Draft | null>(null);
  protected readonly refused = signal<Refusal | null>(null);
  protected readonly faults = computed(() => {
    const draft = this.draft();
    return draft === null ? [] : exerciseFaults(draft.document);
  });

  protected copy(): void {
    const exercise = this.sources().find(({ id }) => id === this.source());
    if (exercise === undefined) return;
    const id = uuidv7();
    this.draft.set({ id, version: 0, document: copyExercise(exercise, id) });
  }

  protected change({ document, id, version }: OwnExerciseRecord): void {
    this.draft.set({ id, version, document });
  }

  protected set(document: ExerciseDocument): void {
    this.draft.update((draft) => (draft === null ? null : { ...draft, document }));
  }

  protected save(): void {
    const draft = this.draft();
    if (draft === null || this.faults().length > 0) return;
    const { document, id, version } = draft;
    const words = `${document.title}: kept, and offered in Set-ups.`;
    this.store.dispatch(studioActions.saveExercise({ id, input: { version, document }, words }));
    this.draft.set(null);
  }

  protected putAway({ id }: OwnExerciseRecord): void {
    this.store.dispatch(studioActions.putExerciseAway({ id }));
  }

  protected readonly largest = LARGEST_EXERCISE;

  /** Hands the open document to the browser as a file. */
  protected download({ document: exercise }: OwnExerciseRecord): void {
    downloadJson(exercise.title, 'exercise', exercise);
  }

  /** Opens an exercise document under an id of its own; says what is wrong with one that cannot be. */
  protected bringIn(file: ReadJson): void {
    if (!file.ok) return this.refused.set({ words: file.fault, details: [] });
    const { json } = file;
    const faults = exerciseFaults(json);
    this.refused.set(
      faults.length === 0
        ? null
        : { words: 'This document holds no exercise that can be kept.', details: faults },
    );
    const parsed = parseDocument(exerciseDocument, json);
    if (faults.length > 0 || !parsed.ok) return;
    const id = uuidv7();
    this.draft.set({
      id,
      version: 0,
      document: { ...parsed.value, id: `${OWN_PREFIX}${id}` },
    });
  }
}
