import { signal } from '@angular/core';
import { whenLetGo } from './when-let-go';

describe('what waits until a hand lets go', () => {
  it('is as it was in a drag, and worked out once after it', () => {
    const held = signal(false);
    const of = signal(1);
    let worked = 0;
    const twice = whenLetGo(held, of, () => {
      worked += 1;
      return 2 * of();
    });
    expect(twice()).toBe(2);
    held.set(true);
    of.set(5);
    expect(twice()).toBe(2);
    of.set(7);
    expect([twice(), worked]).toEqual([2, 1]);
    held.set(false);
    expect([twice(), worked]).toEqual([14, 2]);
    of.set(8);
    expect(twice()).toBe(16);
  });

  it('is worked out at once where it never was', () => {
    const twice = whenLetGo(signal(true), signal(1), () => 'done');
    expect(twice()).toBe('done');
  });
});
