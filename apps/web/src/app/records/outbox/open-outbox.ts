import { inject, Injectable } from '@angular/core';
import { type Action, Store } from '@ngrx/store';
import type { RequestFault } from '@wiry-otter/contracts';
import type { Derivation, RefusalCode } from '@wiry-otter/derived';
import { filter, firstValueFrom, type Subscription } from 'rxjs';
import { ApiProblem } from '../../api/api-problem';
import { WorkerDeriver } from '../../workers/worker-deriver';
import { selectServers } from '../shown';
import { syncFeature } from '../sync';
import { Outbox } from './outbox';
import { OutboxSender } from './outbox-sender';
import { outboxActions } from './outbox-state';
import { oldWrites } from './old-outbox';
import { type AllEntities, viewOf } from './overlay';
import type { KeptWrite, Refusal, Write } from './write';
import type { ShownRecord, WriteKindOf } from './write-kind';
import { WRITE_KINDS } from './write-kinds';

/** Without a sign-in there is nobody to write as. */
const NOBODY: Refusal = { code: 'signed-out', words: 'Nobody is signed in.', details: '' };

/** The outbox of the trainer who is signed in, watched and sent while they are. */
@Injectable({ providedIn: 'root' })
export class OpenOutbox {
  private readonly store = inject(Store);
  private readonly sender = inject(OutboxSender);
  private readonly deriver = inject(WorkerDeriver);
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

  /** Keeps a write with what follows from it, unless that shows that the server would refuse it. */
  async add(write: Write): Promise<Action> {
    if (this.outbox === undefined) return outboxActions.notKept({ write, refusal: NOBODY });
    const derivation = await this.derive(this.outbox, write);
    if (derivation !== undefined && !derivation.ok && derivation.code !== 'not-found') {
      return outboxActions.notKept({ write, refusal: refusalOf(derivation) });
    }
    const derived = derivation?.ok === true ? derivation.value : undefined;
    const whole = derived === undefined ? write : { ...write, derived };
    return outboxActions.kept({ write: { ...whole, place: await this.outbox.add(whole) } });
  }

  /** What follows from a write; undefined where nothing does, or where this device cannot tell. */
  private async derive(
    outbox: Outbox,
    write: Write & { readonly place?: number },
  ): Promise<Derivation<readonly ShownRecord[]> | undefined> {
    const kind = WRITE_KINDS[write.kind] as WriteKindOf<unknown, unknown>;
    if (kind.derive === undefined) return undefined;
    const servers = await this.servers();
    const before = (await outbox.read()).filter(
      ({ again, place, refusal }) =>
        refusal === undefined && again !== true && place !== write.place,
    );
    try {
      return await kind.derive(viewOf(servers, before), write, this.deriver);
    } catch {
      // Whatever cannot be computed here is the server's to compute: the write is kept all the same.
      return undefined;
    }
  }

  /** The server's records, once all is there that this device keeps. */
  private async servers(): Promise<AllEntities> {
    await firstValueFrom(
      this.store.select(syncFeature.selectRestored).pipe(filter((restored) => restored === 'all')),
    );
    return firstValueFrom(this.store.select(selectServers));
  }

  /** Sends what was refused once more, as a person has chosen or mended it. */
  async sendAgain(write: KeptWrite, body: Write['body'], base: Write['base']): Promise<void> {
    if (this.outbox === undefined) return;
    const changed = { ...write, body, base, refusal: undefined };
    const derivation = await this.derive(this.outbox, changed);
    const derived = derivation?.ok === true ? derivation.value : undefined;
    await this.outbox.change(write.place, { body, base, derived, refusal: undefined });
  }

  async tellOnceMore(): Promise<void> {
    await this.outbox?.tellOnceMore();
  }

  async dismiss({ place }: KeptWrite): Promise<void> {
    await this.outbox?.remove(place);
  }
}

/** What a build before this one kept in another way is sent like all else. */
async function takeUpOldWrites(outbox: Outbox): Promise<void> {
  const old = await oldWrites();
  if (old === undefined) return;
  await outbox.add(...old.writes);
  old.forget();
}

const REFUSAL_WORDS: Readonly<Record<Exclude<RefusalCode, 'not-found'>, string>> = {
  'band-unusable': 'A band of it cannot be used.',
  'document-fault': 'It cannot be laid like this.',
  stopped: 'A stop is in force for this person and this work: refer to the clinician.',
};

function refusalOf({
  code,
  faults,
}: {
  readonly code: RefusalCode;
  readonly faults: readonly RequestFault[];
}): Refusal {
  const words = code === 'not-found' ? '' : REFUSAL_WORDS[code];
  return { code, words, details: new ApiProblem(code, words, 422, faults).details ?? '' };
}
