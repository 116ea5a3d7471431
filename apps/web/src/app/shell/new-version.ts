import { inject, Injectable, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { SwUpdate } from '@angular/service-worker';
import { filter } from 'rxjs';

/** Whether a newer build lies ready: it is offered, never forced in the middle of the work. */
@Injectable({ providedIn: 'root' })
export class NewVersion {
  private readonly isReady = signal(false);
  readonly ready = this.isReady.asReadonly();

  constructor() {
    inject(SwUpdate)
      .versionUpdates.pipe(
        filter(({ type }) => type === 'VERSION_READY'),
        takeUntilDestroyed(),
      )
      .subscribe(() => this.isReady.set(true));
  }

  open(): void {
    location.reload();
  }
}
