import { computed, inject } from '@angular/core';
import { Router } from '@angular/router';
import {
  patchState,
  signalMethod,
  signalStore,
  withComputed,
  withMethods,
  withState,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import {
  type Finding,
  type InspectionPoint,
  inspectionPoints,
  inspectionResult,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { RecordWriter } from '../../records/outbox/record-writer';
import { selectRail } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';
import { QUESTIONS, RESULTS } from './inspection-words';

interface InspectionState {
  readonly bandId: string;
  /** The copy that is looked at. */
  readonly copyId: string;
  readonly findings: Partial<Record<InspectionPoint, Finding>>;
  readonly note: string;
}

const NOTHING_FOUND: Pick<InspectionState, 'findings' | 'note'> = { findings: {}, note: '' };

/** What is found on one copy of a band, point by point, and what comes of it. */
export const InspectionStore = signalStore(
  withState<InspectionState>({ bandId: '', copyId: '', ...NOTHING_FOUND }),
  withComputed(({ bandId, copyId, findings }, bands = inject(Store).selectSignal(selectRail)) => {
    const band = computed(() => bands().find(({ id }) => id === bandId()));
    const questions = computed(() => {
      const present = band();
      if (present === undefined) return [];
      const points = inspectionPoints({ ...present, hasFittings: present.fittings !== null });
      return points.map((point) => ({ point, ...QUESTIONS[point] }));
    });
    const left = computed(
      () => questions().filter(({ point }) => findings()[point] === undefined).length,
    );
    return {
      band,
      copy: computed(() => band()?.copies.find(({ id }) => id === copyId())),
      questions,
      /** Points not looked at yet. */
      left,
      result: computed(() => {
        const result = inspectionResult(findings());
        // One fault is enough; that nothing is wrong is known only at the end.
        return left() > 0 && result !== 'retire' ? null : RESULTS[result];
      }),
    };
  }),
  withMethods(
    (store, global = inject(Store), router = inject(Router), writer = inject(RecordWriter)) => ({
      /** What was found on one copy is not said of another. */
      inspect: signalMethod<{ readonly bandId: string; readonly copyId: string }>((ids) =>
        patchState(store, { ...ids, ...NOTHING_FOUND }),
      ),
      answer(point: InspectionPoint, finding: Finding): void {
        patchState(store, ({ findings }) => ({ findings: { ...findings, [point]: finding } }));
      },
      setNote(note: string): void {
        patchState(store, { note });
      },
      keep(): void {
        const [band, result] = [store.band(), store.result()];
        if (band === undefined || result === null) return;
        const findings = store.findings();
        const what = { kind: 'inspected', findings, note: store.note().trim() } as const;
        const params = { id: band.id, eventId: uuidv7() };
        const input = { copyId: store.copyId(), at: new Date().toISOString(), what };
        void writer.write('addBandEvent', params, input, 'An inspection');
        const text = `${band.name}: ${result.words}.`;
        global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
        void router.navigate(['/bands', band.id]);
      },
    }),
  ),
);
