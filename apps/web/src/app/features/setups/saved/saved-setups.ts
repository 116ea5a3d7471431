import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { knownLaws } from '@wiry-otter/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { SetupRecord } from '@wiry-otter/contracts';
import { DocumentPicker } from '../../../ui/files/document-picker';
import type { ReadJson } from '../../../ui/files/json-file';
import { demandInUnit, meanQuantity, quantityWords } from '../../../ui/quantities/figures';
import { GaugeStaff } from '../../../ui/charts/gauge-staff';
import { BeginSession } from '../../session/begin-session';
import { selectSessions } from '../../../records/selectors';
import { studioActions } from '../../../records/writing/studio-actions';
import { type Refusal, Refused } from '../../../ui/fields/refused';
import { unusableBand } from './unusable-band';
import { remeasuredWords } from './remeasured-words';
import { downloadSetup, LARGEST_SETUP, readSetup } from './setup-file';
import { WorkbenchStore } from '../workbench/workbench-store';

/** The set-ups saved for the person and exercise, as the ladder's rungs: opened, printed, started. */
@Component({
  selector: 'otter-saved-setups',
  imports: [DocumentPicker, GaugeStaff, Refused, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './saved-setups.html',
})
export class SavedSetups {
  private readonly beginning = inject(BeginSession);
  private readonly global = inject(Store);

  protected readonly workbench = inject(WorkbenchStore);

  /** What each saved set-up asks with the bands as measured today, where that is another figure. */
  protected readonly today = computed(() => {
    const laws = knownLaws(this.workbench.usable());
    return new Map(
      this.workbench
        .saved()
        .map((setup) => [setup.id, remeasuredWords(setup, laws, this.workbench.unit())] as const),
    );
  });
  /** What is wrong with a set-up document that was brought in. */
  protected readonly refused = signal<Refusal | null>(null);

  /** Of each saved set-up, the band that cannot be used any more. */
  protected readonly unusable = computed(
    () =>
      new Map(
        this.workbench
          .saved()
          .map((setup) => [setup.id, unusableBand(setup, this.workbench.known())] as const),
      ),
  );

  protected readonly rungs = computed(() =>
    this.workbench.saved().map(({ id, title, figures }) => ({
      id,
      title: this.unusable().get(id) === undefined ? title : `${title}, not usable`,
      load: demandInUnit(figures.mean, figures.unit, this.workbench.unit()),
    })),
  );
  private readonly sessions = this.global.selectSignal(selectSessions);
  /** Of each set-up, the session that was begun with it and is not over. */
  protected readonly begun = computed(
    () =>
      new Map(
        this.sessions()
          .filter(({ finishedAt }) => finishedAt === null)
          .flatMap((session) => session.setups.map((setup) => [setup.id, session.id] as const)),
      ),
  );
  protected readonly download = downloadSetup;

  protected meanOf({ figures }: SetupRecord): string {
    return quantityWords(meanQuantity(figures, this.workbench.unit()));
  }

  protected readonly largest = LARGEST_SETUP;

  /** Puts a set-up document on the workbench; says what is wrong with one that cannot be. */
  protected bringIn(file: ReadJson): void {
    if (!file.ok) return this.refused.set({ words: file.fault, details: [] });
    const read = readSetup(file.json, {
      usable: this.workbench.usable(),
      exercises: this.workbench.exercises(),
      girthOffered: this.workbench.girthOffered,
    });
    this.refused.set(read.ok ? null : { words: read.words, details: read.faults });
    if (read.ok) this.workbench.change('document', read.part);
  }

  protected putAway({ id }: SetupRecord): void {
    this.global.dispatch(studioActions.putSetupAway({ id }));
  }

  /** Starts from the prescription in force when it is for this set-up, else from a first one. */
  protected start(setup: SetupRecord): void {
    this.beginning.beginWith(setup, this.workbench.current());
  }
}
