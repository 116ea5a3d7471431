import { computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import {
  patchState,
  signalMethod,
  signalStore,
  withComputed,
  withMethods,
  withState,
} from '@ngrx/signals';
import { type Action, Store } from '@ngrx/store';
import type { BandEventInput, BandInput } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { RecordWriter } from '../../records/outbox/record-writer';
import { selectForceUnit, selectKnownBands, selectLengthUnit } from '../../records/selectors';
import { bandActions } from '../../records/writing/band-actions';
import { wantingWords } from './wanting';

interface BandsState {
  /** The band looked at. */
  readonly bandId: string | undefined;
  readonly mode: 'look' | 'add' | 'edit';
}

/** The rail, and the band looked at, added or changed. */
export const BandsStore = signalStore(
  withState<BandsState>({ bandId: undefined, mode: 'look' }),
  withComputed(({ bandId }, global = inject(Store)) => {
    const known = global.selectSignal(selectKnownBands);
    return {
      known,
      unit: global.selectSignal(selectForceUnit),
      lengthUnit: global.selectSignal(selectLengthUnit),
      selected: computed(() => known().find(({ record }) => record.id === bandId()) ?? null),
      /** Bands whose figures are weak or whose state asks for a look. */
      wanting: computed(() =>
        known().flatMap((band) => {
          const words = wantingWords(band);
          return words === null ? [] : [{ id: band.record.id, name: band.record.name, words }];
        }),
      ),
    };
  }),
  withMethods(
    (store, global = inject(Store), router = inject(Router), writer = inject(RecordWriter)) => {
      /** What is said of it would go with the screen that is left. */
      const goAndDo = (commands: readonly string[], action: Action): void =>
        void router.navigate(commands).then(() => global.dispatch(action));
      return {
        /** Whoever turns to another band has left the form. */
        lookAt: signalMethod<string | undefined>((bandId) =>
          patchState(store, { bandId, mode: 'look' }),
        ),
        add(): void {
          patchState(store, { mode: 'add' });
        },
        edit(): void {
          patchState(store, { mode: 'edit' });
        },
        leave(): void {
          patchState(store, { mode: 'look' });
        },
        save(input: BandInput): void {
          if (store.mode() === 'look') return;
          const changed = store.mode() === 'edit' ? (store.selected()?.record ?? null) : null;
          const id = changed?.id ?? uuidv7();
          const words =
            changed === null ? `${input.name} is on the rail.` : `${input.name} changed.`;
          patchState(store, { mode: 'look' });
          goAndDo(['/bands', id], bandActions.put({ id, input, words }));
        },
        remove(id: string): void {
          goAndDo(['/bands'], bandActions.remove({ id }));
        },
        happened(bandId: string, event: Pick<BandEventInput, 'copyId' | 'what'>): void {
          const params = { id: bandId, eventId: uuidv7() };
          const input = { ...event, at: new Date().toISOString() };
          void writer.write('addBandEvent', params, input, 'A note on a band');
        },
        chooseLaw(measurementId: string | null): void {
          const band = store.selected()?.record;
          if (band === undefined) return;
          const { id, version } = band;
          global.dispatch(bandActions.chooseLaw({ id, version, measurementId }));
        },
        cut(piece: { name: string; length_m: number }): void {
          const roll = store.selected()?.record;
          if (roll === undefined) return;
          const ids = { pieceId: uuidv7(), copyId: uuidv7() };
          const input = { ...piece, ...ids, version: roll.version, tag: null };
          goAndDo(['/bands', ids.pieceId], bandActions.cut({ rollId: roll.id, input }));
        },
      };
    },
  ),
);
