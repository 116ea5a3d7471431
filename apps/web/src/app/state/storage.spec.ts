import * as z from 'zod';
import { forget, readStored, store } from './storage';

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
});
