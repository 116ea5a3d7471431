/** The body round its joints, m. */
export const ROUND_JOINTS_M = 0.12;

/** The least and the most of the places of some joints, with the body round them, m. */
export function bodySpan(places_m: readonly number[]): {
  readonly least: number;
  readonly most: number;
} {
  return {
    least: Math.min(...places_m) - ROUND_JOINTS_M,
    most: Math.max(...places_m) + ROUND_JOINTS_M,
  };
}
