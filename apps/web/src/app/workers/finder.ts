import { DestroyRef, inject, Injectable, signal } from '@angular/core';
import type { FinderAnswer, FinderQuestion, FinderResults, FinderTask } from './finder.worker';

/** Searches in a web worker, so that the page stays alive. A new task ends the last. */
@Injectable({ providedIn: 'root' })
export class Finder {
  private worker: Worker | null = null;
  private asked = 0;
  private waiting: (() => void) | null = null;
  private readonly shareDone = signal<number | null>(null);

  /** How far the task at hand has come, 0 … 1; null while there is none. */
  readonly share = this.shareDone.asReadonly();

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  /** @returns null where another task came before the answer, or the search was given up */
  ask<Kind extends FinderTask['kind']>(
    task: FinderTask & { readonly kind: Kind },
  ): Promise<FinderResults[Kind] | null> {
    if (this.waiting !== null) this.cancel();
    this.worker ??= new Worker(new URL('./finder.worker', import.meta.url), { type: 'module' });
    const { worker } = this;
    const question: FinderQuestion = { number: ++this.asked, task };
    this.shareDone.set(0);
    return new Promise((resolve, reject) => {
      this.waiting = () => resolve(null);
      worker.onmessage = ({ data }: MessageEvent<FinderAnswer>) => {
        if (data.number !== question.number) return;
        if (data.share !== undefined) this.shareDone.set(data.share);
        if (data.result === undefined) return;
        this.done();
        resolve(data.result as FinderResults[Kind]);
      };
      worker.onerror = (event) => {
        this.cancel();
        reject(new Error(event.message));
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
