import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Dialog } from '@angular/cdk/dialog';
import { FormsModule } from '@angular/forms';
import { isContinuous } from '@wiry-otter/core';
import { NgIcon, provideIcons } from '@ng-icons/core';
import { lucideChevronDown } from '@ng-icons/lucide';
import { ExercisePanel, type ExercisePanelData } from '../exercises/exercise-panel';
import { ChooseAnchor } from './choose-anchor';
import { LengthField } from './length-field';
import { isOnBody, usableAnchors } from './kit';
import { chosenRoutes, type RouteOfExercise } from './workbench/routes';
import { withLengthsIn } from '../../ui/quantities/figures';
import { WorkbenchStore } from './workbench/workbench-store';

/** What a set-up is made of besides its bands: exercise, place, anchor, routes, side. */
@Component({
  selector: 'otter-choose-setup',
  imports: [ChooseAnchor, LengthField, FormsModule, NgIcon],
  providers: [provideIcons({ lucideChevronDown })],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    class:
      'flex flex-wrap items-start gap-x-3 gap-y-2 [&_select]:field-sizing-content [&_select]:max-w-64',
  },
  templateUrl: './choose-setup.html',
})
export class ChooseSetup {
  protected readonly workbench = inject(WorkbenchStore);
  private readonly dialog = inject(Dialog);

  /** A choice of routes where the bands on the workbench leave one. */
  protected readonly routeChoices = computed(() => {
    const exercise = this.workbench.exercise();
    if (exercise === undefined) return [];
    const routeIds = this.workbench.set.routeIds();
    const chosen = chosenRoutes(exercise, { routeIds }).map(({ id }) => id);
    return (['continuous', 'open'] as const).flatMap((form) => {
      const wanted = this.workbench
        .bag()
        .some(({ band, on }) => on && (form === 'continuous') === isContinuous(band.record.kind));
      const routes = (exercise.routes ?? []).filter((route) => route.for === form);
      return wanted && routes.length > 1
        ? [{ form, routes, chosen: routes.find(({ id }) => chosen.includes(id))?.id }]
        : [];
    });
  });

  protected routeWords({ title }: RouteOfExercise): string {
    return withLengthsIn(this.workbench.units().length, title);
  }

  protected openExercises(): void {
    const place = this.workbench.place();
    const data: ExercisePanelData = {
      exercises: [...this.workbench.exercises().values()],
      chosenId: this.workbench.exercise()?.id,
      body: this.workbench.body(),
      isPossible: (exercise) => isOnBody(exercise) || usableAnchors(exercise, place).length > 0,
    };
    this.dialog
      .open<string>(ExercisePanel, { data, ariaLabel: 'Choose an exercise' })
      .closed.subscribe((id) => {
        if (id !== undefined) this.workbench.chooseExercise(id);
      });
  }
}
