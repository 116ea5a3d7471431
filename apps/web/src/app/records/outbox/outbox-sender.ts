import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { RecordKind, RecordOf } from '@wiry-otter/contracts';
import { firstValueFrom, merge, Subject, timer } from 'rxjs';
import { ApiProblem } from '../../api/api-problem';
import { StudioApi } from '../../api/studio-api';
import { answered, recordActions } from '../record-actions';
import { type Difference, differenceOf } from './differences';
import { mergeFields } from './merge';
import type { Outbox } from './outbox';
import { outboxActions } from './outbox-state';
import { fieldsThere } from './versions';
import type { KeptWrite, Refusal } from './write';
import type { WriteKindOf } from './write-kind';
import { WRITE_KINDS } from './write-kinds';

/** After a failure the next try comes later each time, ms. */
const FIRST_PAUSE_MS = 1000;
const LONGEST_PAUSE_MS = 60_000;
/** Without a network it is looked for again after this, ms. */
const OFFLINE_PAUSE_MS = 5000;

/** So many are looked through first: after a month without a network there may be thousands. */
const LOOKED_THROUGH = 50;

/** What a server may only be too busy for is tried so often before it counts as refused. */
const TRIES: Readonly<Record<string, number>> = { 'too-costly': 3 };

interface Pause {
  readonly until: number;
  readonly ms: number;
  /** How often it has failed. */
  readonly tries: number;
}

/** The fields of some records cannot be taken from two sides. */
const WHOLE = { both: ['all of it'] };

/** The server was there, though what it said cannot be read: only what waits behind this waits. */
const UNREADABLE = 'unexpected-answer';

/** The sign-in is not this trainer's any more: what they wrote waits for them. */
const NOT_THEIRS: ReadonlySet<string> = new Set(['signed-out', 'another-trainer']);

/** Sends what waits, in the order it was written within each chain of records; one tab does it for all. */
@Injectable({ providedIn: 'root' })
export class OutboxSender {
  private readonly api = inject(StudioApi);
  private readonly store = inject(Store);
  private readonly woken = new Subject<void>();
  /** When a chain that failed is tried again, by the write at its head. */
  /** The ids that stand in what waits, by the write: a day's work is looked through at each one sent. */
  private readonly named = new Map<string, readonly string[]>();
  private readonly pauses = new Map<string, Pause>();

  /** There is something new, or the network is back. */
  wake(): void {
    this.woken.next();
  }

  /** Sends until it is told to stop; of several tabs only one does at a time. */
  async run(outbox: Outbox, signal: AbortSignal): Promise<void> {
    await navigator.locks.request(outbox.name, { signal }, async () => {
      while (!signal.aborted) {
        const pause_ms = await Promise.race([
          this.sendDue(outbox, signal),
          // What is on its way then is sent again under its id.
          aborted(signal).then(() => 0),
        ]);
        if (pause_ms === 0) continue;
        const next = merge(this.woken, timer(pause_ms));
        await Promise.race([firstValueFrom(next), aborted(signal)]);
      }
    });
  }

  /** Sends one write that is due; says how long there is nothing to do, ms. */
  private async sendDue(
    outbox: Outbox,
    signal: AbortSignal,
    most = LOOKED_THROUGH,
  ): Promise<number> {
    const writes = await outbox.read(most);
    const now = Date.now();
    // Nothing that comes later stands before one of these.
    const heads = this.headsOfChains(writes.filter(({ refusal }) => refusal === undefined));
    const due = heads.find(({ id }) => (this.pauses.get(id)?.until ?? 0) <= now);
    if (due === undefined && writes.length === most) {
      return this.sendDue(outbox, signal, Infinity);
    }
    if (due === undefined) {
      const waits = heads.map(({ id }) => (this.pauses.get(id)?.until ?? now) - now);
      return Math.max(1, Math.min(LONGEST_PAUSE_MS, ...waits));
    }
    return this.send(outbox, due, signal);
  }

  /**
   * The writes that nothing before them stands in the way of: no earlier one is about the same record,
   * nor about one that they name, such as the band that is laid in a set-up, or the person whose it is.
   */
  private headsOfChains(writes: readonly KeptWrite[]): KeptWrite[] {
    const taken = new Set<string>();
    return writes.filter((write) => {
      const { body, derived = [], kind, params } = write;
      const { about: aboutOf } = WRITE_KINDS[kind] as WriteKindOf<unknown, unknown>;
      const about = [...aboutOf(params, body), ...derived.map(({ id }) => id)];
      const isFree = [...about, ...this.namedBy(write)].every((id) => !taken.has(id));
      about.forEach((id) => taken.add(id));
      return isFree;
    });
  }

  private namedBy({ body, id }: KeptWrite): readonly string[] {
    const named = this.named.get(id) ?? idsIn(body);
    this.named.set(id, named);
    return named;
  }

  private async send(outbox: Outbox, write: KeptWrite, signal: AbortSignal): Promise<number> {
    const kind = WRITE_KINDS[write.kind] as WriteKindOf<unknown, unknown>;
    try {
      const taken = await firstValueFrom(
        this.api.write(kind.method, kind.path(write.params), write.body, kind.answers, {
          id: write.id,
          trainerId: outbox.trainerId,
        }),
      );
      this.pauses.delete(write.id);
      this.named.delete(write.id);
      // It is shown as the server's before it is no longer shown as waiting; to nobody else.
      if (!signal.aborted) {
        if ('unread' in taken) {
          this.store.dispatch(recordActions.putAside({ unread: [taken.unread] }));
        } else {
          this.store.dispatch(answered(kind.answers, taken.record));
          await this.confirm(write, kind.answers, taken.record);
        }
      }
      await outbox.confirm(write);
      this.store.dispatch(outboxActions.sent({ write }));
      return 0;
    } catch (error) {
      return signal.aborted ? 0 : this.failed(outbox, write, error);
    }
  }

  /** Fetches what the server derived in place of what was derived here, and says where they differ. */
  private async confirm(
    write: KeptWrite,
    answers: RecordKind,
    answer: RecordOf<RecordKind>,
  ): Promise<void> {
    const differences: Difference[] = [];
    for (const derived of write.derived ?? []) {
      const { id, kind, record } = derived;
      if (record === null) continue;
      const isAnswer = kind === answers && id === answer.id;
      const servers = isAnswer ? answer : await this.recordNow(kind, id);
      if (servers === undefined) {
        // What protects somebody stays, though the server's word of it does not come through just now.
        if (kind === 'stop' && !isAnswer) this.store.dispatch(answered(kind, record as never));
        continue;
      }
      if (!isAnswer) this.store.dispatch(answered(kind, servers));
      const difference = differenceOf(derived, servers);
      if (difference !== null) differences.push(difference);
    }
    if (differences.length === 0) return;
    const words = differences.map((one) => one.words).join('\n');
    const knewMore = differences.every((one) => one.knewMore);
    if (!knewMore) console.error(`Derived otherwise than by the server: ${words}`);
    this.store.dispatch(outboxActions.differed({ write, words, knewMore }));
  }

  /** Undefined where there is none, or where the feed has to tell of it. */
  private async recordNow<Kind extends RecordKind>(
    kind: Kind,
    id: string,
  ): Promise<RecordOf<Kind> | undefined> {
    return firstValueFrom(this.api.record(kind, id)).catch(() => undefined);
  }

  private async failed(outbox: Outbox, write: KeptWrite, error: unknown): Promise<number> {
    const problem = error instanceof ApiProblem ? error : undefined;
    if (problem?.status === 0 && problem.code !== UNREADABLE) {
      this.store.dispatch(outboxActions.notSent());
      return OFFLINE_PAUSE_MS;
    }
    if (problem !== undefined && NOT_THEIRS.has(problem.code)) {
      this.store.dispatch(recordActions.pullFailed({ code: problem.code, words: problem.message }));
      return LONGEST_PAUSE_MS;
    }
    const before = this.pauses.get(write.id) ?? { ms: FIRST_PAUSE_MS / 2, tries: 0 };
    const tries = before.tries + 1;
    if (problem === undefined || problem.passing || tries < (TRIES[problem.code] ?? 1)) {
      const ms = Math.min(LONGEST_PAUSE_MS, 2 * before.ms);
      this.pauses.set(write.id, { until: Date.now() + ms, ms, tries });
      return 0;
    }
    this.pauses.delete(write.id);
    const refusal =
      problem.code === 'version-conflict' ? await this.merge(outbox, write) : refusalOf(problem);
    if (refusal === undefined) return 0;
    await outbox.refuse(write.place, refusal);
    this.store.dispatch(outboxActions.refused({ write, refusal }));
    return 0;
  }

  /** Makes a write anew from what came between; what both changed in different ways is for a person. */
  private async merge(outbox: Outbox, write: KeptWrite): Promise<Refusal | undefined> {
    const kind = WRITE_KINDS[write.kind] as WriteKindOf<{ readonly id: string }, unknown>;
    const { id } = write.params;
    const present = await firstValueFrom(this.api.record(kind.answers, id));
    this.store.dispatch(answered(kind.answers, present));
    const mine = write.body as Readonly<Record<string, unknown>>;
    const theirs = fieldsThere(write, present);
    const base = (write.base ?? {}) as Readonly<Record<string, unknown>>;
    const found = kind.isWhole === true ? WHOLE : mergeFields(base, mine, theirs);
    if ('both' in found) {
      return {
        code: 'version-conflict',
        words: 'Somebody else changed the same meanwhile.',
        details: found.both.join(', '),
      };
    }
    await outbox.change(write.place, { body: found.fields as never, base: theirs });
    return undefined;
  }
}

function refusalOf({ code, details = '', message }: ApiProblem): Refusal {
  return { code, words: message, details };
}

/** Every id that stands in what is sent; copies of a band are named by the band's. */
function idsIn(body: unknown): readonly string[] {
  return JSON.stringify(body ?? null).match(IDS) ?? [];
}

const IDS = /[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/g;

function aborted(signal: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    if (signal.aborted) resolve();
    else signal.addEventListener('abort', () => resolve(), { once: true });
  });
}
