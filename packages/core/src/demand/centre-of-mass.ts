import type { Pair } from '../body/exercise.js';
import { CHAIN, SEGMENTS } from '../body/segments.js';
import type { PreparedExercise } from './prepared.js';

/**
 * Where the centre of mass of the whole body lies at a sample of the movement, m in the exercise's
 * plane: Σ m·x / Σ m over the segments.
 *
 * @param prepared with the contacts of all joints
 * @returns undefined where the poses do not give the whole body
 */
export function centreOfMass(prepared: PreparedExercise, k: number): Pair | undefined {
  const { contacts, samples } = prepared;
  let [mass, atX, atY] = [0, 0, 0];
  for (const segment of CHAIN) {
    const { from, length, masses, paired, to } = SEGMENTS[segment];
    const [start, end] = [contacts.index.get(`${from}R`), contacts.index.get(`${to}R`)];
    if (start === undefined || end === undefined) return undefined;
    const along = (track: Float64Array, share: number): number => {
      const begin = track[start * samples + k] as number;
      return begin + share * ((track[end * samples + k] as number) - begin);
    };
    for (const { alongStature, massShare } of masses) {
      const part = massShare * (paired ? 2 : 1);
      const share = alongStature / length;
      mass += part;
      atX += part * along(contacts.x, share);
      atY += part * along(contacts.y, share);
    }
  }
  return [atX / mass, atY / mass];
}
