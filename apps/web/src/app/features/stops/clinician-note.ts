import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { SetupFigures } from '@wiry-otter/contracts';
import {
  clinicianWords,
  CONDITION_WORDS,
  type ForceUnit,
  isStopPain,
  STOP_CAUSE_WORDS,
  writeDay,
  writeForce,
} from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';
import { selectPeople, selectStudio, selectUnits } from '../../records/selectors';
import { SHOWN } from '../../records/shown';
import { meanQuantity, quantityWords } from '../../ui/quantities/figures';
import { doneWords } from '../session/work-words';

/** What happened, when and at what load, to be printed for who says whether it may go on. */
@Component({
  selector: 'otter-clinician-note',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './clinician-note.html',
})
export class ClinicianNote {
  /** Of the stop. */
  readonly id = input.required<string>();

  private readonly store = inject(Store);
  private readonly stops = this.store.selectSignal(SHOWN.stop.selectEntities);
  private readonly sessions = this.store.selectSignal(SHOWN.session.selectEntities);
  private readonly people = this.store.selectSignal(selectPeople);
  private readonly units = this.store.selectSignal(selectUnits);

  protected readonly studio = this.store.selectSignal(selectStudio);
  protected readonly today = format(new Date(), 'd MMMM yyyy');
  protected readonly stop = computed(() => this.stops()[this.id()]);
  protected readonly person = computed(() =>
    this.people().find(({ id }) => id === this.stop()?.personId),
  );
  protected readonly session = computed(() => this.sessions()[this.stop()?.sessionId ?? '']);
  protected readonly day = computed(() => writeDay(this.stop()?.day ?? ''));
  protected readonly cause = computed(() => {
    const stop = this.stop();
    return stop === undefined ? '' : STOP_CAUSE_WORDS[stop.cause];
  });
  protected readonly noted = computed(() => momentWords(this.stop()?.at ?? ''));
  protected readonly conditions = computed(() =>
    (this.person()?.conditions ?? []).map((one) => CONDITION_WORDS[one]).join(', '),
  );
  protected readonly clearance = computed(() => {
    const clearance = this.person()?.clearance ?? null;
    return clearance === null
      ? ''
      : `cleared by ${clinicianWords(clearance)} until ${writeDay(clearance.until)}`;
  });

  protected readonly sets = computed(() => {
    const session = this.session();
    return (session?.sets ?? []).map((set) => {
      const setup = session?.setups.find(({ id }) => id === set.setupId);
      return {
        id: set.id,
        at: format(parseISO(set.performedAt), 'HH:mm'),
        title: setup?.title ?? '',
        load: setup === undefined ? '' : loadWords(setup.figures, this.units().force),
        done: doneWords(set),
        form: set.form,
        pain: set.pain,
        hurt: isStopPain(set.pain),
      };
    });
  });

  protected print(): void {
    window.print();
  }
}

/** In the studio's unit, and of a pull in kilograms besides, as most people think of it. */
function loadWords(figures: SetupFigures, unit: ForceUnit): string {
  const words = quantityWords(meanQuantity(figures, unit));
  const isPull = figures.unit === 'N' && unit !== 'kgf';
  return isPull ? `${words} (${writeForce(figures.mean, 'kgf')})` : words;
}

function momentWords(at: string): string {
  return at === '' ? '' : format(parseISO(at), 'd MMMM yyyy, HH:mm');
}
