import type { Exercise, Pose } from './exercise.js';
import { CHAIN, type Joint, type Segment, SEGMENTS } from './segments.js';

/** What the poses of an exercise give a place and a direction, before anything is laid out. */
export interface Chain {
  /** The segments whose direction the poses give, the arm's from a hand included. */
  readonly named: ReadonlySet<Segment>;
  /** The joints that the named segments connect with the root. */
  readonly reached: ReadonlySet<Joint>;
}

/** The chain's segments in an order that reaches every joint from any root. */
export const OUTWARDS_AND_BACK: readonly Segment[] = [...CHAIN, ...[...CHAIN].reverse()];

/** Reads the chain off the first pose; the others name the same parts. */
export function describeChain({ poses, root }: Exercise): Chain {
  const named = new Set<Segment>();
  for (const segment of CHAIN) if (poses[0]?.[segment] !== undefined) named.add(segment);
  if (handKey(poses) !== undefined) named.add('upperArm').add('forearm');
  const reached = new Set<Joint>([root.point]);
  for (const segment of OUTWARDS_AND_BACK) {
    if (!named.has(segment)) continue;
    const { from, to } = SEGMENTS[segment];
    if (reached.has(from)) reached.add(to);
    else if (reached.has(to)) reached.add(from);
  }
  return { named, reached };
}

export type HandKey = 'hand' | 'handAt';

/** Which of the two hand forms the poses use, if any. */
export function handKey(poses: readonly Pose[]): HandKey | undefined {
  if (poses[0]?.hand !== undefined) return 'hand';
  return poses[0]?.handAt !== undefined ? 'handAt' : undefined;
}
