import { pulledWord } from '../drawing/figures';
import { alongCurve, lowestOf } from '../drawing/hanging-curve';
import type { Joints } from './drawn-joints';
import type { RibbonSpan } from './ribbon-spans';

/** A ribbon farther than this from the middle of the person lies beside them, px. */
const CLEAR_OF_BODY_PX = 30;
/** Room between a ribbon and the figure beside it, and from one figure to the next, px. */
const MARK_GAP_PX = 8;
const MARK_STEP_PX = { x: 50, y: 16 } as const;
/** How far a figure reaches up from its baseline, px. */
const MARK_UP_PX = 10;

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
 */
export function stretchMarks(
  spans: readonly RibbonSpan[],
  joints: Joints,
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
            ? lowestOf(hanging)
            : alongCurve(hanging, 0.5);
      // Beside the ribbon where the person is not; above it where it lies, below where it hangs.
      const aside = x < middle - CLEAR_OF_BODY_PX ? -1 : 1;
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
