import type { RecordChange, RecordKind, SessionRecord } from '@wiry-otter/contracts';
import { format, subWeeks } from 'date-fns';
import Dexie, { type Table } from 'dexie';

/** Raised when records change their shape: what was kept in another shape is fetched anew. */
const SHAPE = 2;

/** After so long without a word from the server it is removed: nobody uses this device any more, ms. */
const FORGOTTEN_MS = 30 * 86_400_000;
/** Sessions older than this are asked for by page, and not kept. */
const KEPT_WEEKS = 26;

type KeptRecord = RecordChange & { readonly record: object };

interface Kept {
  readonly changes: readonly RecordChange[];
  /** Where the feed goes on; null where nothing was fetched yet. */
  readonly cursor: string | null;
}

const CURSOR = 'cursor';
const LAST_CONTACT = 'lastContact';

/**
 * Every record that a trainer may see, on this device, so that no screen waits for the network.
 * Only what the server has said is in it; what was written here and waits is in the outbox.
 */
export class Replica {
  private readonly database: Dexie;
  private readonly records: Table<KeptRecord, [RecordKind, string]>;
  private readonly notes: Table<{ readonly name: string; readonly value: string }, string>;

  constructor(trainerId: string) {
    this.database = new Dexie(Replica.nameFor(trainerId));
    this.database
      .version(SHAPE)
      .stores({ records: '[kind+id]', notes: 'name' })
      .upgrade((transaction) =>
        Promise.all([transaction.table('records').clear(), transaction.table('notes').clear()]),
      );
    this.records = this.database.table('records');
    this.notes = this.database.table('notes');
  }

  static nameFor(trainerId: string): string {
    return `otter.replica.${trainerId}`;
  }

  /** All that is kept, without what has grown too old to be. */
  async read(now = new Date()): Promise<Kept> {
    const heard = await this.lastContact();
    if (heard !== undefined && now.getTime() - Date.parse(heard) > FORGOTTEN_MS) await this.clear();
    const [all, cursor] = await Promise.all([this.records.toArray(), this.notes.get(CURSOR)]);
    const old = all.filter(isOlderThan(format(subWeeks(now, KEPT_WEEKS), 'yyyy-MM-dd')));
    await this.records.bulkDelete(old.map(({ kind, id }) => [kind, id]));
    const gone = new Set<RecordChange>(old);
    return { changes: all.filter((change) => !gone.has(change)), cursor: cursor?.value ?? null };
  }

  /** Keeps what the feed told, with where it goes on, or what a write was answered, at once. */
  async keep(changes: readonly RecordChange[], cursor?: string): Promise<void> {
    await this.database.transaction('rw', this.records, this.notes, async () => {
      const gone = changes.filter(({ record }) => record === null);
      await this.records.bulkDelete(gone.map(({ kind, id }) => [kind, id]));
      const told = changes.filter((change): change is KeptRecord => change.record !== null);
      const before = await this.records.bulkGet(told.map(({ kind, id }) => [kind, id]));
      // An answer that was overtaken by a later one does not bring back what was before.
      await this.records.bulkPut(
        told.filter(({ version }, i) => version >= (before[i]?.version ?? 0)),
      );
      if (cursor === undefined) return;
      await this.notes.put({ name: CURSOR, value: cursor });
      await this.notes.put({ name: LAST_CONTACT, value: new Date().toISOString() });
    });
  }

  /** When the server was last heard, ISO 8601; undefined where it never was. */
  async lastContact(): Promise<string | undefined> {
    return (await this.notes.get(LAST_CONTACT))?.value;
  }

  /** Lets go of all that was kept, to be fetched again. */
  async clear(): Promise<void> {
    await this.database.transaction('rw', this.records, this.notes, async () => {
      await this.records.clear();
      await this.notes.clear();
    });
  }

  /** Removes it from the device. */
  async remove(): Promise<void> {
    await this.database.delete();
  }
}

/** What happened before a day; work that still waits for somebody stays. */
function isOlderThan(day: string): (change: KeptRecord) => boolean {
  return ({ kind, record }) =>
    kind === 'session' &&
    (record as SessionRecord).day < day &&
    (record as SessionRecord).finishedAt !== null;
}
