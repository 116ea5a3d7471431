import { computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import { signalStoreFeature, type, withComputed } from '@ngrx/signals';
import { type Body, copiesAtHand } from '@wiry-otter/core';
import { knownExercises } from '../../exercises/known-exercises';
import {
  selectExercises,
  selectForceUnit,
  selectUnits,
  selectKnownBands,
  selectLadders,
  selectPeople,
  selectPlaces,
  selectPrescriptions,
  selectSetups,
  selectStudio,
} from '../../../records/selectors';
import { focusFeature } from '../../../focus/focus';
import { bestAnchor, holderWords, missingWords, usableAnchors } from '../kit';
import { usableBands } from './routes';
import type { WorkbenchState } from './workbench-state';

/** Where nobody is in focus. */
const DEFAULT_BODY: Body = { stature_m: 1.75, mass_kg: 70 };

/** Whom and what the workbench is about: the person in focus, the exercise, the place, its anchors and the bag. */
export function withSubject() {
  return signalStoreFeature(
    { state: type<{ set: WorkbenchState }>() },
    withComputed(({ set }, store = inject(Store)) => {
      const people = store.selectSignal(selectPeople);
      const person = computed(() => people().find(({ id }) => id === focusId()));
      const places = store.selectSignal(selectPlaces);
      const setups = store.selectSignal(selectSetups);
      const ladders = store.selectSignal(selectLadders);
      const focusId = store.selectSignal(focusFeature.selectFocusId);
      const known = store.selectSignal(selectKnownBands);
      const studio = store.selectSignal(selectStudio);
      const prescriptions = store.selectSignal(selectPrescriptions);
      const own = store.selectSignal(selectExercises);
      const exercises = computed(() => knownExercises(own()));
      const exercise = computed(
        () => exercises().get(set.exerciseId()) ?? [...exercises().values()][0],
      );
      /** Where they train, until another place is chosen. */
      const usualPlace = computed(
        () => places().find(({ id }) => person()?.placeIds.includes(id)) ?? places()[0],
      );
      const place = computed(() => places().find(({ id }) => id === set.placeId()) ?? usualPlace());
      const anchors = computed(() => usableAnchors(exercise(), place()));
      const usable = computed(() => usableBands(known()));
      return {
        known,
        unit: store.selectSignal(selectForceUnit),
        units: store.selectSignal(selectUnits),
        eyesRule: computed(() => studio()?.eyesRule ?? false),
        person,
        places,
        /** The person's body, or the one tried out. */
        body: computed<Body>(() => set.body() ?? person() ?? DEFAULT_BODY),
        usualPlace,
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
        /** The usable bands, which of them are put on, and where those are that are not at hand. */
        bag: computed(() => {
          const on = set.bandIds();
          const owner = { personId: focusId() ?? '', placeId: place()?.id ?? null };
          return usable().map((band) => ({
            band,
            on: on.includes(band.record.id),
            away: copiesAtHand(band, owner) > 0 ? null : holderWords(band, people(), places()),
          }));
        }),
        /** The prescription in force for the person and exercise. */
        current: computed(() =>
          prescriptions().find(
            ({ personId, exerciseId, track }) =>
              personId === focusId() && exerciseId === exercise()?.id && track === 'main',
          ),
        ),
        /** The ladder kept for the person, exercise and place. */
        keptLadder: computed(() =>
          ladders().find(
            ({ exerciseId, personId, placeId }) =>
              personId === focusId() && exerciseId === exercise()?.id && placeId === place()?.id,
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
  );
}
