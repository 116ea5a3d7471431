import type { FormFault } from '../faults/document-faults.js';

/** Nothing that is written has a larger number in it, N, m, kg, seconds or counts. */
const LARGEST = 1e9;

/**
 * What of a value could not be kept and read back as it is: text with NUL or with half of a character,
 * numbers that are none or beyond all measure. Asked of what a schema has let through.
 */
export function unstorable(value: unknown, path = '$'): FormFault[] {
  if (typeof value === 'string') return unstorableText(value, path);
  if (typeof value === 'number') {
    return Math.abs(value) <= LARGEST
      ? []
      : [fault(path, String(value), `a number from −${LARGEST} to ${LARGEST}`)];
  }
  if (Array.isArray(value)) {
    return value.flatMap((one, i) => unstorable(one, `${path}[${i}]`));
  }
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, one]) => [
    ...unstorableText(key, path),
    ...unstorable(one, `${path}.${key}`),
  ]);
}

/** Half of a pair of UTF-16 units that stand for one character. */
const HALF = /[\uD800-\uDBFF](?![\uDC00-\uDFFF])|(?<![\uD800-\uDBFF])[\uDC00-\uDFFF]/;

function unstorableText(text: string, path: string): FormFault[] {
  if (text.includes('\0')) return [fault(path, 'text with a NUL', 'text')];
  return HALF.test(text) ? [fault(path, 'half of a character', 'whole characters')] : [];
}

function fault(path: string, found: string, expected: string): FormFault {
  return { code: 'form', path, found, expected };
}
