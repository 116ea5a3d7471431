import { TestBed } from '@angular/core/testing';
import { type ImportPlan, LARGEST_IMPORT } from '@wiry-otter/contracts';
import { asked, setUpStudio } from '../../../testing/app';
import { noticesFeature } from '../../ui/notices/notices';
import { ExchangeStore } from './exchange-store';

const PLAN: ImportPlan = {
  about: 'bands',
  digest: 'of-the-file',
  said: ['lengths in cm'],
  counts: { add: 2, change: 1, same: 0, refuse: 0 },
  rows: [],
  saved: false,
};

describe('a file of bands on its way in', () => {
  function open() {
    localStorage.clear();
    TestBed.configureTestingModule({ providers: [ExchangeStore] });
    const { store: global, wire } = setUpStudio([]);
    const notice = global.selectSignal(noticesFeature.selectNotice);
    return { notice, wire, store: TestBed.inject(ExchangeStore) };
  }
  const csv = new File(['name;length'], 'bands.csv');

  it('is planned first, and saved under the plan that was shown', async () => {
    const { notice, store, wire } = open();
    store.choose(csv);
    expect(store.busy()).toBeTrue();
    (await asked(wire, '/api/bands/import')).flush(PLAN);
    expect(store.willSave()).toBe(3);
    expect(notice()).toBeNull();
    // Nothing is sent while the answer before is on its way to the screen.
    while (store.busy()) await new Promise((resolve) => setTimeout(resolve));
    store.save();
    const save = await asked(wire, '/api/bands/import?save=of-the-file');
    expect(save.request.headers.get('content-type')).toBe('text/csv');
    save.flush({ ...PLAN, saved: true });
    expect(store.plan()?.saved).toBeTrue();
    expect(notice()?.text).toBe('Imported: 2 added, 1 changed.');
  });

  it('says what was found in a file that is none of ours, and what was expected', async () => {
    const { store, wire } = open();
    store.choose(new File(['{'], 'bands.json'));
    const request = await asked(wire, '/api/bands/import');
    expect(request.request.headers.get('content-type')).toBe('application/json');
    const faults = [{ in: 'body', path: '$', found: 'cut short', expected: 'JSON' }];
    const body = { type: 'urn:x', title: 'No.', status: 400, code: 'invalid-request', faults };
    request.flush(body, { status: 400, statusText: 'Bad Request' });
    expect(store.faults()).toEqual(['Found cut short; expected JSON.']);
    store.choose(null);
    expect(store.faults()).toEqual([]);
  });

  it('is not sent where it is too large', () => {
    const { store, wire } = open();
    store.choose(new File([new Uint8Array(LARGEST_IMPORT + 1e5)], 'bands.csv'));
    expect(store.faults()[0]).toMatch(/at most .* MB are read/);
    wire.expectNone(() => true);
  });
});
