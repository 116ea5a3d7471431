import { inject } from '@angular/core';
import { Actions, createEffect, ofType } from '@ngrx/effects';
import { catchError, forkJoin, map, of, switchMap } from 'rxjs';
import { problemWords } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { studioActions } from './studio';

export const loadStudio = createEffect(
  (actions = inject(Actions), api = inject(StudioApi)) =>
    actions.pipe(
      ofType(studioActions.load),
      switchMap(() =>
        forkJoin({
          bands: api.bands(),
          people: api.people(),
          places: api.places(),
          setups: api.setups(),
          prescriptions: api.prescriptions(),
          decisions: api.decisions(),
        }).pipe(
          map((records) => studioActions.loaded(records)),
          catchError((error: unknown) =>
            of(studioActions.loadFailed({ words: problemWords(error) })),
          ),
        ),
      ),
    ),
  { functional: true },
);
