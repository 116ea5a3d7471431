import type { RequestFault } from '@wiry-otter/contracts';
import type { Fault } from '@wiry-otter/core';

/** What follows from a write, or why the write is refused: the same on the device and the server. */
export type Derivation<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly code: RefusalCode; readonly faults: readonly RequestFault[] };

/** Codes of problems that the server answers with as well. */
export type RefusalCode = 'not-found' | 'band-unusable' | 'document-fault' | 'stopped';

export function derived<T>(value: T): Derivation<T> {
  return { ok: true, value };
}

export function refused(
  code: RefusalCode,
  faults: readonly RequestFault[] = [],
): Derivation<never> {
  return { ok: false, code, faults };
}

/** The core's faults about a document at `at` in what was written. */
export function refusedDocument(faults: readonly Fault[], at = ''): Derivation<never> {
  return refused(
    'document-fault',
    faults.map(({ expected, found, path }) => ({
      in: 'document',
      path: path.replace(/^\$/, `$${at}`),
      found,
      expected,
    })),
  );
}
