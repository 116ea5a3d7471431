import type { AnchorRecord } from '@wiry-otter/contracts';
import type { Point } from '../ui/figure/limb-path';
import type { Extent } from './extent';

/** A piece of a drawn anchor. */
export interface AnchorShape {
  readonly d: string;
  readonly fill: 'hatch' | 'wood' | 'iron' | 'none';
  /** What it takes up; a mere line takes up nothing. */
  readonly extent?: Extent;
}

/** Where an anchor is drawn: its point, the floor under it, and which way the room ends. */
export interface AnchorPlacing {
  readonly at: Point;
  readonly floor: number;
  /** 1: the room ends to the right. */
  readonly side: 1 | -1;
  readonly pxPerMetre: number;
}

/** Heights and widths of things as they usually are, m. */
const DOOR_LEAF_M = 2.03;
const TABLE_M = { height: 0.46, width: 0.55 } as const;
const PARALLEL_M = 0.75;
const PARTNER_M = 1.72;

type Draw = (placing: AnchorPlacing, anchor: Pick<AnchorRecord, 'door'>) => AnchorShape[];

/** Every kind of anchor as a line drawing from the side, true to scale, without photographs. */
const FROM_THE_SIDE: Readonly<Record<AnchorRecord['kind'], Draw>> = {
  wall: ({ at, floor, side }) => [
    { ...box(at.x, 0, 40 * side, floor), fill: 'hatch' },
    { d: `M${at.x} 0V${floor}`, fill: 'none' },
    { ...box(at.x - 5 * side, at.y - 14, 5 * side, 28), fill: 'iron' },
  ],
  door: ({ at, floor, side, pxPerMetre }, { door }) => {
    const top = Math.max(4, floor - DOOR_LEAF_M * pxPerMetre);
    const knob = floor - 1.02 * pxPerMetre;
    const strap =
      door?.side === 'over'
        ? `M${at.x + 12 * side} ${top + 16}V${top - 4}H${at.x - 3 * side}V${at.y}`
        : door?.side === 'under'
          ? `M${at.x + 12 * side} ${floor - 16}V${floor - 1}H${at.x - 3 * side}V${at.y}`
          : `M${at.x + 14 * side} ${at.y}H${at.x}`;
    return [
      { ...box(at.x + 9 * side, 0, 26 * side, top), fill: 'hatch' },
      { ...box(at.x, top, 9 * side, floor - top), fill: 'wood' },
      { ...circle(at.x - 5 * side, knob, 4), fill: 'iron' },
      { d: strap, fill: 'none' },
    ];
  },
  post: ({ at, floor, side }) => [{ ...box(at.x, 0, 16 * side, floor), fill: 'wood' }],
  rack: ({ at, floor, side }) => [
    { ...box(at.x, 8, 10 * side, floor - 8), fill: 'iron' },
    { ...box(at.x + 70 * side, 8, 10 * side, floor - 8), fill: 'iron' },
    { ...box(at.x, 8, 80 * side, 8), fill: 'iron' },
    { ...box(at.x - 12 * side, floor - 7, 104 * side, 7), fill: 'iron' },
  ],
  banister: ({ at, floor, side }) => [
    { ...box(at.x - 3 * side, at.y - 7, 22 * side, 14), fill: 'wood' },
    { ...box(at.x + 4 * side, at.y + 7, 7 * side, floor - at.y - 7), fill: 'wood' },
  ],
  furniture: ({ at, floor, side, pxPerMetre }) => {
    const top = floor - TABLE_M.height * pxPerMetre;
    const width = TABLE_M.width * pxPerMetre * side;
    return [
      { ...box(at.x, top, 9 * side, floor - top), fill: 'wood' },
      { ...box(at.x + width - 9 * side, top, 9 * side, floor - top), fill: 'wood' },
      { ...box(at.x - 8 * side, top - 12, width + 16 * side, 14), fill: 'wood' },
    ];
  },
  bar: ({ at, side }) => [
    { d: `M${at.x} 0V${at.y}`, fill: 'none' },
    { ...box(at.x - 26 * side, 0, 52 * side, 8), fill: 'hatch' },
    { ...circle(at.x, at.y, 6), fill: 'iron' },
  ],
  rings: ({ at, side }) => [
    { d: `M${at.x} 0V${at.y - 14}`, fill: 'none' },
    { ...box(at.x - 26 * side, 0, 52 * side, 8), fill: 'hatch' },
    { ...circle(at.x, at.y - 1, 13), fill: 'none' },
  ],
  parallelBars: ({ at, floor, pxPerMetre }) => {
    const half = (PARALLEL_M / 2) * pxPerMetre;
    return [
      { ...box(at.x - half + 8, at.y + 4, 7, floor - at.y - 4), fill: 'iron' },
      { ...box(at.x + half - 15, at.y + 4, 7, floor - at.y - 4), fill: 'iron' },
      { ...box(at.x - half, at.y - 4, 2 * half, 8), fill: 'wood' },
    ];
  },
  partner: ({ at, floor, side, pxPerMetre }) => partner(at, floor, side, pxPerMetre),
  underFoot: () => [],
  underHand: () => [],
};

/** From above a wall is a strip, an upright a round; everything else is one or the other. */
const ROUND_FROM_ABOVE: ReadonlySet<AnchorRecord['kind']> = new Set<AnchorRecord['kind']>([
  'post',
  'banister',
  'partner',
]);
const UNSEEN: ReadonlySet<AnchorRecord['kind']> = new Set<AnchorRecord['kind']>([
  'underFoot',
  'underHand',
]);

export function anchorShapes(
  anchor: Pick<AnchorRecord, 'kind' | 'door'>,
  placing: AnchorPlacing,
): AnchorShape[] {
  return FROM_THE_SIDE[anchor.kind](placing, anchor);
}

export function anchorShapesFromAbove(
  { kind }: Pick<AnchorRecord, 'kind'>,
  { at, floor, side }: AnchorPlacing,
): AnchorShape[] {
  if (UNSEEN.has(kind)) return [];
  if (ROUND_FROM_ABOVE.has(kind)) return [{ ...circle(at.x + 12 * side, at.y, 12), fill: 'wood' }];
  if (kind === 'door') return [{ ...box(at.x, at.y - 90, 9 * side, 180), fill: 'wood' }];
  return [
    { ...box(at.x, 0, 40 * side, floor), fill: 'hatch' },
    { d: `M${at.x} 0V${floor}`, fill: 'none' },
  ];
}

/** A person who holds the band, facing the one who trains: a silhouette, arms ahead. */
function partner(at: Point, floor: number, side: 1 | -1, pxPerMetre: number): AnchorShape[] {
  const x = at.x + 0.42 * pxPerMetre * side;
  const up = (height_m: number): number => floor - height_m * pxPerMetre;
  const shoulder = Math.min(up(1.4), up(1.4));
  const body = `M${x - 16} ${up(1.38)}Q${x} ${up(1.5)} ${x + 16} ${up(1.38)}L${x + 13} ${up(0.9)}L${x + 11} ${floor}H${x + 2}L${x} ${up(0.7)}L${x - 2} ${floor}H${x - 11}L${x - 13} ${up(0.9)}Z`;
  return [
    { d: body, fill: 'wood' },
    { ...circle(x, up(PARTNER_M - 0.12), 0.11 * pxPerMetre), fill: 'wood' },
    { d: `M${x} ${shoulder}L${at.x} ${at.y}`, fill: 'none' },
  ];
}

type Outline = Required<Pick<AnchorShape, 'd' | 'extent'>>;

function box(x: number, y: number, width: number, height: number): Outline {
  return {
    d: `M${x.toFixed(1)} ${y.toFixed(1)}h${width.toFixed(1)}v${height.toFixed(1)}h${(-width).toFixed(1)}Z`,
    extent: {
      left: Math.min(x, x + width),
      right: Math.max(x, x + width),
      top: y,
      bottom: y + height,
    },
  };
}

function circle(x: number, y: number, r: number): Outline {
  return {
    d: `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0Z`,
    extent: { left: x - r, right: x + r, top: y - r, bottom: y + r },
  };
}
