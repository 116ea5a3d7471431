import type { RecordChange } from '@wiry-otter/contracts';
import { personRecord, UUID } from '../../testing/records';
import { Replica } from './replica';

const TRAINER = `${UUID}f`;

const told = (name: string, version = 1): RecordChange => {
  const record = personRecord({ name, version });
  return { kind: 'person', id: record.id, version, record };
};

describe('the replica', () => {
  let replica: Replica;
  beforeEach(() => (replica = new Replica(TRAINER)));
  afterEach(() => replica.remove());

  it('keeps what was told, with where the feed goes on, for the next visit', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    const later = await new Replica(TRAINER).read();
    expect(later.cursor).toBe('here');
    expect(later.changes).toEqual([told('Wren Sluice')]);
    expect(await replica.lastContact()).toMatch(/^\d{4}-/);
  });

  it('is not brought back to what was before by an answer that comes late', async () => {
    await replica.keep([told('Wren Sluice', 2)], 'here');
    await replica.keep([told('Wren Slui', 1)]);
    expect((await replica.read()).changes).toEqual([told('Wren Sluice', 2)]);
  });

  it('lets go of what is gone, and of all when it is fetched anew', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    await replica.keep([{ ...told('Wren Sluice', 2), record: null }], 'there');
    expect(await replica.read()).toEqual({ changes: [], cursor: 'there' });
    await replica.clear();
    expect((await replica.read()).cursor).toBeNull();
  });

  it('is each trainer’s own, and is removed from the device', async () => {
    await replica.keep([told('Wren Sluice')], 'here');
    const other = new Replica(`${UUID}e`);
    expect((await other.read()).changes).toEqual([]);
    await other.remove();
    await replica.remove();
    expect((await new Replica(TRAINER).read()).cursor).toBeNull();
  });

  it('lets go of sessions older than half a year, and of all after a month without the server', async () => {
    const session = (id: string, day: string, finishedAt: string | null): RecordChange => ({
      ...{ kind: 'session', id, version: 1 },
      record: { id, day, finishedAt },
    });
    const [old, open, late] = [
      session(`${UUID}1`, '2026-03-01', '2026-03-01T10:00:00Z'),
      session(`${UUID}2`, '2026-03-01', null),
      session(`${UUID}3`, '2026-11-20', '2026-11-20T10:00:00Z'),
    ];
    await replica.keep([old, open, late], 'here');
    const then = new Date(2026, 10, 28);
    spyOn(replica, 'lastContact').and.resolveTo('2026-11-27T10:00:00Z');
    expect((await replica.read(then)).changes).toEqual([open, late]);
    const muchLater = new Date(2026, 11, 31);
    expect(await replica.read(muchLater)).toEqual({ changes: [], cursor: null });
  });
});
