import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { setUpApp, STUDIO, tell, WITHOUT_BREAKS, writes } from '../../../testing/app';
import { derivedId } from '@wiry-otter/derived';
import { format, subDays } from 'date-fns';
import { BAND, ladderInput, SESSION, trained } from '../../../testing/offline-device';
import { personRecord, UUID } from '../../../testing/records';
import { recordActions } from '../../records/record-actions';
import { Today } from './today';

type Records = Parameters<typeof tell>[1];

function openToday(records: Records, studio = WITHOUT_BREAKS) {
  const { store } = setUpApp();
  tell(store, { ...records, studio: [studio] });
  const written = writes();
  const went = spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
  const fixture = TestBed.createComponent(Today);
  fixture.detectChanges();
  const root = fixture.nativeElement as HTMLElement;
  const button = (): HTMLButtonElement => {
    const found = root.querySelector<HTMLButtonElement>('li button');
    if (found === null) throw new Error(`no button in: ${root.innerText}`);
    return found;
  };
  return { button, fixture, root, store, went, written };
}

/** A button of the dialog that is opened, once it is. */
async function inDialog(words: string): Promise<HTMLButtonElement> {
  for (;;) {
    const found = [...document.querySelectorAll<HTMLButtonElement>('cdk-dialog-container button')];
    const button = found.find((one) => one.textContent.trim() === words);
    if (button !== undefined) return button;
    await new Promise((resolve) => setTimeout(resolve));
  }
}

/** Records after a session that is over, whose decision waits. */
async function afterSession(): Promise<Records> {
  const device = await trained();
  await device.write('finishSession', { id: SESSION }, { redFlag: false });
  return device.records;
}

describe('today', () => {
  beforeEach(() => localStorage.clear());

  it('offers a plan to whom nothing was planned for', () => {
    const { button, root, went } = openToday({ person: [personRecord()] });
    expect(root.textContent).toContain('No set-up yet.');
    button().click();
    expect(went).toHaveBeenCalledWith(['/setups']);
  });

  it('goes on with a session that was begun, and tells how far it is', async () => {
    const device = await trained(undefined, ladderInput(), ['01']);
    const { button, root, went } = openToday(device.records);
    expect(root.textContent).toContain('aim for 8, 8, 8 reps');
    expect(root.textContent).toContain('1/3 sets');
    expect(button().textContent).toContain('Go on with session');
    button().click();
    expect(went).toHaveBeenCalledWith(['/session', SESSION]);
  });

  it('starts the next session of what is prescribed, and says that a decision waits', async () => {
    const { button, root, written } = openToday(await afterSession());
    expect(root.textContent).toContain('last on Mon 23 Nov');
    expect(root.textContent).toContain('a decision waits');
    expect(root.textContent).toContain('Heavier');
    button().click();
    expect(written().map(({ kind }) => kind)).toEqual(['startSession']);
  });

  it('asks after a break what is begun with, and writes the lighter one as a version', async () => {
    const device = await trained();
    await device.write('finishSession', { id: SESSION }, { redFlag: false });
    const decision = { id: derivedId('decision', SESSION), sessionId: SESSION };
    await device.write('acceptDecision', decision, null);
    const rungs = device.view.all('ladder')[0]?.rungs ?? [];
    const { button, written } = openToday(device.records, { ...STUDIO, breakDays: 1 });
    button().click();
    const begin = await inDialog('Begin lighter');
    expect(document.body.textContent).toContain('After a break of');
    expect(written()).toEqual([]);
    begin.click();
    while (written().length < 2) await new Promise((resolve) => setTimeout(resolve));
    expect(written().map(({ kind }) => kind)).toEqual(['prescribe', 'startSession']);
    const [eased, begun] = written();
    expect(eased?.body).toEqual(jasmine.objectContaining({ setupIds: [rungs[0]?.setupId] }));
    expect(begun?.body).toEqual(
      jasmine.objectContaining({ prescriptionId: (eased?.params as { id: string }).id }),
    );
  });

  it('asks how the morning after was, for as long as it is remembered', async () => {
    const records = await afterSession();
    const ofDaysAgo = (days: number): Records => ({
      ...records,
      session: (records.session ?? []).map((one) => ({
        ...one,
        day: format(subDays(new Date(), days), 'yyyy-MM-dd'),
      })),
    });
    const ask = (root: HTMLElement): HTMLButtonElement | undefined =>
      [...root.querySelectorAll('button')].find((one) =>
        one.textContent.includes('How was the morning after'),
      );
    expect(ask(openToday(ofDaysAgo(0)).root)).toBeUndefined();
    TestBed.resetTestingModule();
    expect(ask(openToday(ofDaysAgo(8)).root)).toBeUndefined();
    TestBed.resetTestingModule();
    const { fixture, root, written } = openToday(ofDaysAgo(1));
    ask(root)?.click();
    fixture.detectChanges();
    const seven = [...root.querySelectorAll<HTMLButtonElement>('fieldset button')].find(
      (one) => one.textContent.trim() === '7',
    );
    seven?.click();
    expect(written()[0]?.kind).toBe('noteNextMorning');
    expect(written()[0]?.body).toEqual({ pain: 7 });
  });

  it('prescribes a set-up that is ready and was never begun', async () => {
    const records = await afterSession();
    const { button, root, written } = openToday({
      ...records,
      ...{ prescription: [], session: [], decision: [] },
    });
    expect(root.textContent).toContain('ready, not begun');
    button().click();
    expect(written().map(({ kind }) => kind)).toEqual(['prescribe', 'startSession']);
  });

  it('says what keeps work from being done, and leads to where it is seen to', async () => {
    const records = await afterSession();
    const putAway = (records.setup ?? []).map((setup) => ({ ...setup, removed: true }));
    const away = openToday({ ...records, setup: putAway });
    expect(away.root.textContent).toContain('its set-up was put away');
    expect(away.button().textContent).toContain('See to it');
    away.button().click();
    expect(away.went).toHaveBeenCalledWith(['/setups']);
    expect(away.written()).toEqual([]);
    TestBed.resetTestingModule();

    const copies = BAND.copies.map((copy) => ({ ...copy, state: 'retired' as const }));
    const retired = openToday({ ...records, band: [{ ...BAND, copies, state: 'retired' }] });
    expect(retired.root.textContent).toContain('not usable: Plank is retired');
    TestBed.resetTestingModule();

    const unready = (records.setup ?? []).map((setup) => ({ ...setup, ready: false }));
    expect(openToday({ ...records, setup: unready }).root.textContent).toContain('not ready');
  });

  it('is there before the sessions that are long over, which then tell of the last time', async () => {
    const { session = [], ...records } = await afterSession();
    const changes = Object.entries(records).flatMap(([kind, all]) =>
      all.map((record) => ({ kind, id: record.id, version: 1, record })),
    ) as Parameters<typeof recordActions.restored>[0]['changes'];
    const { button, fixture, root, store } = openToday({});
    store.dispatch(recordActions.forget());
    fixture.detectChanges();
    expect(root.querySelector('li button')).toBeNull();
    store.dispatch(recordActions.restored({ changes, cursor: 'here', unread: [] }));
    fixture.detectChanges();
    expect(button().disabled).toBeFalse();
    expect(root.textContent).not.toContain('last on');
    const older = session.map((record) => ({
      ...{ kind: 'session' as const, id: record.id, version: 1 },
      record,
    }));
    store.dispatch(recordActions.restoredOlder({ changes: older }));
    fixture.detectChanges();
    expect(root.textContent).toContain('last on Mon 23 Nov');
  });

  it('starts nothing before all was fetched once: what was begun elsewhere could begin twice', async () => {
    const { button, fixture, store } = openToday(await afterSession());
    store.dispatch(recordActions.restored({ changes: [], cursor: null, unread: [] }));
    fixture.detectChanges();
    expect(button().disabled).toBeTrue();
  });

  it('lists people by name, whatever the order they were told in', () => {
    const people = [
      personRecord({ id: `${UUID}2`, name: 'Wren Sluice' }),
      personRecord({ id: `${UUID}3`, name: 'Åsa Weir' }),
      personRecord({ id: `${UUID}4`, name: 'Bram Lock' }),
    ];
    const { root } = openToday({ person: people });
    const names = [...root.querySelectorAll('li .text-lg')].map(({ textContent }) => textContent);
    expect(names).toEqual(['Åsa Weir', 'Bram Lock', 'Wren Sluice']);
  });

  it('lists a stop before all else, offers no start, and goes on only where the cause allows it', async () => {
    const { root, button, written, fixture } = openToday(await afterStop('numbness'));
    const stopped = root.querySelector('[aria-label=Stopped]');
    expect(stopped?.textContent).toContain('numbness on 23 Nov 2026');
    expect(root.textContent).toContain('stopped: numbness');
    const next = root.querySelector('[aria-label="People and their next work"]');
    expect(next?.querySelector('button')).toBeNull();
    expect(button().textContent).toContain('Go on, with a reason');
    button().click();
    fixture.detectChanges();
    const why = root.querySelector<HTMLInputElement>('form input');
    if (why === null) return fail('no reason asked');
    why.value = 'It was the strap.';
    why.dispatchEvent(new Event('input'));
    fixture.detectChanges();
    root.querySelector<HTMLButtonElement>('form [type=submit]')?.click();
    expect(written()[0]?.kind).toBe('liftStop');
    expect(written()[0]?.body).toEqual({ why: 'It was the strap.' });
  });

  it('leaves chest pain to a clearance', async () => {
    const { root } = openToday(await afterStop('chestPain'));
    const stopped = root.querySelector('[aria-label=Stopped]');
    expect(stopped?.textContent).toContain('Only a clearance made after it');
    expect(stopped?.textContent).not.toContain('Go on, with a reason');
  });
});

/** Records of a device on which a flag was raised in the middle of a session. */
async function afterStop(cause: 'numbness' | 'chestPain'): Promise<Records> {
  const device = await trained(undefined, ladderInput(), ['01']);
  const session = device.view.get('session', SESSION);
  if (session === undefined) throw new Error('no session');
  const { personId, prescription } = session;
  const { exerciseId } = prescription;
  const at = '2026-11-23T10:00:00.000Z';
  const stop = { personId, cause, said: '', sessionId: SESSION, exerciseId, at };
  await device.write('raiseStop', { id: `${UUID}e` }, stop);
  return device.records;
}
