import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { DialogRef } from '@angular/cdk/dialog';
import { Keys } from './keys';

/** The keys of the screen on show. */
@Component({
  selector: 'otter-keys-help',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="rounded-sm border-[1.5px] border-ink bg-sheet p-6">
      <h2 class="mb-3">Keys on this screen</h2>
      <dl class="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
        @for (key of keys.present(); track $index) {
          <dt class="figure font-bold">{{ key.key }}</dt>
          <dd>{{ key.words }}</dd>
        }
        <dt class="figure font-bold">g, then a letter</dt>
        <dd>go to the screen that begins with it, again for the next that does</dd>
      </dl>
      <button class="action mt-5" type="button" (click)="dialog.close()">Close</button>
    </div>
  `,
})
export class KeysHelp {
  protected readonly keys = inject(Keys);
  protected readonly dialog = inject(DialogRef);
}
