import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { LARGEST_EXERCISE, type OwnExerciseRecord } from '@wiry-otter/contracts';
import { Refused } from '../../ui/fields/refused';
import { DocumentPicker } from '../../ui/files/document-picker';
import { downloadJson } from '../../ui/files/json-file';
import { ExercisesStore } from './exercises-store';
import { PoseEditor } from './pose-editor';

/** Exercises of the studio's own: copied from one there is, posed, judged, in and out as documents. */
@Component({
  selector: 'otter-exercises',
  imports: [DocumentPicker, FormsModule, PoseEditor, Refused],
  providers: [ExercisesStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './exercises.html',
})
export class Exercises {
  protected readonly store = inject(ExercisesStore);
  protected readonly largest = LARGEST_EXERCISE;

  /** Hands the open document to the browser as a file. */
  protected download({ document: exercise }: OwnExerciseRecord): void {
    downloadJson(exercise.title, 'exercise', exercise);
  }
}
