import type { DecisionRecord } from '@wiry-otter/contracts';
import type { ForceUnit } from '@wiry-otter/core';
import { demandQuantity, quantityWords } from '../../ui/quantities/figures';

/** From which load to which, by how much, and how sure the difference is. */
export interface LoadChange {
  /** "79 → 92 N" */
  readonly loads: string;
  /** "13 ±2 N more, 16 %" */
  readonly by: string;
}

/**
 * What a decision changes of the load: of the last set, which is asked most. The same rung is no change,
 * and the ± is that of the difference, in which what shared bands have in common cancels.
 *
 * @param toSetupId what comes next, as the rules or the trainer would have it
 */
export function loadChange(
  { ladder, review }: DecisionRecord,
  toSetupId: string | null,
  demandUnit: 'N' | 'N·m',
  unit: ForceUnit,
): LoadChange | null {
  const from = review.prescription.rungs.at(-1) ?? 0;
  const to = ladder.findIndex(({ setupId }) => setupId === toSetupId);
  const [before, after] = [ladder[from], ladder[to]];
  if (before === undefined || after === undefined) return null;
  const one = demandQuantity(before.load, null, demandUnit, unit);
  if (from === to) return { loads: quantityWords(one), by: 'the same load' };
  const other = demandQuantity(after.load, null, demandUnit, unit);
  const difference = after.load - before.load;
  const u = review.ladder[to]?.u ?? null;
  const { spread, unit: unitWord } = demandQuantity(Math.abs(difference), u, demandUnit, unit);
  // Of the figures as they are read, so that the difference is theirs.
  const digits = one.figure.split('.')[1]?.length ?? 0;
  const figure = Math.abs(Number(other.figure) - Number(one.figure)).toFixed(digits);
  const apart = { figure, spread, unit: unitWord };
  const percent = Math.round((100 * Math.abs(difference)) / before.load);
  return {
    loads: `${one.figure} → ${quantityWords(other)}`,
    by: `${quantityWords(apart)} ${difference > 0 ? 'more' : 'less'}, ${percent} %`,
  };
}
