import { ChangeDetectionStrategy, Component, effect, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { PeopleDeleted } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { selectIsOwner } from '../../account/own-role';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { ReadStudio } from './read-studio';

/** What leaves the studio in open formats, what comes in, and who was deleted for good. */
@Component({
  selector: 'otter-documents',
  imports: [ReadStudio, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="grid max-w-5xl gap-x-12 gap-y-8 lg:grid-cols-2">
      <section aria-labelledby="leaving">
        <h2 id="leaving">Out</h2>
        <ul class="mt-2 border-t-[1.5px] border-hairline">
          @if (isOwner()) {
            <li class="rule-below py-3">
              <a
                class="font-semibold underline underline-offset-3"
                href="/api/studio/documents.zip"
                download="studio.zip"
                >The whole studio as documents</a
              >
              <span class="block text-sm text-faint">
                Settings, bands with every pull, places, exercises, and a file of everything for
                each person, with all trainers’ people. Open documents (JSON), packed as ZIP.
              </span>
            </li>
          }
          <li class="rule-below py-3">
            <a class="font-semibold underline underline-offset-3" routerLink="/bands/exchange"
              >Bands and pulls</a
            >
            <span class="block text-sm text-faint">
              As tables for a spreadsheet, as open documents, as tags to print.
            </span>
          </li>
          <li class="rule-below py-3">
            <a class="font-semibold underline underline-offset-3" routerLink="/people"
              >Everything of one person</a
            >
            <span class="block text-sm text-faint">On their sheet, under More.</span>
          </li>
        </ul>
        <h2 class="mt-6">In</h2>
        <ul class="mt-2 border-t-[1.5px] border-hairline">
          <li class="rule-below py-3"><otter-read-studio /></li>
          <li class="rule-below py-3">
            <a class="font-semibold underline underline-offset-3" routerLink="/bands/exchange"
              >Bands and pulls</a
            >
            <span class="block text-sm text-faint">
              From a table or from open documents; said back before anything is saved.
            </span>
          </li>
          <li class="rule-below py-3">
            <a class="font-semibold underline underline-offset-3" routerLink="/people"
              >A person’s file</a
            >
            <span class="block text-sm text-faint">
              Under the list of people; after the bands, which the set-ups name.
            </span>
          </li>
        </ul>
      </section>
      @if (isOwner()) {
        <section aria-labelledby="deleted">
          <h2 id="deleted">Deleted for good</h2>
          @if (trouble(); as words) {
            <p class="mt-2 text-stop" role="alert">{{ words }}</p>
          }
          <p class="mt-2 max-w-prose text-sm text-faint">
            Names and records are gone; that it was done, by whom and how much there was is kept.
          </p>
          <ul class="mt-2 border-t-[1.5px] border-hairline">
            @for (row of deleted(); track row.id) {
              <li class="rule-below flex flex-wrap gap-x-3 py-2">
                <span class="figure w-32 text-faint">{{ row.when }}</span>
                <span class="figure">{{ row.sessions }} sessions, {{ row.sets }} sets</span>
                <span class="text-faint">by {{ row.deletedBy }}</span>
              </li>
            } @empty {
              <li class="py-2 text-faint">Nobody.</li>
            }
          </ul>
        </section>
      }
    </div>
  `,
})
export class Documents {
  private readonly api = inject(StudioApi);

  protected readonly isOwner = inject(Store).selectSignal(selectIsOwner);
  protected readonly deleted = signal<readonly ReturnType<typeof toShown>[]>([]);
  protected readonly trouble = signal('');

  constructor() {
    effect(() => {
      if (!this.isOwner()) return;
      this.api.peopleDeleted().subscribe({
        next: (rows) => this.deleted.set(rows.map(toShown)),
        error: (error: unknown) => this.trouble.set(problemWords(error)),
      });
    });
  }
}

function toShown(row: PeopleDeleted[number]) {
  return { ...row, when: format(parseISO(row.deletedAt), 'd MMM yyyy') };
}
