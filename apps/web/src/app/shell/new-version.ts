import { inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';
import { filter } from 'rxjs';

/** Whether a newer build lies ready: it is offered, never forced in the middle of the work. */
@Injectable({ providedIn: 'root' })
export class NewVersion {
  private readonly updates = inject(SwUpdate);
  private readonly isReady = signal(false);
  readonly ready = this.isReady.asReadonly();

  constructor() {
    this.updates.versionUpdates
      .pipe(
        filter(({ type }) => type === 'VERSION_READY'),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.isReady.set(true));
  }

  /** What the server has now is fetched first: a page of before would otherwise open once more. */
  async open(): Promise<void> {
    // Without an answer the page opens as it is, and says again that it is old.
    if (this.updates.isEnabled) await this.updates.checkForUpdate().catch(() => false);
    location.reload();
  }
}
