import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { PersonRecord } from '@wiry-otter/contracts';
import { clearanceWords } from '@wiry-otter/core';
import { format } from 'date-fns';

/**
 * Whose clearance the work of a person waits on, and within which limits. It stands on every screen
 * that plans or runs that work, and is empty for whoever needs none.
 */
@Component({
  selector: 'otter-clearance-note',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (words(); as words) {
      <p class="border-l-4 border-caution pl-3 text-sm">{{ words }}</p>
    }
  `,
})
export class ClearanceNote {
  readonly person = input.required<PersonRecord | undefined>();

  protected readonly words = computed(() => {
    const person = this.person();
    const today = format(new Date(), 'yyyy-MM-dd');
    return person && clearanceWords(person, today);
  });
}
