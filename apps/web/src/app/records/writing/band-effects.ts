import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { BandInput, BandRecord } from '@wiry-otter/contracts';
import { map, withLatestFrom } from 'rxjs';
import { RecordWriter } from '../outbox/record-writer';
import { SHOWN } from '../shown';
import { fieldsOf } from '../outbox/kinds/band-input';
import { bandActions } from './band-actions';
import { done } from './done';

export const putBand = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(bandActions.put),
      withLatestFrom(store.select(SHOWN.band.selectEntities)),
      map(([{ id, input, words }, bands]) => {
        const before = bands[id];
        const what = before === undefined ? 'A new band' : 'A change of a band';
        void writer.write('putBand', { id }, input, what, before && fieldsOf(before));
        return done(words, undoPut(before, id));
      }),
    ),
  { functional: true },
);

export const removeBand = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(bandActions.remove),
      map(({ id }) => {
        const words = 'Band taken off the rail.';
        void writer.write('removeBand', { id }, null, 'A band taken off the rail');
        return done(words, bandActions.restore({ id }));
      }),
    ),
  { functional: true },
);

export const restoreBand = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(bandActions.restore),
      map(({ id }) => {
        const words = 'Band back on the rail.';
        void writer.write('restoreBand', { id }, null, 'A band put back on the rail');
        return done(words, null);
      }),
    ),
  { functional: true },
);

export const setReadingAside = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(bandActions.setReadingAside),
      map(({ bandId, id, input, measurementId }) => {
        const words = input.setAside
          ? 'Pull set aside; it is kept, but not counted.'
          : 'Pull counted again.';
        const params = { id: bandId, measurementId, readingId: id };
        const what = input.setAside ? 'A pull set aside' : 'A pull counted again';
        void writer.write('setReadingAside', params, input, what);
        const back = { ...input, setAside: !input.setAside };
        return done(words, bandActions.setReadingAside({ bandId, measurementId, id, input: back }));
      }),
    ),
  { functional: true },
);

export const chooseLaw = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter), store = inject(Store)) =>
    actions.pipe(
      ofType(bandActions.chooseLaw),
      withLatestFrom(store.select(SHOWN.band.selectEntities)),
      map(([{ id, measurementId, version }, bands]) => {
        const words =
          measurementId === null
            ? 'The law follows the latest measurement.'
            : 'The law follows the measurement chosen.';
        const before = bands[id]?.lawFrom ?? null;
        const base = { measurementId: before };
        const input = { version, measurementId };
        void writer.write('chooseLaw', { id }, input, 'A choice of the law', base);
        const undo = { id, version: version + 1, measurementId: before };
        return done(words, bandActions.chooseLaw(undo));
      }),
    ),
  { functional: true },
);

export const cutPiece = createEffect(
  (actions = inject(Actions), writer = inject(RecordWriter)) =>
    actions.pipe(
      ofType(bandActions.cut),
      map(({ input, rollId }) => {
        const words = `${input.name} is cut.`;
        void writer.write('cutPiece', { id: rollId }, input, 'A piece cut from a roll');
        return done(words, null);
      }),
    ),
  { functional: true },
);

function undoPut(before: BandRecord | undefined, id: string): Action {
  if (before === undefined) return bandActions.remove({ id });
  const input: BandInput = { ...fieldsOf(before), version: before.version + 1 };
  return bandActions.put({ id, input, words: 'Change undone.' });
}
