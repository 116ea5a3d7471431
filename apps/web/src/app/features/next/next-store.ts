import { computed, effect, inject, untracked } from '@angular/core';
import {
  patchState,
  signalMethod,
  signalStore,
  withComputed,
  withHooks,
  withMethods,
  withProps,
  withState,
} from '@ngrx/signals';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { Store } from '@ngrx/store';
import type { DecisionRecord, SessionRecord } from '@wiry-otter/contracts';
import { catchError, EMPTY, of, pipe, switchMap, tap } from 'rxjs';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { focusActions } from '../../focus/focus';
import { RecordWriter } from '../../records/outbox/record-writer';
import { answered } from '../../records/record-actions';
import { selectEverybody, selectPrescriptions } from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import { syncFeature } from '../../records/sync';
import { noticeActions } from '../../ui/notices/notices';

/** What is chosen instead of what the rules say. */
interface Otherwise {
  readonly setupId: string;
  /** Of each set, in what the work is counted in. */
  readonly target: number;
  readonly note: string;
}

interface NextState {
  readonly sessionId: string;
  /** Why it cannot be shown. */
  readonly failure: string;
  /** Until what was decided is kept. */
  readonly settling: boolean;
  readonly overruling: boolean;
  readonly otherwise: Otherwise;
}

const UNDECIDED: Omit<NextState, 'sessionId'> = {
  failure: '',
  settling: false,
  overruling: false,
  otherwise: { setupId: '', target: 8, note: '' },
};

/** A session and what was decided after it; what a trainer makes of the decision. */
export const NextStore = signalStore(
  withState<NextState>({ sessionId: '', ...UNDECIDED }),
  withProps((_, global = inject(Store)) => ({
    _sessions: global.selectSignal(SHOWN.session.selectEntities),
    _decisions: global.selectSignal(SHOWN.decision.selectEntities),
    _loaded: global.selectSignal(syncFeature.selectLoaded),
  })),
  withComputed(({ _decisions, _sessions, sessionId }) => {
    const session = computed(() => _sessions()[sessionId()] ?? null);
    return {
      session,
      decision: computed(() => _decisions()[session()?.decision?.id ?? ''] ?? null),
    };
  }),
  withComputed(({ decision, session }, global = inject(Store)) => {
    const people = global.selectSignal(selectEverybody);
    const prescriptions = global.selectSignal(selectPrescriptions);
    return {
      person: computed(() => people().find(({ id }) => id === session()?.personId)),
      /** What stands now: the decision's step, or what the trainer made of it. */
      step: computed(() => {
        const present = decision();
        if (present === null) return null;
        const setupIds = present.outcome?.setupIds ?? setupIdsNext(present);
        return {
          setupId: setupIds.at(-1) ?? null,
          title: setupIds
            .map((id) => present.ladder.find(({ setupId }) => setupId === id)?.title ?? '')
            .join(', then '),
          target: present.outcome?.target ?? present.decision.target,
        };
      }),
      /** The prescription this decision led to, while it is the one in force. */
      prescription: computed(() =>
        prescriptions().find(({ fromDecisionId }) => fromDecisionId === decision()?.id),
      ),
    };
  }),
  withMethods(
    (store, api = inject(StudioApi), global = inject(Store), writer = inject(RecordWriter)) => {
      const settle = async (written: Promise<unknown>): Promise<void> => {
        patchState(store, { settling: true });
        await written;
        patchState(store, { settling: false, overruling: false });
      };
      return {
        open: signalMethod<string>((sessionId) => patchState(store, { sessionId, ...UNDECIDED })),
        /** A session and its decision, where this device does not have them and the server does. */
        _ask: rxMethod<string>(
          pipe(
            switchMap((sessionId) => {
              const known = store._sessions()[sessionId];
              const session =
                known === undefined
                  ? api
                      .record('session', sessionId)
                      .pipe(tap((record) => global.dispatch(answered('session', record))))
                  : of(known);
              return session.pipe(
                switchMap(({ decision }) =>
                  decision === null ? EMPTY : api.record('decision', decision.id),
                ),
                tap((decision) => global.dispatch(answered('decision', decision))),
                catchError((error: unknown) => {
                  patchState(store, { failure: problemWords(error) });
                  return EMPTY;
                }),
              );
            }),
          ),
        ),
        /** What may be chosen otherwise begins with what was done. */
        _show({ personId, prescription, setups }: SessionRecord): void {
          global.dispatch(focusActions.focusPerson({ personId }));
          const [target = 8] = prescription.target;
          patchState(store, { otherwise: { setupId: setups[0]?.id ?? '', target, note: '' } });
        },
        setOverruling(overruling: boolean): void {
          patchState(store, { overruling });
        },
        choose(part: Partial<Otherwise>): void {
          patchState(store, ({ otherwise }) => ({ otherwise: { ...otherwise, ...part } }));
        },
        accept({ id, sessionId }: DecisionRecord): void {
          const params = { id, sessionId };
          void settle(writer.write('acceptDecision', params, null, 'A decision taken'));
        },
        overrule({ id, sessionId }: DecisionRecord): void {
          const { setupId, target, note } = store.otherwise();
          if (note.trim() === '') {
            const text = 'Say why, in a few words; it is kept with your name.';
            global.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
            return;
          }
          const sets = store.session()?.prescription.sets ?? 1;
          const chosen = {
            setupIds: [setupId],
            target: Array<number>(sets).fill(target),
            note: note.trim(),
          };
          const params = { id, sessionId };
          void settle(writer.write('overruleDecision', params, chosen, 'A decision overruled'));
        },
      };
    },
  ),
  withHooks({
    onInit(store) {
      // What is older than this device keeps is asked for.
      effect(() => {
        const sessionId = store.sessionId();
        if (sessionId === '' || !store._loaded()) return;
        const known = untracked(store._sessions)[sessionId];
        const decisionId = known?.decision?.id ?? '';
        if (known !== undefined && untracked(store._decisions)[decisionId] !== undefined) return;
        untracked(() => store._ask(sessionId));
      });
      let shownId = '';
      effect(() => {
        const session = store.session();
        if (session === null || session.id === shownId) return;
        shownId = session.id;
        untracked(() => store._show(session));
      });
    },
  }),
);

/** The set-up of every set, or one for all, that the rules say. */
function setupIdsNext({ decision, ladder }: DecisionRecord): string[] {
  const ids = decision.rungs.flatMap((rung) => ladder[rung]?.setupId ?? []);
  return new Set(ids).size === 1 ? ids.slice(0, 1) : ids;
}
