import Dexie, { type ObservabilitySet, type Table } from 'dexie';
import { concatMap, Observable, startWith, throttle, timer } from 'rxjs';
import type { KeptWrite, Refusal, Write } from './write';

/** What was confirmed is kept for so long, to be sent once more to a server that was restored, ms. */
const CONFIRMED_MS = 30 * 86_400_000;

/** It is read again so long after a reading at most, ms. */
const LONGEST_REST_MS = 500;

/**
 * What a trainer has written on this device and the server has not confirmed, in the order it was
 * written: kept before anything is shown as done, through reload, crash and a closed tab. It is
 * another database than the replica's, which may be thrown away; this one never is.
 */
export class Outbox {
  private readonly database: Dexie;
  private readonly writes: Table<Write, number>;
  /** What the server has confirmed lately. */
  private readonly confirmed: Table<Write, string>;

  constructor(readonly trainerId: string) {
    this.database = new Dexie(`otter.outbox.${trainerId}`);
    this.database.version(1).stores({ writes: '++place, &id' });
    this.database.version(2).stores({ writes: '++place, &id', confirmed: 'id, at' });
    this.writes = this.database.table('writes');
    this.confirmed = this.database.table('confirmed');
  }

  get name(): string {
    return this.database.name;
  }

  /**
   * All of it now, and again whenever it changes, in whatever tab: after a month without a network it
   * is long, and reading it after each write that is sent took longer than sending them. So it is read
   * for a tenth of the time at most, and always once more after the last change.
   */
  watch(): Observable<KeptWrite[]> {
    let reading_ms = 0;
    return this.changes().pipe(
      startWith(undefined),
      throttle(() => timer(Math.min(LONGEST_REST_MS, 10 * reading_ms)), {
        leading: true,
        trailing: true,
      }),
      concatMap(async () => {
        const begun = performance.now();
        const writes = await this.read();
        reading_ms = performance.now() - begun;
        return writes;
      }),
    );
  }

  private changes(): Observable<void> {
    const table = `idb://${this.name}/${this.writes.name}/`;
    return new Observable((subscriber) => {
      const told = (parts: ObservabilitySet): void => {
        if (Object.keys(parts).some((part) => part.startsWith(table))) subscriber.next();
      };
      Dexie.on('storagemutated', told);
      return () => Dexie.on.storagemutated.unsubscribe(told);
    });
  }

  /** @param most only so many, the first */
  async read(most = Infinity): Promise<KeptWrite[]> {
    return (await this.writes.orderBy('place').limit(most).toArray()) as KeptWrite[];
  }

  /** @returns the place of the last one */
  async add(...writes: readonly Write[]): Promise<number> {
    return this.writes.bulkAdd(writes);
  }

  /** Sent again as changed: what it was made from has changed meanwhile. */
  async change(
    place: number,
    changes: Pick<Write, 'body'> & Partial<Pick<Write, 'base' | 'derived' | 'refusal'>>,
  ): Promise<void> {
    await this.writes.update(place, changes);
  }

  async refuse(place: number, refusal: Refusal): Promise<void> {
    await this.writes.update(place, { refusal });
  }

  /** Takes out what the server confirmed, and keeps it aside for a while. */
  async confirm(write: KeptWrite): Promise<void> {
    const { derived: _derived, place, ...lasting } = write;
    const expired = new Date(Date.now() - CONFIRMED_MS).toISOString();
    await this.database.transaction('rw', this.writes, this.confirmed, async () => {
      await this.writes.delete(place);
      await this.confirmed.put({ ...lasting, again: true });
      await this.confirmed.where('at').below(expired).delete();
    });
  }

  /** Puts in once more what was confirmed lately, before what waits. */
  async tellOnceMore(): Promise<void> {
    await this.database.transaction('rw', this.writes, this.confirmed, async () => {
      const waiting = await this.writes.orderBy('place').toArray();
      const before = await this.confirmed.orderBy('at').toArray();
      const isWaiting = new Set(waiting.map(({ id }) => id));
      await this.writes.clear();
      await this.writes.bulkAdd(before.filter(({ id }) => !isWaiting.has(id)));
      await this.writes.bulkAdd(
        waiting.map(({ place: _place, ...write }: Write & { place?: number }) => write),
      );
      await this.confirmed.clear();
    });
  }

  /** Takes out what a person dismissed. */
  async remove(place: number): Promise<void> {
    await this.writes.delete(place);
  }

  /** Only for tests, and for a trainer who has seen what would be lost. */
  async delete(): Promise<void> {
    await this.database.delete();
  }
}
