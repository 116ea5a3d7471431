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
});
