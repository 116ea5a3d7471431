import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import type { FinderAnswer, FinderQuestion, FinderResults, FinderTask } from './finder.worker';

/** What came of a task: its result, or why there is none. */
export type FinderOutcome<Kind extends FinderTask['kind']> =
  | { readonly kind: 'done'; readonly result: FinderResults[Kind] }
  /** It was given up, or another task came before its answer. */
  | { readonly kind: 'givenUp' }
  /** The worker could not be started, or stopped. */
  | { readonly kind: 'broken' };

/** What is said of a search that broke off. */
export const BROKEN_WORDS = 'The search broke off. Try it again.';

/** Searches in a web worker, so that the page stays alive. A new task ends the last. */
@Injectable({ providedIn: 'root' })
export class Finder {
  private worker: Worker | null = null;
  private asked = 0;
  private waiting: (() => void) | null = null;
  private readonly shareDone = signal<number | null>(null);

  /** How far the task at hand has come, 0 … 1; null while there is none. */
  readonly share = this.shareDone.asReadonly();
  readonly busy = computed(() => this.shareDone() !== null);

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  ask<Kind extends FinderTask['kind']>(
    task: FinderTask & { readonly kind: Kind },
  ): Promise<FinderOutcome<Kind>> {
    if (this.waiting !== null) this.cancel();
    this.worker ??= new Worker(new URL('./finder.worker', import.meta.url), { type: 'module' });
    const { worker } = this;
    const question: FinderQuestion = { number: ++this.asked, task };
    this.shareDone.set(0);
    return new Promise((resolve) => {
      this.waiting = () => resolve({ kind: 'givenUp' });
      worker.onmessage = ({ data }: MessageEvent<FinderAnswer>) => {
        if (data.number !== question.number) return;
        if (data.share !== undefined) this.shareDone.set(data.share);
        if (data.result === undefined) return;
        this.done();
        resolve({ kind: 'done', result: data.result as FinderResults[Kind] });
      };
      worker.onerror = () => {
        resolve({ kind: 'broken' });
        this.cancel();
      };
      worker.postMessage(question);
    });
  }

  /** Ends a search that is under way. */
  cancel(): void {
    this.worker?.terminate();
    this.worker = null;
    const { waiting } = this;
    this.done();
    waiting?.();
  }

  private done(): void {
    this.waiting = null;
    this.shareDone.set(null);
  }
}
