import Dexie, { liveQuery, type Observable as Live, type Table } from 'dexie';
import type { KeptWrite, Refusal, Write } from './write';

/**
 * What a trainer has written on this device and the server has not confirmed, in the order it was
 * written: kept before anything is shown as done, through reload, crash and a closed tab. It is
 * another database than the replica's, which may be thrown away; this one never is.
 */
export class Outbox {
  private readonly database: Dexie;
  private readonly writes: Table<Write, number>;

  constructor(readonly trainerId: string) {
    this.database = new Dexie(`otter.outbox.${trainerId}`);
    this.database.version(1).stores({ writes: '++place, &id' });
    this.writes = this.database.table('writes');
  }

  get name(): string {
    return this.database.name;
  }

  /** All of it now, and again whenever it changes, in whatever tab. */
  watch(): Live<KeptWrite[]> {
    return liveQuery(() => this.read());
  }

  async read(): Promise<KeptWrite[]> {
    return (await this.writes.orderBy('place').toArray()) as KeptWrite[];
  }

  /** @returns the place of the last one */
  async add(...writes: readonly Write[]): Promise<number> {
    return this.writes.bulkAdd(writes);
  }

  /** Sent again as changed: what it was made from has changed meanwhile. */
  async change(place: number, changes: Pick<Write, 'body' | 'base'>): Promise<void> {
    await this.writes.update(place, changes);
  }

  async refuse(place: number, refusal: Refusal): Promise<void> {
    await this.writes.update(place, { refusal });
  }

  /** Takes out what the server confirmed, or what a person dismissed. */
  async remove(place: number): Promise<void> {
    await this.writes.delete(place);
  }

  /** Only for tests, and for a trainer who has seen what would be lost. */
  async delete(): Promise<void> {
    await this.database.delete();
  }
}
