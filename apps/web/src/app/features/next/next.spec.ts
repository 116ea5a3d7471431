import { TestBed } from '@angular/core/testing';
import { Router } from '@angular/router';
import { derivedId } from '@wiry-otter/derived';
import { asked, setUpApp, tell, WITHOUT_BREAKS, writes } from '../../../testing/app';
import { type OfflineDevice, SESSION, trained } from '../../../testing/offline-device';
import { outboxActions } from '../../records/outbox/outbox-state';
import type { KeptWrite } from '../../records/outbox/write';
import { noticesFeature } from '../../ui/notices/notices';
import { Next } from './next';

const DECISION = derivedId('decision', SESSION);

async function ended(redFlag = false): Promise<OfflineDevice> {
  const device = await trained();
  await device.write('finishSession', { id: SESSION }, { redFlag });
  return device;
}

async function openNext(records: Parameters<typeof tell>[1]) {
  const { store, wire } = setUpApp();
  tell(store, { ...records, studio: [WITHOUT_BREAKS] });
  const written = writes();
  spyOn(TestBed.inject(Router), 'navigate').and.resolveTo(true);
  const fixture = TestBed.createComponent(Next);
  fixture.componentRef.setInput('sessionId', SESSION);
  fixture.detectChanges();
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  const find = (words: string): HTMLButtonElement | undefined =>
    [...root.querySelectorAll('button')].find((one) => one.textContent.trim() === words);
  const press = (words: string): void => {
    const button = find(words);
    if (button === undefined) throw new Error(`no button ${words} in: ${root.innerText}`);
    button.click();
    fixture.detectChanges();
  };
  return { find, fixture, press, root, store, wire, written };
}

describe('what comes next', () => {
  beforeEach(() => localStorage.clear());

  it('says the decision, its reasons in their order, and what it rests on', async () => {
    const device = await ended();
    const { root } = await openNext(device.records);
    expect(root.querySelector('[data-testid=decision]')?.textContent.trim()).toBe('Heavier');
    const reasons = device.view.get('decision', DECISION)?.decision.reasons ?? [];
    const told = [...root.querySelectorAll('ol li span:last-child')].map(({ textContent }) =>
      textContent.trim(),
    );
    expect(told).toEqual(reasons.map(({ text }) => text));
    expect(root.textContent).toContain('19, 19, 19');
  });

  it('is taken once, and cannot be pressed again until that is kept', async () => {
    const device = await ended();
    const { find, fixture, press, store, written } = await openNext(device.records);
    press('Accept');
    expect(written()[0]).toEqual(
      jasmine.objectContaining({
        kind: 'acceptDecision',
        params: { id: DECISION, sessionId: SESSION },
      }),
    );
    expect(find('Accept')?.disabled).toBeTrue();
    find('Accept')?.click();
    expect(written().length).toBe(1);
    const [write] = written() as readonly KeptWrite[];
    if (write === undefined) throw new Error('nothing written');
    store.dispatch(outboxActions.kept({ write: { ...write, place: 1 } }));
    await fixture.whenStable();
    expect(find('Accept')?.disabled).toBeFalse();
  });

  it('is overruled with a reason alone', async () => {
    const device = await ended();
    const { fixture, press, root, store, written } = await openNext(device.records);
    press('Overrule');
    await fixture.whenStable();
    press('Do this instead');
    expect(written()).toEqual([]);
    expect(store.selectSignal(noticesFeature.selectNotice)()?.text).toContain('Say why');
    const note = root.querySelector<HTMLInputElement>('input[name=note]');
    const reps = root.querySelector<HTMLInputElement>('input[name=reps]');
    if (note === null || reps === null) throw new Error('no fields');
    note.value = '  Tired after the flood watch ';
    note.dispatchEvent(new Event('input'));
    reps.value = '6';
    reps.dispatchEvent(new Event('input'));
    press('Do this instead');
    expect(written()[0]?.body).toEqual({
      setupIds: [device.view.get('session', SESSION)?.setups[0]?.id ?? ''],
      target: [6, 6, 6],
      note: 'Tired after the flood watch',
    });
  });

  it('tells by whom and when it was taken, and opens the next session', async () => {
    const device = await ended();
    await device.write('acceptDecision', { id: DECISION, sessionId: SESSION }, null);
    const { find, press, root, written } = await openNext(device.records);
    expect(root.querySelector('[data-testid=outcome]')?.textContent).toContain(
      'Accepted by Mika Ferrow',
    );
    expect(find('Accept')).toBeUndefined();
    press('Start the next session');
    expect(written().map(({ kind }) => kind)).toEqual(['startSession']);
    const next = device.view.all('prescription')[0];
    expect(written()[0]?.body).toEqual(jasmine.objectContaining({ prescriptionId: next?.id }));
  });

  it('prints the old load and the new one, by how much, and how sure that is', async () => {
    const device = await ended();
    const { root } = await openNext(device.records);
    const words = root.querySelector('[data-testid=load-change]')?.textContent.replace(/\s+/g, ' ');
    expect(words).toMatch(/\d+ → \d+ N ?\d+ ±\d+ N more, \d+ %/);
  });

  it('prescribes nothing after a red flag', async () => {
    const device = await ended(true);
    const { root } = await openNext(device.records);
    expect(root.querySelector('[data-testid=decision]')?.textContent.trim()).toBe('Stop');
    expect(root.querySelector('[data-testid=next-setup]')).toBeNull();
  });

  it('can be read, not taken, where a newer session was done since', async () => {
    const device = await ended();
    const decision = device.view
      .all('decision')
      .map((one) => ({ ...one, status: 'void' as const }));
    const { find, root } = await openNext({ ...device.records, decision });
    expect(root.querySelector('[data-testid=void]')).not.toBeNull();
    expect(find('Accept')).toBeUndefined();
  });

  it('is asked of the server where this device does not keep it', async () => {
    const device = await ended();
    const { fixture, root, wire } = await openNext({
      ...device.records,
      session: [],
      decision: [],
    });
    const request = await asked(wire, `/api/records/session/${SESSION}`);
    request.flush(device.view.get('session', SESSION) ?? null);
    (await asked(wire, `/api/records/decision/${DECISION}`)).flush(
      device.view.get('decision', DECISION) ?? null,
    );
    await fixture.whenStable();
    expect(root.querySelector('[data-testid=decision]')?.textContent.trim()).toBe('Heavier');
  });

  it('says why it cannot be shown without a connection', async () => {
    const device = await ended();
    const { fixture, root, wire } = await openNext({
      ...device.records,
      session: [],
      decision: [],
    });
    (await asked(wire, `/api/records/session/${SESSION}`)).error(new ProgressEvent('error'));
    await fixture.whenStable();
    expect(root.querySelector('[role=alert]')?.textContent).toContain('No connection');
  });
});
