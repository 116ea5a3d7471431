import {
  type Caution,
  type FinderPreferences,
  type Loosened,
  mountingPulls,
  type Proposal,
  type ProposalRequest,
  spaceFor,
  type Target,
  lengthFigure,
  type LengthUnit,
} from '@wiry-otter/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { KnownBand } from '../../bands/band-law';
import {
  searchOf,
  type SolvedWorkbench,
  solveWorkbench,
  type WorkbenchInput,
} from '../workbench/solve-workbench';
import { partOfFound, withPart } from '../workbench/changes';
import type { WorkbenchState } from '../workbench/workbench-state';
import { changeOverWords } from './change-over';

/** Lines of the same bands that come out so near to each other are one, as share of the figure. */
const ALIKE = 0.02;

/** A proposal as the workbench would have it. */
export interface FoundLine {
  readonly id: string;
  /** What taking it sets. */
  readonly part: Partial<WorkbenchState>;
  readonly bands: readonly KnownBand[];
  /** Where to stand or grip, and how the bands run. */
  readonly words: string;
  readonly solved: SolvedWorkbench;
  /** Warnings that it comes with. */
  readonly warnings: readonly Caution[];
  readonly value: number;
  /** What it takes to hook into each band, N. */
  readonly mounting_N: readonly number[];
  /** What it takes to get there from what is set. */
  readonly changeOver: string;
}

/** What is asked of the finder: the bands at hand that this person may use, at this place. */
export function requestOf(
  input: WorkbenchInput,
  bands: readonly KnownBand[],
  target: Target,
  preferences: FinderPreferences,
  loosened: Loosened = {},
): ProposalRequest<ExerciseDocument> {
  return { ...spaceFor(searchOf(input, bands, preferences), loosened), target };
}

/** Lines without those that are like one before them: the same bands, laid another way to the same end. */
export function withoutAlike(lines: readonly FoundLine[]): FoundLine[] {
  return lines.filter((line, i) => !lines.slice(0, i).some((other) => isAlike(other, line)));
}

function isAlike(a: FoundLine, b: FoundLine): boolean {
  const [one, other] = [a.solved.solved.summary, b.solved.solved.summary];
  const ids = ({ bands }: FoundLine): string => bands.map(({ record }) => record.id).join();
  const near = (x: number, y: number): boolean => Math.abs(x - y) <= ALIKE * Math.abs(one.peak);
  return ids(a) === ids(b) && near(one.start, other.start) && near(one.end, other.end);
}

/** A proposal as the workbench works it out; undefined where a caution refuses it. */
export function lineOf(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  proposal: Proposal,
): FoundLine | undefined {
  const { bandIds, routeIds, value } = proposal;
  const routes = (input.exercise.routes ?? []).filter(({ id }) => routeIds.includes(id));
  const part = partOfFound(input, proposal);
  const changed = withPart(input, usable, part);
  const solved = solveWorkbench(changed);
  if (!('document' in solved)) return undefined;
  if (solved.cautions.some(({ level }) => level === 'refuse')) return undefined;
  return {
    id: [...routeIds, ...bandIds, ...Object.keys(proposal.varied)].join(' '),
    part,
    bands: changed.bands,
    words: [
      ...variedWords(
        proposal,
        rangeOf(input, usable, part, solved),
        routes.some(isGripped),
        input.units.length,
      ),
      ...new Set(routes.map(({ title }) => title)),
    ].join(', '),
    solved,
    warnings: solved.cautions.filter(({ level }) => level === 'warn'),
    value,
    mounting_N: mountingPulls({ setup: solved.document, solved: solved.solved }),
    changeOver: changeOverWords(input, part, usable, routes.some(isGripped)),
  };
}

/** Farther to either side than this a range is not told, m. */
const WIDEST_RANGE_M = 0.1;
const CENTIMETRE_M = 0.01;

/**
 * How far to either side of where it stands, or is gripped, a set-up comes out alike, m, to the
 * centimetre; from what one centimetre does.
 */
function rangeOf(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  part: Partial<WorkbenchState>,
  { solved }: SolvedWorkbench,
): number {
  const name = (['distance_m', 'height_m', 'slip_m', 'stance_m'] as const).find(
    (one) => typeof part[one] === 'number',
  );
  if (name === undefined) return 0;
  const moved = { ...part, [name]: (part[name] ?? 0) + CENTIMETRE_M };
  const beside = solveWorkbench(withPart(input, usable, moved));
  if (!('document' in beside)) return 0;
  const { mean } = solved.summary;
  const by = Math.abs(beside.solved.summary.mean - mean);
  const half_m = by === 0 ? WIDEST_RANGE_M : ((ALIKE / 2) * Math.abs(mean) * CENTIMETRE_M) / by;
  return Math.floor(100 * Math.min(WIDEST_RANGE_M, half_m)) / 100;
}

/** Hands hold the band on a route: else it is taken up where it hangs. */
function isGripped({ path }: { readonly path: readonly string[] }): boolean {
  return path.some((name) => name.startsWith('grip'));
}

/** Where to stand or grip, with the range in which it comes out alike. */
function variedWords(
  { varied: { distance_m, height_m, slip_m, stance_m } }: Proposal,
  half_m: number,
  gripped: boolean,
  unit: LengthUnit,
): string[] {
  const range = (value_m: number): string => {
    const [from, to] = [Math.max(0, value_m - half_m), value_m + half_m].map((end_m) =>
      lengthFigure(end_m, unit),
    );
    return from === to ? `${from} ${unit}` : `${from}–${to} ${unit}`;
  };
  if (distance_m !== undefined) return [`${range(distance_m)} from the anchor`];
  if (height_m !== undefined) return [`hung at ${range(height_m)}`];
  if (stance_m !== undefined) return [`feet ${range(stance_m)} apart`];
  if (slip_m !== undefined) {
    if (!gripped) return slip_m === 0 ? [] : [`taken up ${range(slip_m)}`];
    return [slip_m === 0 ? 'gripped at the end' : `gripped ${range(slip_m)} down`];
  }
  return [];
}

/**
 * Two slimmer bands in place of one: lines of two others, each easier to hook into than the one
 * that is set.
 */
export function twoForOne(
  lines: readonly FoundLine[],
  one: { readonly id: string; readonly mounting_N: number },
): FoundLine[] {
  return lines.filter(
    ({ bands, mounting_N }) =>
      new Set(bands).size === 2 &&
      bands.every(({ record }) => record.id !== one.id) &&
      mounting_N.every((pull_N) => pull_N < one.mounting_N),
  );
}
