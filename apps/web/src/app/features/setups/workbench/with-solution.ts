import { computed, type Signal } from '@angular/core';
import {
  signalStoreFeature,
  type,
  withComputed,
  withState,
  withMethods,
  patchState,
} from '@ngrx/signals';
import {
  createRigger,
  equalCable,
  equalDumbbell,
  type EqualWeight,
  type Fault,
  isContinuous,
  pullsLevel,
  type ForceUnit,
  type Units,
} from '@wiry-otter/core';
import type {
  AnchorRecord,
  ExerciseDocument,
  PersonRecord,
  PlaceRecord,
  PrescriptionRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { forceWord } from '../../../ui/quantities/figures';
import type { KnownBand } from '../../bands/band-law';
import { format } from 'date-fns';
import {
  linkingOnWorkbench,
  type SolvedWorkbench,
  solveWorkbench,
  type WorkbenchInput,
} from './solve-workbench';
import type { WorkbenchState } from './workbench-state';

/** Unless the trainer says otherwise, the wanted mean lies this close to the one in force. */
const WANTED_SHARE = 0.1;

/** The same at every solve that goes well, so that nothing shown has changed. */
const NO_FAULTS: readonly Fault[] = [];

/** What a solution is of. */
interface Subject {
  readonly person: Signal<PersonRecord | undefined>;
  readonly exercise: Signal<ExerciseDocument | undefined>;
  readonly usable: Signal<readonly KnownBand[]>;
  readonly place: Signal<PlaceRecord | undefined>;
  readonly anchor: Signal<AnchorRecord | null>;
  readonly eyesRule: Signal<boolean>;
  readonly unit: Signal<ForceUnit>;
  readonly units: Signal<Units>;
  readonly current: Signal<PrescriptionRecord | undefined>;
  readonly saved: Signal<readonly SetupRecord[]>;
}

/** What follows from what is set, solved by the core as it changes. */
export function withSolution() {
  return signalStoreFeature(
    { state: type<{ set: WorkbenchState }>(), props: type<Subject>() },
    withState<{ preview: SolvedWorkbench | null }>({ preview: null }),
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
          placeId: store.place()?.id ?? null,
          anchor: store.anchor(),
          bands: store.set
            .bandIds()
            .flatMap((id) => usable.find(({ record }) => record.id === id) ?? []),
          get today() {
            return format(new Date(), 'yyyy-MM-dd');
          },
          eyesRule: store.eyesRule(),
          units: store.units(),
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
      const demandUnit = computed(() => solved()?.solved.rig.prepared.unit ?? 'N');
      const inForce = computed(() =>
        store.saved().find(({ id }) => store.current()?.setupIds.includes(id) === true),
      );
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
        /** What demands are told in. */
        demandUnit,
        demandWord: computed(() => (demandUnit() === 'N·m' ? 'N·m' : forceWord(store.unit()))),
        /** What the scene shows: a set-up that is pointed at, else what is set. */
        inScene: computed(() => store.preview() ?? solved()),
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
    withMethods((store) => ({
      /** Shows another set-up in the scene while it is pointed at; null: what is set. */
      showInScene(preview: SolvedWorkbench | null): void {
        patchState(store, { preview });
      },
    })),
  );
}

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
