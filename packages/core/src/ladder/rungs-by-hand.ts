import type { LadderTarget } from '../finder/search.js';

/** A rung as the trainer's hand looks at it. */
interface RungInHand {
  readonly key: string;
  readonly value: number;
}

/** Loads that differ by less than this share are those of the same set-up. */
const SAME_LOAD = 1e-6;

/** The rung of before that asks the same in the same way: what it is or becomes, the new one is too. */
export function rungOfBefore<Rung extends { readonly key: string; readonly load: number }>(
  before: readonly Rung[],
  { key, load }: { readonly key: string; readonly load: number },
): Rung | undefined {
  return before.find(
    (rung) => rung.key === key && Math.abs(rung.load - load) <= SAME_LOAD * Math.abs(load),
  );
}

/**
 * The rungs that were found with those locked by hand among them: a found rung within half a step of
 * a locked one gives way to it, and one that was struck out does not come back.
 */
export function withLocked<Rung extends RungInHand>(
  found: readonly Rung[],
  locked: readonly Rung[],
  struck: readonly string[],
  target: LadderTarget,
): Rung[] {
  const near = (a: Rung, b: Rung): boolean =>
    target.metric === 'assistMean'
      ? Math.abs(a.value - b.value) <= target.step / 2
      : Math.abs(Math.log(a.value / b.value)) <= Math.log(1 + target.step) / 2;
  const others = found.filter(
    (rung) =>
      !struck.includes(rung.key) && !locked.some((one) => one.key === rung.key || near(one, rung)),
  );
  return inOrder([...others, ...locked], target);
}

/** As a ladder is climbed: loads upward, help downward. */
export function inOrder<Rung extends RungInHand>(
  rungs: readonly Rung[],
  { metric }: Pick<LadderTarget, 'metric'>,
): Rung[] {
  return rungs.toSorted((a, b) =>
    metric === 'assistMean' ? b.value - a.value : a.value - b.value,
  );
}
