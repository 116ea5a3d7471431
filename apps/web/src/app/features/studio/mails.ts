import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import type { Mail } from '@wiry-otter/contracts';
import { format, parseISO } from 'date-fns';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';

/** What the simulated mailbox has taken in place of a real one, for the owner to pass on. */
@Component({
  selector: 'otter-mails',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Mails</h2>
    @if (trouble(); as words) {
      <p class="mt-2 text-stop" role="alert">{{ words }}</p>
    }
    @if (mails() === null) {
      <p class="mt-1 max-w-prose text-faint">
        This server sends its mails through a real mailbox; none is kept here.
      </p>
    } @else if (mails(); as mails) {
      <p class="mt-1 max-w-prose text-faint">
        This server has no mailbox of its own, so that none of these was sent. Copy a link to whom
        it is for; whoever holds it can use it.
      </p>
      <ol class="mt-3 max-w-3xl border-t-[1.5px] border-hairline">
        @for (mail of mails; track mail.id) {
          <li class="rule-below py-3">
            <p class="flex flex-wrap items-baseline gap-x-3">
              <span class="font-bold">{{ mail.to }}</span>
              <span>{{ mail.subject }}</span>
              <span class="figure text-sm text-faint">{{ mail.when }}</span>
            </p>
            @for (line of mail.lines; track $index) {
              @if (line.startsWith('http')) {
                <p class="mt-2 flex flex-wrap items-center gap-x-3">
                  <code class="figure min-w-0 bg-sheet px-2 py-1 text-sm break-all">{{
                    line
                  }}</code>
                  <button class="action-quiet" type="button" (click)="copy(mail.id, line)">
                    {{ copied() === mail.id ? 'Copied' : 'Copy the link' }}
                  </button>
                </p>
              } @else {
                <p class="mt-1 max-w-prose">{{ line }}</p>
              }
            }
          </li>
        } @empty {
          <li class="py-3 text-faint">None yet.</li>
        }
      </ol>
    }
  `,
})
export class Mails {
  private readonly clipboard = inject(Clipboard);

  /** Undefined until the server has told; null where mails are really sent. */
  protected readonly mails = signal<readonly ReturnType<typeof toShown>[] | null | undefined>(
    undefined,
  );
  protected readonly trouble = signal('');
  protected readonly copied = signal('');

  constructor() {
    inject(StudioApi)
      .mails()
      .subscribe({
        next: (mails) => this.mails.set(mails?.map(toShown) ?? null),
        error: (error: unknown) => this.trouble.set(problemWords(error)),
      });
  }

  protected copy(id: string, link: string): void {
    // Over plain HTTP in a studio's own network browsers have no clipboard of their own to offer.
    if (this.clipboard.copy(link)) this.copied.set(id);
  }
}

function toShown({ id, sentAt, subject, text, to }: Mail) {
  const when = format(parseISO(sentAt), 'EEE d MMM, HH:mm');
  return { id, to, subject, when, lines: text.split('\n\n') };
}
