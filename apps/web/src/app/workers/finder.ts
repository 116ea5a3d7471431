import { DestroyRef, inject, Injectable } from '@angular/core';
import type { AnchoredExercise, Proposal, ProposalRequest, Result } from '@wiry-otter/core';
import type { FinderAnswer, FinderQuestion } from './finder.worker';

/** Looks for set-ups in a web worker, so that the page stays alive. A new question ends the last. */
@Injectable({ providedIn: 'root' })
export class Finder {
  private worker: Worker | null = null;
  private asked = 0;
  private waiting: (() => void) | null = null;

  constructor() {
    inject(DestroyRef).onDestroy(() => this.cancel());
  }

  /** @returns null where another question came before the answer, or the search was given up */
  propose(
    request: ProposalRequest<AnchoredExercise>,
    most: number,
  ): Promise<Result<Proposal[]> | null> {
    if (this.waiting !== null) this.cancel();
    this.worker ??= new Worker(new URL('./finder.worker', import.meta.url), { type: 'module' });
    const { worker } = this;
    const question: FinderQuestion = { number: ++this.asked, request, most };
    return new Promise((resolve, reject) => {
      this.waiting = () => resolve(null);
      worker.onmessage = ({ data }: MessageEvent<FinderAnswer>) => {
        if (data.number !== question.number) return;
        this.waiting = null;
        resolve(data.result);
      };
      worker.onerror = (event) => {
        this.waiting = null;
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
    this.waiting?.();
    this.waiting = null;
  }
}
