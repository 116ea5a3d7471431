import type { Point } from '../ui/figure/limb-path';

/** The chain of a side of the body, contacts without their side. */
export const BONES = [
  ['toe', 'ankle'],
  ['ankle', 'knee'],
  ['knee', 'hip'],
  ['hip', 'shoulder'],
  ['shoulder', 'elbow'],
  ['elbow', 'grip'],
] as const;

/** The contacts that tell where a drawn person is. */
export const JOINTS: readonly string[] = [
  ...['L', 'R'].flatMap((side) => [...new Set(BONES.flat())].map((joint) => joint + side)),
  'head',
];

/** Where the joints of the drawn person are, by contact, px. */
export type Joints = ReadonlyMap<string, Point>;
