import type * as z from 'zod';

/** Reads what an earlier visit left in the browser's storage; nothing where it no longer fits. */
export function readStored<Schema extends z.ZodType>(
  key: string,
  schema: Schema,
): z.output<Schema> | undefined {
  const text = localStorage.getItem(key);
  if (text === null) return undefined;
  try {
    const parsed = schema.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined; // not ours, or cut short
  }
}

export function store(key: string, value: unknown): void {
  localStorage.setItem(key, JSON.stringify(value));
}

export function forget(key: string): void {
  localStorage.removeItem(key);
}
