import type { DropSetRecord } from '@wiry-otter/contracts';
import {
  type DropSetPart,
  type PlannedPart,
  planDropSet,
  STANDING_RANGE,
  type LengthUnit,
  roundLength,
  writeLength,
} from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { withPart } from '../workbench/changes';
import {
  type SolvedWorkbench,
  solveWorkbench,
  type WorkbenchInput,
} from '../workbench/solve-workbench';
import type { WorkbenchState } from '../workbench/workbench-state';

/** What is wanted of a drop set. */
export interface DropWish {
  readonly times: number;
  readonly share: number;
  readonly direction: DropSetRecord['direction'];
}

/** One part as the workbench would have it. */
export interface DropPart {
  /** What is changed before it; the first is the set-up as it stands. */
  readonly change: string;
  readonly part: Partial<WorkbenchState>;
  readonly load: number;
  /** Share of the load before that is off, or on. */
  readonly share: number;
  readonly seconds: number;
  readonly solved: SolvedWorkbench;
}

/** Steps closer that are weighed, m: a step is done within a second. */
const CLOSER_M = [0, 0.1, 0.2, 0.3, 0.4] as const;
/** Slips let go that are weighed, m. */
const LET_GO_M = [0, 0.05, 0.1] as const;

/**
 * The parts of a drop set from what is set: bands come off, the person steps in or lets the grip go
 * up the band. Climbing, the same is read backwards.
 *
 * @returns undefined where so many drops cannot be made, or what is set is refused
 */
export function planOnWorkbench(
  input: WorkbenchInput,
  bag: readonly KnownBand[],
  { direction, share, times }: DropWish,
): DropPart[] | undefined {
  const { exercise, state } = input;
  const unit = input.units.length;
  const aside = exercise.anchor !== undefined && exercise.anchor.side !== 'over';
  const distances_m = (aside ? CLOSER_M : [0])
    .map((closer_m) => roundLength(state.distance_m - closer_m, unit))
    .filter((distance_m) => !aside || distance_m >= STANDING_RANGE.least);
  const slips_m = LET_GO_M.map((by_m) => roundLength(state.slip_m - by_m, unit)).filter(
    (slip_m) => slip_m >= 0,
  );
  const items = itemsOn(input);
  const partOf = ({ bands, distance, slip }: DropSetPart): Partial<WorkbenchState> => ({
    bandIds: bands.flatMap((b) => items[b] ?? []),
    ...(aside ? { distance_m: distances_m[distance] ?? state.distance_m } : {}),
    slip_m: slips_m[slip] ?? state.slip_m,
    linked: false,
  });
  const solve = (part: DropSetPart): SolvedWorkbench | undefined => {
    const solved = solveWorkbench(withPart(input, bag, partOf(part)));
    return 'document' in solved ? solved : undefined;
  };
  const plan = planDropSet(
    {
      bands: items.length,
      distances: distances_m.length,
      slips: slips_m.length,
      loadOf: (part) => {
        const solved = solve(part);
        const isRefused = solved?.cautions.some(({ level }) => level === 'refuse') ?? true;
        return isRefused ? undefined : solved?.solved.summary.mean;
      },
    },
    { drops: times, share },
  );
  if (plan === undefined) return undefined;
  return inDirection(plan.parts, direction).flatMap((planned, i, all): DropPart[] => {
    const solved = solve(planned);
    if (solved === undefined) return [];
    const before = all[i - 1];
    return [
      {
        change:
          before === undefined
            ? 'as it is set'
            : changeWords(before, planned, { items, bag, distances_m, slips_m }, unit),
        part: partOf(planned),
        load: planned.load,
        share: before === undefined ? 0 : planned.load / before.load - 1,
        // A change takes as long upward as downward.
        seconds:
          before === undefined ? 0 : planned.load < before.load ? planned.seconds : before.seconds,
        solved,
      },
    ];
  });
}

/** Down as planned, up the same backwards, or down and up again. */
function inDirection(
  parts: readonly PlannedPart[],
  direction: DropSetRecord['direction'],
): readonly PlannedPart[] {
  const up = parts.toReversed();
  switch (direction) {
    case 'down':
      return parts;
    case 'up':
      return up;
    case 'downUp':
      return [...parts, ...up.slice(1)];
  }
}

/** What comes off at once: a band, or the two that lie opposite each other, one on each side. */
function itemsOn({ exercise, state: { bandIds } }: WorkbenchInput): string[][] {
  if (exercise.bandOnEachSide !== true) return bandIds.map((id) => [id]);
  const isPair = (id: string): boolean => bandIds.filter((other) => other === id).length > 1;
  const pairs = [...new Set(bandIds.filter(isPair))].map((id) => [id, id]);
  const singles = bandIds.filter((id) => !isPair(id));
  const opposite = singles.flatMap((id, i) => (i % 2 === 0 ? [singles.slice(i, i + 2)] : []));
  return [...pairs, ...opposite];
}

function changeWords(
  from: DropSetPart,
  to: DropSetPart,
  {
    bag,
    distances_m,
    items,
    slips_m,
  }: {
    readonly items: readonly (readonly string[])[];
    readonly bag: readonly KnownBand[];
    readonly distances_m: readonly number[];
    readonly slips_m: readonly number[];
  },
  unit: LengthUnit,
): string {
  const name = (b: number): string => {
    const names = [...new Set(items[b])].map(
      (id) => bag.find(({ record }) => record.id === id)?.record.name ?? 'a band',
    );
    return names.join(' and ');
  };
  const off = from.bands.filter((b) => !to.bands.includes(b)).map(name);
  const on = to.bands.filter((b) => !from.bands.includes(b)).map(name);
  const step_m = (distances_m[to.distance] ?? 0) - (distances_m[from.distance] ?? 0);
  const slip_m = (slips_m[to.slip] ?? 0) - (slips_m[from.slip] ?? 0);
  const [step, slip] = [step_m, slip_m].map((by_m) => writeLength(Math.abs(by_m), unit));
  return [
    ...(off.length > 0 ? [`${off.join(' and ')} off`] : []),
    ...(on.length > 0 ? [`${on.join(' and ')} on`] : []),
    ...(isNone(step_m) ? [] : [`${step} ${step_m < 0 ? 'in' : 'back'}`]),
    ...(isNone(slip_m) ? [] : [`grip ${slip} ${slip_m < 0 ? 'let go' : 'taken up'}`]),
  ].join(', ');
}

function isNone(by_m: number): boolean {
  return Math.abs(by_m) < 1e-9;
}
