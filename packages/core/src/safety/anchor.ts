import { writeAngle, writeForce } from '../units/units.js';
import { pullLines } from './pull-lines.js';
import type { Caution, CautionContext, CautionRule } from './caution.js';

/** Steepest pull that a strap at the side of a door holds, degrees off horizontal. */
const DOOR_SIDE_DEG = 30;
/** Heights between which a strap may sit at the side of a door, in statures: mid-thigh and shoulder. */
const DOOR_SIDE_HEIGHT = { least: 0.407, most: 0.818 } as const;
/** Steepest pull at which a band only laid round an upright stays where it is, degrees. */
const LAID_DEG = 20;
/** An anchor is trusted with a third of what it is rated for. */
const LOAD_RESERVE = 3;
/** An anchor that nobody vouches for is trusted up to here, N. */
const UNRATED_N = 300;

/** The greatest pull that a rated anchor is trusted with, N. */
export function greatestAnchorPull(ratedLoad_N: number): number {
  return ratedLoad_N / LOAD_RESERVE;
}

/** Warns until the right side of a door is confirmed. */
export const doorSide: CautionRule = {
  id: 'door-side',
  level: 'warn',
  check: ({ anchor }) => {
    if (anchor?.kind !== 'door') return undefined;
    const where =
      anchor.door?.locked === true
        ? 'It is on file as locked: check it, and hang a sign outside.'
        : anchor.door?.opens === 'toward'
          ? 'On file it opens toward the pull: lock it and hang a sign outside.'
          : 'Else lock it and hang a sign outside.';
    return {
      rule: 'door-side',
      level: 'warn',
      text: `Stand on the side where pulling shuts the door. ${where}`,
      figures: { anchor: anchor.name },
    };
  },
};

/** Refuses a strap at the side of a door for a steep pull, or too high or low. */
export const doorPlace: CautionRule = {
  id: 'door-place',
  level: 'refuse',
  check: (context) => {
    const { anchor, setup } = context;
    const side = anchor?.door?.side;
    if (anchor === null || (side !== 'hinge' && side !== 'latch')) return undefined;
    const steepest_deg = steepest(context);
    const height_m = anchorHeight(context);
    if (height_m === undefined || steepest_deg === undefined) return undefined;
    const share = height_m / setup.body.stature_m;
    const refused = (why: string): Caution => ({
      rule: 'door-place',
      level: 'refuse',
      text: `${anchor.name}: ${why}. Use the strap over the top for a high pull, under the leaf for a low one.`,
      figures: { pull_deg: steepest_deg, height_m },
    });
    if (steepest_deg > DOOR_SIDE_DEG) {
      return refused(
        `the pull is ${writeAngle(steepest_deg)} off horizontal, and at the side of a door a strap holds ${DOOR_SIDE_DEG}°`,
      );
    }
    if (share > DOOR_SIDE_HEIGHT.most) return refused('the strap sits above the shoulder');
    if (share < DOOR_SIDE_HEIGHT.least) return refused('the strap sits below mid-thigh');
    return undefined;
  },
};

/** Refuses an anchor loaded past a third of its rating; warns of a hard pull on one without. */
export const anchorLoad: CautionRule = {
  id: 'anchor-load',
  level: 'refuse',
  check: ({ anchor, solved, units }) => {
    if (anchor === null) return undefined;
    const peak_N = Math.max(0, ...solved.buffers.anchorPeak_N);
    const { name, ratedLoad_N } = anchor;
    if (ratedLoad_N === null) {
      if (peak_N <= UNRATED_N) return undefined;
      return {
        rule: 'anchor-load',
        level: 'warn',
        text: `${writeForce(peak_N, units?.force)} on ${name}, which nobody has rated. Furniture, handles and thin rails give way: try it with your own weight first.`,
        figures: { peak_N },
      };
    }
    if (peak_N <= greatestAnchorPull(ratedLoad_N)) return undefined;
    return {
      rule: 'anchor-load',
      level: 'refuse',
      text: `${writeForce(peak_N, units?.force)} on ${name}, which is rated for ${writeForce(ratedLoad_N, units?.force)}: a third of it, ${writeForce(greatestAnchorPull(ratedLoad_N), units?.force)}, is the most. Take a lighter band or another anchor.`,
      figures: { peak_N, ratedLoad_N },
    };
  },
};

/** Warns that a band only laid round an upright slides under a steep pull. */
export const slide: CautionRule = {
  id: 'slide',
  level: 'warn',
  check: (context) => {
    const { anchor, setup } = context;
    if (anchor?.kind !== 'post') return undefined;
    const laid = setup.runs.some(
      ({ hitch_m = 0, path }) => hitch_m === 0 && path.some((name) => name in setup.points),
    );
    const steepest_deg = steepest(context);
    if (!laid || steepest_deg === undefined || steepest_deg <= LAID_DEG) return undefined;
    return {
      rule: 'slide',
      level: 'warn',
      text: `Laid round ${anchor.name} with the pull ${writeAngle(steepest_deg)} off horizontal, the band slides: choke it, or use a strap with a stop.`,
      figures: { pull_deg: steepest_deg },
    };
  },
};

/** The steepest pull on an anchor over the rep, degrees off horizontal. */
function steepest(context: CautionContext): number | undefined {
  let most: number | undefined;
  for (const { steepness_deg } of pullLines(context)) most = Math.max(most ?? 0, steepness_deg);
  return most;
}

/** Height of the anchor over the floor, m. */
function anchorHeight({ setup }: CautionContext): number | undefined {
  const point = Object.values(setup.points)[0];
  if (point === undefined) return undefined;
  if (setup.exercise.plane !== 'transverse') return point[1];
  const { level = 0 } = setup.exercise;
  return point[2] + level * setup.body.stature_m;
}
