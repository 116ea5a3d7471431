import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';

/** What can be picked. */
export interface Choice {
  readonly id: string;
  readonly words: string;
}

/** Several out of many: those picked as a row of words that can be taken away, the others to add. */
@Component({
  selector: 'otter-pick-several',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block min-w-0' },
  template: `
    <label class="field max-w-80"
      >{{ label() }}
      <select #added (change)="add(added)">
        <option value="">{{ first() }}</option>
        @for (choice of unpicked(); track choice.id) {
          <option [value]="choice.id">{{ choice.words }}</option>
        }
      </select></label
    >
    @if (picked().length > 0) {
      <ul class="mt-1 flex flex-wrap gap-2" [attr.aria-label]="label()">
        @for (choice of picked(); track choice.id) {
          <li class="flex items-center rounded-sm border-[1.5px] border-hairline bg-sheet pl-3">
            {{ choice.words }}
            <button
              class="min-h-11 min-w-11"
              type="button"
              [attr.aria-label]="'Take away ' + choice.words"
              (click)="take(choice.id)"
            >
              ×
            </button>
          </li>
        }
      </ul>
    }
  `,
})
export class PickSeveral {
  readonly label = input.required<string>();
  readonly choices = input.required<readonly Choice[]>();
  /** Ids. */
  readonly value = input.required<readonly string[]>();
  readonly invitation = input('add');
  readonly changed = output<string[]>();

  protected readonly picked = computed(() =>
    this.value().map((id) => this.choices().find((one) => one.id === id) ?? { id, words: id }),
  );
  protected readonly unpicked = computed(() =>
    this.choices().filter(({ id }) => !this.value().includes(id)),
  );
  /** What stands in the field while nothing is chosen in it. */
  protected readonly first = computed(() => {
    if (this.choices().length === 0) return 'none yet';
    return this.unpicked().length > 0 ? this.invitation() : 'nothing more to add';
  });

  protected add(field: HTMLSelectElement): void {
    const id = field.value;
    field.value = '';
    if (id !== '') this.changed.emit([...this.value(), id]);
  }

  protected take(id: string): void {
    this.changed.emit(this.value().filter((one) => one !== id));
  }
}
