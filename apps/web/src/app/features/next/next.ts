import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { SKILLS } from '@wiry-otter/catalogue';
import type { DecisionRecord, SessionRecord } from '@wiry-otter/contracts';
import { fromNewtons } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { rxMethod } from '@ngrx/signals/rxjs-interop';
import { catchError, EMPTY, of, pipe, switchMap, tap } from 'rxjs';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { forceWord } from '../../ui/quantities/figures';
import { GaugeStaff } from '../../ui/charts/gauge-staff';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { selectForceUnit, selectPeople, selectPrescriptions } from '../../records/selectors';
import { RecordWriter } from '../../records/outbox/record-writer';
import { answered } from '../../records/record-actions';
import { SHOWN } from '../../records/shown';
import { syncFeature } from '../../records/sync';
import { noticeActions } from '../../ui/notices/notices';
import { BeginSession } from '../session/begin-session';
import { setupWords } from '../session/setup-of-set';
import { countWord, doneWords } from '../session/work-words';
import { CODE_WORDS } from './decision-words';
import { focusActions } from '../../focus/focus';

/** What comes next after a session, with its reasons; accepted or overruled here. */
@Component({
  selector: 'otter-next',
  imports: [ClearanceNote, FormsModule, GaugeStaff, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './next.html',
})
export class Next {
  readonly sessionId = input.required<string>();

  private readonly api = inject(StudioApi);
  private readonly writer = inject(RecordWriter);
  private readonly global = inject(Store);
  private readonly beginning = inject(BeginSession);
  private readonly people = this.global.selectSignal(selectPeople);
  private readonly prescriptions = this.global.selectSignal(selectPrescriptions);

  private readonly sessions = this.global.selectSignal(SHOWN.session.selectEntities);
  private readonly decisions = this.global.selectSignal(SHOWN.decision.selectEntities);
  protected readonly session = computed(() => this.sessions()[this.sessionId()] ?? null);
  private readonly loaded = this.global.selectSignal(syncFeature.selectLoaded);
  protected readonly failure = signal('');
  /** Until what was decided is kept. */
  protected readonly settling = signal(false);
  protected readonly overruling = signal(false);
  protected readonly otherSetupId = signal('');
  protected readonly otherTarget = signal(8);
  protected readonly note = signal('');

  protected readonly decision = computed(
    () => this.decisions()[this.session()?.decision?.id ?? ''] ?? null,
  );
  protected readonly person = computed(() =>
    this.people().find(({ id }) => id === this.session()?.personId),
  );
  protected readonly words = computed(() => {
    const decision = this.decision();
    return decision === null ? null : CODE_WORDS[decision.decision.code];
  });
  /** The set-up of every set, or one for all, that the rules say. */
  private readonly setupIdsNext = computed(() => {
    const decision = this.decision();
    const ids = (decision?.decision.rungs ?? []).flatMap(
      (rung) => decision?.ladder[rung]?.setupId ?? [],
    );
    return new Set(ids).size === 1 ? ids.slice(0, 1) : ids;
  });
  /** What stands now: the decision's step, or what the trainer made of it. */
  protected readonly step = computed(() => {
    const decision = this.decision();
    if (decision === null) return null;
    const { outcome } = decision;
    const setupIds = outcome?.setupIds ?? this.setupIdsNext();
    return {
      setupId: setupIds.at(-1) ?? null,
      title: setupIds
        .map((id) => decision.ladder.find(({ setupId }) => setupId === id)?.title ?? '')
        .join(', then '),
      target: outcome?.target ?? decision.decision.target,
    };
  });

  /** The sessions the rules looked at, the latest first. */
  protected readonly evidence = computed(() => {
    const decision = this.decision();
    return [...(decision?.review.sessions ?? [])].reverse().map(({ date, sets }) => ({
      day: format(parseISO(date), 'EEE d MMM'),
      setup: [...new Set(sets.map(({ rung }) => decision?.ladder[rung]?.title ?? ''))].join(
        ', then ',
      ),
      done: sets
        .map(({ hold_s = null, lowering_s = null, reps = 0 }) =>
          doneWords({ hold_s, lowering_s, reps }),
        )
        .join(', '),
      pain: Math.max(0, ...sets.map(({ pain }) => pain)),
    }));
  });

  private readonly momentUnit = computed(() => this.session()?.setups[0]?.figures.unit === 'N·m');
  private readonly unit = this.global.selectSignal(selectForceUnit);
  protected readonly unitWord = computed(() =>
    this.momentUnit() ? 'N·m' : forceWord(this.unit()),
  );
  protected readonly rungs = computed(() =>
    (this.decision()?.ladder ?? []).map(({ setupId, title, load }) => ({
      id: setupId,
      title,
      load: this.momentUnit() ? load : fromNewtons(load, this.unit()),
    })),
  );
  protected readonly done = computed(() => (this.session()?.sets ?? []).map(doneWords).join(', '));
  protected readonly decidedWhen = computed(() => {
    const outcome = this.decision()?.outcome;
    return outcome ? format(parseISO(outcome.decidedAt), 'd MMMM yyyy, HH:mm') : '';
  });
  protected readonly setupWords = setupWords;
  protected readonly countWord = computed(() => countWord(this.session()?.prescription.work));
  protected readonly day = computed(() => {
    const session = this.session();
    return session === null ? '' : format(parseISO(session.day), 'EEEE d MMMM');
  });
  /** The skill to go on with, where a level was learnt. */
  protected readonly nextSkill = computed(() => {
    const code = this.decision()?.decision.code;
    const exerciseId = this.decision()?.exerciseId;
    return code === 'next-level' || code === 'graduate'
      ? SKILLS.find(({ levels }) => levels.some(({ exercise }) => exercise === exerciseId))
      : undefined;
  });
  /** The prescription this decision led to, while it is the one in force. */
  protected readonly prescription = computed(() =>
    this.prescriptions().find(({ fromDecisionId }) => fromDecisionId === this.decision()?.id),
  );

  constructor() {
    // What is older than this device keeps is asked for.
    effect(() => {
      const sessionId = this.sessionId();
      if (!this.loaded()) return;
      const known = untracked(this.sessions)[sessionId];
      const decisionId = known?.decision?.id;
      if (known !== undefined && untracked(this.decisions)[decisionId ?? ''] !== undefined) return;
      untracked(() => this.ask(sessionId));
    });
    // What may be chosen otherwise begins with what was done.
    let shownId = '';
    effect(() => {
      const session = this.session();
      if (session === null || session.id === shownId) return;
      shownId = session.id;
      untracked(() => this.show(session));
    });
  }

  /** A session and its decision, where this device does not have them and the server does. */
  private readonly ask = rxMethod<string>(
    pipe(
      switchMap((sessionId) => {
        const known = this.sessions()[sessionId];
        const session =
          known === undefined
            ? this.api
                .record('session', sessionId)
                .pipe(tap((record) => this.global.dispatch(answered('session', record))))
            : of(known);
        return session.pipe(
          switchMap(({ decision }) =>
            decision === null ? EMPTY : this.api.record('decision', decision.id),
          ),
          tap((decision) => this.global.dispatch(answered('decision', decision))),
          catchError((error: unknown) => {
            this.failure.set(problemWords(error));
            return EMPTY;
          }),
        );
      }),
    ),
  );

  protected accept({ id, sessionId }: DecisionRecord): void {
    const written = this.writer.write(
      'acceptDecision',
      { id, sessionId },
      null,
      'A decision taken',
    );
    void this.settle(written);
  }

  protected overrule({ id, sessionId }: DecisionRecord): void {
    if (this.note().trim() === '') {
      const text = 'Say why, in a few words; it is kept with your name.';
      this.global.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
      return;
    }
    const sets = this.session()?.prescription.sets ?? 1;
    const chosen = {
      setupIds: [this.otherSetupId()],
      target: Array<number>(sets).fill(this.otherTarget()),
      note: this.note().trim(),
    };
    const what = 'A decision overruled';
    void this.settle(this.writer.write('overruleDecision', { id, sessionId }, chosen, what));
  }

  /** Opens the person's next session with what was decided. */
  protected startNext(prescriptionId: string): void {
    this.beginning.begin(prescriptionId);
  }

  private async settle(written: Promise<unknown>): Promise<void> {
    this.settling.set(true);
    await written;
    this.settling.set(false);
    this.overruling.set(false);
  }

  private show(session: SessionRecord): void {
    this.global.dispatch(focusActions.focusPerson({ personId: session.personId }));
    this.otherSetupId.set(session.setups[0]?.id ?? '');
    this.otherTarget.set(session.prescription.target[0] ?? 8);
  }
}
