import { inject, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import { finalize, type Observable } from 'rxjs';
import { noticeActions } from '../state/notices';
import { problemWords } from './api-problem';

/**
 * A write whose answer the screen waits for, one at a time: a second click that comes before the
 * screen has changed sends nothing. What goes wrong is said as a notice unless the screen says it.
 */
export class Sending {
  private readonly store = inject(Store);
  private readonly isSending = signal(false);
  readonly busy = this.isSending.asReadonly();

  send<T>(
    write: () => Observable<T>,
    done: (answer: T) => void,
    failed: (error: unknown) => void = (error) => this.notify(error),
  ): void {
    if (this.isSending()) return;
    this.isSending.set(true);
    write()
      .pipe(finalize(() => this.isSending.set(false)))
      .subscribe({ next: done, error: failed });
  }

  private notify(error: unknown): void {
    const text = problemWords(error);
    this.store.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
  }
}
