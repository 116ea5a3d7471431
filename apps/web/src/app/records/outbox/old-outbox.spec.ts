import { UUID } from '../../../testing/records';
import { forgetOldWrites, oldWrites } from './old-outbox';

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

  it('is taken up, the sets from before there were other things too', () => {
    localStorage.setItem(KEY, JSON.stringify([{ id, sessionId, input: set }]));
    const [write] = oldWrites();
    expect(write).toEqual(
      jasmine.objectContaining({ kind: 'logSet', params: { id: sessionId, setId: id } }),
    );
    forgetOldWrites();
    expect(localStorage.getItem(KEY)).toBeNull();
  });

  it('is not thrown away for one entry that no longer fits, nor is that entry', () => {
    const odd = { kind: 'set', id, sessionId, input: { ...set, reps: 'many' } };
    localStorage.setItem(KEY, JSON.stringify([odd, { kind: 'set', id, sessionId, input: set }]));
    expect(oldWrites().length).toBe(1);
    forgetOldWrites();
    expect(JSON.parse(localStorage.getItem('otter.outbox.left') ?? '[]')).toEqual([odd]);
  });
});
