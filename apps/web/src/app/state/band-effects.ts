import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { type Action, Store } from '@ngrx/store';
import type { BandInput, BandRecord } from '@wiry-otter/contracts';
import {
  catchError,
  concatMap,
  concatWith,
  type Observable,
  of,
  switchMap,
  withLatestFrom,
} from 'rxjs';
import { troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { answered, recordActions } from '../records/record-actions';
import { SLICES } from '../records/record-slice';
import { fieldsOf } from './band-input';
import { bandActions } from './bands';
import { noticeActions } from './notices';

export const putBand = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(bandActions.put),
      withLatestFrom(store.select(SLICES.band.selectEntities)),
      concatMap(([{ id, input, words }, bands]) =>
        saved(api.putBand(id, input), words, (band) => undoPut(bands[id], band)),
      ),
    ),
  { functional: true },
);

export const removeBand = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(bandActions.remove),
      concatMap(({ id }) =>
        saved(api.removeBand(id), 'Band taken off the rail.', () => bandActions.restore({ id })),
      ),
    ),
  { functional: true },
);

export const restoreBand = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(bandActions.restore),
      concatMap(({ id }) => saved(api.restoreBand(id), 'Band back on the rail.', () => null)),
    ),
  { functional: true },
);

export const setReadingAside = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(bandActions.setReadingAside),
      concatMap(({ bandId, measurementId, id, input }) =>
        saved(
          api.setReadingAside(bandId, measurementId, id, input),
          input.setAside ? 'Pull set aside; it is kept, but not counted.' : 'Pull counted again.',
          () =>
            bandActions.setReadingAside({
              bandId,
              measurementId,
              id,
              input: { ...input, setAside: !input.setAside },
            }),
        ),
      ),
    ),
  { functional: true },
);

export const chooseLaw = createEffect(
  (actions = inject(Actions), api = inject(StudioApi), store = inject(Store)) =>
    actions.pipe(
      ofType(bandActions.chooseLaw),
      withLatestFrom(store.select(SLICES.band.selectEntities)),
      concatMap(([{ id, version, measurementId }, bands]) =>
        saved(
          api.chooseLaw(id, { version, measurementId }),
          measurementId === null
            ? 'The law follows the latest measurement.'
            : 'The law follows the measurement chosen.',
          (band) =>
            bandActions.chooseLaw({
              id,
              version: band.version,
              measurementId: bands[id]?.lawFrom ?? null,
            }),
        ),
      ),
    ),
  { functional: true },
);

export const cutPiece = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(bandActions.cut),
      concatMap(({ rollId, input }) =>
        saved(api.cutPiece(rollId, input), `${input.name} is cut.`, () => null).pipe(
          // The roll is shorter now.
          concatWith(of(recordActions.pull())),
        ),
      ),
    ),
  { functional: true },
);

/** What was saved, a line that says so, and the way back. */
function saved(
  answer: Observable<BandRecord>,
  text: string,
  undo: (band: BandRecord) => Action | null,
): Observable<Action> {
  return answer.pipe(
    switchMap((band) =>
      of<Action[]>(
        answered('band', band),
        noticeActions.show({ text, tone: 'done', undo: undo(band) }),
      ),
    ),
    catchError((error: unknown) => of(noticeActions.show(troubleNotice(error)))),
  );
}

function undoPut(before: BandRecord | undefined, after: BandRecord): Action {
  if (before === undefined) return bandActions.remove({ id: after.id });
  const input: BandInput = { ...fieldsOf(before), version: after.version };
  return bandActions.put({ id: after.id, input, words: 'Change undone.' });
}
