import { Dialog } from '@angular/cdk/dialog';
import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PrescriptionInput, PrescriptionRecord, SetupRecord } from '@wiry-otter/contracts';
import { DEFAULT_BREAK_DAYS } from '@wiry-otter/core';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { firstValueFrom } from 'rxjs';
import { v7 as uuidv7 } from 'uuid';
import { selectSessionsOfWork, selectStudio, workKey } from '../../records/selectors';
import { selectView } from '../../records/shown';
import { syncFeature } from '../../records/sync';
import { RecordWriter } from '../../records/outbox/record-writer';
import { firstPrescription, isPrescriptionFor } from '../setups/saved/first-prescription';
import type { AfterBreak } from './break-dialog';
import { noticeActions } from '../../ui/notices/notices';

/** Prescribes, and begins sessions from what is prescribed. */
@Injectable({ providedIn: 'root' })
export class BeginSession {
  private readonly writer = inject(RecordWriter);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly dialog = inject(Dialog);
  private readonly view = this.store.selectSignal(selectView);
  private readonly studio = this.store.selectSignal(selectStudio);
  private readonly sessionsOfWork = this.store.selectSignal(selectSessionsOfWork);
  /** A second click begins nothing. */
  private asking = false;
  private readonly cursor = this.store.selectSignal(syncFeature.selectCursor);

  /** @returns the prescription's id */
  prescribe(input: PrescriptionInput): string {
    const id = uuidv7();
    void this.writer.write('prescribe', { id }, input, 'A prescription');
    return id;
  }

  /**
   * Begins a session; after a break what it begins with is asked first. Lighter work that nobody has
   * settled is settled before, whatever screen asks.
   */
  begin(prescriptionId: string): void {
    const prescription = this.view().get('prescription', prescriptionId);
    // One that was written just now was chosen just now.
    if (prescription === undefined) return this.start(prescriptionId);
    if (this.showLighterFirst(prescription)) return;
    if (!this.mayBeAfterBreak(prescription)) return this.start(prescriptionId);
    if (this.asking) return;
    this.asking = true;
    void this.easeFirst(prescription)
      // What cannot be looked up here is weighed when the session ends.
      .catch(() => prescription.id)
      .then((id) => {
        this.asking = false;
        if (id !== undefined) this.start(id);
      });
  }

  /** Looked at first: what a break asks for takes some time to work out. */
  private mayBeAfterBreak({ exerciseId, personId, track }: PrescriptionRecord): boolean {
    const done = this.sessionsOfWork().get(workKey(personId, exerciseId, track)) ?? [];
    const last = done.find(({ sets }) => sets.length > 0);
    const breakDays = this.studio()?.breakDays ?? DEFAULT_BREAK_DAYS;
    // The studio may be a day ahead of this device.
    return (
      last !== undefined && differenceInCalendarDays(new Date(), parseISO(last.day)) >= breakDays
    );
  }

  /** @returns the prescription to begin with; undefined where none is */
  private async easeFirst(prescription: PrescriptionRecord): Promise<string | undefined> {
    const { easeAfterBreak } = await import('../../records/outbox/ease-after-break');
    const eased = easeAfterBreak(this.view(), prescription, new Date().toISOString());
    if (eased === undefined) return prescription.id;
    const { BreakDialog } = await import('./break-dialog');
    const asked = this.dialog.open<AfterBreak>(BreakDialog, { data: eased }).closed;
    const answer = await firstValueFrom(asked, { defaultValue: undefined });
    if (answer !== 'eased') return answer && prescription.id;
    void this.writer.write('prescribe', { id: eased.id }, eased.input, 'Eased after a break');
    return eased.id;
  }

  /** Shows the lighter work that waits for this work, where some does. */
  private showLighterFirst(work: {
    readonly personId: string;
    readonly exerciseId: string;
    readonly track: PrescriptionRecord['track'];
  }): boolean {
    const waiting = this.view()
      .all('decision')
      .find(
        ({ decision, exerciseId, personId, sessionId, status }) =>
          status === 'waiting' &&
          decision.code === 'lighter' &&
          personId === work.personId &&
          exerciseId === work.exerciseId &&
          this.view().get('session', sessionId)?.prescription.track === work.track,
      );
    if (waiting === undefined) return false;
    const text = 'Lighter work was decided and nobody has settled it: that comes first.';
    this.store.dispatch(noticeActions.show({ text, tone: 'trouble', undo: null }));
    void this.router.navigate(['/next', waiting.sessionId]);
    return true;
  }

  private start(prescriptionId: string): void {
    const id = uuidv7();
    const startedAt = new Date().toISOString();
    // Of a stop that has not come here yet the server keeps the session, and marks it.
    const knownTo = this.cursor();
    const body = { prescriptionId, startedAt, ...(knownTo ? { knownTo } : {}) };
    void this.writer.write('startSession', { id }, body, 'A session begun').then((kept) => {
      // What a stop refuses is said, and there is no session to show.
      if (kept === null && this.router.url === `/session/${id}`) {
        void this.router.navigate(['/today']);
      }
    });
    // What was said of the screen before would lie over the set at hand.
    this.store.dispatch(noticeActions.dismiss());
    void this.router.navigate(['/session', id]);
  }

  /** From the prescription in force where it is for this set-up, else from a first one. */
  beginWith(setup: SetupRecord, inForce: PrescriptionRecord | undefined): void {
    if (isPrescriptionFor(inForce, setup)) return this.begin(inForce.id);
    const { exerciseId, personId } = setup;
    if (this.showLighterFirst({ personId, exerciseId, track: 'main' })) return;
    const { goal = 'build' } = this.view().get('person', personId) ?? {};
    this.start(this.prescribe(firstPrescription(setup, goal)));
  }
}
