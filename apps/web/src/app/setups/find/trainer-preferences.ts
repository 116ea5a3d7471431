import { inject, Injectable, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { FinderPreferences } from '@wiry-otter/core';
import { catchError, concatMap, EMPTY, Subject, tap } from 'rxjs';
import { troubleNotice } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { selectFinderPreferences } from '../../records/selectors';
import { answered } from '../../records/record-actions';
import { noticeActions } from '../../state/notices';

/** What the signed-in trainer would rather have of what is found, set once for all devices. */
@Injectable({ providedIn: 'root' })
export class TrainerPreferences {
  private readonly store = inject(Store);
  private readonly api = inject(StudioApi);
  private readonly writes = new Subject<FinderPreferences>();

  private readonly kept = this.store.selectSignal(selectFinderPreferences);
  /** What was said last counts at once. */
  private readonly wanted = linkedSignal<FinderPreferences, FinderPreferences>({
    source: this.kept,
    computation: (kept) => kept,
  });
  readonly present = this.wanted.asReadonly();

  constructor() {
    // One after the other, so that the last that was said is the one that is kept.
    this.writes
      .pipe(
        concatMap((preferences) =>
          this.api.putFinderPreferences(preferences).pipe(
            tap((record) => this.store.dispatch(answered('preferences', record))),
            catchError((error: unknown) => {
              this.store.dispatch(noticeActions.show(troubleNotice(error)));
              return EMPTY;
            }),
          ),
        ),
      )
      .subscribe();
  }

  prefer(part: Partial<FinderPreferences>): void {
    const finder = { ...this.present(), ...part };
    this.wanted.set(finder);
    this.writes.next(finder);
  }
}
