import { AtRest } from '../ui/timing/at-rest';

/** Tells whether what was stored fits: a Zod schema, or less for what the app opens with. */
export interface Fit<Value> {
  safeParse(found: unknown): { readonly success: boolean; readonly data?: Value | undefined };
}

/** A check that no schema has to be loaded for. */
export function fits<Value>(isValue: (found: unknown) => found is Value): Fit<Value> {
  return {
    safeParse: (found) =>
      isValue(found) ? { success: true, data: found } : { success: false, data: undefined },
  };
}

/** Reads what an earlier visit left in the browser's storage; nothing where it no longer fits. */
export function readStored<Value>(key: string, fit: Fit<Value>): Value | undefined {
  storeWaiting();
  const text = localStorage.getItem(key);
  if (text === null) return undefined;
  try {
    return fit.safeParse(JSON.parse(text)).data;
  } catch {
    return undefined; // not ours, or cut short
  }
}

export function store(key: string, value: unknown): void {
  localStorage.setItem(key, JSON.stringify(value));
}

/** What changes on every frame is written when it has not changed for so long, ms. */
const REST_MS = 300;

const waiting = new Map<string, unknown>();
const rest = new AtRest(REST_MS, storeWaiting);

/** Keeps what may change on every frame: writes it at rest, or when the page goes. */
export function storeAtRest(key: string, value: unknown): void {
  waiting.set(key, value);
  rest.restart();
}

/** Writes what waits for rest, at once. */
export function storeWaiting(): void {
  rest.cancel();
  for (const [key, value] of waiting) store(key, value);
  waiting.clear();
}
addEventListener('pagehide', storeWaiting);

export function forget(key: string): void {
  waiting.delete(key);
  localStorage.removeItem(key);
}
