import { computed, effect, inject, InjectionToken, untracked } from '@angular/core';
import { patchState, signalStore, withHooks, withMethods, withState } from '@ngrx/signals';
import type { ExerciseDocument, SetupRecord } from '@wiry-otter/contracts';
import {
  copiesAtHand,
  copiesTaken,
  type Cure,
  STANDING_RANGE,
  roundLength,
} from '@wiry-otter/core';
import { readStored, storeAtRest, storeWaiting } from '../../../storage/storage';
import { bestAnchor, isOnBody, usableAnchors } from '../kit';
import { type Change, changesOf } from './changes';
import { withUndo } from './undo';
import { withSettled } from './with-settled';
import { withSolution } from './with-solution';
import { withSubject } from './with-subject';
import { EMPTY_WORKBENCH, stateOf, storedWorkbench, type WorkbenchState } from './workbench-state';

/** Bounds of what can be typed. */
const LIMITS = {
  grip_m: { least: 0, most: 1.5 },
  stance_m: { least: 0, most: 1.5 },
  slip_m: { least: 0, most: 0.6 },
  wraps: { least: 0, most: 5 },
  weight_kg: { least: 0, most: 60 },
} as const;

/** Under what a screen keeps its workbench: each screen that has one goes on with its own. */
export const WORKBENCH_KEY = new InjectionToken<string>('key of the workbench', {
  factory: () => 'otter.workbench',
});

/** What can be typed as one figure. */
export type Figure = keyof typeof LIMITS;

/** The workbench: what is set for the person in focus, kept over a reload, solved as it changes. */
export const WorkbenchStore = signalStore(
  withState({ set: EMPTY_WORKBENCH }),
  withUndo(),
  withSubject(),
  withSolution(),
  withSettled(),
  withMethods((store) => {
    /** Held to where the anchor can be put, and to whole centimetres. */
    /** A length as exactly as it is written. */
    const written = (length_m: number): number => roundLength(length_m, store.units().length);
    const heldHeight = (height_m: number): number => {
      const anchor = store.anchor();
      const held = Math.min(anchor?.highest_m ?? 2.6, Math.max(anchor?.lowest_m ?? 0, height_m));
      return written(held);
    };
    /** A change of what the cautions are about asks for them to be acknowledged anew. */
    const changeAnew = (what: string, part: Partial<WorkbenchState>): void => {
      store.change(what, { ...part, acknowledged: [] });
      store.change(what, { height_m: heldHeight(store.set.height_m()) });
    };
    const placeOfExercise = (exercise: ExerciseDocument | undefined): Partial<WorkbenchState> => {
      const stature_m = store.set.body()?.stature_m ?? store.person()?.stature_m ?? 1.75;
      const anchor = exercise?.anchor;
      return anchor === undefined
        ? {}
        : {
            height_m: written(anchor.height * stature_m),
            distance_m: written(anchor.distance * stature_m),
          };
    };
    /** As many equal ones as the exercise takes of a band, where so many are at hand. */
    const copiesPutOn = (id: string): number => {
      const band = store.usable().find(({ record }) => record.id === id);
      const taken = copiesTaken(store.exercise() ?? {});
      const owner = { personId: store.person()?.id ?? '', placeId: store.place()?.id ?? null };
      return band !== undefined && copiesAtHand(band, owner) >= taken ? taken : 1;
    };
    const toggleBand = (id: string): void => {
      const on = store.set.bandIds();
      const added = Array.from({ length: copiesPutOn(id) }, () => id);
      changeAnew(`band ${id}`, {
        bandIds: on.includes(id) ? on.filter((band) => band !== id) : [...on, ...added],
      });
    };
    const girthOf = ({ anchorId, placeId }: Pick<SetupRecord, 'anchorId' | 'placeId'>): number =>
      store
        .places()
        .find(({ id }) => id === placeId)
        ?.anchors.find(({ id }) => id === anchorId)?.girth_m ?? 0;
    return {
      /** What each change would do: a dozen other set-ups, each solved when it is asked for. */
      *changes(): Generator<Change, void, void> {
        const present = store.input();
        if (present === null || store.solved()?.document.runs.length === 0) return;
        yield* changesOf(present, store.usable());
      },
      /** Moves the person along the floor, held within reach of the anchor. */
      setDistance(distance_m: number): void {
        const farthest_m = store.anchor()?.room_m ?? STANDING_RANGE.most;
        const held = Math.min(farthest_m, Math.max(STANDING_RANGE.least, distance_m));
        store.change('distance', { distance_m: written(held) });
      },
      /** Moves the anchor along its wall, as far as the place allows. */
      setHeight(height_m: number): void {
        store.change('height', { height_m: heldHeight(height_m) });
      },
      /** Sets one of the figures, held to its bounds; null: as the exercise has it. */
      setFigure(figure: Figure, value: number | null): void {
        const { least, most } = LIMITS[figure];
        const isLength = figure.endsWith('_m');
        const exact = (given: number): number =>
          isLength ? written(given) : Math.round(100 * given) / 100;
        const held = value === null ? null : Math.min(most, Math.max(least, exact(value)));
        const fallback = figure === 'grip_m' || figure === 'stance_m' ? null : 0;
        store.change(figure, { [figure]: held ?? fallback });
      },
      /** Hangs the loops one through the other, or side by side. */
      setLinked(linked: boolean): void {
        changeAnew('linked', { linked });
      },
      /** Hangs this loop first: nearest the anchor, or at the left hand. */
      putFirst(bandId: string): void {
        const others = store.set.bandIds().filter((id) => id !== bandId);
        changeAnew('order', { bandIds: [bandId, ...others] });
      },
      setSide(side: WorkbenchState['side']): void {
        store.change('side', { side });
      },
      /** Does what ends a caution. */
      cure(cure: Cure): void {
        switch (cure.kind) {
          case 'distance':
            return this.setDistance(store.set.distance_m() - cure.closer_m);
          case 'phases':
            return this.setPhases({ from: cure.from, to: cure.to });
          case 'stagger':
            return this.setStagger(cure.stagger_m);
        }
      },
      /** The part of the movement that is done; null: all of it. */
      setPhases(phases: WorkbenchState['phases']): void {
        store.change('phases', { phases });
      },
      setStagger(stagger_m: number | null): void {
        store.change('stagger', { stagger_m });
      },
      /** The marks are on the floor and on the band, or are not. */
      setMarked(marked: boolean): void {
        store.change('marked', { marked });
      },
      setBody(body: WorkbenchState['body']): void {
        store.change('body', { body });
      },
      toggleBand,
      /** Puts the band with a tag on, or takes it off. */
      toggleTag(tag: number): void {
        const found = store.usable().find(({ record }) => record.tag === tag);
        if (found !== undefined) toggleBand(found.record.id);
      },
      /** Takes over a set-up that was found, or one of the changes; `what` names it for undo. */
      take(what: string, part: Partial<WorkbenchState>): void {
        store.showInScene(null);
        changeAnew(what, part);
      },
      chooseExercise(exerciseId: string): void {
        changeAnew('exercise', {
          exerciseId,
          ...placeOfExercise(store.exercises().get(exerciseId)),
          anchorId: null,
          wanted: null,
          grip_m: null,
          stance_m: null,
          slip_m: 0,
          wraps: 0,
          linked: false,
          phases: null,
          stagger_m: null,
          marked: false,
          weight_kg: 0,
        });
      },
      choosePlace(placeId: string): void {
        changeAnew('place', { placeId, anchorId: null, ...placeOfExercise(store.exercise()) });
      },
      chooseAnchor(anchorId: string): void {
        const anchor = store.anchors().find(({ id }) => id === anchorId);
        const height_m = store.set.height_m();
        const reached =
          anchor !== undefined && height_m >= anchor.lowest_m && height_m <= anchor.highest_m;
        const usual = placeOfExercise(store.exercise()).height_m ?? height_m;
        changeAnew('anchor', { anchorId, height_m: reached ? height_m : usual });
      },
      chooseRoute(form: 'continuous' | 'open', routeId: string): void {
        store.change('route', { routeIds: { ...store.set.routeIds(), [form]: routeId } });
      },
      setWanted(wanted: WorkbenchState['wanted']): void {
        store.change('wanted', { wanted });
      },
      acknowledge(text: string, yes: boolean): void {
        const others = store.set.acknowledged().filter((known) => known !== text);
        store.change(`seen ${text}`, { acknowledged: yes ? [...others, text] : others });
      },
      /** Puts a saved set-up back on the workbench. */
      open(setup: SetupRecord): void {
        store.change(`open ${setup.id}`, stateOf(setup, girthOf(setup), store.known()));
      },
      /** Where nothing was left for the person: their hardest saved set-up, else an empty one. */
      begin(): void {
        const last = store.saved().at(-1);
        patchState(store, { set: EMPTY_WORKBENCH });
        if (last !== undefined) store.change('begin', stateOf(last, girthOf(last), store.known()));
        else changeAnew('begin', { placeId: store.usualPlace()?.id ?? '' });
        store.forget();
      },
      /** Girth of the anchor of a set-up on record, m; 0 where it is not known. */
      girthOf,
      /** Girth of the anchor that the place would offer for an exercise at a height, m. */
      girthOffered(exercise: ExerciseDocument, height_m: number): number {
        const offered = usableAnchors(exercise, store.place());
        return bestAnchor(exercise, offered, height_m)?.girth_m ?? 0;
      },
      /** Whether the set-up may be saved at this place: it has the anchor, or needs none. */
      hasKit(): boolean {
        return store.anchor() !== null || isOnBody(store.exercise());
      },
    };
  }),
  withHooks({
    onInit(store, screen = inject(WORKBENCH_KEY)) {
      const key = computed(() => `${screen}.${store.person()?.id ?? ''}`);
      // Each person finds the workbench as it was left for them, or their hardest saved set-up.
      effect(() => {
        const kept = readStored(key(), storedWorkbench);
        untracked(() => {
          if (kept === undefined) store.begin();
          else {
            patchState(store, { set: kept });
            store.forget();
          }
        });
      });
      effect(() => storeAtRest(key(), store.set()));
    },
    onDestroy() {
      storeWaiting();
    },
  }),
);
