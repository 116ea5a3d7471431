/**
 * Expected failure is a value: a list of faults, each naming the place, what
 * was found there and what was expected. Exceptions are kept for misuse of the
 * code itself.
 */
export interface Fault {
  readonly code: FaultCode;
  /** JSON path into the document, beginning with `$`. */
  readonly path: string;
  readonly found: string;
  readonly expected: string;
}

export type FaultCode =
  /** Not of the document's shape: type, range or key. */
  | 'form'
  /** A name that nothing in the document carries. */
  | 'unknown-name'
  /** Two things that carry one name. */
  | 'name-clash'
  /** Well formed, but no figure can be computed from it. */
  | 'computation';

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly faults: readonly Fault[] };

export function succeed<T>(value: T): Result<T> {
  return { ok: true, value };
}

export function fail(...faults: readonly Fault[]): Result<never> {
  return { ok: false, faults };
}

/** Lists names for a message, in quotes; says so when there are none. */
export function listNames(names: Iterable<string>): string {
  const quoted = [...names].map((name) => `"${name}"`);
  return quoted.length === 0 ? 'none' : quoted.join(', ');
}
