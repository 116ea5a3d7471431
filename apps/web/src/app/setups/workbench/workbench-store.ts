import { computed, effect, inject, type Signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withState,
} from '@ngrx/signals';
import type { ExerciseDocument, SetupRecord } from '@wiry-otter/contracts';
import {
  type ChangeCost,
  createRigger,
  type Cure,
  equalCable,
  equalDumbbell,
  type EqualWeight,
  type Fault,
  isContinuous,
  pullsLevel,
} from '@wiry-otter/core';
import { format } from 'date-fns';
import { knownExercises } from '../../exercises/known-exercises';
import { accountFeature } from '../../state/account';
import { bandsFeature } from '../../state/bands';
import { readStored, storeAtRest, storeWaiting } from '../../state/storage';
import { studioFeature } from '../../state/studio';
import { bestAnchor, isOnBody, missingWords, usableAnchors } from '../kit';
import { withUndo } from './undo';
import {
  linkingOnWorkbench,
  costsOf,
  DISTANCE_RANGE,
  type SolvedWorkbench,
  solveWorkbench,
  usableBands,
  type WorkbenchInput,
} from './workbench-model';
import { EMPTY_WORKBENCH, stateOf, storedWorkbench, type WorkbenchState } from './workbench-state';

/** Unless the trainer says otherwise, the wanted mean lies this close to the one in force. */
const WANTED_SHARE = 0.1;

/** The same at every solve that goes well, so that nothing shown has changed. */
const NO_FAULTS: readonly Fault[] = [];

/** Bounds of what can be typed. */
const LIMITS = {
  grip_m: { least: 0, most: 1.5 },
  stance_m: { least: 0, most: 1.5 },
  slip_m: { least: 0, most: 0.6 },
  wraps: { least: 0, most: 5 },
  weight_kg: { least: 0, most: 60 },
} as const;

/** What can be typed as one figure. */
export type Figure = keyof typeof LIMITS;

/** The workbench: what is set for the person in focus, kept over a reload, solved as it changes. */
export const WorkbenchStore = signalStore(
  withState({ set: EMPTY_WORKBENCH }),
  withUndo(),
  withComputed(({ set }, store = inject(Store)) => {
    const people = store.selectSignal(studioFeature.selectPeople);
    const places = store.selectSignal(studioFeature.selectPlaces);
    const setups = store.selectSignal(studioFeature.selectSetups);
    const focusId = store.selectSignal(studioFeature.selectFocusId);
    const known = store.selectSignal(bandsFeature.selectKnown);
    const account = store.selectSignal(accountFeature.selectAccount);
    const prescriptions = store.selectSignal(studioFeature.selectPrescriptions);
    const own = store.selectSignal(studioFeature.selectExercises);
    const exercises = computed(() => knownExercises(own()));
    const exercise = computed(
      () => exercises().get(set.exerciseId()) ?? [...exercises().values()][0],
    );
    const place = computed(() => places().find(({ id }) => id === set.placeId()) ?? places()[0]);
    const anchors = computed(() => usableAnchors(exercise(), place()));
    const usable = computed(() => usableBands(known()));
    return {
      known,
      unit: store.selectSignal(accountFeature.selectForceUnit),
      eyesRule: computed(() => account()?.studio.eyesRule ?? false),
      person: computed(() => people().find(({ id }) => id === focusId())),
      places,
      place,
      exercises,
      exercise,
      anchors,
      anchor: computed(
        () =>
          anchors().find(({ id }) => id === set.anchorId()) ??
          bestAnchor(exercise(), anchors(), set.height_m()) ??
          null,
      ),
      /** What the place lacks for the exercise, in words; nothing where it has all. */
      missing: computed(() => missingWords(exercise(), place(), places())),
      usable,
      /** The usable bands, and which of them are put on. */
      bag: computed(() => {
        const on = set.bandIds();
        return usable().map((band) => ({ band, on: on.includes(band.record.id) }));
      }),
      /** The prescription in force for the person and exercise. */
      current: computed(() =>
        prescriptions().find(
          ({ personId, exerciseId }) => personId === focusId() && exerciseId === exercise()?.id,
        ),
      ),
      saved: computed(() =>
        setups()
          .filter(
            ({ personId, exerciseId }) => personId === focusId() && exerciseId === exercise()?.id,
          )
          .sort((a, b) => a.figures.mean - b.figures.mean),
      ),
    };
  }),
  withComputed((store) => {
    const rig = createRigger();
    const input = computed((): WorkbenchInput | null => {
      const person = store.person();
      const exercise = store.exercise();
      if (person === undefined || exercise === undefined) return null;
      const usable = store.usable();
      return {
        person,
        exercise,
        anchor: store.anchor(),
        bands: store.set
          .bandIds()
          .flatMap((id) => usable.find(({ record }) => record.id === id) ?? []),
        get today() {
          return format(new Date(), 'yyyy-MM-dd');
        },
        eyesRule: store.eyesRule(),
        unit: store.unit(),
        state: store.set(),
      };
    });
    const outcome = computed(() => {
      const present = input();
      return present === null ? null : solveWorkbench(present, rig);
    });
    const solved = computed<SolvedWorkbench | null>(() => {
      const value = outcome();
      return value !== null && 'document' in value ? value : null;
    });
    const inForce = computed(() => store.saved().find(({ id }) => id === store.current()?.setupId));
    return {
      /** All that the workbench is solved from; null without a person and an exercise. */
      input,
      /** The set-up that the person's next session would use. */
      inForce,
      /** The mean aimed at: what the trainer set, else about the set-up in force. */
      wanted: computed<WorkbenchState['wanted']>(() => {
        const mean = inForce()?.figures.mean;
        return (
          store.set.wanted() ??
          (mean === undefined
            ? null
            : { from: mean * (1 - WANTED_SHARE), to: mean * (1 + WANTED_SHARE) })
        );
      }),
      solved,
      /** How the loops put on can hang one through the other; null where they cannot. */
      linking: computed(() => {
        const present = input();
        return (present && linkingOnWorkbench(present)) ?? null;
      }),
      /** The loops put on, in their order. */
      loops: computed(() =>
        (input()?.bands ?? []).filter(({ record }) => isContinuous(record.kind)),
      ),
      faults: computed(() => {
        const value = outcome();
        return value === null || 'document' in value ? NO_FAULTS : value;
      }),
      /** What the bands can be compared with: a free weight only where they do not pull level. */
      comparable: computed<readonly EqualWeight['kind'][]>(() => {
        const present = solved();
        if (present === null || present.document.runs.length === 0) return [];
        const level = pullsLevel(present.document, present.solved);
        return level ? ['cable'] : ['dumbbell', 'cable'];
      }),
      /** The same exercise with a free weight of equal mean. */
      equalDumbbell: equalWith(solved, equalDumbbell),
      /** The same exercise with a cable of equal mean. */
      equalCable: equalWith(solved, equalCable),
    };
  }),
  withMethods((store) => {
    /** Held to where the anchor can be put, and to whole centimetres. */
    const heldHeight = (height_m: number): number => {
      const anchor = store.anchor();
      const held = Math.min(anchor?.highest_m ?? 2.6, Math.max(anchor?.lowest_m ?? 0, height_m));
      return inCentimetres(held);
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
            height_m: inCentimetres(anchor.height * stature_m),
            distance_m: inCentimetres(anchor.distance * stature_m),
          };
    };
    const girthOf = ({ anchorId, placeId }: SetupRecord): number =>
      store
        .places()
        .find(({ id }) => id === placeId)
        ?.anchors.find(({ id }) => id === anchorId)?.girth_m ?? 0;
    return {
      /** What each change would cost: a dozen other set-ups, each solved when it is asked for. */
      *costs(): Generator<ChangeCost, void, void> {
        const present = store.input();
        if (present === null || store.solved()?.document.runs.length === 0) return;
        yield* costsOf(present, store.usable());
      },
      /** Moves the person along the floor, held within reach of the anchor. */
      setDistance(distance_m: number): void {
        const held = Math.min(DISTANCE_RANGE.most, Math.max(DISTANCE_RANGE.least, distance_m));
        store.change('distance', { distance_m: inCentimetres(held) });
      },
      /** Moves the anchor along its wall, as far as the place allows. */
      setHeight(height_m: number): void {
        store.change('height', { height_m: heldHeight(height_m) });
      },
      /** Sets one of the figures, held to its bounds; null: as the exercise has it. */
      setFigure(figure: Figure, value: number | null): void {
        const { least, most } = LIMITS[figure];
        const held = value === null ? null : Math.min(most, Math.max(least, inCentimetres(value)));
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
      toggleBand(id: string): void {
        const on = store.set.bandIds();
        changeAnew(`band ${id}`, {
          bandIds: on.includes(id) ? on.filter((band) => band !== id) : [...on, id],
        });
      },
      /** Takes over what was found: bands, their route, where to stand or grip. */
      take(part: Partial<WorkbenchState>): void {
        changeAnew('found', part);
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
        store.change(`open ${setup.id}`, stateOf(setup, girthOf(setup)));
      },
      /** Where nothing was left for the person: their hardest saved set-up, else an empty one. */
      begin(): void {
        const last = store.saved().at(-1);
        patchState(store, { set: EMPTY_WORKBENCH });
        if (last !== undefined) store.change('begin', stateOf(last, girthOf(last)));
        else changeAnew('begin', { placeId: store.places()[0]?.id ?? '' });
        store.forget();
      },
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
    onInit(store) {
      const key = computed(() => `otter.workbench.${store.person()?.id ?? ''}`);
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

function equalWith(
  solved: Signal<SolvedWorkbench | null>,
  equal: typeof equalDumbbell,
): Signal<EqualWeight | undefined> {
  return computed(() => {
    const present = solved();
    if (present === null || present.document.runs.length === 0) return undefined;
    return equal(present.document, present.solved.summary.mean);
  });
}

/** Lengths to whole centimetres; kilograms and turns to as many decimals. */
function inCentimetres(value: number): number {
  return Math.round(value * 100) / 100;
}
