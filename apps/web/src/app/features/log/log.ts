import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { LogStore } from './log-store';

/** What the person in focus did, session by session, and what was decided after. */
@Component({
  selector: 'otter-log',
  imports: [RouterLink],
  providers: [LogStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './log.html',
})
export class Log {
  protected readonly store = inject(LogStore);
}
