import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { FinderPreferences } from '@wiry-otter/core';
import { catchError, concatMap, EMPTY, Subject } from 'rxjs';
import { troubleNotice } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { accountActions, accountFeature } from '../../state/account';
import { noticeActions } from '../../state/notices';

/** What the signed-in trainer would rather have of what is found, set once for all devices. */
@Injectable({ providedIn: 'root' })
export class TrainerPreferences {
  private readonly store = inject(Store);
  private readonly api = inject(StudioApi);
  private readonly writes = new Subject<FinderPreferences>();

  readonly present = this.store.selectSignal(accountFeature.selectFinderPreferences);

  constructor() {
    // One after the other, so that the last that was said is the one that is kept.
    this.writes
      .pipe(
        concatMap((preferences) =>
          this.api.putFinderPreferences(preferences).pipe(
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
    this.store.dispatch(accountActions.preferred({ finder }));
    this.writes.next(finder);
  }
}
