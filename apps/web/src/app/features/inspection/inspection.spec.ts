import { TestBed } from '@angular/core/testing';
import type { BandEventInput } from '@wiry-otter/contracts';
import { setUpApp, writes } from '../../../testing/app';
import { bandRecord, UUID } from '../../../testing/records';
import { answered } from '../../records/record-actions';
import { Inspection } from './inspection';

describe('an inspection walk', () => {
  function walk() {
    localStorage.clear();
    const { store } = setUpApp();
    const waiting = writes();
    const band = bandRecord({ id: `${UUID}7` });
    store.dispatch(answered('band', band));
    const fixture = TestBed.createComponent(Inspection);
    fixture.componentRef.setInput('id', band.id);
    fixture.componentRef.setInput('copyId', `${UUID}e`);
    fixture.detectChanges();
    const root = fixture.nativeElement as HTMLElement;
    const press = (words: string): void => {
      const button = [...root.querySelectorAll('button')].find((entry) =>
        entry.textContent?.replace(/\s+/g, ' ').trim().endsWith(words),
      );
      if (button === undefined) throw new Error(`no button ${words}`);
      button.click();
      fixture.detectChanges();
    };
    const status = (): string => root.querySelector('[role=status]')?.textContent ?? '';
    return { root, press, status, waiting };
  }

  it('asks every point of the kind before it passes a band, and keeps what was found', () => {
    const { root, press, status, waiting } = walk();
    expect(root.querySelectorAll('ol li').length).toBe(4);
    expect(status()).toContain('4 points to look at');
    for (const answer of ['smooth', 'sound']) press(answer);
    expect(status()).toContain('2 points');
    press('a crease that stays');
    press('as new');
    expect(status()).toContain('on watch');
    press('Keep the result');
    const [write] = waiting();
    expect(write?.kind).toBe('addBandEvent');
    expect((write?.body as BandEventInput).what).toEqual({
      kind: 'inspected',
      findings: { edges: 'good', surface: 'good', hitch: 'watch', smell: 'good' },
      note: '',
    });
  });

  it('retires at the first fault, without asking on', () => {
    const { press, status } = walk();
    press('a nick or tear');
    expect(status()).toContain('retire it');
  });
});
