import type { Gap, LadderTarget } from '../finder/search.js';
import { SAME_HEIGHT, stepHeight } from './ladder-pool.js';

/**
 * Every interval of a ladder that is wider than a step, from its first end through its rungs to its
 * last, in the ladder's order; all of it where there is no rung.
 */
export function gapsBetween(
  target: LadderTarget,
  rungs: readonly { readonly value: number }[],
): Gap[] {
  const { from, metric, to } = target;
  const values = [from, ...rungs.map(({ value }) => value), to];
  const widest = stepHeight(target) + SAME_HEIGHT;
  return values.slice(1).flatMap((value, i) => {
    const gap = gapBetween(target, values[i] as number, value);
    const { above, below } = gap;
    const width = metric === 'assistMean' ? above - below : Math.log(above / below);
    return width > widest ? [gap] : [];
  });
}

/** The interval between two values as a gap. */
export function gapBetween(
  { metric }: Pick<LadderTarget, 'metric'>,
  one: number,
  other: number,
): Gap {
  const below = Math.min(one, other);
  const above = Math.max(one, other);
  return metric === 'assistMean'
    ? { below, above, difference: above - below }
    : { below, above, ratio: above / below };
}
