import type { Point } from '../figure/limb-path';

/** Places lie one above the other where less than this share of the chord is across. */
const UPRIGHT = 0.15;
/** Into how many pieces a curve is cut to tell its length, and how often its depth is halved. */
const FINENESS = { pieces: 12, halvings: 16 } as const;

/** The curve along which a slack band hangs: a parabola between two places. */
export interface HangingCurve {
  readonly from: Point;
  readonly to: Point;
  /** Where its tangents at both ends meet. */
  readonly control: Point;
  /** Whether it bulges to the side, as between places one above the other. */
  readonly aside: boolean;
}

/**
 * How a slack band hangs: straight down from its chord, as deep as makes it as long as it is; between
 * places one above the other it bulges to the side that is free.
 *
 * @param stretch chord by length, under 1
 * @param floor height of the floor on the drawing, px: what would hang through it is drawn shorter
 * @param free the side without a wall: 1 for right, -1 for left
 */
export function hangingCurve(
  from: Point,
  to: Point,
  stretch: number,
  { floor, free }: { readonly floor: number; readonly free: 1 | -1 },
): HangingCurve {
  const chord = Math.hypot(to.x - from.x, to.y - from.y);
  const aside = Math.abs(to.x - from.x) < UPRIGHT * chord;
  const at = (depth: number): HangingCurve => {
    const x = (from.x + to.x) / 2 + (aside ? 2 * free * depth : 0);
    const y = (from.y + to.y) / 2 + (aside ? 0 : 2 * depth);
    return { from, to, control: { x, y }, aside };
  };
  let [least, most] = [0, chord / stretch];
  for (let i = 0; i < FINENESS.halvings; i++) {
    const depth = (least + most) / 2;
    const curve = at(depth);
    const tooLow = lowestOf(curve).y > Math.max(floor, from.y, to.y);
    if (tooLow || lengthOf(curve) > chord / stretch) most = depth;
    else least = depth;
  }
  return at(least);
}

/** A place on a hanging curve, at 0 its beginning, at 1 its end. */
export function alongCurve({ from, to, control }: HangingCurve, share: number): Point {
  const rest = 1 - share;
  const at = (a: number, b: number, c: number): number =>
    rest * rest * a + 2 * rest * share * b + share * share * c;
  return { x: at(from.x, control.x, to.x), y: at(from.y, control.y, to.y) };
}

function lengthOf(curve: HangingCurve): number {
  let length = 0;
  let last = curve.from;
  for (let i = 1; i <= FINENESS.pieces; i++) {
    const next = alongCurve(curve, i / FINENESS.pieces);
    length += Math.hypot(next.x - last.x, next.y - last.y);
    last = next;
  }
  return length;
}

/** The lowest place of a hanging curve. */
export function lowestOf(curve: HangingCurve): Point {
  const { from, to, control } = curve;
  const bend = from.y - 2 * control.y + to.y;
  const level = bend === 0 ? 0 : (from.y - control.y) / bend;
  const lowest = alongCurve(curve, Math.min(1, Math.max(0, level)));
  return [from, to].reduce((low, end) => (end.y > low.y ? end : low), lowest);
}
