import { computed, inject, Injectable, linkedSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import { accountFeature } from '../../state/account';
import { readStored, store } from '../../state/storage';
import { type FinderPreferences, finderPreferences, USUAL_PREFERENCES } from './preferences';

/** What the signed-in trainer prefers, kept on this device for the next time. */
@Injectable({ providedIn: 'root' })
export class TrainerPreferences {
  private readonly account = inject(Store).selectSignal(accountFeature.selectAccount);
  private readonly key = computed(() => `otter.finder.${this.account()?.trainer.id ?? ''}`);
  private readonly kept = linkedSignal<string, FinderPreferences>({
    source: this.key,
    computation: (key) => readStored(key, finderPreferences) ?? USUAL_PREFERENCES,
  });

  readonly present = this.kept.asReadonly();

  prefer(part: Partial<FinderPreferences>): void {
    this.kept.update((present) => ({ ...present, ...part }));
    store(this.key(), this.kept());
  }
}
