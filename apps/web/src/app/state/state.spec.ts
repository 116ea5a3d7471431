import type { MeasurementInput, SetInput } from '@wiry-otter/contracts';
import { bandRecord, pull, UUID } from '../../testing/records';
import { setUpApp, tell } from '../../testing/app';
import { accountActions } from './account';
import { SLICES } from '../records/record-slice';
import { bandActions, selectRail } from './bands';
import { noticeActions, noticesFeature } from './notices';
import { outboxActions, outboxFeature, waitingWrite, type WaitingWrite } from './outbox';
import { withWaiting } from './waiting-bands';

const START = { type: 'start' };
const SET: SetInput = {
  performedAt: '2026-11-23T10:00:00Z',
  reps: 12,
  partial: 0,
  setupId: null,
  hold_s: null,
  lowering_s: null,
  spare: 2,
  form: 'clean',
  pain: 0,
};

const logged = (id: string, reps = 12): WaitingWrite => ({
  kind: 'set',
  id,
  sessionId: 's',
  input: { ...SET, reps },
});

const MEASUREMENT: MeasurementInput = {
  copyId: 'c',
  rigging: 'end',
  gauge: { kind: 'typed', name: '' },
  warmUps: 3,
  startedAt: '2026-11-23T10:00:00Z',
  finishedAt: null,
  note: '',
};
const measured = (finishedAt: string | null): WaitingWrite => ({
  kind: 'measurement',
  id: 'm',
  bandId: 'a',
  input: { ...MEASUREMENT, finishedAt },
});
const read = (id: string, length_m: number): WaitingWrite => {
  const {
    id: _id,
    takenBy: _by,
    setAside: _aside,
    setAsideReason: _why,
    ...input
  } = pull(length_m, 80);
  return { kind: 'reading', id, bandId: 'a', measurementId: 'm', input };
};

describe('outbox', () => {
  const { reducer } = outboxFeature;
  const write = (state: ReturnType<typeof reducer>, one: WaitingWrite) =>
    reducer(state, outboxActions.write({ write: one }));
  const first = logged('1');
  const two = write(write(reducer(undefined, START), first), logged('2', 11));

  it('keeps sets in the order they were logged, each once', () => {
    expect(two.waiting.map(({ id }) => id)).toEqual(['1', '2']);
    expect(write(two, logged('2')).waiting.length).toBe(2);
  });

  it('never lets the end of a measurement overtake its begin and its readings', () => {
    const order = [measured(null), read('r', 1.5), measured('2026-11-23T10:09:00Z')];
    const { waiting } = order.reduce(write, reducer(undefined, START));
    expect(waiting).toEqual(order);
  });

  it('lets go only of what the server took or refused', () => {
    const offline = reducer(two, outboxActions.notSent());
    expect([offline.waiting.length, offline.offline]).toEqual([2, true]);
    const sent = reducer(offline, outboxActions.sent({ write: first }));
    expect([sent.waiting.map(({ id }) => id), sent.offline]).toEqual([['2'], false]);
  });

  it('takes up sets that were stored before there were other things', () => {
    const id = `${UUID}1`;
    const old = waitingWrite.parse({ id, sessionId: id, input: SET });
    expect(old).toEqual({ kind: 'set', id, sessionId: id, input: SET });
  });
});

describe('a band with what waits', () => {
  it('shows its measurement, readings and end before the server has them', () => {
    const waiting = [measured(null), read('r', 1.5), read('q', 2)];
    const band = withWaiting(bandRecord(), waiting);
    expect(band.measurements[0]?.readings.map(({ id }) => id)).toEqual(['r', 'q']);
    expect(band.measurements[0]?.finishedAt).toBeNull();
    const ended = withWaiting(bandRecord(), [...waiting, measured('2026-11-23T10:09:00Z')]);
    expect(ended.measurements[0]?.finishedAt).toBe('2026-11-23T10:09:00Z');
    expect(ended.measurements[0]?.readings.length).toBe(2);
  });

  it('shows a reading once when the server has it already', () => {
    const kept = withWaiting(bandRecord(), [measured(null), read('r', 1.5)]);
    expect(withWaiting(kept, [read('r', 1.5)]).measurements[0]?.readings.length).toBe(1);
  });

  it('is not touched by what waits for another', () => {
    const band = bandRecord({ id: 'other' });
    expect(withWaiting(band, [measured(null), logged('1')])).toBe(band);
  });
});

describe('bands', () => {
  it('leave the rail when they are taken off, but not the records', () => {
    const { store } = setUpApp();
    tell(store, { band: [bandRecord()] });
    const rail = store.selectSignal(selectRail);
    expect(rail().length).toBe(1);
    tell(store, { band: [bandRecord({ removed: true, version: 2 })] });
    expect(rail()).toEqual([]);
    expect(store.selectSignal(SLICES.band.selectEntities)()['a']?.removed).toBeTrue();
    store.dispatch(accountActions.signedOut());
    expect(store.selectSignal(SLICES.band.selectAll)()).toEqual([]);
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
