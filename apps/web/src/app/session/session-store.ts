import { computed, effect, inject, untracked } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { Actions, ofType } from '@ngrx/effects';
import { Store } from '@ngrx/store';
import {
  patchState,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withState,
} from '@ngrx/signals';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import type { SessionRecord, SetInput, SetRecord } from '@wiry-otter/contracts';
import { EMPTY, catchError, pipe, switchMap, tap } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import * as z from 'zod';
import { problemWords, troubleNotice } from '../api/api-problem';
import { StudioApi } from '../api/studio-api';
import { noticeActions } from '../state/notices';
import { outboxActions, outboxFeature } from '../state/outbox';
import { readStored, store as keep } from '../state/storage';

/** What is being entered for the set at hand. */
const entry = z.object({
  reps: z.number(),
  partial: z.number(),
  hold_s: z.number().default(0),
  spare: z.number(),
  form: z.enum(['clean', 'breaking']),
  pain: z.number(),
  restUntil: z.number().nullable(),
  redFlag: z.boolean(),
});
type Entry = z.infer<typeof entry>;

interface SessionState {
  readonly session: SessionRecord | null;
  readonly failure: string | null;
  readonly finishing: boolean;
  /** The set taken back last, while it can be put back. */
  readonly takenBackId: string | null;
  readonly entry: Entry;
}

const FRESH: Entry = {
  reps: 8,
  partial: 0,
  hold_s: 10,
  spare: 2,
  form: 'clean',
  pain: 0,
  restUntil: null,
  redFlag: false,
};

/** One session: sets are kept here and in the outbox at once, and by the server as soon as it answers. */
export const SessionStore = signalStore(
  withState<SessionState>({
    session: null,
    failure: null,
    finishing: false,
    takenBackId: null,
    entry: FRESH,
  }),
  withComputed(({ session }, global = inject(Store)) => {
    const waiting = global.selectSignal(outboxFeature.selectSets);
    const waitingHere = computed(() =>
      waiting().filter(({ sessionId }) => sessionId === session()?.id),
    );
    /** The server's sets, then those still on their way. */
    const sets = computed<readonly SetRecord[]>(() => {
      const kept = session()?.sets ?? [];
      const known = new Set(kept.map(({ id }) => id));
      return [
        ...kept,
        ...waitingHere()
          .filter(({ id }) => !known.has(id))
          .map(({ id, input }) => ({ id, ...input })),
      ];
    });
    return {
      sets,
      waitingHere,
      target: computed(() => {
        const targets = session()?.prescription.target ?? [];
        return targets[Math.min(sets().length, targets.length - 1)] ?? 0;
      }),
      /** Sets are held, and counted in seconds. */
      isHold: computed(() => session()?.prescription.work.kind === 'hold'),
      complete: computed(() => sets().length >= (session()?.prescription.sets ?? 1)),
    };
  }),
  withMethods((store, api = inject(StudioApi), global = inject(Store)) => {
    const change = (part: Partial<Entry>): void =>
      patchState(store, ({ entry: before }) => ({ entry: { ...before, ...part } }));
    const tell = (error: unknown): void => {
      patchState(store, { finishing: false });
      global.dispatch(noticeActions.show(troubleNotice(error)));
    };
    return {
      change,
      load: rxMethod<string>(
        pipe(
          switchMap((id) =>
            api.session(id).pipe(
              tap((session) => patchState(store, { session, failure: null })),
              catchError((error: unknown) => {
                patchState(store, { failure: problemWords(error) });
                return EMPTY;
              }),
            ),
          ),
        ),
      ),
      take(session: SessionRecord): void {
        if (session.id === store.session()?.id) patchState(store, { session });
      },
      /** Logs the set at hand and starts the rest. */
      log(now: Date): void {
        const session = store.session();
        if (session === null) return;
        const { reps, partial, hold_s, spare, form, pain } = store.entry();
        const input: SetInput = {
          performedAt: now.toISOString(),
          ...(store.isHold() ? { reps: 0, partial: 0, hold_s } : { reps, partial, hold_s: null }),
          spare,
          form,
          pain,
        };
        global.dispatch(
          outboxActions.write({
            write: { kind: 'set', id: uuidv7(), sessionId: session.id, input },
          }),
        );
        change({
          reps: store.target(),
          hold_s: store.target(),
          partial: 0,
          form: 'clean',
          restUntil: store.complete() ? null : now.getTime() + session.prescription.rest_s * 1000,
        });
      },
      /** Takes a set back, or puts the one taken back again; both stay on record. */
      setAside(setId: string, setAside: boolean): void {
        const session = store.session();
        if (session === null) return;
        api.setSetAside(session.id, setId, setAside).subscribe({
          next: (answer) =>
            patchState(store, { session: answer, takenBackId: setAside ? setId : null }),
          error: tell,
        });
      },
      /** Gives the session up; offered while no set was done. */
      discard(done: (session: SessionRecord) => void): void {
        const session = store.session();
        if (session === null) return;
        api.discardSession(session.id).subscribe({ next: done, error: tell });
      },
      finish(done: (session: SessionRecord) => void): void {
        const session = store.session();
        if (session === null || store.finishing()) return;
        patchState(store, { finishing: true });
        api.finishSession(session.id, session.version, store.entry.redFlag()).subscribe({
          next: (finished) => {
            patchState(store, { session: finished, finishing: false });
            done(finished);
          },
          error: tell,
        });
      },
    };
  }),
  withHooks({
    onInit(store, actions = inject(Actions)) {
      actions.pipe(ofType(outboxActions.sent), takeUntilDestroyed()).subscribe(({ answer }) => {
        if (answer.kind === 'session') store.take(answer.session);
      });
      const key = computed(() => `otter.session.${store.session()?.id ?? ''}`);
      // What was entered for the set at hand survives a reload in mid-set.
      effect(() => {
        const kept = readStored(key(), entry);
        untracked(() =>
          store.change(kept ?? { ...FRESH, reps: store.target(), hold_s: store.target() }),
        );
      });
      effect(() => {
        if (store.session() !== null) keep(key(), store.entry());
      });
    },
  }),
);
