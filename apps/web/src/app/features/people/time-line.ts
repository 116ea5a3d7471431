import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { format } from 'date-fns';
import type { Entry } from './person-time-line';
import { SheetStore } from './sheet-store';

const WHAT_WORDS: Readonly<Record<Entry['what'], string>> = {
  note: 'note',
  body: 'body',
  clearance: 'clearance',
  consent: 'consent',
  session: 'session',
  stop: '✕ stop',
  archive: 'archive',
};

/** Notes and all else that has happened, the latest first, with a field for another note. */
@Component({
  selector: 'otter-time-line',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section aria-labelledby="story">
      <h3 id="story" class="rule-below pb-1 font-bold">Notes and what happened</h3>
      @if (sheet.noteId() === null) {
        <form
          class="mt-2 flex flex-wrap items-end gap-2"
          (submit)="$event.preventDefault(); keep(text, day)"
        >
          <label class="field min-w-56 flex-1"
            >A note
            <textarea #text rows="2" maxlength="4000"></textarea>
          </label>
          <label class="field"
            >Of <input #day class="figure w-40" type="date" [value]="today"
          /></label>
          <button class="action" type="submit">Note it</button>
        </form>
      }
      <ol class="mt-2">
        @for (entry of sheet.timeLine(); track entry.key) {
          <li class="border-t-[1.5px] border-hairline py-2">
            @if (entry.note !== undefined && entry.note.id === sheet.noteId()) {
              <form
                class="flex flex-wrap items-end gap-2"
                (submit)="$event.preventDefault(); sheet.keepNote(changed.value, of.value)"
              >
                <label class="field min-w-56 flex-1"
                  >The note
                  <textarea #changed rows="3" maxlength="4000" [value]="entry.note.text"></textarea>
                </label>
                <label class="field"
                  >Of <input #of class="figure w-40" type="date" [value]="entry.note.day"
                /></label>
                <button class="action action-primary" type="submit">Keep the note</button>
                <button class="action-quiet" type="button" (click)="sheet.changeNote(null)">
                  Leave it
                </button>
                <button
                  class="action-quiet"
                  type="button"
                  (click)="sheet.takeNoteAway(entry.note.id)"
                >
                  Take it away
                </button>
              </form>
            } @else {
              <div class="flex flex-wrap items-baseline gap-x-3">
                <span class="figure w-28 flex-none text-sm text-faint">{{ entry.dayWords }}</span>
                <span class="w-20 flex-none text-sm text-faint" [class.text-stop!]="entry.stopId">{{
                  what[entry.what]
                }}</span>
                <span class="min-w-52 flex-1 whitespace-pre-line">{{ entry.words }}</span>
                @if (entry.what === 'body') {
                  <button
                    class="action-quiet"
                    type="button"
                    (click)="sheet.takeMassAway(entry.day)"
                  >
                    Take away <span class="sr-only">what was weighed on {{ entry.dayWords }}</span>
                  </button>
                }
                @if (entry.stopId; as stopId) {
                  <a class="action-quiet" [routerLink]="['/stops', stopId]"
                    >Note for the clinician</a
                  >
                }
                @if (entry.note; as note) {
                  <span class="text-sm text-faint">{{ note.writtenBy }}</span>
                  <button class="action-quiet" type="button" (click)="sheet.changeNote(note.id)">
                    Change <span class="sr-only">the note of {{ entry.dayWords }}</span>
                  </button>
                }
              </div>
            }
          </li>
        } @empty {
          <li class="text-faint">Nothing yet.</li>
        }
      </ol>
      @if (sheet.more(); as more) {
        <button class="action-quiet -ml-2" type="button" (click)="sheet.showAll()">
          {{ more }} more
        </button>
      }
    </section>
  `,
})
export class TimeLine {
  protected readonly sheet = inject(SheetStore);
  protected readonly what = WHAT_WORDS;
  protected readonly today = format(new Date(), 'yyyy-MM-dd');

  protected keep(text: HTMLTextAreaElement, day: HTMLInputElement): void {
    this.sheet.keepNote(text.value, day.value);
    if (text.value.trim() !== '') text.value = '';
  }
}
