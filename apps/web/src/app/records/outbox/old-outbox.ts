import {
  bandEventInput,
  measurementInput,
  readingInput,
  setInput,
  uuid,
} from '@wiry-otter/contracts';
import { v7 as uuidv7 } from 'uuid';
import * as z from 'zod';
import type { Write } from './write';

/** Where builds before the outbox had a database of its own kept what waited. */
const KEY = 'otter.outbox';
/** What of it no longer fits is kept here, for a person to look at: it is never thrown away. */
const LEFT_KEY = 'otter.outbox.left';

const oldWrite = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('set'), id: uuid, sessionId: uuid, input: setInput }),
  z.object({ kind: z.literal('measurement'), id: uuid, bandId: uuid, input: measurementInput }),
  z.object({
    kind: z.literal('reading'),
    id: uuid,
    bandId: uuid,
    measurementId: uuid,
    input: readingInput,
  }),
  z.object({ kind: z.literal('bandEvent'), id: uuid, bandId: uuid, input: bandEventInput }),
]);
type OldWrite = z.infer<typeof oldWrite>;

/** What waited, each entry by itself: one that no longer fits does not take the others with it. */
export function oldWrites(): Write[] {
  return entries(KEY).flatMap((entry) => {
    // Before there were kinds, all of them were sets.
    const read = oldWrite.safeParse({ kind: 'set', ...(entry as object) });
    return read.success ? [asWrite(read.data)] : [];
  });
}

export function forgetOldWrites(): void {
  const left = entries(KEY).filter(
    (entry) => !oldWrite.safeParse({ kind: 'set', ...(entry as object) }).success,
  );
  if (left.length > 0) {
    localStorage.setItem(LEFT_KEY, JSON.stringify([...entries(LEFT_KEY), ...left]));
  }
  localStorage.removeItem(KEY);
}

function entries(key: string): unknown[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(key) ?? '[]');
    return Array.isArray(stored) ? stored : [];
  } catch {
    return []; // cut short: nothing of it can be read
  }
}

function asWrite(old: OldWrite): Write {
  const { id, kind } = old;
  // The begin and the end of a measurement had one id.
  const common = { id: uuidv7(), at: new Date().toISOString(), by: { id: '', name: '' } };
  switch (kind) {
    case 'set':
      return {
        ...common,
        kind: 'logSet',
        what: 'A set',
        params: { id: old.sessionId, setId: id },
        body: old.input,
      };
    case 'measurement':
      return {
        ...common,
        kind: 'putMeasurement',
        what: 'A measurement',
        params: { id: old.bandId, measurementId: id },
        body: old.input,
      };
    case 'reading':
      return {
        ...common,
        kind: 'addReading',
        what: 'A pull',
        params: { id: old.bandId, measurementId: old.measurementId, readingId: id },
        body: old.input,
      };
    case 'bandEvent':
      return {
        ...common,
        kind: 'addBandEvent',
        what: 'A note on a band',
        params: { id: old.bandId, eventId: id },
        body: old.input,
      };
  }
}
