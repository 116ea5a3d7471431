import type { RecordChange } from '@wiry-otter/contracts';
import { personRecord, UUID } from '../../testing/records';
import { Replica } from './replica';

const TRAINER = `${UUID}f`;

const told = (name: string, version = 1): RecordChange => {
  const record = personRecord({ name, version });
  return { kind: 'person', id: record.id, version, record };
};

const session = (id: string, day: string, finishedAt: string | null): RecordChange => ({
  ...{ kind: 'session', id, version: 1 },
  record: { id, day, finishedAt },
});

/** As they were told: by which day a session is found is the replica's own. */
const unmarked = (changes: readonly RecordChange[]): RecordChange[] =>
  changes.map(({ id, kind, record, version }) => ({ id, kind, version, record }));

describe('the replica', () => {
  let replica: Replica;
  beforeEach(() => (replica = new Replica(TRAINER)));
  afterEach(() => replica.remove());

  it('keeps what was told, with where the feed goes on, for the next visit', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    const later = await new Replica(TRAINER).readRecent();
    expect(later.cursor).toBe('here');
    expect(later.changes).toEqual([told('Wren Sluice')]);
    expect(await replica.lastContact()).toMatch(/^\d{4}-/);
  });

  it('is not brought back to what was before by an answer that comes late', async () => {
    await replica.keep([told('Wren Sluice', 2)], 'here');
    await replica.keep([told('Wren Slui', 1)]);
    expect((await replica.readRecent()).changes).toEqual([told('Wren Sluice', 2)]);
  });

  it('lets go of what is gone, and of all when it is fetched anew', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    await replica.keep([{ ...told('Wren Sluice', 2), record: null }], 'there');
    expect(await replica.readRecent()).toEqual({ changes: [], cursor: 'there', unread: [] });
    await replica.clear();
    expect((await replica.readRecent()).cursor).toBeNull();
  });

  it('is each trainer’s own, and is removed from the device', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    const other = new Replica(`${UUID}e`);
    expect((await other.readRecent()).changes).toEqual([]);
    await other.remove();
    await replica.remove();
    expect((await new Replica(TRAINER).readRecent()).cursor).toBeNull();
  });

  it('lets go of sessions older than half a year, and of all after a month without the server', async () => {
    const [old, open, late] = [
      session(`${UUID}1`, '2026-03-01', '2026-03-01T10:00:00Z'),
      session(`${UUID}2`, '2026-03-01', null),
      session(`${UUID}3`, '2026-11-20', '2026-11-20T10:00:00Z'),
    ];
    await replica.keep([old, open, late], 'here');
    const then = new Date(2026, 10, 28);
    spyOn(replica, 'lastContact').and.resolveTo('2026-11-27T10:00:00Z');
    expect(unmarked((await replica.readRecent(then)).changes)).toEqual([late, open]);
    expect(await replica.readOlder(then)).toEqual([]);
    const muchLater = new Date(2026, 11, 31);
    expect(await replica.readRecent(muchLater)).toEqual({ changes: [], cursor: null, unread: [] });
  });

  it('keeps by id what could not be read, until it is', async () => {
    const record = told('Wren Sluice', 2);
    const unread = [
      { kind: 'person', id: record.id },
      { kind: 'tide', id: `${UUID}9` },
    ];
    await replica.keep([], 'here', unread);
    expect(await replica.readRecent()).toEqual({ changes: [], cursor: 'here', unread });
    await replica.keep([record]);
    const [, unknown] = unread;
    expect((await new Replica(TRAINER).readRecent()).unread).toEqual([unknown!]);
    await replica.clear();
    expect((await replica.readRecent()).unread).toEqual([]);
  });

  it('reads what is open or of late first, and the rest of half a year after it', async () => {
    const finished = (id: string, day: string): RecordChange =>
      session(`${UUID}${id}`, day, `${day}T10:00:00Z`);
    const [june, early, late] = [
      finished('1', '2026-06-10'),
      finished('2', '2026-11-13'),
      finished('3', '2026-11-14'),
    ];
    const open = session(`${UUID}4`, '2026-06-10', null);
    const band = { ...told('Wren Sluice'), kind: 'band' as const };
    const wear = { ...told('Wren Sluice'), kind: 'skillTest' as const };
    await replica.keep([june, early, late, open, band, wear], 'here');
    const then = new Date(2026, 10, 28);
    const kept = await replica.readRecent(then);
    expect(unmarked(kept.changes)).toEqual([band, late, open, wear] as RecordChange[]);
    expect(unmarked(await replica.readOlder(then))).toEqual([june, early]);
    // One that is ended is of its day from then on.
    await replica.keep([
      { ...session(`${UUID}4`, '2026-06-10', '2026-06-10T11:00:00Z'), version: 2 },
    ]);
    expect((await replica.readOlder(then)).map(({ id }) => id)).toEqual([
      june.id,
      open.id,
      early.id,
    ]);
  });
});
