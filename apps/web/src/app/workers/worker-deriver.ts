import type { Deriver } from '@wiry-otter/derived';
import { DestroyRef, inject, Injectable } from '@angular/core';
import type { Derivations, DeriverAnswer } from './deriver.worker';

/** Derives in a web worker, one thing after the other, so that the page stays alive. */
@Injectable({ providedIn: 'root' })
export class WorkerDeriver implements Deriver {
  private worker: Worker | null = null;
  private asked = 0;
  private readonly waiting = new Map<number, (answer: DeriverAnswer) => void>();

  constructor() {
    inject(DestroyRef).onDestroy(() => this.worker?.terminate());
  }

  assess: Deriver['assess'] = (...given) => this.ask('assess', given);
  assessRungs: Deriver['assessRungs'] = (...given) => this.ask('assessRungs', given);
  ladderOfToday: Deriver['ladderOfToday'] = (...given) => this.ask('ladderOfToday', given);

  private ask<Name extends keyof Derivations>(
    name: Name,
    given: Parameters<Derivations[Name]>,
  ): Promise<ReturnType<Derivations[Name]>> {
    this.worker ??= this.start();
    const number = ++this.asked;
    return new Promise((resolve, reject) => {
      this.waiting.set(number, (answer) => {
        if ('failure' in answer) reject(new Error(answer.failure));
        else resolve(answer.result as ReturnType<Derivations[Name]>);
      });
      this.worker?.postMessage({ number, name, given });
    });
  }

  private start(): Worker {
    const worker = new Worker(new URL('./deriver.worker', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<DeriverAnswer>) => {
      this.waiting.get(data.number)?.(data);
      this.waiting.delete(data.number);
    };
    worker.onerror = ({ message }) => {
      worker.terminate();
      this.worker = null;
      const waiting = [...this.waiting];
      this.waiting.clear();
      for (const [number, answer] of waiting) answer({ number, failure: message });
    };
    return worker;
  }
}
