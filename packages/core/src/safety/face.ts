import type { Run, Setup } from '../rig/setup.js';
import type { CautionContext, CautionRule } from './caution.js';
import { writeLength } from '../units/units.js';

/** Nearest that a line of pull or recoil may pass the head, m. */
export const FACE_CLEARANCE_M = 0.15;

/** Centre of the head over the shoulder line is the contact `head`; its radius is part of the clearance. */
const HEAD = 'head';

/**
 * Warns when the line of pull, or the recoil line beyond the hands, passes the
 * head closely; refuses it where the studio has the rule "eyes".
 */
export const faceLine: CautionRule = {
  id: 'face-line',
  level: 'warn',
  check: (context) => {
    const clearance_m = headClearance(context);
    if (clearance_m === undefined || clearance_m >= FACE_CLEARANCE_M) return undefined;
    return {
      rule: 'face-line',
      level: context.eyesRule === true ? 'refuse' : 'warn',
      text: `The line of pull passes ${writeLength(clearance_m, context.units?.length)} from the middle of the head. Never pull a band toward the face: move the anchor or turn away; wear eye protection.`,
      figures: { clearance_m },
    };
  },
};

/**
 * The least distance in the exercise's plane between the head and the straight
 * line from each anchor through the hands and on beyond them, m, over all
 * phases; undefined without a head or an anchor in the plane.
 */
export function headClearance({
  setup,
  solved,
}: Pick<CautionContext, 'setup' | 'solved'>): number | undefined {
  const { rig } = solved;
  const { contacts, samples } = rig.prepared;
  const head = contacts.index.get(HEAD);
  if (head === undefined || setup.exercise.plane === 'transverse') return undefined;
  let least: number | undefined;
  for (const run of setup.runs) {
    const anchors = anchorsOf(run, setup);
    const held = run.path.filter((name) => name.startsWith('grip'));
    for (const anchor of anchors) {
      const [ax, ay] = setup.points[anchor] ?? [0, 0];
      for (const grip of held) {
        const hand = contacts.index.get(grip);
        if (hand === undefined) continue;
        for (let k = 0; k < samples; k++) {
          const distance = distanceToRay(
            contacts.x[head * samples + k] as number,
            contacts.y[head * samples + k] as number,
            ax,
            ay,
            (contacts.x[hand * samples + k] as number) - ax,
            (contacts.y[hand * samples + k] as number) - ay,
          );
          least = Math.min(least ?? Infinity, distance);
        }
      }
    }
  }
  return least;
}

/** The points a run hangs on: its own, and those of the bands it hangs through. */
function anchorsOf(run: Run, { links = {}, points, runs }: Setup): string[] {
  const chain = new Set([run]);
  // What is added is walked as well: one end of a chain leads to the other.
  for (const { path } of chain) {
    for (const other of runs) {
      if (other.path.some((name) => name in links && path.includes(name))) chain.add(other);
    }
  }
  return [...chain].flatMap(({ path }) => path.filter((name) => name in points));
}

/** Distance from (px, py) to the ray from (ax, ay) along (dx, dy). */
function distanceToRay(
  px: number,
  py: number,
  ax: number,
  ay: number,
  dx: number,
  dy: number,
): number {
  const lengthSquare = dx * dx + dy * dy;
  if (lengthSquare === 0) return Math.hypot(px - ax, py - ay);
  const along = Math.max(0, ((px - ax) * dx + (py - ay) * dy) / lengthSquare);
  return Math.hypot(px - ax - along * dx, py - ay - along * dy);
}
