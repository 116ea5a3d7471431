import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { setupTitle } from '@wiry-otter/core';
import { ClearanceNote } from '../../../ui/notices/clearance-note';
import { WorkbenchStore } from '../workbench/workbench-store';
import { CautionList } from './caution-list';

/** What stands against what is set: whose clearance counts, cautions to be seen to or cured. */
@Component({
  selector: 'otter-setup-cautions',
  imports: [CautionList, ClearanceNote],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <otter-clearance-note class="mt-2 block" [person]="workbench.person()" />
    <otter-caution-list
      [lengthUnit]="workbench.units().length"
      class="isolate block"
      [cautions]="workbench.settled()?.cautions ?? []"
      [acknowledged]="workbench.set.acknowledged()"
      [onRecord]="onRecord()"
      (seenTo)="workbench.acknowledge($event.text, $event.yes)"
      (cured)="workbench.cure($event)"
    />
  `,
})
export class SetupCautions {
  protected readonly workbench = inject(WorkbenchStore);

  /** Of the same set-up as it was saved: they say who saw to them. */
  protected readonly onRecord = computed(() => {
    const settled = this.workbench.settled();
    const title =
      settled === null
        ? null
        : setupTitle(settled.document, settled.bands, this.workbench.units().length);
    return this.workbench.saved().find((setup) => setup.title === title)?.cautions ?? [];
  });
}
