import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import { Store } from '@ngrx/store';
import {
  canBeUsed,
  type ComparedBand,
  comparePulls,
  equalSums,
  GLANCE_STRETCH,
} from '@wiry-otter/core';
import { selectForceUnit, selectKnownBands } from '../../records/selectors';
import type { KnownBand } from '../bands/band-law';

/** Picked to begin with; more make the first look hard to read. */
const FIRST_PICKED = 5;

interface CompareState {
  /** Null until somebody picks: the first look is made for them. */
  readonly pickedByHand: ReadonlySet<string> | null;
  /** Where the pulls are compared. */
  readonly stretch: number;
}

/** Bands side by side: which, at which stretch, and what they pull there. */
export const CompareStore = signalStore(
  withState<CompareState>({ pickedByHand: null, stretch: GLANCE_STRETCH }),
  withComputed(({ pickedByHand }, global = inject(Store)) => {
    const all = global.selectSignal(selectKnownBands);
    /** Bands with a law, slimmest pull first. */
    const offered = computed(() => {
      const known = all().filter((band) => canBeUsed(band) && band.calibration !== null);
      const order = comparePulls(known.flatMap(compared), GLANCE_STRETCH).map(({ id }) => id);
      return [...known].sort((a, b) => order.indexOf(a.record.id) - order.indexOf(b.record.id));
    });
    return {
      offered,
      unit: global.selectSignal(selectForceUnit),
      pickedIds: computed(() => pickedByHand() ?? firstPicked(offered())),
    };
  }),
  withComputed(({ offered, pickedIds, stretch }) => {
    const picked = computed(() => offered().filter(({ record }) => pickedIds().has(record.id)));
    const pulls = computed(() => comparePulls(picked().flatMap(compared), stretch()));
    return {
      picked,
      pulls,
      greatest: computed(() => Math.max(1.3, ...picked().map(({ record }) => record.limit))),
      /** Two that pull as a third. */
      sums: computed(() => equalSums(pulls())),
    };
  }),
  withMethods((store) => ({
    toggle(id: string): void {
      const next = new Set(store.pickedIds());
      if (!next.delete(id)) next.add(id);
      patchState(store, { pickedByHand: next });
    },
    compareAt(stretch: number): void {
      patchState(store, { stretch });
    },
    bandOf(id: string): KnownBand {
      const band = store.picked().find(({ record }) => record.id === id);
      if (band === undefined) throw new RangeError(`${id} is not compared`);
      return band;
    },
  })),
);

function firstPicked(offered: readonly KnownBand[]): ReadonlySet<string> {
  const measuredLoops = offered.filter(
    ({ record, calibration }) => record.kind === 'loop' && calibration?.grade !== 'label',
  );
  return new Set(measuredLoops.slice(0, FIRST_PICKED).map(({ record }) => record.id));
}

function compared({ record, calibration }: KnownBand): ComparedBand[] {
  return calibration === null ? [] : [{ id: record.id, kind: record.kind, calibration }];
}
