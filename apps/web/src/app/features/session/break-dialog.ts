import { DIALOG_DATA, DialogRef } from '@angular/cdk/dialog';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Store } from '@ngrx/store';
import type { EasedPrescription } from '../../records/outbox/ease-after-break';
import { selectSetups, selectStudio } from '../../records/selectors';
import { unitsOf } from '../../records/units-of';
import { loadChange } from '../next/load-change';
import { countWord } from './work-words';

export type AfterBreak = 'eased' | 'as-prescribed';

/** After a break: what would be begun with, and what was prescribed. */
@Component({
  selector: 'otter-break-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="mx-4 max-w-lg rounded-sm border-[1.5px] border-ink bg-sheet p-6">
      <h2 class="mb-2">After a break of {{ eased.days }} days</h2>
      <p>{{ eased.why }}</p>
      <dl class="mt-3 grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
        <dt class="text-faint">begin with</dt>
        <dd class="font-semibold">{{ title() }}</dd>
        @if (load(); as change) {
          <dt class="text-faint">load</dt>
          <dd>
            <span class="figure font-bold whitespace-nowrap">{{ change.loads }}</span>
            <span class="figure block text-sm text-faint">{{ change.by }}</span>
          </dd>
        }
        <dt class="text-faint">aim for</dt>
        <dd class="figure font-bold">{{ eased.input.target.join(', ') }} {{ count }}</dd>
      </dl>
      <p class="mt-3 text-sm text-faint">
        Tissue loses more in a break than strength does. What is begun with now is what the next
        step is weighed against.
      </p>
      <p class="mt-5 flex flex-wrap gap-3">
        <button class="action action-primary" type="button" (click)="dialog.close('eased')">
          Begin lighter
        </button>
        <button class="action" type="button" (click)="dialog.close('as-prescribed')">
          As it was prescribed
        </button>
        <button class="action-quiet" type="button" (click)="dialog.close()">Not now</button>
      </p>
    </div>
  `,
})
export class BreakDialog {
  private readonly store = inject(Store);
  private readonly setups = this.store.selectSignal(selectSetups);
  private readonly studio = this.store.selectSignal(selectStudio);

  protected readonly dialog = inject<DialogRef<AfterBreak>>(DialogRef);
  protected readonly eased = inject<EasedPrescription>(DIALOG_DATA);
  protected readonly count = countWord(this.eased.input.work);

  private readonly rung = computed(() =>
    this.eased.decision.ladder.find(({ setupId }) => setupId === this.eased.input.setupIds[0]),
  );
  protected readonly title = computed(() => this.rung()?.title ?? '');
  protected readonly load = computed(() => {
    const known = this.setups().find(
      ({ exerciseId }) => exerciseId === this.eased.decision.exerciseId,
    );
    const { force } = unitsOf(this.studio() ?? undefined);
    const setupId = this.rung()?.setupId ?? null;
    return loadChange(this.eased.decision, setupId, known?.figures.unit ?? 'N', force);
  });
}
