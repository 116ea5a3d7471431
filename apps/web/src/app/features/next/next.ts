import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { SKILLS } from '@wiry-otter/catalogue';
import { fromNewtons } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { selectForceUnit } from '../../records/selectors';
import { GaugeStaff } from '../../ui/charts/gauge-staff';
import { ClearanceNote } from '../../ui/notices/clearance-note';
import { forceWord } from '../../ui/quantities/figures';
import { BeginSession } from '../session/begin-session';
import { setupWords } from '../session/setup-of-set';
import { countWord, doneWords } from '../session/work-words';
import { CODE_WORDS } from './decision-words';
import { evidenceOf } from './evidence';
import { loadChange } from './load-change';
import { NextStore } from './next-store';

/** What comes next after a session, with its reasons; accepted or overruled here. */
@Component({
  selector: 'otter-next',
  imports: [ClearanceNote, FormsModule, GaugeStaff, RouterLink],
  providers: [NextStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './next.html',
})
export class Next {
  readonly sessionId = input.required<string>();

  protected readonly store = inject(NextStore);
  private readonly beginning = inject(BeginSession);
  private readonly unit = inject(Store).selectSignal(selectForceUnit);

  protected readonly words = computed(() => {
    const decision = this.store.decision();
    return decision === null ? null : CODE_WORDS[decision.decision.code];
  });
  protected readonly evidence = computed(() => evidenceOf(this.store.decision()));
  private readonly isMoment = computed(
    () => this.store.session()?.setups[0]?.figures.unit === 'N·m',
  );
  protected readonly unitWord = computed(() => (this.isMoment() ? 'N·m' : forceWord(this.unit())));
  protected readonly load = computed(() => {
    const decision = this.store.decision();
    const to = this.store.step()?.setupId ?? null;
    const unit = this.isMoment() ? 'N·m' : 'N';
    return decision === null ? null : loadChange(decision, to, unit, this.unit());
  });
  protected readonly rungs = computed(() =>
    (this.store.decision()?.ladder ?? []).map(({ setupId, title, load }) => ({
      id: setupId,
      title,
      load: this.isMoment() ? load : fromNewtons(load, this.unit()),
    })),
  );
  protected readonly done = computed(() =>
    (this.store.session()?.sets ?? []).map(doneWords).join(', '),
  );
  protected readonly decidedWhen = computed(() => {
    const outcome = this.store.decision()?.outcome;
    return outcome ? format(parseISO(outcome.decidedAt), 'd MMMM yyyy, HH:mm') : '';
  });
  protected readonly setupWords = setupWords;
  protected readonly countWord = computed(() => countWord(this.store.session()?.prescription.work));
  protected readonly day = computed(() => {
    const session = this.store.session();
    return session === null ? '' : format(parseISO(session.day), 'EEEE d MMMM');
  });
  /** The skill to go on with, where a level was learnt. */
  protected readonly nextSkill = computed(() => {
    const code = this.store.decision()?.decision.code;
    const exerciseId = this.store.decision()?.exerciseId;
    return code === 'next-level' || code === 'graduate'
      ? SKILLS.find(({ levels }) => levels.some(({ exercise }) => exercise === exerciseId))
      : undefined;
  });

  constructor() {
    this.store.open(this.sessionId);
  }

  /** Opens the person's next session with what was decided. */
  protected startNext(prescriptionId: string): void {
    this.beginning.begin(prescriptionId);
  }
}
