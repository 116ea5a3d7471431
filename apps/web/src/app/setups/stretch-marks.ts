import { pulledWord } from '../drawing/figures';
import { alongCurve, type HangingCurve, lowestOf } from '../drawing/hanging-curve';
import type { Point } from '../drawing/limb-path';
import type { Joints } from './drawn-joints';
import type { RibbonSpan } from './ribbon-spans';
import { type Extent, overlap, takenByMark } from './taken-extents';

/** A ribbon farther than this from the middle of the person lies beside them, px. */
const CLEAR_OF_BODY_PX = 30;
/** Room between a ribbon and the figure beside it, and from one figure to the next, px. */
const MARK_GAP_PX = 8;
const MARK_STEP_PX = { x: 50, y: 16 } as const;
/** How far a figure reaches up from its baseline, px. */
const MARK_UP_PX = 10;
/** Where under a hanging ribbon a figure may stand besides its lowest place: shares along it. */
const UNDER = [0.6, 0.4, 0.7, 0.3, 0.8, 0.2] as const;

/** The stretch of a band, written beside its ribbon. */
export interface StretchMark {
  readonly words: string;
  readonly caution: boolean;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/**
 * The stretch of each band beside the middle of its ribbon, below one that hangs slack; of a stack
 * beside its edge, since the ribbons of a stack lie side by side.
 *
 * @param taken by the person
 */
export function stretchMarks(
  spans: readonly RibbonSpan[],
  joints: Joints,
  taken: readonly Extent[],
  stacked: boolean,
): StretchMark[] {
  const middle = [...joints.values()].reduce((sum, { x }) => sum + x, 0) / Math.max(1, joints.size);
  const places = spans
    .filter(({ main }) => main)
    .map(({ from, to, hanging, length, width, stretch, caution }) => {
      const hangs = hanging !== null && !hanging.aside;
      const upright = hanging?.aside ?? Math.abs(to.y - from.y) > length * Math.SQRT1_2;
      const { x, y } =
        hanging === null
          ? { x: from.x + (to.x - from.x) * 0.45, y: from.y + (to.y - from.y) * 0.45 }
          : hangs
            ? placeUnder(hanging, width / 2, taken)
            : alongCurve(hanging, 0.5);
      // Beside the ribbon where it bulges to or the person is not; above it where it lies, below
      // where it hangs.
      const clear = x < middle - CLEAR_OF_BODY_PX ? -1 : 1;
      const aside = hanging?.aside === true ? Math.sign(x - from.x) : clear;
      return { words: pulledWord(stretch), caution, x, y, upright, hangs, aside, half: width / 2 };
    });
  const edge = (own: (typeof places)[number], at: (place: typeof own) => number): number =>
    stacked ? Math.max(...places.map(at)) : at(own);
  // Bands of a stack mostly stretch alike, which is said once.
  const told = stacked
    ? places.filter(({ words }, i) => places.findIndex((other) => other.words === words) === i)
    : places;
  return told.map((place, i) => {
    const { words, caution, upright, hangs, aside, x, y } = place;
    const nth = stacked ? i : 0;
    const beside = edge(place, (other) => aside * other.x + other.half) + MARK_GAP_PX;
    const above = edge(place, (other) => other.half - other.y) + MARK_GAP_PX;
    const below = edge(place, (other) => other.half + other.y) + MARK_GAP_PX + MARK_UP_PX;
    const lying = hangs ? below + MARK_STEP_PX.y * nth : -(above + MARK_STEP_PX.y * nth);
    return {
      words,
      caution,
      x: upright ? aside * (beside + MARK_STEP_PX.x * nth) : x,
      y: upright ? y : lying,
      anchor: upright ? (aside === 1 ? 'start' : 'end') : 'middle',
    };
  });
}

/** A place on a hanging ribbon under which a figure is clear of the person; its lowest, if it is or none is. */
function placeUnder(curve: HangingCurve, half: number, taken: readonly Extent[]): Point {
  const lowest = lowestOf(curve);
  const isClear = ({ x, y }: Point): boolean => {
    const own = takenByMark({ anchor: 'middle', x, y: y + half + MARK_GAP_PX + MARK_UP_PX });
    return !taken.some((other) => overlap(own, other));
  };
  return [lowest, ...UNDER.map((share) => alongCurve(curve, share))].find(isClear) ?? lowest;
}
