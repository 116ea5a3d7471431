import { inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { concatMap, finalize, type Observable } from 'rxjs';
import { noticeActions } from '../ui/notices/notices';
import { troubleNotice } from './api-problem';

/**
 * A write whose answer the screen waits for, one at a time until what follows from the answer, such
 * as another screen, is there as well: a second click before that sends nothing. What goes wrong is
 * said as a notice unless the screen says it.
 */
export class Sending {
  private readonly store = inject(Store);
  private readonly isSending = signal(false);
  readonly busy = this.isSending.asReadonly();

  send<T>(
    write: () => Observable<T>,
    done: (answer: T) => unknown,
    failed: (error: unknown) => void = (error) => this.notify(error),
  ): void {
    if (this.isSending()) return;
    this.isSending.set(true);
    write()
      .pipe(
        concatMap(async (answer) => await done(answer)),
        finalize(() => this.isSending.set(false)),
      )
      .subscribe({ error: failed });
  }

  private notify(error: unknown): void {
    this.store.dispatch(noticeActions.show(troubleNotice(error)));
  }
}
