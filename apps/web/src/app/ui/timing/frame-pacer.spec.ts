import { Component, signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { setUpApp } from '../../../testing/app';
import { Frames } from '../../../testing/frames';
import { PointerMoves } from './pointer-moves';
import { FramePacer } from './frame-pacer';

@Component({
  imports: [PointerMoves],
  template: `<div [otterMoves]="move">{{ at() }}</div>`,
})
class Drawing {
  readonly at = signal(0);
  readonly move = ({ clientX }: PointerEvent): void => this.at.set(clientX);
}

describe('frame pacer', () => {
  let pacer: FramePacer;
  let done: string[];
  let frames: Frames;

  beforeEach(() => {
    setUpApp();
    frames = new Frames();
    done = [];
    pacer = TestBed.inject(FramePacer);
  });

  const owner = {};
  const follow = (what: string): void => pacer.follow(owner, () => done.push(what));
  /** A move of the hand that changes something: something newer follows from it. */
  const move = (what: string): void =>
    pacer.keepUp(owner, () => {
      done.push(what);
      follow(`after ${what}`);
    });

  it('gives the hand a frame of its own, and what follows the next', () => {
    move('a');
    frames.next(0);
    expect(done).toEqual(['a']);
    frames.next(16);
    expect(done).toEqual(['a', 'after a']);
    // One more frame tells how long the last one took.
    frames.next(32);
    expect(frames.areWanted).toBeFalse();
  });

  it('rests after what made a frame late, but no longer than a tenth of a second', () => {
    follow('in time');
    frames.next(0);
    follow('late');
    frames.next(16);
    expect(done).toEqual(['in time', 'late']);
    follow('after a rest');
    // The frame before took 40 ms, which is 23 too many.
    for (const at of [56, 73, 90, 101]) frames.next(at);
    expect(done.at(-1)).toBe('late');
    frames.next(103);
    expect(done.at(-1)).toBe('after a rest');
    frames.next(403);
    follow('after the longest rest');
    for (const at of [420, 487]) frames.next(at);
    expect(done.at(-1)).toBe('after a rest');
    frames.next(503);
    expect(done.at(-1)).toBe('after the longest rest');
  });

  it('does only the last of several moves, and the last of what follows', () => {
    move('a');
    move('b');
    frames.next(0);
    move('c');
    frames.next(16);
    frames.next(32);
    expect(done).toEqual(['b', 'c', 'after c']);
  });

  it('takes a move that changes nothing for a pause', () => {
    move('a');
    frames.next(0);
    pacer.keepUp(owner, () => done.push('still'));
    frames.next(16);
    expect(done).toEqual(['a', 'still', 'after a']);
  });

  it('lets what follows wait no longer than a tenth of a second in a drag without pauses', () => {
    for (let at = 0; at <= 96; at += 16) {
      move(`at ${at}`);
      frames.next(at);
    }
    expect(done.some((what) => what.startsWith('after'))).toBeFalse();
    move('last');
    frames.next(112);
    expect(done.at(-1)).toBe('after at 96');
    frames.next(128);
    expect(done.at(-1)).toBe('last');
  });

  it('gives each thing that follows a frame, the one that waits longest first', () => {
    const other = {};
    follow('first');
    pacer.follow(other, () => done.push('second'));
    pacer.follow({}, () => done.push('third'));
    follow('first anew');
    pacer.forget(other);
    frames.next(0);
    expect(done).toEqual(['first anew']);
    frames.next(16);
    frames.next(32);
    expect(done).toEqual(['first anew', 'third']);
  });

  it('takes a long piece of work a few steps at a time, and leaves the hand its frames', () => {
    function* work(): Generator<string, void, void> {
      for (const step of ['one', 'two', 'three']) {
        frames.now += 3;
        done.push(step);
        yield step;
      }
    }
    pacer.followInSteps({}, work(), (all) => done.push(all.join(' ')));
    frames.next(0);
    expect(done).toEqual(['one', 'two']);
    move('a');
    for (const at of [16, 32, 48]) frames.next(at);
    expect(done.slice(2)).toEqual(['a', 'three', 'one two three', 'after a']);
  });

  it('hands over what the steps gave, unless it is of no use any more', () => {
    const given: number[][] = [];
    pacer.followInSteps(owner, [1, 2].values(), (all) => given.push(all));
    frames.next(0);
    expect(given).toEqual([[1, 2]]);
    pacer.followInSteps(owner, [3].values(), (all) => given.push(all));
    pacer.forget(owner);
    frames.next(16);
    expect(given.length).toBe(1);
  });

  it('does the last move before the hand lets go, and has it on the screen in its frame', () => {
    const fixture = TestBed.createComponent(Drawing);
    fixture.autoDetectChanges();
    const host = fixture.nativeElement as HTMLElement;
    const drawing = host.querySelector('div');
    const go = (clientX: number): void => {
      drawing?.dispatchEvent(new PointerEvent('pointermove', { clientX }));
    };
    go(3);
    go(5);
    expect(host.textContent).toBe('0');
    frames.next(0);
    expect(host.textContent).toBe('5');
    go(9);
    drawing?.dispatchEvent(new PointerEvent('pointerup'));
    expect(fixture.componentInstance.at()).toBe(9);
  });

  it('does nothing any more for a drawing that is gone', () => {
    const fixture = TestBed.createComponent(Drawing);
    fixture.autoDetectChanges();
    (fixture.nativeElement as HTMLElement)
      .querySelector('div')
      ?.dispatchEvent(new PointerEvent('pointermove', { clientX: 3 }));
    const { at } = fixture.componentInstance;
    fixture.destroy();
    frames.next(0);
    expect(at()).toBe(0);
  });
});
