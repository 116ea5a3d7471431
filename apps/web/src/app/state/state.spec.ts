import type { SessionRecord, SetInput } from '@wiry-otter/contracts';
import { bandRecord } from '../../testing/records';
import { accountActions } from './account';
import { bandActions, bandsFeature } from './bands';
import { noticeActions, noticesFeature } from './notices';
import { outboxActions, outboxFeature } from './outbox';

const START = { type: 'start' };
const SET: SetInput = {
  performedAt: '2026-11-23T10:00:00Z',
  reps: 12,
  partial: 0,
  spare: 2,
  form: 'clean',
  pain: 0,
};

describe('outbox', () => {
  const { reducer } = outboxFeature;
  const logged = reducer(
    reducer(undefined, outboxActions.logSet({ id: '1', sessionId: 's', input: SET })),
    outboxActions.logSet({ id: '2', sessionId: 's', input: { ...SET, reps: 11 } }),
  );

  it('keeps sets in the order they were logged, each once', () => {
    expect(logged.sets.map(({ id }) => id)).toEqual(['1', '2']);
    const again = reducer(logged, outboxActions.logSet({ id: '2', sessionId: 's', input: SET }));
    expect(again.sets.length).toBe(2);
  });

  it('lets go only of what the server took or refused', () => {
    const offline = reducer(logged, outboxActions.notSent());
    expect([offline.sets.length, offline.offline]).toEqual([2, true]);
    const sent = reducer(
      offline,
      outboxActions.sent({ id: '1', session: {} as unknown as SessionRecord }),
    );
    expect([sent.sets.map(({ id }) => id), sent.offline]).toEqual([['2'], false]);
  });
});

describe('bands', () => {
  it('leave the rail when they are taken off, but not the records', () => {
    const { reducer } = bandsFeature;
    const kept = reducer(undefined, bandActions.saved({ band: bandRecord() }));
    const off = reducer(kept, bandActions.saved({ band: bandRecord({ removed: true }) }));
    const state = { bands: off };
    expect(bandsFeature.selectPresent(state)).toEqual([]);
    expect(bandsFeature.selectBandEntities(state)['a']?.removed).toBeTrue();
    expect(reducer(off, accountActions.signedOut()).ids).toEqual([]);
  });
});

describe('notices', () => {
  it('show one line with its way back until it is put away', () => {
    const { reducer } = noticesFeature;
    const undo = bandActions.restore({ id: 'a' });
    const shown = reducer(undefined, noticeActions.show({ text: 'Off.', tone: 'done', undo }));
    expect(shown.notice).toEqual({ text: 'Off.', tone: 'done', undo });
    expect(reducer(shown, noticeActions.dismiss()).notice).toBeNull();
    expect(reducer(undefined, START).notice).toBeNull();
  });
});
