import { ChangeDetectionStrategy, Component, computed, inject, linkedSignal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { SessionRecord } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { troubleNotice } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { noticeActions } from '../../ui/notices/notices';
import { syncFeature } from '../../records/sync';
import { meanQuantity, quantityWords } from '../../ui/quantities/figures';
import { CODE_WORDS, STATUS_WORDS } from '../next/decision-words';
import { setupWords } from '../session/setup-of-set';
import { doneWords } from '../session/work-words';
import { selectForceUnit, selectPeople, selectSessions } from '../../records/selectors';
import { focusFeature } from '../../focus/focus';

/** What the person in focus did, session by session, and what was decided after. */
@Component({
  selector: 'otter-log',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './log.html',
})
export class Log {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly unit = this.store.selectSignal(selectForceUnit);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly focusId = this.store.selectSignal(focusFeature.selectFocusId);
  private readonly sessions = this.store.selectSignal(selectSessions);
  protected readonly loaded = this.store.selectSignal(syncFeature.selectLoaded);
  protected readonly failure = this.store.selectSignal(syncFeature.selectFailure);

  protected readonly person = computed(() => this.people().find(({ id }) => id === this.focusId()));
  /** What lies further back than this device keeps, once it was asked for. */
  private readonly older = linkedSignal<string | null, readonly SessionRecord[]>({
    source: this.focusId,
    computation: () => [],
  });
  private readonly all = computed(() => {
    const kept = this.sessions().filter(({ personId }) => personId === this.focusId());
    const known = new Set(kept.map(({ id }) => id));
    return [...kept, ...this.older().filter(({ id }) => !known.has(id))];
  });
  /** Whether the person trained before the first session on show. */
  protected readonly hasOlder = computed(() => {
    if (!this.loaded()) return false;
    const oldest = this.all().at(-1)?.day;
    const days = Object.values(this.person()?.trainedSince ?? {});
    return days.some((day) => oldest === undefined || day < oldest);
  });

  protected readonly rows = computed(() =>
    this.all().map((session) => {
      const { decision } = session;
      return {
        id: session.id,
        finished: session.finishedAt !== null,
        day: format(parseISO(session.day), 'EEE d MMM yyyy'),
        exercise: session.setups[0]?.exercise ?? '',
        setup: setupWords(session),
        load: session.setups
          .map(({ figures }) => quantityWords(meanQuantity(figures, this.unit())))
          .join(', '),
        done: session.sets.map(doneWords).join(', '),
        pain: Math.max(0, ...session.sets.map(({ pain }) => pain)),
        next: decision === null ? 'open' : CODE_WORDS[decision.code].word,
        status: decision === null ? '' : STATUS_WORDS[decision.status],
      };
    }),
  );

  protected showOlder(): void {
    const personId = this.focusId();
    if (personId === null) return;
    this.api.olderSessions(personId, this.all().at(-1)).subscribe({
      next: (page) => this.older.update((known) => [...known, ...page]),
      error: (error: unknown) => this.store.dispatch(noticeActions.show(troubleNotice(error))),
    });
  }
}
