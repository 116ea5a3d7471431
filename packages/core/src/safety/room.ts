import type { AnchorKind } from '../rig/anchor-points.js';
import { anchorPlaceOf, towardsAnchor } from '../rig/anchor-points.js';
import type { AnchorFacts, CautionContext, CautionRule } from './caution.js';
import { writeLength } from '../units/units.js';

/** Anchors that nobody reaches through. */
const FLAT: ReadonlySet<AnchorKind> = new Set<AnchorKind>(['wall', 'door']);

/** A fist reaches so far beyond the middle of its grip, m. */
const FIST_M = 0.05;

/** Refuses to stand so near to a wall that some pose would reach through it. */
export const noRoom: CautionRule = {
  id: 'no-room',
  level: 'refuse',
  check: (context) => {
    const { setup } = context;
    const place = anchorPlaceOf(setup.exercise, setup.body.stature_m, setup.points);
    const least_m = leastDistance(context);
    if (place === undefined || least_m === undefined || place.distance_m >= least_m) {
      return undefined;
    }
    return {
      rule: 'no-room',
      level: 'refuse',
      text: `No room: at least ${writeLength(least_m, context.units?.length)} from ${context.anchor?.name ?? 'the wall'}.`,
      figures: { distance_m: place.distance_m, least_m },
      cure: { kind: 'distance', closer_m: place.distance_m - least_m },
    };
  },
};

/** The least distance of the exercise's origin from a wall or door at which no pose reaches it, m, in whole centimetres; undefined for other anchors. */
export function leastDistance({
  anchor,
  setup,
  solved,
}: Pick<CautionContext, 'setup' | 'solved'> & {
  readonly anchor: Pick<AnchorFacts, 'kind'> | null;
}): number | undefined {
  const direction = towardsAnchor(setup.exercise);
  if (anchor === null || direction === undefined || !FLAT.has(anchor.kind)) return undefined;
  const { x, y, z } = solved.rig.prepared.contacts;
  let farthest_m = 0;
  for (let i = 0; i < x.length; i++) {
    const along_m =
      (x[i] as number) * direction[0] +
      (y[i] as number) * direction[1] +
      (z[i] as number) * direction[2];
    farthest_m = Math.max(farthest_m, along_m);
  }
  return Math.ceil(100 * (farthest_m + FIST_M) - 1e-9) / 100;
}
