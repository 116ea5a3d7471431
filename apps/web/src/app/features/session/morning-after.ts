import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { SessionRecord } from '@wiry-otter/contracts';
import { isStopPain, writeDay } from '@wiry-otter/core';
import { RecordWriter } from '../../records/outbox/record-writer';
import { PAINS } from './pains';

/** Asks whoever sees the person next how the morning after a session was: it decides anew. */
@Component({
  selector: 'otter-morning-after',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (asking()) {
      <fieldset class="py-1">
        <legend class="text-sm">
          Pain the morning after {{ day() }}, 0 to 10: 6 and more stops the work, over the limit
          makes it lighter.
        </legend>
        <div class="mt-1 grid grid-cols-6 gap-1 sm:grid-cols-11">
          @for (pain of pains; track pain) {
            <button
              class="choice"
              type="button"
              [attr.aria-pressed]="session().painNextMorning === pain"
              (click)="note(pain)"
            >
              {{ pain }}
            </button>
          }
        </div>
        <button class="action-quiet -ml-2" type="button" (click)="asking.set(false)">
          Leave it
        </button>
      </fieldset>
    } @else {
      <button
        class="action-quiet -ml-2 text-sm"
        type="button"
        [class.text-stop]="hurt()"
        (click)="asking.set(true)"
      >
        {{ words() }}
      </button>
    }
  `,
})
export class MorningAfter {
  private readonly writer = inject(RecordWriter);
  readonly session = input.required<SessionRecord>();

  protected readonly pains = PAINS;
  protected readonly asking = signal(false);
  protected readonly day = computed(() => writeDay(this.session().day));
  protected readonly hurt = computed(() => isStopPain(this.session().painNextMorning ?? 0));
  protected readonly words = computed(() => {
    const pain = this.session().painNextMorning;
    return pain === null
      ? `How was the morning after ${this.day()}?`
      : `Morning after ${this.day()}: pain ${pain}`;
  });

  protected note(pain: number): void {
    const what = `Pain of the morning after ${this.day()}`;
    void this.writer.write('noteNextMorning', { id: this.session().id }, { pain }, what);
    this.asking.set(false);
  }
}
