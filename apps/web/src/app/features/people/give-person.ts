import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { TickRow } from '../../ui/fields/tick-row';
import { SheetStore } from './sheet-store';

/** Who of the studio works with a person; whoever is ticked sees all that is theirs. */
@Component({
  selector: 'otter-give-person',
  imports: [TickRow],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="border-[1.5px] border-ink bg-sheet p-4" aria-labelledby="giving">
      <h3 id="giving" class="font-bold">Who works with {{ sheet.person()?.name }}</h3>
      <p class="mt-1 max-w-prose text-sm text-faint">
        Whoever is ticked sees all that is on record of them. One stays at least.
      </p>
      <div class="mt-2 max-w-sm">
        @for (one of sheet.colleagues(); track one.id) {
          <otter-tick-row
            [ticked]="one.works"
            [disabled]="sheet.busy() || (one.works && count() === 1)"
            (changed)="sheet.giveTo(one.id, $event)"
            >{{ one.name }}</otter-tick-row
          >
        }
      </div>
      @if (sheet.trouble(); as trouble) {
        <p class="mt-2 text-stop" role="alert">✕ {{ trouble }}</p>
      }
      <button class="action mt-3" type="button" (click)="sheet.close()">Done</button>
    </section>
  `,
})
export class GivePerson {
  protected readonly sheet = inject(SheetStore);
  protected readonly count = computed(
    () => this.sheet.colleagues().filter(({ works }) => works).length,
  );
}
