import { bandRecord, UUID } from '../../../testing/records';
import { ACCOUNT, setUpApp, STUDIO, tell, writes } from '../../../testing/app';
import { accountActions, rulesOf } from '../../account/account';
import { fieldsOf } from '../outbox/kinds/band-input';
import { bandActions } from './band-actions';
import { noticesFeature } from '../../ui/notices/notices';

describe('band effects', () => {
  it('write a change and offer the way back to what was before', () => {
    const { store } = setUpApp();
    const written = writes();
    const before = bandRecord({ id: `${UUID}7` });
    tell(store, { band: [before] });
    const input = { ...fieldsOf(before), name: 'Keel' };
    store.dispatch(bandActions.put({ id: before.id, input, words: 'Keel changed.' }));
    expect(written()[0]).toEqual(
      jasmine.objectContaining({ kind: 'putBand', params: { id: before.id }, body: input }),
    );
    // What it was made from goes along, to merge with what others change meanwhile.
    expect(written()[0]?.base).toEqual(fieldsOf(before));
    const notice = store.selectSignal(noticesFeature.selectNotice)();
    expect(notice?.text).toBe('Keel changed.');
    expect(notice?.undo).toEqual(
      bandActions.put({
        id: before.id,
        input: { ...fieldsOf(before), version: 2 },
        words: 'Change undone.',
      }),
    );
  });

  it('take a band that was added off the rail again on undo', () => {
    const { store } = setUpApp();
    const band = bandRecord({ id: `${UUID}8` });
    store.dispatch(bandActions.put({ id: band.id, input: fieldsOf(band), words: 'On.' }));
    const notice = store.selectSignal(noticesFeature.selectNotice)();
    expect(notice?.undo).toEqual(bandActions.remove({ id: band.id }));
  });
});

describe('the effect of a changed rule', () => {
  it('is written, and can be taken back', () => {
    const { store } = setUpApp();
    const written = writes();
    store.dispatch(accountActions.signedIn({ account: ACCOUNT }));
    tell(store, { studio: [STUDIO] });
    const input = { ...rulesOf(STUDIO), inspectionDays: 14 };
    store.dispatch(accountActions.saveRules({ input, words: 'Every 14 days.' }));
    expect(written()[0]).toEqual(jasmine.objectContaining({ kind: 'saveRules', body: input }));
    expect(store.selectSignal(noticesFeature.selectNotice)()?.undo).toEqual(
      accountActions.saveRules({
        input: { ...rulesOf(STUDIO), version: 2 },
        words: 'Rules as they were.',
      }),
    );
  });
});
