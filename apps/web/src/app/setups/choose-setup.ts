import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { isContinuous } from '@wiry-otter/core';
import { groupExercises } from '../exercises/exercise-groups';
import { FigureField } from './figure-field';
import { chosenRoutes } from './workbench/workbench-model';
import { WorkbenchStore } from './workbench/workbench-store';

/** What a set-up is made of besides its bands: exercise, place, anchor, routes, side. */
@Component({
  selector: 'otter-choose-setup',
  imports: [FigureField, FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'flex flex-wrap items-start gap-x-4 gap-y-2 [&_select]:field-sizing-content' },
  templateUrl: './choose-setup.html',
})
export class ChooseSetup {
  protected readonly workbench = inject(WorkbenchStore);
  protected readonly exerciseGroups = computed(() =>
    groupExercises([...this.workbench.exercises().values()]),
  );

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
}
