const DAY_MS = 86_400_000;

/** Days from one ISO date to another (both at midnight UTC, so whole). */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / DAY_MS);
}
