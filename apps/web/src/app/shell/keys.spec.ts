import {
  EnvironmentInjector,
  createEnvironmentInjector,
  runInInjectionContext,
} from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Keys } from './keys';

describe('keys', () => {
  it('press the topmost that fits, and none while the person writes', () => {
    const keys = TestBed.inject(Keys);
    const pressed: string[] = [];
    const offer = (name: string): EnvironmentInjector => {
      const life = createEnvironmentInjector([], TestBed.inject(EnvironmentInjector));
      runInInjectionContext(life, () =>
        keys.offer([{ key: 'a', words: name, press: () => pressed.push(name) }]),
      );
      return life;
    };
    const press = (target: EventTarget = document.body): void => {
      const event = new KeyboardEvent('keydown', { key: 'a', cancelable: true });
      Object.defineProperty(event, 'target', { value: target });
      keys.handle(event);
    };
    offer('below');
    const above = offer('above');
    press();
    above.destroy();
    press();
    press(document.createElement('input'));
    expect(pressed).toEqual(['above', 'below']);
    expect(keys.present().map(({ words }) => words)).toEqual(['below']);
  });
});
