import { computed, effect, inject, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withState,
} from '@ngrx/signals';
import { CATALOGUE, findExercise } from '@wiry-otter/catalogue';
import type { SetupRecord } from '@wiry-otter/contracts';
import { format } from 'date-fns';
import * as z from 'zod';
import { accountFeature } from '../state/account';
import { bandsFeature } from '../state/bands';
import { readStored, store as keep } from '../state/storage';
import { studioFeature } from '../state/studio';
import {
  DISTANCE_RANGE,
  type SolvedWorkbench,
  solveWorkbench,
  usableBands,
  type WorkbenchState,
} from './workbench-model';

const stored = z.object({
  exerciseId: z.string(),
  placeId: z.string(),
  anchorId: z.string().nullable(),
  routeIds: z.object({ continuous: z.string().nullable(), open: z.string().nullable() }),
  bandIds: z.array(z.string()),
  height_m: z.number(),
  distance_m: z.number(),
  wanted: z.object({ from: z.number(), to: z.number() }).nullable(),
  acknowledged: z.array(z.string()),
});

const EMPTY: WorkbenchState = {
  exerciseId: CATALOGUE[0]?.id ?? '',
  placeId: '',
  anchorId: null,
  routeIds: { continuous: null, open: null },
  bandIds: [],
  height_m: 1.2,
  distance_m: 1.9,
  wanted: null,
  acknowledged: [],
};

/** Unless the trainer says otherwise, the wanted mean lies this close to the one in force. */
const WANTED_SHARE = 0.1;

/** The workbench: what is set for the person in focus, kept over a reload, solved as it changes. */
export const WorkbenchStore = signalStore(
  withState({ set: EMPTY }),
  withComputed(({ set }, store = inject(Store)) => {
    const people = store.selectSignal(studioFeature.selectPeople);
    const places = store.selectSignal(studioFeature.selectPlaces);
    const setups = store.selectSignal(studioFeature.selectSetups);
    const focusId = store.selectSignal(studioFeature.selectFocusId);
    const known = store.selectSignal(bandsFeature.selectKnown);
    const account = store.selectSignal(accountFeature.selectAccount);
    const prescriptions = store.selectSignal(studioFeature.selectPrescriptions);
    const exercise = computed(() => findExercise(set.exerciseId()) ?? CATALOGUE[0]);
    const place = computed(() => places().find(({ id }) => id === set.placeId()) ?? places()[0]);
    const anchors = computed(() => {
      const kinds: readonly string[] = exercise()?.anchor?.kinds ?? [];
      return (place()?.anchors ?? []).filter(({ kind }) => kinds.includes(kind));
    });
    return {
      unit: computed(() => account()?.studio.forceUnit ?? 'N'),
      eyesRule: computed(() => account()?.studio.eyesRule ?? false),
      person: computed(() => people().find(({ id }) => id === focusId())),
      places,
      place,
      exercise,
      anchors,
      anchor: computed(
        () => anchors().find(({ id }) => id === set.anchorId()) ?? anchors()[0] ?? null,
      ),
      usable: computed(() => usableBands(known())),
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
    const outcome = computed(() => {
      const person = store.person();
      const exercise = store.exercise();
      if (person === undefined || exercise === undefined) return null;
      const usable = store.usable();
      return solveWorkbench({
        person,
        exercise,
        anchor: store.anchor(),
        bands: store.set
          .bandIds()
          .flatMap((id) => usable.find(({ record }) => record.id === id) ?? []),
        today: format(new Date(), 'yyyy-MM-dd'),
        eyesRule: store.eyesRule(),
        state: store.set(),
      });
    });
    return {
      /** The mean aimed at: what the trainer set, else about the set-up in force. */
      wanted: computed<WorkbenchState['wanted']>(() => {
        const inForce = store.saved().find(({ id }) => id === store.current()?.setupId);
        const mean = inForce?.figures.mean;
        return (
          store.set.wanted() ??
          (mean === undefined
            ? null
            : { from: mean * (1 - WANTED_SHARE), to: mean * (1 + WANTED_SHARE) })
        );
      }),
      solved: computed<SolvedWorkbench | null>(() => {
        const value = outcome();
        return value !== null && 'document' in value ? value : null;
      }),
      faults: computed(() => {
        const value = outcome();
        return value === null || 'document' in value ? [] : value;
      }),
    };
  }),
  withMethods((store) => {
    const change = (part: Partial<WorkbenchState>): void =>
      patchState(store, ({ set }) => ({ set: { ...set, ...part } }));
    /** Held to where the anchor can be put, and to whole centimetres. */
    const heldHeight = (height_m: number): number => {
      const anchor = store.anchor();
      const held = Math.min(anchor?.highest_m ?? 2.4, Math.max(anchor?.lowest_m ?? 0, height_m));
      return Math.round(held * 100) / 100;
    };
    /** A change of what the cautions are about asks for them to be acknowledged anew. */
    const changeAnew = (part: Partial<WorkbenchState>): void => {
      change({ ...part, acknowledged: [] });
      change({ height_m: heldHeight(store.set.height_m()) });
    };
    return {
      /** Moves the person along the floor, held within reach of the anchor. */
      setDistance(distance_m: number): void {
        const held = Math.min(DISTANCE_RANGE.most, Math.max(DISTANCE_RANGE.least, distance_m));
        change({ distance_m: Math.round(held * 100) / 100 });
      },
      /** Moves the anchor along its wall, as far as the place allows. */
      setHeight(height_m: number): void {
        change({ height_m: heldHeight(height_m) });
      },
      toggleBand(id: string): void {
        const on = store.set.bandIds();
        changeAnew({ bandIds: on.includes(id) ? on.filter((band) => band !== id) : [...on, id] });
      },
      chooseExercise(exerciseId: string): void {
        changeAnew({ exerciseId, wanted: null });
      },
      choosePlace(placeId: string): void {
        changeAnew({ placeId, anchorId: null });
      },
      chooseAnchor(anchorId: string): void {
        changeAnew({ anchorId });
      },
      chooseRoute(form: 'continuous' | 'open', routeId: string): void {
        change({ routeIds: { ...store.set.routeIds(), [form]: routeId } });
      },
      setWanted(wanted: WorkbenchState['wanted']): void {
        change({ wanted });
      },
      acknowledge(rule: string, yes: boolean): void {
        const others = store.set.acknowledged().filter((known) => known !== rule);
        change({ acknowledged: yes ? [...others, rule] : others });
      },
      /** Puts a saved set-up back on the workbench. */
      open(setup: SetupRecord): void {
        change(stateOf(setup));
      },
      /** Where nothing was left for the person: their hardest saved set-up, else an empty one. */
      begin(): void {
        const last = store.saved().at(-1);
        patchState(store, { set: EMPTY });
        if (last !== undefined) change(stateOf(last));
        else changeAnew({ placeId: store.places()[0]?.id ?? '' });
      },
    };
  }),
  withHooks({
    onInit(store) {
      const key = computed(() => `otter.workbench.${store.person()?.id ?? ''}`);
      // Each person finds the workbench as it was left for them, or their hardest saved set-up.
      effect(() => {
        const kept = readStored(key(), stored);
        untracked(() => {
          if (kept !== undefined) patchState(store, { set: kept });
          else store.begin();
        });
      });
      effect(() => keep(key(), store.set()));
    },
  }),
);

function stateOf(setup: SetupRecord): Partial<WorkbenchState> {
  const { document, exerciseId, placeId, anchorId, acknowledged, routeId } = setup;
  const point = Object.values(document.points)[0];
  const route = document.exercise.routes?.find(({ id }) => id === routeId);
  return {
    exerciseId,
    placeId,
    anchorId,
    acknowledged,
    bandIds: document.bands.map(({ id }) => id),
    routeIds: {
      continuous: route?.for === 'continuous' ? route.id : null,
      open: route?.for === 'open' ? route.id : null,
    },
    ...(point === undefined ? {} : { distance_m: point[0], height_m: point[1] }),
  };
}
