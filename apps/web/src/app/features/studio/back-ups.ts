import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { BackUps } from '@wiry-otter/contracts';
import { differenceInCalendarDays, format, parseISO } from 'date-fns';
import { problemWords } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';

/** Without one for longer than this too much would be lost with the server, days. */
const OLD_DAYS = 7;

/** When the server's database was backed up, and how that is done. */
@Component({
  selector: 'otter-back-ups',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2>Back-ups</h2>
    @if (trouble(); as words) {
      <p class="mt-2 text-stop" role="alert">{{ words }}</p>
    }
    @if (made() !== undefined) {
      @if (warning(); as words) {
        <p class="mt-2 max-w-prose text-caution">△ {{ words }}</p>
      }
      <ul class="mt-3 max-w-xl border-t-[1.5px] border-hairline">
        @for (row of rows(); track row.madeAt) {
          <li class="rule-below flex gap-x-4 py-2">
            <span class="figure w-52">{{ row.when }}</span>
            <span>{{ row.encrypted ? 'encrypted' : 'not encrypted' }}</span>
          </li>
        } @empty {
          <li class="py-2 text-faint">None yet.</li>
        }
      </ul>
    }
    <p class="mt-4 max-w-prose">Made where the server runs, of all of it as of one moment:</p>
    <pre class="figure mt-2 max-w-xl overflow-x-auto bg-sheet p-3 text-sm" tabindex="0">
OTTER_BACKUP_PASSWORD=… npm run backup -- practice.backup
OTTER_BACKUP_PASSWORD=… npm run restore -- practice.backup</pre>
    <p class="mt-2 max-w-prose text-sm text-faint">
      Restored into an empty database and compared row by row; devices then fetch everything once
      more, and send again what they were confirmed in the last 30 days. Keep the file on another
      machine, and try a restore now and then.
    </p>
  `,
})
export class BackUpsMade {
  /** Undefined until the server has told. */
  protected readonly made = signal<BackUps | undefined>(undefined);
  protected readonly trouble = signal('');
  protected readonly rows = computed(() =>
    (this.made() ?? []).map((one) => ({
      ...one,
      when: format(parseISO(one.madeAt), 'EEE d MMM yyyy, HH:mm'),
    })),
  );
  protected readonly warning = computed(() => {
    const latest = this.made()?.[0]?.madeAt;
    if (latest === undefined) return 'No back-up was ever made: with the server all would be lost.';
    const days = differenceInCalendarDays(new Date(), parseISO(latest));
    return days > OLD_DAYS ? `The last back-up is ${days} days old.` : null;
  });

  constructor() {
    inject(StudioApi)
      .backUps()
      .subscribe({
        next: (made) => this.made.set(made),
        error: (error: unknown) => this.trouble.set(problemWords(error)),
      });
  }
}
