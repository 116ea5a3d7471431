import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { CdkListbox, CdkOption } from '@angular/cdk/listbox';
import {
  ChangeDetectionStrategy,
  Component,
  computed,
  ElementRef,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { Body } from '@wiry-otter/core';
import { LookFor } from '../../ui/fields/look-for';
import { groupExercises, matchingExercises, muscleWords } from './exercise-groups';
import { PosePicture } from './pose-picture';

/** What the panel chooses from. */
export interface ExercisePanelData {
  readonly exercises: readonly ExerciseDocument[];
  readonly chosenId: string | undefined;
  /** Whose proportions the poses are drawn with. */
  readonly body: Body;
  /** Whether the place has what an exercise hangs on. */
  readonly isPossible: (exercise: ExerciseDocument) => boolean;
}

/** Chooses an exercise: looked for by word, under the part of the body it trains, with its pose drawn. */
@Component({
  selector: 'otter-exercise-panel',
  imports: [CdkListbox, CdkOption, LookFor, PosePicture],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './exercise-panel.html',
})
export class ExercisePanel {
  protected readonly data = inject<ExercisePanelData>(DIALOG_DATA);
  private readonly dialog = inject<DialogRef<string>>(DialogRef);
  private readonly list = viewChild.required<string, ElementRef<HTMLElement>>('list', {
    read: ElementRef,
  });

  protected readonly wanted = signal('');
  protected readonly onlyPossible = signal(false);
  protected readonly muscleWords = muscleWords;

  private readonly found = computed(() => {
    const matching = matchingExercises(this.data.exercises, this.wanted());
    return this.onlyPossible() ? matching.filter(this.data.isPossible) : matching;
  });
  protected readonly groups = computed(() => groupExercises(this.found()));

  protected choose(ids: readonly unknown[]): void {
    const [id] = ids;
    if (typeof id === 'string') this.dialog.close(id);
  }

  protected chooseFirst(): void {
    const first = this.groups()[0]?.exercises[0];
    if (first !== undefined) this.dialog.close(first.id);
  }

  protected showPart(words: string): void {
    this.list()
      .nativeElement.querySelector(`[data-part="${words}"]`)
      ?.scrollIntoView({ block: 'start' });
  }

  protected close(): void {
    this.dialog.close();
  }
}
