import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { LARGEST_PERSON_FILE, type PersonFileRead } from '@wiry-otter/contracts';
import { problemDetails, problemWords } from '../../api/api-problem';
import { Sending } from '../../api/sending';
import { StudioApi } from '../../api/studio-api';
import { Refused } from '../../ui/fields/refused';
import { DocumentPicker } from '../../ui/files/document-picker';
import type { ReadJson } from '../../ui/files/json-file';
import { noticeActions } from '../../ui/notices/notices';

/** Reads a person's file in: what is in it is said first, and saved when it is wanted. */
@Component({
  selector: 'otter-read-file',
  imports: [DocumentPicker, Refused],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { class: 'block' },
  template: `
    <otter-document-picker
      words="Read a person’s file in"
      [most_bytes]="most_bytes"
      (chosen)="look($event)"
    />
    @if (refusal(); as refused) {
      <otter-refused [words]="refused.words" [details]="refused.details" />
    }
    @if (found(); as one) {
      <div class="mt-1 border-l-4 border-ink pl-3">
        <p>
          <span class="font-semibold">{{ one.name }}</span>: {{ one.counts.sessions }} sessions with
          {{ one.counts.sets }} sets, {{ one.counts.setups }} set-ups, {{ one.counts.notes }} notes.
        </p>
        @if (one.added.length > 0) {
          <p class="text-sm text-faint">
            New here, and added with them: {{ one.added.join(', ') }}.
          </p>
        }
        <div class="mt-1 flex flex-wrap gap-x-2">
          <button
            class="action action-primary"
            type="button"
            [disabled]="sending.busy()"
            (click)="save()"
          >
            Read {{ one.name }} in
          </button>
          <button class="action-quiet" type="button" (click)="found.set(null)">Leave it</button>
        </div>
      </div>
    }
  `,
})
export class ReadFile {
  private readonly api = inject(StudioApi);
  private readonly router = inject(Router);
  private readonly global = inject(Store);
  private file: unknown = null;

  protected readonly sending = new Sending();
  protected readonly most_bytes = LARGEST_PERSON_FILE;
  protected readonly found = signal<PersonFileRead | null>(null);
  protected readonly refusal = signal<{ words: string; details: readonly string[] } | null>(null);

  protected look(read: ReadJson): void {
    this.found.set(null);
    this.refusal.set(read.ok ? null : { words: read.fault, details: [] });
    if (!read.ok) return;
    this.file = read.json;
    this.sending.send(
      () => this.api.readPersonFile(this.file, false),
      (found) => this.found.set(found),
      (error) => this.refuse(error),
    );
  }

  protected save(): void {
    this.sending.send(
      () => this.api.readPersonFile(this.file, true),
      async ({ name, personId }) => {
        this.found.set(null);
        const text = `${name}: read in.`;
        this.global.dispatch(noticeActions.show({ text, tone: 'done', undo: null }));
        await this.router.navigate(['/people', personId]);
      },
      (error) => this.refuse(error),
    );
  }

  private refuse(error: unknown): void {
    this.refusal.set({ words: problemWords(error), details: problemDetails(error) });
  }
}
