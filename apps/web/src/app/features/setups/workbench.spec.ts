import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { setUpStudio, tell } from '../../../testing/app';
import { Frames } from '../../../testing/frames';
import { bandRecord, measurementRecord, personRecord, pull, UUID } from '../../../testing/records';
import { Workbench } from './workbench';
import { focusActions } from '../../focus/focus';

const BAND = bandRecord({
  id: `${UUID}7`,
  measurements: [measurementRecord([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)])],
});

describe('workbench', () => {
  let host: HTMLElement;
  let check: () => void;
  let frames: Frames;

  beforeEach(() => {
    localStorage.clear();
    setUpStudio([BAND]);
    frames = new Frames();
    const fixture = TestBed.createComponent(Workbench);
    host = fixture.nativeElement as HTMLElement;
    document.body.append(host);
    check = () => TestBed.tick();
    fixture.detectChanges();
    check();
    host.querySelector<HTMLElement>('otter-bag-list button')?.click();
    check();
    pause();
  });
  afterEach(() => host.remove());

  /** A few frames in which the hand is still: each brings one thing that waited. */
  const pause = (): void => {
    for (let i = 0; i < 4; i++) frames.next();
  };
  const scene = (): string =>
    host.querySelector('[data-testid=scene-demand]')?.textContent?.trim() ?? '';
  const end = (): string =>
    host.querySelector('[data-testid=figure-end] .figure')?.textContent?.trim() ?? '';
  const was = (): string =>
    host.querySelector('[data-testid=figure-end] .min-h-4')?.textContent?.trim() ?? '';
  const hand = (): Element => {
    const slider = host.querySelector('[aria-label="Distance of the person from the anchor"]');
    if (slider === null) throw new Error('nobody in the scene');
    return slider;
  };
  const point = (type: string): void => {
    hand().dispatchEvent(new PointerEvent(type, { bubbles: true }));
  };
  const farther = (): void => {
    hand().dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', shiftKey: true }));
  };

  it('counts every key, also those that come before the screen shows the one before', () => {
    const person = (): Element | null => host.querySelector('otter-scene [role=slider]');
    const at = (): number => Number(person()?.getAttribute('aria-valuenow'));
    const before = at();
    for (let i = 0; i < 3; i++) {
      person()?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft' }));
    }
    check();
    expect(at()).toBe(before + 3);
  });

  it('keeps the scene up with a held hand, and lets the figures beside it follow', () => {
    const before = scene();
    expect(Number(before)).toBeGreaterThan(0);
    expect(end()).toBe(before);
    host.dispatchEvent(new PointerEvent('pointerdown'));
    farther();
    check();
    expect(scene()).not.toBe(before);
    expect(end()).toBe(before);
    pause();
    expect(end()).toBe(scene());
  });

  it('says what a figure was before a change, and nothing of another person’s', () => {
    const before = end();
    // A band was put on a moment ago.
    expect(was()).toBe('was 0');
    const store = TestBed.inject<Store>(Store);
    const wren = personRecord({ id: `${UUID}9`, name: 'Wren Sluice', stature_m: 1.6 });
    tell(store, { person: [wren] });
    store.dispatch(focusActions.focusPerson({ personId: wren.id }));
    check();
    check();
    expect(end()).not.toBe(before);
    expect(was()).not.toContain('was');
  });

  it('shows the last figures where a click changes them before the pause comes', () => {
    host.dispatchEvent(new PointerEvent('pointerdown'));
    farther();
    check();
    point('pointerup');
    farther();
    pause();
    check();
    expect(end()).toBe(scene());
  });
});
