import { setUpApp, tell } from '../../../testing/app';
import { bandRecord } from '../../../testing/records';
import { SLICES } from '../../records/record-slice';
import { accountActions } from '../../account/account';
import { bandActions } from '../../records/writing/band-actions';
import { selectRail } from '../../records/selectors';
import { noticeActions, noticesFeature } from './notices';

const START = { type: 'start' };

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
