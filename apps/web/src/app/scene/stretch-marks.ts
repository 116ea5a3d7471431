import { pulledWord } from '../ui/quantities/figures';
import { alongCurve, lowestOf } from '../ui/ribbons/hanging-curve';
import type { Point } from '../ui/figure/limb-path';
import type { Joints } from './drawn-joints';
import type { RibbonSpan } from './ribbon-spans';
import { type Extent, isFree, nearestFree } from './extent';
import { MARK_PX, takenByMark, takenByRibbon } from './taken-extents';

/** A ribbon farther than this from the middle of the person lies beside them, px. */
const CLEAR_OF_BODY_PX = 30;
/** Ribbons whose ends are this near to each other lie side by side, as a stack, px. */
const STACKED_PX = 60;
/** Room between a ribbon and the figure beside it, and from one figure to the next, px. */
const MARK_GAP_PX = 8;
const MARK_STEP_PX = { x: 50, y: 16 } as const;
/** How far a figure reaches up from its baseline, px. */
const MARK_UP_PX = 10;
/** Where along a ribbon its figure may stand, the best first: shares of its length. */
const ALONG = {
  taut: [0.45, 0.3, 0.6, 0.2, 0.75, 0.1, 0.9],
  under: [0.6, 0.4, 0.7, 0.3, 0.8, 0.2],
  aside: [0.5, 0.35, 0.65],
} as const;

/** The stretch of a band, written beside its ribbon. */
export interface StretchMark {
  readonly words: string;
  readonly caution: boolean;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
}

/** A way to write a stack's figures: beside which places of its ribbons, and on which side. */
interface Stand {
  readonly at: (span: RibbonSpan) => Point;
  /** Whether the figures stand left or right of the ribbons; else above or below. */
  readonly upright: boolean;
  /** 1: to the right, or below. */
  readonly side: 1 | -1;
}

/**
 * The stretch of each band beside its ribbon, below one that hangs slack; of a stack beside its
 * edge, since the ribbons of a stack lie side by side. The first place that is clear of what is
 * taken and of the other ribbons; where none is, the free place nearest to the best.
 *
 * @param taken by the person and the anchors
 */
export function stretchMarks(
  spans: readonly RibbonSpan[],
  joints: Joints,
  taken: readonly Extent[],
): StretchMark[] {
  const middle = [...joints.values()].reduce((sum, { x }) => sum + x, 0) / Math.max(1, joints.size);
  const marks: StretchMark[] = [];
  for (const stack of stacksOf(spans.filter(({ main }) => main))) {
    const others = spans.filter((span) => !stack.includes(span)).flatMap(takenByRibbon);
    const unfree = [...taken, ...others, ...marks.map(takenByMark)];
    const ways = standsOf(stack[0] as RibbonSpan, middle).map((stand) => marksAt(stack, stand));
    const clear = ways.find((way) => way.every((mark) => isFree(takenByMark(mark), unfree)));
    marks.push(...(clear ?? freeNear(ways[0] ?? [], unfree)));
  }
  return marks;
}

/** Ribbons that lie side by side, together. */
function stacksOf(spans: readonly RibbonSpan[]): RibbonSpan[][] {
  const stacks: RibbonSpan[][] = [];
  const near = (a: Point, b: Point): boolean => Math.hypot(a.x - b.x, a.y - b.y) < STACKED_PX;
  for (const span of spans) {
    const stack = stacks.find(
      ([first]) => first !== undefined && near(first.from, span.from) && near(first.to, span.to),
    );
    if (stack === undefined) stacks.push([span]);
    else stack.push(span);
  }
  return stacks;
}

/** How a ribbon's figure may stand, the best first. */
function standsOf({ from, hanging, length, to }: RibbonSpan, middle: number): Stand[] {
  if (hanging !== null && !hanging.aside) {
    // Under it, at its lowest place if that is free.
    const lowest = ({ hanging: curve, from: end }: RibbonSpan): Point =>
      curve === null ? end : lowestOf(curve);
    return [lowest, ...ALONG.under.map(along)].map((at) => ({ at, upright: false, side: 1 }));
  }
  const upright = hanging !== null || Math.abs(to.y - from.y) > length * Math.SQRT1_2;
  // Beside the ribbon where it bulges to or the person is not; above it where it lies.
  const bulge = hanging === null ? undefined : alongCurve(hanging, 0.5).x - from.x;
  const away =
    bulge ?? (along(ALONG.taut[0])({ from, to, hanging }).x < middle - CLEAR_OF_BODY_PX ? -1 : 1);
  const first = (upright ? Math.sign(away) : -1) === -1 ? -1 : 1;
  const shares = hanging === null ? ALONG.taut : ALONG.aside;
  return ([first, -first] as (1 | -1)[]).flatMap((side) =>
    shares.map((share) => ({ at: along(share), upright, side })),
  );
}

/** The place at a share of a ribbon's length. */
function along(share: number): (span: Pick<RibbonSpan, 'from' | 'to' | 'hanging'>) => Point {
  return ({ from, to, hanging }) =>
    hanging === null
      ? { x: from.x + (to.x - from.x) * share, y: from.y + (to.y - from.y) * share }
      : alongCurve(hanging, share);
}

/** The figures of a stack. Its bands mostly stretch alike, which is said once. */
function marksAt(stack: readonly RibbonSpan[], { at, upright, side }: Stand): StretchMark[] {
  const places = stack.map((span) => ({ ...at(span), half: span.width / 2 }));
  const edge =
    Math.max(...places.map(({ x, y, half }) => side * (upright ? x : y) + half)) + MARK_GAP_PX;
  const told = stack.map(({ caution, stretch }) => ({ caution, words: pulledWord(stretch) }));
  return told
    .filter(({ words }, i) => told.findIndex((other) => other.words === words) === i)
    .map(({ caution, words }, nth) => {
      const { x, y } = places[0] as Point;
      return upright
        ? {
            words,
            caution,
            x: side * (edge + MARK_STEP_PX.x * nth),
            y,
            anchor: side === 1 ? 'start' : 'end',
          }
        : {
            words,
            caution,
            x,
            y: side * (edge + MARK_STEP_PX.y * nth) + (side === 1 ? MARK_UP_PX : 0),
            anchor: 'middle',
          };
    });
}

/** The same figures where nothing is in their way; where they are, if there is no such place. */
function freeNear(marks: readonly StretchMark[], taken: readonly Extent[]): StretchMark[] {
  const moved: StretchMark[] = [];
  for (const mark of marks) {
    const { left, right } = takenByMark(mark);
    const wanted = { x: (left + right) / 2, y: mark.y };
    const free = nearestFree(MARK_PX, wanted, [...taken, ...moved.map(takenByMark)]);
    moved.push(free === null ? mark : { ...mark, ...free, anchor: 'start' });
  }
  return moved;
}
