import { computed, inject, Injectable, linkedSignal, untracked } from '@angular/core';
import { createRigger, prepareExercise, type TautWay } from '@wiry-otter/core';
import { kitOnWorkbench } from '../setups/workbench/solve-workbench';
import { WorkbenchStore } from '../setups/workbench/workbench-store';
import { whenLetGo } from '../../ui/timing/when-let-go';
import {
  bandsAtPlaces,
  type ChosenRoutes,
  hangDetails,
  type HangView,
  hangViews,
} from './hang-views';
import { LevelStore } from './level-store';
import { pointNames } from './skill-words';

/** Where the help hangs in the level that is open: place beside place, band beside band. */
@Injectable()
export class HangStore {
  private readonly levels = inject(LevelStore);
  private readonly workbench = inject(WorkbenchStore);
  private readonly rig = createRigger();

  private readonly prepared = computed(() => {
    const exercise = this.workbench.exercise();
    if (exercise === undefined) return undefined;
    const phases = this.workbench.set.phases() ?? undefined;
    const result = prepareExercise(exercise, this.workbench.body(), { phases });
    return result.ok ? result.value : undefined;
  });
  readonly pointNames = computed(() => {
    const [exercise, prepared] = [this.workbench.exercise(), this.prepared()];
    return exercise === undefined || prepared === undefined
      ? { start: 'start', middle: 'middle', end: 'end' }
      : pointNames(exercise, prepared);
  });

  /** By place, the route that was chosen there. */
  private readonly chosenRoutes = linkedSignal<string, ChosenRoutes>({
    source: () => this.workbench.set.exerciseId(),
    computation: () => ({}),
  });
  /** Every place; in a drag they follow in its pauses. */
  private readonly settledHangs = computed((): HangView[] => {
    this.workbench.settled();
    const chosen = this.chosenRoutes();
    const skill = this.levels.skill();
    const isOfSkill = this.levels.isOfSkill();
    const input = untracked(this.workbench.input);
    return input === null || !isOfSkill ? [] : hangViews(input, skill, chosen, this.rig);
  });
  /** The place that is set keeps up with the hand. */
  private readonly setHang = computed((): HangView | undefined => {
    const where = this.settledHangs().find(({ isSet }) => isSet)?.place.where;
    const input = this.workbench.input();
    if (input === null || where === undefined || !this.workbench.held()) return undefined;
    const skill = this.levels.skill();
    const hangs = skill.hangs.filter((place) => place.where === where);
    return hangViews(input, { ...skill, hangs }, this.chosenRoutes(), this.rig)[0];
  });
  readonly hangs = computed((): HangView[] => {
    const present = this.setHang();
    return this.settledHangs().map((view) => (view.isSet ? (present ?? view) : view));
  });
  /** What is told besides, by place. */
  readonly details = whenLetGo(this.workbench.held, this.settledHangs, () => {
    const input = this.workbench.input();
    const told = (view: HangView) => input && hangDetails(input, this.levels.skill(), view);
    return new Map(this.settledHangs().map((view) => [view.place.where, told(view) ?? undefined]));
  });
  /** Each band of the bag at each place. */
  readonly bands = whenLetGo(this.workbench.held, this.workbench.settled, () => {
    const input = this.workbench.input();
    if (input === null || !this.levels.isOfSkill()) return [];
    const kit = kitOnWorkbench(input, this.workbench.usable());
    return bandsAtPlaces(input, this.levels.skill(), kit, createRigger());
  });

  /** Takes a place of the comparison. */
  hang({ part }: HangView): void {
    this.workbench.take('hang', part);
  }

  /** Shows another way to hang a band at a place. */
  chooseRoute({ isSet, place, route }: HangView, routeId: string): void {
    this.chosenRoutes.update((chosen) => ({ ...chosen, [place.where]: routeId }));
    if (isSet) this.workbench.chooseRoute(route.for, routeId);
  }

  /** Makes a slack band taut, and takes it. */
  tauten(view: HangView, { routeId, turns }: TautWay): void {
    this.chosenRoutes.update((chosen) => ({ ...chosen, [view.place.where]: routeId }));
    const routeIds = { ...view.part.routeIds, [view.route.for]: routeId };
    this.workbench.take('tauten', { routeIds, wraps: turns });
  }

  /** Takes a slack band up by so much more where it hangs. */
  takeUp({ part }: HangView, more_m: number): void {
    this.workbench.take('take up', part);
    this.workbench.setFigure('slip_m', this.workbench.set.slip_m() + more_m);
  }

  /** Puts one band on, at one place. */
  takeBand(bandId: string, routeId: string): void {
    const exercise = this.workbench.exercise();
    const route = exercise?.routes?.find(({ id }) => id === routeId);
    if (route === undefined) return;
    this.workbench.take('band', {
      bandIds: [bandId],
      routeIds: { ...this.workbench.set.routeIds(), [route.for]: routeId },
    });
  }
}
