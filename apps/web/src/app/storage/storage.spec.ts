import * as z from 'zod';
import { forget, readStored, store, storeAtRest, storeWaiting } from './storage';

describe('storage', () => {
  const schema = z.object({ reps: z.number() });
  afterEach(() => forget('spec'));

  it('gives back what it was given', () => {
    store('spec', { reps: 12 });
    expect(readStored('spec', schema)).toEqual({ reps: 12 });
  });

  it('gives nothing where nothing fits', () => {
    expect(readStored('spec', schema)).toBeUndefined();
    store('spec', { reps: 'many' });
    expect(readStored('spec', schema)).toBeUndefined();
    localStorage.setItem('spec', '{"reps":');
    expect(readStored('spec', schema)).toBeUndefined();
  });

  describe('what changes on every frame', () => {
    beforeEach(() => {
      storeWaiting();
      jasmine.clock().install();
    });
    afterEach(() => jasmine.clock().uninstall());

    it('is written once it rests', () => {
      const now = spyOn(performance, 'now').and.returnValue(0);
      storeAtRest('spec', { reps: 1 });
      now.and.returnValue(250);
      storeAtRest('spec', { reps: 2 });
      now.and.returnValue(301);
      jasmine.clock().tick(301);
      expect(localStorage.getItem('spec')).toBeNull();
      now.and.returnValue(560);
      jasmine.clock().tick(259);
      expect(localStorage.getItem('spec')).toBe('{"reps":2}');
    });

    it('is read back also before it rests, and written when the page goes', () => {
      storeAtRest('spec', { reps: 3 });
      expect(readStored('spec', schema)).toEqual({ reps: 3 });
      storeAtRest('spec', { reps: 4 });
      dispatchEvent(new Event('pagehide'));
      expect(localStorage.getItem('spec')).toBe('{"reps":4}');
    });

    it('is not written after it was forgotten', () => {
      storeAtRest('spec', { reps: 5 });
      forget('spec');
      dispatchEvent(new Event('pagehide'));
      expect(localStorage.getItem('spec')).toBeNull();
    });
  });
});
