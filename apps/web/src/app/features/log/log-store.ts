import { computed, inject, linkedSignal } from '@angular/core';
import {
  patchState,
  signalStore,
  withComputed,
  withLinkedState,
  withMethods,
  withProps,
} from '@ngrx/signals';
import { Store } from '@ngrx/store';
import type { SessionRecord } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { troubleNotice } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { focusFeature } from '../../focus/focus';
import { selectForceUnit, selectEverybody, selectSessions } from '../../records/selectors';
import { syncFeature } from '../../records/sync';
import { noticeActions } from '../../ui/notices/notices';
import { meanQuantity, quantityWords } from '../../ui/quantities/figures';
import { CODE_WORDS, STATUS_WORDS } from '../next/decision-words';
import { setupWords } from '../session/setup-of-set';
import { doneWords } from '../session/work-words';

/** The sessions of the person in focus, the latest first: what this device keeps, and what was asked for. */
export const LogStore = signalStore(
  withProps((_, global = inject(Store)) => ({
    _focusId: global.selectSignal(focusFeature.selectFocusId),
    _kept: global.selectSignal(selectSessions),
    loaded: global.selectSignal(syncFeature.selectLoaded),
    failure: global.selectSignal(syncFeature.selectFailure),
  })),
  withLinkedState(({ _focusId }) => ({
    /** What lies further back than this device keeps, once it was asked for; of nobody else. */
    older: linkedSignal<string | null, readonly SessionRecord[]>({
      source: _focusId,
      computation: () => [],
    }),
  })),
  withComputed(({ _focusId, _kept, older }, global = inject(Store)) => {
    const people = global.selectSignal(selectEverybody);
    return {
      person: computed(() => people().find(({ id }) => id === _focusId())),
      sessions: computed(() => {
        const kept = _kept().filter(({ personId }) => personId === _focusId());
        const known = new Set(kept.map(({ id }) => id));
        return [...kept, ...older().filter(({ id }) => !known.has(id))];
      }),
    };
  }),
  withComputed(({ loaded, person, sessions }, global = inject(Store)) => {
    const unit = global.selectSignal(selectForceUnit);
    return {
      /** Whether the person trained before the first session on show. */
      hasOlder: computed(() => {
        if (!loaded()) return false;
        const oldest = sessions().at(-1)?.day;
        const days = Object.values(person()?.trainedSince ?? {});
        return days.some((day) => oldest === undefined || day < oldest);
      }),
      rows: computed(() =>
        sessions().map((session) => {
          const { decision } = session;
          return {
            id: session.id,
            finished: session.finishedAt !== null,
            day: format(parseISO(session.day), 'EEE d MMM yyyy'),
            exercise: session.setups[0]?.exercise ?? '',
            setup: setupWords(session),
            load: session.setups
              .map(({ figures }) => quantityWords(meanQuantity(figures, unit())))
              .join(', '),
            done: session.sets.map(doneWords).join(', '),
            pain: Math.max(0, ...session.sets.map(({ pain }) => pain)),
            next: decision === null ? 'open' : CODE_WORDS[decision.code].word,
            status: decision === null ? '' : STATUS_WORDS[decision.status],
          };
        }),
      ),
    };
  }),
  withMethods((store, api = inject(StudioApi), global = inject(Store)) => ({
    showOlder(): void {
      const personId = store._focusId();
      if (personId === null) return;
      api.olderSessions(personId, store.sessions().at(-1)).subscribe({
        next: (page) => {
          // Another person may be in focus by now.
          if (store._focusId() !== personId) return;
          patchState(store, ({ older }) => ({ older: [...older, ...page] }));
        },
        error: (error: unknown) => global.dispatch(noticeActions.show(troubleNotice(error))),
      });
    },
  })),
);
