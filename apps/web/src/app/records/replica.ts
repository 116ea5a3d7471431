import type { RecordChange, RecordKind, SessionRecord } from '@wiry-otter/contracts';
import { format, subDays, subWeeks } from 'date-fns';
import type { Unread } from '../api/answer-schemas';
import Dexie, { type Collection, type Table } from 'dexie';

/** Raised when records change their shape: what was kept in another shape is fetched anew. */
const SHAPE = 6;

/** After so long without a word from the server it is removed: nobody uses this device any more, ms. */
const FORGOTTEN_MS = 30 * 86_400_000;
/** Sessions older than this are asked for by page, and not kept. */
const KEPT_WEEKS = 26;
/** Sessions of so many days are read first: what today's work looks at. */
const RECENT_DAYS = 14;

/** A session that is not finished is work of every day. */
const NOT_FINISHED = '9999-12-31';

interface KeptRecord extends RecordChange {
  readonly record: object;
  /** Of a session, by which those of late are found without reading the others. */
  readonly day?: string;
}

interface Kept {
  readonly changes: readonly RecordChange[];
  /** Where the feed goes on; null where nothing was fetched yet. */
  readonly cursor: string | null;
  /** What a build before could not read. */
  readonly unread: readonly Unread[];
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
  /** What this build could not read, to be fetched by the next. */
  private readonly unread: Table<Unread, [string, string]>;
  private readonly notes: Table<{ readonly name: string; readonly value: string }, string>;

  constructor(trainerId: string) {
    this.database = new Dexie(Replica.nameFor(trainerId));
    this.database
      .version(SHAPE)
      .stores({ records: '[kind+id], [kind+day]', notes: 'name', unread: '[kind+id]' })
      .upgrade((transaction) =>
        Promise.all(['records', 'notes', 'unread'].map((name) => transaction.table(name).clear())),
      );
    this.records = this.database.table('records');
    this.notes = this.database.table('notes');
    this.unread = this.database.table('unread');
  }

  static nameFor(trainerId: string): string {
    return `otter.replica.${trainerId}`;
  }

  /** What is kept but for sessions that are over and not of late. */
  async readRecent(now = new Date()): Promise<Kept> {
    const heard = await this.lastContact();
    if (heard !== undefined && now.getTime() - Date.parse(heard) > FORGOTTEN_MS) await this.clear();
    await this.sessionsBetween('', dayOf(subWeeks(now, KEPT_WEEKS))).delete();
    const [before, sessions, after, cursor, unread] = await Promise.all([
      this.records.where('[kind+id]').below(['session', Dexie.minKey]).toArray(),
      this.sessionsBetween(recentSince(now), Dexie.maxKey as string).toArray(),
      this.records.where('[kind+id]').above(['session', Dexie.maxKey]).toArray(),
      this.notes.get(CURSOR),
      this.unread.toArray(),
    ]);
    const changes = [...before, ...sessions, ...after];
    return { changes, cursor: cursor?.value ?? null, unread };
  }

  /** The sessions that `readRecent` leaves out. */
  readOlder(now = new Date()): Promise<readonly RecordChange[]> {
    return this.sessionsBetween('', recentSince(now)).toArray();
  }

  /** @param since first day @param until the day after the last */
  private sessionsBetween(since: string, until: string): Collection<KeptRecord> {
    return this.records
      .where('[kind+day]')
      .between(['session', since], ['session', until], true, false);
  }

  /** Keeps what the feed told, with where it goes on, or what a write was answered, at once. */
  async keep(
    changes: readonly RecordChange[],
    cursor?: string,
    unread: readonly Unread[] = [],
  ): Promise<void> {
    await this.database.transaction('rw', this.records, this.notes, this.unread, async () => {
      await this.unread.bulkDelete(changes.map(({ kind, id }) => [kind, id]));
      await this.unread.bulkPut([...unread]);
      const gone = changes.filter(({ record }) => record === null);
      await this.records.bulkDelete(gone.map(({ kind, id }) => [kind, id]));
      const told = changes.flatMap((change) => keptOf(change) ?? []);
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
    await this.database.transaction('rw', this.records, this.notes, this.unread, async () => {
      await this.records.clear();
      await this.notes.clear();
      await this.unread.clear();
    });
  }

  /** Removes it from the device. */
  async remove(): Promise<void> {
    await this.database.delete();
  }
}

function keptOf(change: RecordChange): KeptRecord | undefined {
  const { id, kind, version } = change;
  const record = change.record as object | null;
  if (record === null) return undefined;
  const kept = { kind, id, version, record };
  if (kind !== 'session') return kept;
  const { day, finishedAt } = record as SessionRecord;
  return { ...kept, day: finishedAt === null ? NOT_FINISHED : day };
}

const dayOf = (moment: Date): string => format(moment, 'yyyy-MM-dd');

const recentSince = (now: Date): string => dayOf(subDays(now, RECENT_DAYS));
