import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { format, parseISO } from 'date-fns';
import { syncFeature } from '../records/sync';
import { meanQuantity, quantityWords } from '../drawing/figures';
import { CODE_WORDS, STATUS_WORDS } from '../next/decision-words';
import { setupWords } from '../session/setup-of-set';
import { doneWords } from '../session/work-words';
import { selectForceUnit, selectPeople, selectSessions } from '../records/selectors';
import { focusFeature } from '../state/studio';

/** What the person in focus did, session by session, and what was decided after. */
@Component({
  selector: 'otter-log',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './log.html',
})
export class Log {
  private readonly store = inject(Store);
  private readonly unit = this.store.selectSignal(selectForceUnit);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly focusId = this.store.selectSignal(focusFeature.selectFocusId);
  private readonly sessions = this.store.selectSignal(selectSessions);
  protected readonly loaded = this.store.selectSignal(syncFeature.selectLoaded);
  protected readonly failure = this.store.selectSignal(syncFeature.selectFailure);

  protected readonly person = computed(() => this.people().find(({ id }) => id === this.focusId()));
  protected readonly rows = computed(() =>
    this.sessions()
      .filter(({ personId }) => personId === this.focusId())
      .map((session) => {
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
}
