import { computed, inject } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import { type ImportPlan, LARGEST_IMPORT } from '@wiry-otter/contracts';
import { ApiProblem, problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { recordActions } from '../../records/record-actions';
import { noticeActions } from '../../ui/notices/notices';

interface ExchangeState {
  readonly file: File | null;
  /** What the server would do with it, row by row, or has done. */
  readonly plan: ImportPlan | null;
  readonly faults: readonly string[];
}

const NO_FILE: ExchangeState = { file: null, plan: null, faults: [] };

/** A file of bands on its way in: planned first, saved once a person says so. */
export const ExchangeStore = signalStore(
  withState(NO_FILE),
  withProps(() => ({ _sending: new Sending() })),
  withComputed(({ _sending, plan }) => ({
    busy: _sending.busy,
    /** Rows that would be saved. */
    willSave: computed(() => {
      const counts = plan()?.counts;
      return counts === undefined ? 0 : counts.add + counts.change;
    }),
  })),
  withMethods((store, api = inject(StudioApi), global = inject(Store)) => {
    const send = (file: File, save?: string): void =>
      store._sending.send(
        () => api.importBands(file, save),
        (plan) => {
          patchState(store, { plan });
          if (!plan.saved) return;
          global.dispatch(recordActions.pull());
          const { add, change } = plan.counts;
          const text = `Imported: ${add} added, ${change} changed.`;
          global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
        },
        (error) => patchState(store, { faults: faultWords(error) }),
      );
    return {
      choose(file: File | null): void {
        patchState(store, { ...NO_FILE, file });
        if (file === null) return;
        if (file.size <= LARGEST_IMPORT) return send(file);
        const [found, most] = [file.size, LARGEST_IMPORT].map((bytes) => (bytes / 1e6).toFixed(1));
        const fault = `The file has ${found} MB; at most ${most} MB are read.`;
        patchState(store, { faults: [fault] });
      },
      save(): void {
        const [file, plan] = [store.file(), store.plan()];
        if (file !== null && plan !== null) send(file, plan.digest);
      },
    };
  }),
);

function faultWords(error: unknown): readonly string[] {
  const faults = error instanceof ApiProblem ? error.faults : [];
  return faults.length === 0
    ? [problemWords(error)]
    : faults.map(({ expected, found }) => `Found ${found}; expected ${expected}.`);
}
