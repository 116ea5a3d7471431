import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseDocument } from '@wiry-otter/contracts';
import type * as z from 'zod';

/** Reads all open documents of a folder; a faulty one ends the loading with its name and faults. */
export function readDocuments<Schema extends z.ZodType>(
  folder: string,
  schema: Schema,
): z.output<Schema>[] {
  return readdirSync(folder)
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => readDocument(join(folder, file), schema));
}

export function readDocument<Schema extends z.ZodType>(
  path: string,
  schema: Schema,
): z.output<Schema> {
  const parsed = parseDocument(schema, JSON.parse(readFileSync(path, 'utf8')));
  if (parsed.ok) return parsed.value;
  const faults = parsed.faults.map(
    (fault) => `${fault.path}: found ${fault.found}, expected ${fault.expected}`,
  );
  throw new Error(`${path}\n${faults.join('\n')}`);
}
