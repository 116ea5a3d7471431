/** Numbers from 0 to 1 that are the same for the same seed (mulberry32). */
export function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** What stands where something else was expected. */
const ODD: readonly unknown[] = [
  ...[null, true, '', ' ', [], {}, [[]], 'x'.repeat(2000)],
  ...[0, -1, 1, 2.5, 1e308, -1e308, 1e-308, 2 ** 31, 2 ** 53, 1e9],
  ...['\0', 'a\0b', '\ud800', 'ok\udc00', '‮', '💪', "'; DROP TABLE band; --", '$.x', '__proto__'],
  ...['0001-01-01', '1899-12-31', '9999-12-31', '2026-02-30', '2026-11-20'],
  ...['0001-01-01T00:00:00Z', '9999-12-31T23:59:59Z', '2026-11-20T09:00:00+14:00'],
  ...['0190a6c8-0000-7000-8000-000000000001', 'not-a-uuid'],
];

type Container = unknown[] | Record<string, unknown>;

/** A value with one to three things in it that are not as they should be. */
export function mutant(value: unknown, next: () => number): unknown {
  const changed = { body: structuredClone(value) };
  for (let n = 1 + Math.floor(3 * next()); n > 0; n--) changeOne(changed, next);
  return changed.body;
}

function changeOne(root: Record<string, unknown>, next: () => number): void {
  const places: { readonly of: Container; readonly key: string }[] = [];
  const walk = (of: Container): void => {
    for (const [key, value] of Object.entries(of)) {
      places.push({ of, key });
      if (typeof value === 'object' && value !== null) walk(value as Container);
    }
  };
  walk(root);
  const { key, of } = places[Math.floor(next() * places.length)] ?? { of: root, key: 'body' };
  const fields = of as Record<string, unknown>;
  const present = fields[key];
  const odd = structuredClone(ODD[Math.floor(next() * ODD.length)]);
  const kind = next();
  if (kind < 0.5) fields[key] = odd;
  else if (kind < 0.6) delete fields[key];
  else if (kind < 0.7) fields[`${key}x`] = odd;
  else if (typeof present === 'number')
    fields[key] = present * (kind < 0.85 ? -1 : 10 ** (20 * next() - 5));
  else if (typeof present === 'string')
    fields[key] = kind < 0.85 ? `${present}\0` : present.repeat(50);
  else if (Array.isArray(present))
    fields[key] = Array<unknown>(kind < 0.85 ? 300 : 2)
      .fill(null)
      .map(() => structuredClone(present[0] as unknown));
  else fields[key] = { [key]: present };
}
