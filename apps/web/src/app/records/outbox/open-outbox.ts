import { inject, Injectable } from '@angular/core';
import type { Subscription } from 'dexie';
import { Store } from '@ngrx/store';
import { Outbox } from './outbox';
import { OutboxSender } from './outbox-sender';
import { outboxActions } from './outbox-state';
import { forgetOldWrites, oldWrites } from './old-outbox';
import type { KeptWrite, Write } from './write';

/** The outbox of the trainer who is signed in, watched and sent while they are. */
@Injectable({ providedIn: 'root' })
export class OpenOutbox {
  private readonly store = inject(Store);
  private readonly sender = inject(OutboxSender);
  private outbox: Outbox | undefined;
  private watching: Subscription | undefined;
  private sending: AbortController | undefined;

  async open(trainerId: string): Promise<void> {
    this.close();
    const outbox = new Outbox(trainerId);
    this.outbox = outbox;
    await takeUpOldWrites(outbox);
    this.watching = outbox.watch().subscribe((writes) => {
      this.store.dispatch(outboxActions.changed({ writes }));
      this.sender.wake();
    });
    const sending = new AbortController();
    this.sending = sending;
    void this.sender.run(outbox, sending.signal).catch(() => undefined); // told to stop while another tab was sending
  }

  close(): void {
    this.sending?.abort();
    this.watching?.unsubscribe();
    this.outbox = undefined;
  }

  async add(writes: readonly Write[]): Promise<void> {
    await this.outbox?.add(...writes);
  }

  async dismiss({ place }: KeptWrite): Promise<void> {
    await this.outbox?.remove(place);
  }
}

/** What a build before this one kept in another way is sent like all else. */
async function takeUpOldWrites(outbox: Outbox): Promise<void> {
  const old = oldWrites();
  if (old.length === 0) return;
  await outbox.add(...old);
  forgetOldWrites();
}
