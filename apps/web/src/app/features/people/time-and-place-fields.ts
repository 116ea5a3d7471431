import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import type { FreeSlot } from '@wiry-otter/contracts';
import { selectPlaces, selectWeekStart } from '../../records/selectors';
import { PickSeveral } from '../../ui/fields/pick-several';
import { PeopleStore } from './people-store';
import { weekdayChoices } from './slot-words';

const USUAL_SLOT: FreeSlot = { weekday: 'monday', from: '17:00', to: '18:00' };

/** Where a person trains, and when they have time in every week. */
@Component({
  selector: 'otter-time-and-place-fields',
  imports: [FormsModule, PickSeveral],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    @if (store.draft(); as person) {
      <otter-pick-several
        label="Trains at"
        invitation="add a place"
        [choices]="places()"
        [value]="person.placeIds"
        (changed)="store.set({ placeIds: $event })"
      />
      <fieldset class="mt-3">
        <legend class="text-sm text-faint">Free times, every week</legend>
        @for (slot of person.freeSlots; track $index) {
          <div class="flex flex-wrap items-end gap-2 border-b-[1.5px] border-hairline py-2">
            <select
              aria-label="Day of the week"
              [name]="'weekday' + $index"
              [ngModel]="slot.weekday"
              (ngModelChange)="set($index, { weekday: $event })"
            >
              @for (day of weekdays(); track day.weekday) {
                <option [value]="day.weekday">{{ day.words }}</option>
              }
            </select>
            <input
              class="figure w-36"
              type="time"
              aria-label="from"
              [name]="'from' + $index"
              [ngModel]="slot.from"
              (ngModelChange)="set($index, { from: $event })"
            />
            <span class="pb-2">to</span>
            <input
              class="figure w-36"
              type="time"
              aria-label="to"
              [name]="'to' + $index"
              [ngModel]="slot.to"
              (ngModelChange)="set($index, { to: $event })"
            />
            <button class="action-quiet" type="button" (click)="take($index)">
              Take away <span class="sr-only">the free time on {{ slot.weekday }}</span>
            </button>
          </div>
        }
        <button class="action mt-2" type="button" (click)="add()">Add a free time</button>
      </fieldset>
    }
  `,
})
export class TimeAndPlaceFields {
  protected readonly store = inject(PeopleStore);
  private readonly global = inject(Store);
  private readonly all = this.global.selectSignal(selectPlaces);
  private readonly weekStart = this.global.selectSignal(selectWeekStart);
  protected readonly weekdays = computed(() => weekdayChoices(this.weekStart()));
  protected readonly places = computed(() =>
    this.all().map(({ id, name }) => ({ id, words: name })),
  );

  private slots(): readonly FreeSlot[] {
    return this.store.draft()?.freeSlots ?? [];
  }

  /** Another like the last: most people are free at the same hour of several days. */
  protected add(): void {
    const last = this.slots().at(-1);
    this.store.set({ freeSlots: [...this.slots(), last ?? USUAL_SLOT] });
  }

  protected set(at: number, part: Partial<FreeSlot>): void {
    const freeSlots = this.slots().map((one, i) => (i === at ? { ...one, ...part } : one));
    this.store.set({ freeSlots });
  }

  protected take(at: number): void {
    this.store.set({ freeSlots: this.slots().filter((_, i) => i !== at) });
  }
}
