import type { PreparedExercise } from '../demand/prepared.js';

/**
 * Height of a contact over the floor at every sample, m.
 *
 * @returns undefined where the exercise has no such contact
 */
export function heightsOf(
  { contacts, samples }: PreparedExercise,
  name: string,
): number[] | undefined {
  const c = contacts.index.get(name);
  return c === undefined
    ? undefined
    : Array.from(contacts.y.subarray(c * samples, (c + 1) * samples));
}

/**
 * The phase at which a contact comes down on a target of this height, linear between the samples:
 * how far down the person goes. 1 where it never comes so low; undefined where the exercise has no
 * such contact, or where it begins below.
 */
export function phaseAtHeight(
  prepared: PreparedExercise,
  name: string,
  height_m: number,
): number | undefined {
  const heights = heightsOf(prepared, name);
  if (heights === undefined || (heights[0] ?? 0) <= height_m) return undefined;
  const after = heights.findIndex((height) => height <= height_m);
  if (after < 0) return 1;
  const [above, below] = [heights[after - 1] as number, heights[after] as number];
  const [from, to] = [prepared.phase[after - 1] as number, prepared.phase[after] as number];
  return from + ((above - height_m) / (above - below)) * (to - from);
}
