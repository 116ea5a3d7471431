import { createRigger, type Rigger } from '../demand/solve-setup.js';
import { DEFAULT_STRETCH_LIMIT } from '../elastic/band.js';
import type { AnchoredExercise } from '../rig/anchor-points.js';
import { type Composition, composeSetup } from '../rig/compose.js';

/** What is moved by a nudge: the person along the floor, the hand along the band, the hands or the feet apart. */
export type Nudged = 'distance_m' | 'slip_m' | 'grip_m' | 'stance_m';

/** How far a quantity may be moved, and where it stands, m. */
export interface NudgeRange {
  readonly nudged: Nudged;
  readonly from_m: number;
  readonly least_m: number;
  readonly most_m: number;
}

/** A small move that changes the load by about a wanted share. */
export interface Nudge {
  readonly nudged: Nudged;
  /** How far, to the centimetre; less than 0: nearer, higher or narrower. */
  readonly by_m: number;
  /** The share of the mean demand that was wanted, and the one that it makes. */
  readonly wanted: number;
  readonly share: number;
}

/** Farther than this is no nudge, m. */
const FARTHEST_M = 0.6;
const CENTIMETRE_M = 0.01;
/** A nudge that misses the wanted share by more than this is not told. */
const NEAR = 0.02;

/**
 * For each wanted share of the mean demand (−0.1: a tenth less) and each quantity the shortest move
 * that makes it, to the centimetre: within the range, no band past its limit, taut where it was.
 *
 * @returns nothing where the set-up cannot be laid, or asks nothing
 */
export function nudgesOf<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  ranges: readonly NudgeRange[],
  wanted: readonly number[],
): Nudge[] {
  const rig = createRigger();
  const before = meanOf(present, rig);
  if (before === undefined || before.mean <= 0) return [];
  return ranges.flatMap((range) => {
    const reached = [-1, 1].flatMap((way) => walk(present, range, way, before, rig));
    return wanted.flatMap((share) => nearest(reached, range.nudged, share) ?? []);
  });
}

interface Reached {
  readonly by_m: number;
  readonly share: number;
}

/** What each centimetre to one side makes, as far as it can be laid. */
function walk<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  { from_m, least_m, most_m, nudged }: NudgeRange,
  way: number,
  before: { readonly mean: number; readonly slackShare: number },
  rig: Rigger,
): Reached[] {
  const reached: Reached[] = [];
  for (let step = 1; step * CENTIMETRE_M <= FARTHEST_M; step++) {
    const by_m = (way * step) / 100;
    const value_m = from_m + by_m;
    if (value_m < least_m || value_m > most_m) break;
    const after = meanOf(moved(present, nudged, value_m), rig);
    if (after === undefined || after.slackShare > before.slackShare) break;
    reached.push({ by_m, share: after.mean / before.mean - 1 });
  }
  return reached;
}

/** The shortest move that makes a share, or comes nearest to it; undefined where none comes near. */
function nearest(reached: readonly Reached[], nudged: Nudged, wanted: number): Nudge | undefined {
  const off = ({ share }: Reached): number => Math.abs(share - wanted);
  const [best] = reached
    .filter((one) => off(one) <= NEAR)
    .toSorted((a, b) => off(a) - off(b) || Math.abs(a.by_m) - Math.abs(b.by_m));
  return best && { nudged, wanted, ...best };
}

function moved<Ex extends AnchoredExercise>(
  present: Composition<Ex>,
  nudged: Nudged,
  value_m: number,
): Composition<Ex> {
  switch (nudged) {
    case 'distance_m':
      return { ...present, anchor: { height_m: 0, ...present.anchor, distance_m: value_m } };
    case 'slip_m':
      return { ...present, slip_m: value_m };
    case 'grip_m':
    case 'stance_m':
      return { ...present, widths: { ...present.widths, [nudged]: value_m } };
  }
}

/** Mean demand and slack; undefined where a set-up cannot be laid or takes a band past its limit. */
function meanOf<Ex extends AnchoredExercise>(
  composition: Composition<Ex>,
  rig: Rigger,
): { readonly mean: number; readonly slackShare: number } | undefined {
  const rigged = rig(composeSetup(composition));
  if (!rigged.ok) return undefined;
  const { buffers, summary } = rigged.value;
  const isOver = composition.bands.some(
    ({ limit = DEFAULT_STRETCH_LIMIT }, r) => (buffers.peakStretch[r] ?? 0) > limit,
  );
  return isOver ? undefined : summary;
}
