/** A point on the drawing, px. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/**
 * Outline of a limb between two joints with a radius at each end: the hull of
 * two circles, so that limbs have volume and taper.
 */
export function limbPath(from: Point, to: Point, r1: number, r2: number): string {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  const distance = Math.hypot(dx, dy);
  if (distance <= Math.abs(r1 - r2)) return circlePath(from, Math.max(r1, r2));
  const along = Math.atan2(dy, dx);
  const open = Math.acos((r1 - r2) / distance);
  const at = (centre: Point, radius: number, angle: number): string =>
    `${(centre.x + radius * Math.cos(angle)).toFixed(2)} ${(centre.y + radius * Math.sin(angle)).toFixed(2)}`;
  const farLarge = r2 > r1 ? 1 : 0;
  const nearLarge = r1 > r2 ? 1 : 0;
  return [
    `M${at(from, r1, along + open)}`,
    `A${r1.toFixed(2)} ${r1.toFixed(2)} 0 ${nearLarge} 1 ${at(from, r1, along - open)}`,
    `L${at(to, r2, along - open)}`,
    `A${r2.toFixed(2)} ${r2.toFixed(2)} 0 ${farLarge} 1 ${at(to, r2, along + open)}`,
    'Z',
  ].join(' ');
}

function circlePath({ x, y }: Point, r: number): string {
  return `M${x - r} ${y} a${r} ${r} 0 1 1 ${2 * r} 0 a${r} ${r} 0 1 1 ${-2 * r} 0 Z`;
}

/** A closed, smooth outline through points (Catmull-Rom turned to cubic curves). */
export function smoothOutline(points: readonly Point[]): string {
  const count = points.length;
  const point = (i: number): Point => points[(i + count) % count] as Point;
  const first = point(0);
  const parts = [`M${first.x.toFixed(2)} ${first.y.toFixed(2)}`];
  for (let i = 0; i < count; i++) {
    const [before, from, to, after] = [point(i - 1), point(i), point(i + 1), point(i + 2)];
    const c1 = { x: from.x + (to.x - before.x) / 6, y: from.y + (to.y - before.y) / 6 };
    const c2 = { x: to.x - (after.x - from.x) / 6, y: to.y - (after.y - from.y) / 6 };
    parts.push(
      `C${c1.x.toFixed(2)} ${c1.y.toFixed(2)} ${c2.x.toFixed(2)} ${c2.y.toFixed(2)} ${to.x.toFixed(2)} ${to.y.toFixed(2)}`,
    );
  }
  return `${parts.join(' ')} Z`;
}
