import {
  armParts,
  type DrawnPlace,
  type FigurePart,
  limbPart,
  RADII,
  type Side,
} from './body-shapes';
import { limbPath, type Point, smoothOutline } from './limb-path';

/** Half widths of the trunk from the front: share along it, statures to either side. */
const TRUNK_PROFILE = [
  { along: -0.16, half: 0.062 },
  { along: 0, half: 0.103 },
  { along: 0.22, half: 0.096 },
  { along: 0.45, half: 0.083 },
  { along: 0.72, half: 0.104 },
  { along: 0.93, half: 0.128 },
  { along: 1.04, half: 0.112 },
  { along: 1.12, half: 0.05 },
] as const;

/** How much nearer to the middle a thigh is drawn to begin, in statures. */
const HIP_INSET = 0.042;

const HEAD = { halfWidth: 0.044, halfHeight: 0.064 } as const;

/** A shoe seen from the toes: statures outwards from the ankle, and down along the shank. */
const SHOE: readonly (readonly [number, number])[] = [
  [-0.02, -0.014],
  [-0.026, 0.02],
  [-0.024, 0.039],
  [0.05, 0.039],
  [0.054, 0.026],
  [0.022, -0.012],
];

/** A person from behind or the front, the right side at x > 0. */
export function frontFigure(place: DrawnPlace, size: number): FigurePart[] {
  // The joint lies deep in the hip; the thigh's outline begins nearer to the middle.
  const inside: DrawnPlace = (contact) => {
    const at = place(contact);
    if (at === undefined || !contact.startsWith('hip')) return at;
    return { x: at.x + (contact.endsWith('L') ? 1 : -1) * HIP_INSET * size, y: at.y };
  };
  const leg = (side: Side): FigurePart[] => [
    ...limbPart(inside, size, 'thigh', 'hip', 'knee', side, false),
    ...limbPart(place, size, 'shank', 'knee', 'ankle', side, false),
    ...shoe(place(`knee${side}`), place(`ankle${side}`), size, side),
  ];
  const hips = middle(place('hipL'), place('hipR'));
  const shoulders = middle(place('shoulderL'), place('shoulderR'));
  return [
    ...leg('L'),
    ...leg('R'),
    ...head(hips, shoulders, size),
    ...trunk(hips, shoulders, size),
    ...armParts(place, size, 'L', false),
    ...armParts(place, size, 'R', false),
  ];
}

function middle(a: Point | undefined, b: Point | undefined): Point | undefined {
  return a === undefined || b === undefined
    ? undefined
    : { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
}

function trunk(hips: Point | undefined, shoulders: Point | undefined, size: number): FigurePart[] {
  if (hips === undefined || shoulders === undefined) return [];
  const at = (along: number, aside: number): Point => ({
    x: hips.x + (shoulders.x - hips.x) * along + aside * size,
    y: hips.y + (shoulders.y - hips.y) * along,
  });
  const outline = [
    ...TRUNK_PROFILE.map(({ along, half }) => at(along, -half)),
    ...[...TRUNK_PROFILE].reverse().map(({ along, half }) => at(along, half)),
  ];
  return [{ name: 'trunk', path: smoothOutline(outline), far: false }];
}

/** Head over the shoulders, in line with the trunk, at the height of the contact `head`. */
function head(hips: Point | undefined, shoulders: Point | undefined, size: number): FigurePart[] {
  if (hips === undefined || shoulders === undefined) return [];
  const up = Math.atan2(shoulders.y - hips.y, shoulders.x - hips.x);
  const centre = {
    x: shoulders.x + 0.13 * size * Math.cos(up),
    y: shoulders.y + 0.13 * size * Math.sin(up),
  };
  const [r1, r2] = RADII.neck;
  const outline = Array.from({ length: 12 }, (_, i) => {
    const angle = (i * Math.PI) / 6;
    return {
      x: centre.x + HEAD.halfWidth * size * Math.cos(angle),
      y: centre.y + HEAD.halfHeight * size * Math.sin(angle),
    };
  });
  return [
    { name: 'neck', path: limbPath(shoulders, centre, r1 * size, r2 * size * 0.8), far: false },
    { name: 'head', path: smoothOutline(outline), far: false },
  ];
}

function shoe(
  knee: Point | undefined,
  ankle: Point | undefined,
  size: number,
  side: Side,
): FigurePart[] {
  if (knee === undefined || ankle === undefined) return [];
  const length = Math.hypot(ankle.x - knee.x, ankle.y - knee.y);
  const down = { x: (ankle.x - knee.x) / length, y: (ankle.y - knee.y) / length };
  // Outwards on the drawing: the right foot's toes show at greater x.
  const out = side === 'R' ? 1 : -1;
  const points = SHOE.map(([outwards, downwards]) => ({
    x: ankle.x + (down.x * downwards + out * down.y * outwards) * size,
    y: ankle.y + (down.y * downwards - out * down.x * outwards) * size,
  }));
  return [{ name: `foot${side}`, path: smoothOutline(points), far: false }];
}
