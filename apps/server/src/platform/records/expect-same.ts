import { isDeepStrictEqual } from 'node:util';
import { refuse } from '../problems/refusal.js';

/** Holds what is sent again under an id to what was kept under it: another content is refused. */
export function expectSame<Input extends object>(
  known: { readonly [Key in keyof Input]?: unknown },
  input: Input,
): void {
  for (const key of Object.keys(input) as (keyof Input & string)[]) {
    const found = known[key];
    const written: unknown = input[key];
    const same =
      found instanceof Date
        ? found.getTime() === Date.parse(String(written))
        : isDeepStrictEqual(found, written);
    if (same) continue;
    refuse('id-taken', [
      {
        in: 'body',
        path: `$.${key}`,
        found: JSON.stringify(written) ?? 'nothing',
        expected: 'what was sent under this id before',
      },
    ]);
  }
}
