import {
  type Caution,
  fittedBand,
  type Grade,
  greatestAnchorPull,
  hasLatex,
  type Proposal,
  type ProposalRequest,
  type Target,
} from '@wiry-otter/core';
import type { ExerciseDocument } from '@wiry-otter/contracts';
import type { KnownBand } from '../../bands/band-law';
import {
  compositionOf,
  DISTANCE_RANGE,
  type SolvedWorkbench,
  solveWorkbench,
  type WorkbenchInput,
} from '../workbench/workbench-model';
import type { WorkbenchState } from '../workbench/workbench-state';

/** Bands at once that are looked for. */
const MOST_BANDS = 3;

/** A band that is known less surely has to come this much nearer to be proposed first. */
const DOUBT: Readonly<Record<Grade, number>> = { measured: 0, partial: 0.5, label: 2 };
/** A band on watch is inspected before every use. */
const WATCH_COST = 1;

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
}

/** What is asked of the finder: the bag of bands that this person may use, at this place. */
export function requestOf(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  target: Target,
): ProposalRequest<ExerciseDocument> {
  const ratedLoad_N = input.anchor?.ratedLoad_N ?? null;
  const kit = usable.filter(
    ({ record }) => !(input.person.latexAllergy && hasLatex(record.material)),
  );
  return {
    present: compositionOf(input),
    kit: kit.map(fittedBand),
    routes: input.exercise.routes ?? [],
    target,
    bandCost: Object.fromEntries(kit.map((band) => [band.record.id, bandCost(band)])),
    limits: {
      maxBands: MOST_BANDS,
      ...(ratedLoad_N === null ? {} : { anchor_N: greatestAnchorPull(ratedLoad_N) }),
    },
    distance: DISTANCE_RANGE,
  };
}

function bandCost({ calibration, record }: KnownBand): number {
  const doubt = calibration === null ? 0 : DOUBT[calibration.grade];
  return doubt + (record.state === 'watch' ? WATCH_COST : 0);
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

/** The proposals that no caution refuses, worked out as the workbench works them out. */
export function linesOf(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  proposals: readonly Proposal[],
): FoundLine[] {
  return proposals.flatMap((proposal): FoundLine[] => {
    const { bandIds, routeId, value, varied } = proposal;
    const route = input.exercise.routes?.find(({ id }) => id === routeId);
    if (route === undefined) return [];
    const part: Partial<WorkbenchState> = {
      ...varied,
      bandIds,
      routeIds: { ...input.state.routeIds, [route.for]: routeId },
      linked: false,
    };
    const bands = bandIds.flatMap((id) => usable.find(({ record }) => record.id === id) ?? []);
    const solved = solveWorkbench({ ...input, bands, state: { ...input.state, ...part } });
    if (!('document' in solved)) return [];
    if (solved.cautions.some(({ level }) => level === 'refuse')) return [];
    return [
      {
        id: `${routeId} ${bandIds.join(' ')}`,
        part,
        bands,
        words: [...variedWords(proposal), route.title].join(', '),
        solved,
        warnings: solved.cautions.filter(({ level }) => level === 'warn'),
        value,
      },
    ];
  });
}

function variedWords({ varied: { distance_m, slip_m, stance_m } }: Proposal): string[] {
  const centimetres = (value_m: number): string => `${(100 * value_m).toFixed(0)} cm`;
  if (distance_m !== undefined) return [`${centimetres(distance_m)} from the anchor`];
  if (stance_m !== undefined) return [`feet ${centimetres(stance_m)} apart`];
  if (slip_m !== undefined) {
    return [slip_m === 0 ? 'gripped at the end' : `gripped ${centimetres(slip_m)} down`];
  }
  return [];
}
