import { TestBed } from '@angular/core/testing';
import type { SessionRecord } from '@wiry-otter/contracts';
import { asked, setUpStudio, tell } from '../../../testing/app';
import { SESSION, trained } from '../../../testing/offline-device';
import { personRecord, UUID } from '../../../testing/records';
import { focusActions } from '../../focus/focus';
import { Log } from './log';

const session = (digit: string, day: string): SessionRecord =>
  ({
    id: `${UUID}${digit}`,
    version: 1,
    personId: personRecord().id,
    prescription: { exerciseId: 'standing-row' },
    setups: [],
    startedAt: `${day}T10:00:00Z`,
    day,
    finishedAt: `${day}T11:00:00Z`,
    discardedAt: null,
    sets: [],
    decision: null,
  }) as unknown as SessionRecord;

describe('the log', () => {
  function open(trainedSince: Record<string, string>, sessions: readonly SessionRecord[]) {
    localStorage.clear();
    const { store, wire } = setUpStudio([]);
    tell(store, { person: [personRecord({ version: 2, trainedSince })], session: sessions });
    const fixture = TestBed.createComponent(Log);
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    return { store, wire, root, rows: () => root.querySelectorAll('tbody tr').length, fixture };
  }

  it('asks for what lies further back than this device keeps, after the last on show', async () => {
    const known = [session('1', '2026-11-20'), session('2', '2026-11-10')];
    const { fixture, root, rows, wire } = open({ 'standing-row': '2026-02-01' }, known);
    expect(rows()).toBe(2);
    root.querySelector('button')?.click();
    const request = await asked(wire, '/api/sessions?');
    expect(request.request.url).toContain(`beforeDay=2026-11-10&beforeId=${UUID}2`);
    const found = request.request.url;
    expect(found).toContain(`personId=${personRecord().id}`);
    request.error(new ProgressEvent('error'));
    fixture.detectChanges();
    // Without a network what is there stays, and it can be asked for again.
    expect(rows()).toBe(2);
    expect(root.querySelector('button')).not.toBeNull();
  });

  it('shows nobody what was asked for of another', async () => {
    const known = [session('1', '2026-11-20')];
    const { fixture, root, rows, store, wire } = open({ 'standing-row': '2026-02-01' }, known);
    root.querySelector('button')?.click();
    const request = await asked(wire, '/api/sessions?');
    const older = (await trained()).view.get('session', SESSION);
    const other = personRecord({ id: `${UUID}9`, version: 1, name: 'Runa Halvard' });
    tell(store, { person: [other] });
    store.dispatch(focusActions.focusPerson({ personId: other.id }));
    request.flush([older ?? null]);
    fixture.detectChanges();
    expect(rows()).toBe(0);
    store.dispatch(focusActions.focusPerson({ personId: personRecord().id }));
    fixture.detectChanges();
    expect(rows()).toBe(1);
  });

  it('offers nothing older where the first session is on show', () => {
    const { root } = open({ 'standing-row': '2026-11-10' }, [session('2', '2026-11-10')]);
    expect(root.querySelector('button')).toBeNull();
  });
});
