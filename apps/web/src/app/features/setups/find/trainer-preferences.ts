import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { FinderPreferences } from '@wiry-otter/core';
import { ActingTrainer } from '../../../api/acting-trainer';
import { RecordWriter } from '../../../records/outbox/record-writer';
import { selectFinderPreferences } from '../../../records/selectors';

/** What the signed-in trainer would rather have of what is found, set once for all devices. */
@Injectable({ providedIn: 'root' })
export class TrainerPreferences {
  private readonly acting = inject(ActingTrainer);
  private readonly writer = inject(RecordWriter);

  readonly present = inject(Store).selectSignal(selectFinderPreferences);

  prefer(part: Partial<FinderPreferences>): void {
    const { id } = this.acting;
    if (id === null) return;
    const finder = { ...this.present(), ...part };
    void this.writer.write('putPreferences', { id }, finder, 'What is preferred of what is found');
  }
}
