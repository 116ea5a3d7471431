import { v7 as uuidv7 } from 'uuid';
import type { OldWrite } from './old-write';
import type { Write } from './write';

/** Where builds before the outbox had a database of its own kept what waited. */
const KEY = 'otter.outbox';
/** What of it no longer fits is kept here, for a person to look at: it is never thrown away. */
const LEFT_KEY = 'otter.outbox.left';

/** What waited, each entry by itself: one that no longer fits does not take the others with it. */
export interface OldWrites {
  readonly writes: readonly Write[];
  /** They are kept elsewhere now; what no longer fits is put aside. */
  forget(): void;
}

/** Undefined where there is nothing of that kind, as on nearly every device. */
export async function oldWrites(): Promise<OldWrites | undefined> {
  if (localStorage.getItem(KEY) === null) return undefined;
  const { oldWrite } = await import('./old-write');
  const read = entries(KEY).map((entry) => ({
    entry,
    // Before there were kinds, all of them were sets.
    old: oldWrite.safeParse({ kind: 'set', ...(entry as object) }).data,
  }));
  return {
    writes: read.flatMap(({ old }) => (old === undefined ? [] : [asWrite(old)])),
    forget: () => {
      const left = read.flatMap(({ entry, old }) => (old === undefined ? [entry] : []));
      if (left.length > 0) {
        localStorage.setItem(LEFT_KEY, JSON.stringify([...entries(LEFT_KEY), ...left]));
      }
      localStorage.removeItem(KEY);
    },
  };
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
