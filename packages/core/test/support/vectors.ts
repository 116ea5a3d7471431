import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const FOLDER = fileURLToPath(new URL('../vectors', import.meta.url));

/** A document and the figures an independent program computed from it. */
export interface TestVector<Input, Expected> {
  readonly name: string;
  readonly input: Input;
  readonly expected: Expected;
  readonly relativeTolerance: number;
}

/** Reads all vectors of one folder, in the order of their names. */
export function readVectors<Input, Expected>(folder: string): TestVector<Input, Expected>[] {
  const path = join(FOLDER, folder);
  return readdirSync(path)
    .sort()
    .map((file) => ({
      name: basename(file, '.json'),
      ...(JSON.parse(readFileSync(join(path, file), 'utf8')) as Omit<
        TestVector<Input, Expected>,
        'name'
      >),
    }));
}

/**
 * The places where `actual` departs from `expected` by more than
 * tol·max(1, |expected|), or in kind; keys that `expected` lacks are free.
 */
export function differences(
  actual: unknown,
  expected: unknown,
  tolerance: number,
  path = '$',
): string[] {
  if (typeof expected === 'number' && typeof actual === 'number') {
    const off = Math.abs(actual - expected);
    const near = off <= tolerance * Math.max(1, Math.abs(expected));
    return near ? [] : [`${path}: ${actual}, expected ${expected}`];
  }
  if (Array.isArray(expected)) {
    if (!Array.isArray(actual) || actual.length !== expected.length) {
      return [`${path}: expected an array of ${expected.length}`];
    }
    return expected.flatMap((item, i) => differences(actual[i], item, tolerance, `${path}[${i}]`));
  }
  if (isRecord(expected)) {
    if (!isRecord(actual)) return [`${path}: ${String(actual)}, expected an object`];
    return Object.entries(expected).flatMap(([key, value]) =>
      differences(actual[key], value, tolerance, `${path}.${key}`),
    );
  }
  return actual === expected ? [] : [`${path}: ${String(actual)}, expected ${String(expected)}`];
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}
