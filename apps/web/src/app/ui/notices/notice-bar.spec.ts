import { TestBed } from '@angular/core/testing';
import { setUpApp, writes } from '../../../testing/app';
import { bandActions } from '../../records/writing/band-actions';
import { noticeActions, noticesFeature } from './notices';
import { NoticeBar } from './notice-bar';

describe('notice bar', () => {
  it('shows what was done and takes it back on undo', () => {
    const { store } = setUpApp();
    const written = writes();
    const fixture = TestBed.createComponent(NoticeBar);
    const undo = bandActions.restore({ id: 'a' });
    store.dispatch(noticeActions.show({ text: 'Band taken off.', tone: 'done', undo }));
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    expect(root.textContent).toContain('Band taken off.');
    root.querySelector('button')?.click();
    expect(written().map(({ kind, params }) => [kind, params])).toEqual([
      ['restoreBand', { id: 'a' }],
    ]);
    expect(store.selectSignal(noticesFeature.selectNotice)()?.text).toBe('Band back on the rail.');
  });

  it('offers no undo where there is none', () => {
    const { store } = setUpApp();
    const fixture = TestBed.createComponent(NoticeBar);
    store.dispatch(noticeActions.show({ text: 'No.', tone: 'trouble', undo: null }));
    fixture.detectChanges();
    const words = [...(fixture.nativeElement as HTMLElement).querySelectorAll('button')].map(
      (button) => button.textContent?.trim(),
    );
    expect(words).toEqual(['Close']);
  });
});
