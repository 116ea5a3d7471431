import { TestBed } from '@angular/core/testing';
import type { SignIns } from '@wiry-otter/contracts';
import { asked, setUpStudio } from '../../../testing/app';
import { UUID } from '../../../testing/records';
import { noticesFeature } from '../../ui/notices/notices';
import { YouStore } from './you-store';

const SIGN_INS: SignIns = [
  {
    ...{ id: `${UUID}1`, device: 'Chrome on Linux', isThis: true },
    ...{ begunAt: '2026-11-29T09:00:00Z', seenAt: '2026-11-29T09:00:00Z' },
  },
  {
    ...{ id: `${UUID}2`, device: 'Safari on iOS', isThis: false },
    ...{ begunAt: '2026-11-20T09:00:00Z', seenAt: '2026-11-28T17:00:00Z' },
  },
];

describe('what is the trainer’s own', () => {
  async function open() {
    TestBed.configureTestingModule({ providers: [YouStore] });
    const { store: global, wire } = setUpStudio([]);
    const store = TestBed.inject(YouStore);
    (await asked(wire, '/api/account/sign-ins')).flush(SIGN_INS);
    const idle = async (): Promise<void> => {
      while (store.busy()) await new Promise((resolve) => setTimeout(resolve));
    };
    while (store.rows().length === 0) await new Promise((resolve) => setTimeout(resolve));
    return { idle, notice: global.selectSignal(noticesFeature.selectNotice), store, wire };
  }

  it('tells where they are signed in, and ends one of them', async () => {
    const { idle, notice, store, wire } = await open();
    const phone = store.rows()[1];
    expect(phone?.device).toBe('Safari on iOS');
    if (phone !== undefined) store.end(phone);
    (await asked(wire, `/api/account/sign-ins/${UUID}2`)).flush(null);
    (await asked(wire, '/api/account/sign-ins')).flush(SIGN_INS.slice(0, 1));
    await idle();
    expect(notice()?.text).toBe('Signed out of Safari on iOS.');
  });

  it('keeps what was typed where the present password is another', async () => {
    const { idle, store, wire } = await open();
    let cleared = false;
    store.changePassword({ present: 'tow rope', next: 'a mooring line' }, () => (cleared = true));
    const body = { type: 'urn:x', title: 'Not yours.', status: 403, code: 'wrong-password' };
    (await asked(wire, '/api/account/password')).flush(body, {
      ...{ status: 403, statusText: 'Forbidden' },
    });
    await idle();
    expect(store.refused()).toBe('Not yours.');
    expect(cleared).toBeFalse();
  });
});
