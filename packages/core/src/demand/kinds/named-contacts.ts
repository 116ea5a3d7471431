import type { Asked } from './demand-kind.js';

/** The contacts that a demand lists under `at`, each with its key. */
export function namesAt({ at }: { readonly at: readonly string[] }): Asked<string>[] {
  return at.map((name, i) => ({ key: `at[${i}]`, name }));
}
