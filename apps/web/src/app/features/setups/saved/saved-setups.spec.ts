import { ChangeDetectionStrategy, Component } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { setUpApp, tell, WITHOUT_BREAKS, writes } from '../../../../testing/app';
import { SESSION, trained } from '../../../../testing/offline-device';
import { answered } from '../../../records/record-actions';
import { WorkbenchStore } from '../workbench/workbench-store';
import { SavedSetups } from './saved-setups';

@Component({
  imports: [SavedSetups],
  providers: [WorkbenchStore],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: '<otter-saved-setups />',
})
class Workbench {}

/** The saved set-ups of somebody who has begun a session with the first of them. */
async function open() {
  const { records } = await trained();
  const { store } = setUpApp();
  tell(store, { ...records, studio: [WITHOUT_BREAKS] });
  const written = writes();
  const fixture = TestBed.createComponent(Workbench);
  await fixture.whenStable();
  const root = fixture.nativeElement as HTMLElement;
  return { fixture, records, root, store, written };
}

describe('saved set-ups', () => {
  beforeEach(() => localStorage.clear());

  it('go on with the session that was begun with one, and start none beside it', async () => {
    const { fixture, records, root, store, written } = await open();
    const goOn = root.querySelector<HTMLAnchorElement>('li a[href^="/session"]');
    expect(goOn?.getAttribute('href')).toBe(`/session/${SESSION}`);
    const [session] = records.session;
    if (session === undefined) return fail('no session');
    const over = { ...session, finishedAt: '2026-11-23T09:20:00.000Z' };
    store.dispatch(answered('session', { ...over, version: over.version + 1 }));
    await fixture.whenStable();
    expect(root.textContent).not.toContain('Go on with session');
    const start = [...root.querySelectorAll('button')].find((one) =>
      one.textContent.includes('Start session'),
    );
    start?.click();
    expect(written().map(({ kind }) => kind)).toContain('startSession');
  });
});
