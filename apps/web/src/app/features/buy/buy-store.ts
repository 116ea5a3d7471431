import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import type { LadderRecord } from '@wiry-otter/contracts';
import type { AnchoredExercise, LadderRequest, Purchases } from '@wiry-otter/core';
import { TrainerPreferences } from '../setups/find/trainer-preferences';
import { ladderRequestOf } from '../setups/ladder/ladder-model';
import { RecordInputs } from '../setups/workbench/record-inputs';
import { selectLadders, selectPeople } from '../../records/selectors';
import { Finder } from '../../workers/finder';

interface BuyState {
  /** Ladders that the new band is to serve. */
  readonly ladderIds: readonly string[];
  readonly found: Purchases | null;
  /** The ladders that were looked at, in the order of what was found. */
  readonly served: readonly LadderRecord[];
  readonly broken: boolean;
}

const NOTHING_FOUND: BuyState = {
  ladderIds: [],
  found: null,
  served: [],
  broken: false,
};

/** Which one band would close most of the gaps of chosen ladders. */
export const BuyStore = signalStore(
  withState<BuyState>(NOTHING_FOUND),
  withProps(() => ({
    _finder: inject(Finder),
    _inputs: inject(RecordInputs),
    _preferences: inject(TrainerPreferences).present,
  })),
  withComputed((state, global = inject(Store)) => {
    const people = global.selectSignal(selectPeople);
    const ladders = global.selectSignal(selectLadders);
    return {
      ladders: computed(() =>
        ladders().map((ladder) => ({
          ladder,
          name: people().find(({ id }) => id === ladder.personId)?.name ?? '',
          exercise: ladder.rungs[0]?.document.exercise.title ?? ladder.exerciseId,
          chosen: state.ladderIds().includes(ladder.id),
        })),
      ),
    };
  }),
  withMethods((store) => {
    const toServe = (ladder: LadderRecord): LadderRequest<AnchoredExercise>[] => {
      const rung = ladder.rungs.find(({ document }) => document.runs.length > 0);
      const input = rung && store._inputs.of({ ...ladder, ...rung });
      if (input === undefined || input === null) return [];
      const usable = store._inputs.usable();
      const { notchFirst, target } = ladder;
      return [ladderRequestOf(input, usable, target, store._preferences(), notchFirst)];
    };
    return {
      choose(id: string, yes: boolean): void {
        const others = store.ladderIds().filter((other) => other !== id);
        patchState(store, { ladderIds: yes ? [...others, id] : others, found: null });
      },
      async look(): Promise<void> {
        const chosen = store.ladders().filter((row) => row.chosen);
        const served = chosen.map((row) => row.ladder).filter((one) => toServe(one).length > 0);
        patchState(store, { broken: false, found: null });
        const task = { kind: 'buy', ladders: served.flatMap(toServe) } as const;
        const outcome = await store._finder.ask(task);
        patchState(store, { broken: outcome.kind === 'broken' });
        if (outcome.kind === 'done') patchState(store, { found: outcome.result, served });
      },
      cancel(): void {
        store._finder.cancel();
      },
    };
  }),
  withHooks({
    onInit(store) {
      patchState(store, { ladderIds: store.ladders().map(({ ladder }) => ladder.id) });
    },
  }),
);
