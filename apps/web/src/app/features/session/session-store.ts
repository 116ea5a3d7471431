import { computed, effect, inject, untracked } from '@angular/core';
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
import type {
  SessionRecord,
  SetInput,
  SetRecord,
  SetupRecord,
  UsedSetup,
  Work,
} from '@wiry-otter/contracts';
import { catchError, EMPTY, forkJoin, type Observable, of, pipe, switchMap, tap } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import * as z from 'zod';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { answered } from '../../records/record-actions';
import { SHOWN } from '../../records/shown';
import { outboxFeature } from '../../records/outbox/outbox-state';
import { RecordWriter } from '../../records/outbox/record-writer';
import { readStored, store as keep } from '../../storage/storage';
import type { RaisedFlag } from './red-flag';
import { setupIdOfSet } from './setup-of-set';
import { doneWords } from './work-words';

/** What is being entered for the set at hand. */
const entry = z.object({
  reps: z.number(),
  partial: z.number(),
  hold_s: z.number().default(0),
  lowering_s: z.number().default(0),
  spare: z.number(),
  form: z.enum(['clean', 'breaking']),
  pain: z.number(),
  restUntil: z.number().nullable(),
});
type Entry = z.infer<typeof entry>;

interface SessionState {
  readonly sessionId: string;
  /** Set-ups in the versions that the session began with, where they have changed since. */
  readonly before: readonly SetupRecord[];
  readonly failure: string | null;
  readonly finishing: boolean;
  /** The set taken back last, while it can be put back. */
  readonly takenBack: SetRecord | null;
  readonly entry: Entry;
}

const FRESH: Entry = {
  reps: 8,
  partial: 0,
  hold_s: 10,
  lowering_s: 1,
  spare: 2,
  form: 'clean',
  pain: 0,
  restUntil: null,
};

/** What is kept of an entry, by what is counted. */
function countsOf(
  countedIn: Work['kind'],
  { hold_s, lowering_s, partial, reps }: Entry,
): Pick<SetInput, 'hold_s' | 'lowering_s' | 'partial' | 'reps'> {
  switch (countedIn) {
    case 'reps':
      return { reps, partial, hold_s: null, lowering_s: null };
    case 'hold':
      return { reps: 0, partial: 0, hold_s, lowering_s: null };
    case 'lowering':
      return { reps, partial: 0, hold_s, lowering_s };
  }
}

/** One session: sets are kept here and in the outbox at once, and by the server as soon as it answers. */
export const SessionStore = signalStore(
  withState<SessionState>({
    sessionId: '',
    before: [],
    failure: null,
    finishing: false,
    takenBack: null,
    entry: FRESH,
  }),
  withComputed(({ before, sessionId }, global = inject(Store)) => {
    const sessions = global.selectSignal(SHOWN.session.selectEntities);
    const present = global.selectSignal(SHOWN.setup.selectEntities);
    const session = computed(() => sessions()[sessionId()] ?? null);
    const waiting = global.selectSignal(outboxFeature.selectWaiting);
    const waitingHere = computed(() =>
      waiting().filter(({ params }) => 'id' in params && params.id === sessionId()),
    );
    const sets = computed<readonly SetRecord[]>(() => session()?.sets ?? []);
    const work = computed(() => session()?.prescription.work);
    return {
      session,
      sets,
      waitingHere,
      target: computed(() => {
        const targets = session()?.prescription.target ?? [];
        return targets[Math.min(sets().length, targets.length - 1)] ?? 0;
      }),
      /** What is counted in a set. */
      countedIn: computed(() => work()?.kind ?? 'reps'),
      /** What the set at hand is done with; each set of a taper has its own. */
      setup: computed(() => {
        const known = session();
        if (known === null) return null;
        const last = known.prescription.sets - 1;
        const wanted = setupIdOfSet(known.prescription, Math.min(last, sets().length));
        const used = known.setups.find(({ id }) => id === wanted) ?? known.setups[0];
        const isUsed = (setup: SetupRecord | undefined): boolean =>
          setup?.id === used?.id && setup?.version === used?.version;
        const now = present()[used?.id ?? ''];
        return isUsed(now) ? (now ?? null) : (before().find(isUsed) ?? null);
      }),
      /** What a set begins with, counted from 0: what is aimed for in it. */
      aimOf: computed(() => (set: number): Partial<Entry> => {
        const targets = session()?.prescription.target ?? [];
        const aim = targets[Math.min(set, targets.length - 1)] ?? 0;
        const asked = work();
        const wanted = setupIdOfSet(session()?.prescription ?? { setupIds: [] }, set);
        const isBare = session()?.setups.find(({ id }) => id === wanted)?.bands === 0;
        return asked?.kind === 'lowering'
          ? {
              reps: isBare ? (asked.bareReps ?? asked.reps) : asked.reps,
              hold_s: aim,
              lowering_s: aim,
            }
          : { reps: aim, hold_s: aim };
      }),
      complete: computed(() => sets().length >= (session()?.prescription.sets ?? 1)),
    };
  }),
  withMethods(
    (store, api = inject(StudioApi), global = inject(Store), writer = inject(RecordWriter)) => {
      const change = (part: Partial<Entry>): void =>
        patchState(store, ({ entry: before }) => ({ entry: { ...before, ...part } }));
      const known = global.selectSignal(SHOWN.setup.selectEntities);
      const recordOf = (id: string): Observable<SessionRecord> => {
        const session = store.session();
        return session === null
          ? api
              .record('session', id)
              .pipe(tap((record) => global.dispatch(answered('session', record))))
          : of(session);
      };
      const asItWas = ({ id, version }: UsedSetup): Observable<SetupRecord> => {
        const present = known()[id];
        return present?.version === version ? of(present) : api.setupVersion(id, version);
      };
      return {
        change,
        /** Shows a session; what this device does not keep of it is asked for. */
        load: rxMethod<string>(
          pipe(
            tap((sessionId) => patchState(store, { sessionId, before: [], failure: null })),
            switchMap((id) =>
              recordOf(id).pipe(
                switchMap(({ setups }) => forkJoin(setups.map((used) => asItWas(used)))),
                tap((before) => patchState(store, { before })),
                catchError((error: unknown) => {
                  // Without a network this device goes on with what it keeps.
                  if (store.session() === null) patchState(store, { failure: problemWords(error) });
                  return EMPTY;
                }),
              ),
            ),
          ),
        ),
        /** Logs the set at hand and starts the rest. */
        log(now: Date): void {
          const session = store.session();
          if (session === null) return;
          const { spare, form, pain } = store.entry();
          const { rest_s, sets } = session.prescription;
          const next = store.sets().length + 1;
          const input: SetInput = {
            performedAt: now.toISOString(),
            setupId: store.setup()?.id ?? null,
            ...countsOf(store.countedIn(), store.entry()),
            // The pace is what is asked of a slow lowering, to the last repetition.
            spare: store.countedIn() === 'lowering' ? null : spare,
            form,
            pain,
          };
          void writer.write(
            'logSet',
            { id: session.id, setId: uuidv7() },
            input,
            `A set of ${doneWords(input)}`,
          );
          change({
            ...store.aimOf()(next),
            partial: 0,
            form: 'clean',
            // What hurt in this set is not taken for what hurts in the next.
            pain: 0,
            restUntil: next >= sets ? null : now.getTime() + rest_s * 1000,
          });
        },
        /** Takes a set back, or puts the one taken back again; both stay on record. */
        setAside(set: SetRecord, setAside: boolean): void {
          const session = store.session();
          if (session === null) return;
          const words = setAside ? 'A set taken back' : 'A set put back';
          const params = { id: session.id, setId: set.id };
          void writer.write('setSetAside', params, { setAside }, words, set);
          patchState(store, { takenBack: setAside ? set : null });
        },
        /** Gives the session up; offered while no set was done. */
        discard(): void {
          const session = store.session();
          if (session === null) return;
          void writer.write('discardSession', { id: session.id }, null, 'A session given up');
        },
        /** Raises a red flag: it stops the work and ends the session, in one write. */
        async raise({ cause, said }: RaisedFlag): Promise<void> {
          const session = store.session();
          if (session === null || store.finishing()) return;
          patchState(store, { finishing: true });
          const { personId, prescription, id: sessionId } = session;
          const at = new Date().toISOString();
          const { exerciseId } = prescription;
          const body = { personId, cause, said, sessionId, exerciseId, at };
          await writer.write('raiseStop', { id: uuidv7() }, body, 'A red flag');
          patchState(store, { finishing: false });
        },
        /** Ends the session: what comes next is worked out here, and by the server as well. */
        async finish(): Promise<void> {
          const session = store.session();
          if (session === null || store.finishing()) return;
          patchState(store, { finishing: true });
          const body = { redFlag: false };
          await writer.write('finishSession', { id: session.id }, body, 'The end of a session');
          patchState(store, { finishing: false });
        },
      };
    },
  ),
  withHooks({
    onInit(store) {
      const key = computed(() => `otter.session.${store.session()?.id ?? ''}`);
      // What was entered for the set at hand survives a reload in mid-set.
      effect(() => {
        const kept = readStored(key(), entry);
        untracked(() => store.change(kept ?? { ...FRESH, ...store.aimOf()(store.sets().length) }));
      });
      effect(() => {
        if (store.session() !== null) keep(key(), store.entry());
      });
    },
  }),
);
