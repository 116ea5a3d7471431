import { UUID } from '../../../testing/records';
import { oldWrites } from './old-outbox';

const KEY = 'otter.outbox';

describe('what a build before kept', () => {
  const [id, sessionId] = [`${UUID}1`, `${UUID}2`];
  const set = {
    performedAt: '2026-11-23T10:00:00Z',
    reps: 12,
    partial: 0,
    spare: 2,
    form: 'clean',
    pain: 0,
  };
  beforeEach(() => localStorage.clear());
  afterEach(() => localStorage.clear());

  it('is taken up, the sets from before there were other things too', async () => {
    localStorage.setItem(KEY, JSON.stringify([{ id, sessionId, input: set }]));
    const old = await oldWrites();
    expect(old?.writes[0]).toEqual(
      jasmine.objectContaining({ kind: 'logSet', params: { id: sessionId, setId: id } }),
    );
    old?.forget();
    expect(localStorage.getItem(KEY)).toBeNull();
  });

  it('is not thrown away for one entry that no longer fits, nor is that entry', async () => {
    const odd = { kind: 'set', id, sessionId, input: { ...set, reps: 'many' } };
    localStorage.setItem(KEY, JSON.stringify([odd, { kind: 'set', id, sessionId, input: set }]));
    const old = await oldWrites();
    expect(old?.writes.length).toBe(1);
    old?.forget();
    expect(JSON.parse(localStorage.getItem('otter.outbox.left') ?? '[]')).toEqual([odd]);
  });

  it('is nothing on a device that never had such a build', async () => {
    expect(await oldWrites()).toBeUndefined();
  });
});
