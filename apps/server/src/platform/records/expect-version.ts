import { refuse } from '../problems/refusal.js';

/** Holds a write to the version it was made from. */
export function expectVersion(found: number, written: number): void {
  if (found === written) return;
  refuse('version-conflict', [
    {
      in: 'body',
      path: '$.version',
      found: `version ${written}`,
      expected: `version ${found}, the one on record`,
    },
  ]);
}
