import { format, parseISO } from 'date-fns';
import type { KeptWrite } from './write';

/** Saves what was to be written as a file, to be kept or read elsewhere. */
export function saveWrites(writes: readonly KeptWrite[]): void {
  const [first] = writes;
  if (first === undefined) return;
  const content = writes.map(({ at, body, by, id, kind, params, what }) => ({
    ...{ id, at, by, what, kind, params, body },
  }));
  const text = JSON.stringify(content.length === 1 ? content[0] : content, null, 2);
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  link.download = `not-sent-${format(parseISO(first.at), 'yyyy-MM-dd-HHmm')}.json`;
  link.click();
  URL.revokeObjectURL(link.href);
}
