import type { Random } from '@wiry-otter/core';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Numbers in 0 … 1 that come the same for the same seed; neighbouring seeds begin far apart. */
export function seededRandom(seed: number): Random {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
}

/** A seed that a text stands for, so that a band pulls the same on every visit. */
export function seedOf(text: string): number {
  let hash = 0;
  for (const letter of text) hash = (Math.imul(hash, 31) + (letter.codePointAt(0) ?? 0)) | 0;
  return hash;
}
