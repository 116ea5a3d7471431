import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { SheetStore } from './sheet-store';

/** What goes and what stays when a person is deleted for good; wants the name typed. */
@Component({
  selector: 'otter-delete-person',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (sheet.person(); as person) {
      <section class="border-[1.5px] border-stop bg-sheet p-4" aria-labelledby="deleting">
        <h3 id="deleting" class="font-bold">Delete {{ person.name }} for good</h3>
        <p class="mt-2 max-w-prose">
          Everything of theirs goes, from the server and from every device once it is online: body,
          limits, clearances, consent, set-ups, ladders, prescriptions,
          {{ sheet.counts().sessions }} sessions of the last half year and all before,
          {{ sheet.counts().notes }} notes. This cannot be undone; the file can be read back in.
        </p>
        <p class="mt-2 max-w-prose">
          What stays, without a name: how often their sets stretched the studio’s bands, as bands
          are inspected and retired by that; and that somebody was deleted on this day, by whom,
          with how many sessions and sets. Back-ups made before keep everything until you delete
          those.
        </p>
        @if (sheet.unsent() > 0) {
          <p class="mt-2 text-caution">
            △ {{ sheet.unsent() }} written on this device is not on the server yet. Let it go out
            first.
          </p>
        } @else {
          <form
            class="mt-3 flex flex-wrap items-end gap-3"
            (submit)="$event.preventDefault(); isNamed() && sheet.deleteForGood()"
          >
            <label class="field w-64"
              >To be sure, type the name
              <input #name autocomplete="off" [value]="typed()" (input)="typed.set(name.value)"
            /></label>
            <button
              class="action border-stop! text-stop!"
              type="submit"
              [disabled]="!isNamed() || sheet.busy()"
            >
              Delete for good
            </button>
          </form>
        }
        <div class="mt-3 flex flex-wrap gap-x-3">
          <button class="action" type="button" [disabled]="sheet.busy()" (click)="sheet.takeFile()">
            Take the file first
          </button>
          <button class="action-quiet" type="button" (click)="sheet.close()">Keep them</button>
        </div>
        @if (sheet.trouble(); as trouble) {
          <p class="mt-2 text-stop" role="alert">✕ {{ trouble }}</p>
        }
      </section>
    }
  `,
})
export class DeletePerson {
  protected readonly sheet = inject(SheetStore);
  protected readonly typed = signal('');
  protected readonly isNamed = computed(
    () => this.typed().trim() === (this.sheet.person()?.name ?? '').trim(),
  );
}
