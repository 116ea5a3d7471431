import { Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { setUpApp } from '../../../testing/app';
import { FigureField } from './figure-field';

@Component({
  imports: [FigureField],
  template: `<otter-figure-field
    words="grip, cm"
    [shown]="figure().toFixed(0)"
    (given)="take($event)"
  />`,
})
class Host {
  readonly figure = signal(40);
  readonly given: (number | null)[] = [];

  /** Held to 60 at the most; an emptied field leaves the figure as it is. */
  take(value: number | null): void {
    this.given.push(value);
    if (value !== null) this.figure.set(Math.min(60, value));
  }
}

describe('figure field', () => {
  it('writes what the figure is held to, also when that is what it was before', async () => {
    setUpApp();
    const fixture = TestBed.createComponent(Host);
    fixture.autoDetectChanges();
    await fixture.whenStable();
    const input = (fixture.nativeElement as HTMLElement).querySelector('input');
    if (input === null) throw new Error('no field');
    const type = async (text: string): Promise<void> => {
      input.dispatchEvent(new Event('focus'));
      input.value = text;
      input.dispatchEvent(new Event('change'));
      input.dispatchEvent(new Event('blur'));
      await fixture.whenStable();
    };
    expect(input.value).toBe('40');
    await type('999');
    expect(input.value).toBe('60');
    expect((fixture.nativeElement as HTMLElement).textContent).toContain('999 is held to 60');
    await type('888');
    expect(input.value).toBe('60');
    await type('');
    expect(input.value).toBe('60');
    expect(fixture.componentInstance.given).toEqual([999, 888, null]);
  });
});
