import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { SetupRecord } from '@wiry-otter/contracts';
import { format } from 'date-fns';
import { knownExercises } from '../../exercises/known-exercises';
import {
  selectExercises,
  selectUnits,
  selectKnownBands,
  selectPeople,
  selectPlaces,
  selectStudio,
} from '../../../records/selectors';
import { usableBands } from './routes';
import type { WorkbenchInput } from './solve-workbench';
import { EMPTY_WORKBENCH, stateOf } from './workbench-state';

/** What is looked at of a set-up, or of a ladder's rung, on record. */
type RecordedSetup = Pick<
  SetupRecord,
  'anchorId' | 'cautions' | 'document' | 'exerciseId' | 'personId' | 'placeId' | 'routeId'
>;

/** Set-ups on record as the workbench would solve them today, for screens that show several. */
@Injectable({ providedIn: 'root' })
export class RecordInputs {
  private readonly store = inject(Store);
  private readonly studio = this.store.selectSignal(selectStudio);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly places = this.store.selectSignal(selectPlaces);
  private readonly own = this.store.selectSignal(selectExercises);
  private readonly known = this.store.selectSignal(selectKnownBands);
  private readonly exercises = computed(() => knownExercises(this.own()));
  readonly units = this.store.selectSignal(selectUnits);
  readonly usable = computed(() => usableBands(this.known()));

  /** @returns null where the person or the exercise is no longer on file */
  of(setup: RecordedSetup): WorkbenchInput | null {
    const person = this.people().find(({ id }) => id === setup.personId);
    const exercise = this.exercises().get(setup.exerciseId);
    if (person === undefined || exercise === undefined) return null;
    const anchor =
      this.places()
        .find(({ id }) => id === setup.placeId)
        ?.anchors.find(({ id }) => id === setup.anchorId) ?? null;
    const usable = this.usable();
    const state = { ...EMPTY_WORKBENCH, ...stateOf(setup, anchor?.girth_m ?? 0, usable) };
    return {
      state,
      person,
      exercise,
      placeId: setup.placeId,
      anchor,
      bands: state.bandIds.flatMap((id) => usable.find(({ record }) => record.id === id) ?? []),
      eyesRule: this.studio()?.eyesRule ?? false,
      units: this.units(),
      today: format(new Date(), 'yyyy-MM-dd'),
    };
  }
}
