import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { DialogRef } from '@angular/cdk/dialog';
import { Store } from '@ngrx/store';
import { outboxFeature } from '../records/outbox/outbox-state';
import { subjectOf } from '../records/outbox/subject';
import { selectView } from '../records/shown';
import { saveWrites } from '../records/outbox/save-writes';

/** Names what the server does not have yet, before somebody signs out. */
@Component({
  selector: 'otter-sign-out-dialog',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="mx-4 max-w-lg rounded-sm border-[1.5px] border-ink bg-sheet p-6">
      <h2 class="mb-2">Not on the server yet</h2>
      <p>
        {{
          writes().length === 1
            ? 'This was written on this device. It stays on it, and goes'
            : 'These ' + writes().length + ' were written on this device. They stay on it, and go'
        }}
        out when {{ name() }} signs in here again.
      </p>
      <ul class="mt-2 max-h-48 list-disc overflow-auto pl-5" tabindex="0">
        @for (what of writes(); track $index) {
          <li>{{ what }}</li>
        }
      </ul>
      <p class="mt-5 flex flex-wrap gap-3">
        <button class="action action-primary" type="button" (click)="dialog.close(false)">
          Stay signed in
        </button>
        <button class="action" type="button" (click)="save()">Keep it as a file</button>
        <button class="action" type="button" (click)="dialog.close(true)">Sign out</button>
      </p>
    </div>
  `,
})
export class SignOutDialog {
  private readonly store = inject(Store);
  private readonly all = this.store.selectSignal(outboxFeature.selectWrites);
  private readonly view = this.store.selectSignal(selectView);

  protected readonly dialog = inject<DialogRef<boolean>>(DialogRef);
  protected readonly writes = computed(() =>
    this.all().map((write) => {
      const subject = subjectOf(write, this.view());
      return subject === '' ? write.what : `${write.what} · ${subject}`;
    }),
  );
  protected readonly name = computed(() => this.all()[0]?.by.name ?? 'the trainer');

  protected save(): void {
    saveWrites(this.all());
  }
}
