import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { format, parseISO } from 'date-fns';
import { outboxActions, outboxFeature } from '../../records/outbox/outbox-state';
import { saveWrites } from '../../records/outbox/save-writes';
import { subjectOf } from '../../records/outbox/subject';
import type { KeptWrite } from '../../records/outbox/write';
import type { RecordView } from '../../records/outbox/write-kind';
import { selectView } from '../../records/shown';
import { WRITE_KINDS } from '../../records/outbox/write-kinds';

/** What this device has written and the server does not have: on its way, or not taken. */
@Component({
  selector: 'otter-outbox',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './outbox-page.html',
})
export class OutboxPage {
  private readonly store = inject(Store);

  protected readonly offline = this.store.selectSignal(outboxFeature.selectOffline);
  private readonly view = this.store.selectSignal(selectView);
  private readonly waitingWrites = this.store.selectSignal(outboxFeature.selectWaiting);
  private readonly refusedWrites = this.store.selectSignal(outboxFeature.selectRefused);
  protected readonly waiting = computed(() =>
    this.waitingWrites().map((write) => rowOf(write, this.view())),
  );
  protected readonly refused = computed(() =>
    this.refusedWrites().map((write) => rowOf(write, this.view())),
  );

  /** Perhaps what stood against it is mended by now. */
  protected sendAgain(write: KeptWrite): void {
    this.store.dispatch(outboxActions.sendAgain({ write, body: write.body, base: write.base }));
  }

  protected dismiss(write: KeptWrite): void {
    this.store.dispatch(outboxActions.dismiss({ write }));
  }

  /** Everything that was to be written, to be kept or read elsewhere. */
  protected download({ write }: Row): void {
    saveWrites([write]);
  }
}

interface Row {
  readonly write: KeptWrite;
  readonly what: string;
  /** Whom or what it is about. */
  readonly subject: string;
  readonly when: string;
  readonly by: string;
  readonly isConflict: boolean;
  readonly why: string;
  readonly details: string;
  /** What was to be written, as it is. */
  readonly content: string;
}

function rowOf(write: KeptWrite, view: RecordView): Row {
  const { at, body, by, kind, refusal, what } = write;
  const isRemoval = WRITE_KINDS[kind].method === 'DELETE';
  return {
    write,
    what,
    subject: subjectOf(write, view),
    when: format(parseISO(at), 'EEE d MMM, HH:mm'),
    by: by.name,
    isConflict: refusal?.code === 'version-conflict',
    why: refusal?.words ?? '',
    details: refusal?.details ?? '',
    content: isRemoval || body === null ? '' : JSON.stringify(body, null, 2),
  };
}
