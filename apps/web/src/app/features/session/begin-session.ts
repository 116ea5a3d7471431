import { inject, Injectable } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PrescriptionInput, PrescriptionRecord, SetupRecord } from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import { syncFeature } from '../../records/sync';
import { RecordWriter } from '../../records/outbox/record-writer';
import { firstPrescription, isPrescriptionFor } from '../setups/saved/first-prescription';
import { noticeActions } from '../../ui/notices/notices';

/** Prescribes, and begins sessions from what is prescribed. */
@Injectable({ providedIn: 'root' })
export class BeginSession {
  private readonly writer = inject(RecordWriter);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly cursor = this.store.selectSignal(syncFeature.selectCursor);

  /** @returns the prescription's id */
  prescribe(input: PrescriptionInput): string {
    const id = uuidv7();
    void this.writer.write('prescribe', { id }, input, 'A prescription');
    return id;
  }

  begin(prescriptionId: string): void {
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
    this.begin(
      isPrescriptionFor(inForce, setup) ? inForce.id : this.prescribe(firstPrescription(setup)),
    );
  }
}
