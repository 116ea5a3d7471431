import type {
  ExerciseDocument,
  LadderRecord,
  LadderRung,
  SetupRecord,
} from '@wiry-otter/contracts';
import {
  type FinderPreferences,
  type Gap,
  gapsBetween,
  inOrder,
  type LadderBasis,
  ladderBasis,
  type LadderRequest,
  ladderSpaceFor,
  type LadderTarget,
  type Metric,
  type ProposedRung,
  rungOfBefore,
  setupTitle,
  USUAL_PREFERENCES,
} from '@wiry-otter/core';
import type { KnownBand } from '../../bands/band-law';
import { partOfFound, withPart } from '../workbench/changes';
import {
  searchOf,
  type SolvedWorkbench,
  solveWorkbench,
  type WorkbenchInput,
} from '../workbench/solve-workbench';
import { stateOf, type WorkbenchState } from '../workbench/workbench-state';

/** A rung as the workbench would have it. */
export interface Rung {
  readonly key: string;
  /** The set-up that it is, or becomes once it is prescribed. */
  readonly setupId: string;
  readonly title: string;
  /** What loading it sets. */
  readonly part: Partial<WorkbenchState>;
  readonly solved: SolvedWorkbench;
  /** The figure that the ladder climbs by. */
  readonly value: number;
  /** Mean demand, and its standard deviation. */
  readonly load: number;
  readonly std: number;
  readonly locked: boolean;
  /** What a caution refuses it for today; null where none does. */
  readonly refusal: string | null;
}

/** What is asked of the finder for a ladder: the routes that are chosen, and the bands at hand. */
export function ladderRequestOf(
  input: WorkbenchInput,
  bands: readonly KnownBand[],
  target: LadderTarget,
  preferences: FinderPreferences,
  notchFirst: boolean,
): LadderRequest<ExerciseDocument> {
  return ladderSpaceFor(searchOf(input, bands, preferences), target, notchFirst);
}

/** What was found as rungs, those left out that a caution refuses or the trainer has struck. */
export function rungsOf(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  target: LadderTarget,
  proposed: readonly ProposedRung[],
  before: readonly Pick<LadderRung, 'key' | 'load' | 'setupId'>[],
  newId: () => string,
): Rung[] {
  return proposed.flatMap((one): Rung[] => {
    const rung = asRung(input, usable, target, partOfFound(input, one), one.key, newId());
    if (rung === undefined || rung.refusal !== null) return [];
    return [{ ...rung, setupId: rungOfBefore(before, rung)?.setupId ?? rung.setupId }];
  });
}

/** Rungs of a kept ladder as the bands are today; left out where they cannot be laid any more. */
export function keptRungs(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  ladder: LadderRecord,
  girth_m: number,
): Rung[] {
  const { anchorId, exerciseId, placeId, target } = ladder;
  return ladder.rungs.flatMap((kept): Rung[] => {
    const { cautions, document, key, locked, routeId, setupId } = kept;
    const part = stateOf(
      { anchorId, cautions, document, exerciseId, placeId, routeId },
      girth_m,
      usable,
    );
    const rung = asRung(input, usable, target, part, key, setupId);
    return rung === undefined || rung.solved.bands.length !== document.bands.length
      ? []
      : [{ ...rung, title: kept.title, locked }];
  });
}

/** Set-ups that are saved as rungs, in order; those left out that cannot be laid any more, or may not be. */
export function rungsByHand(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  setups: readonly SetupRecord[],
  metric: Metric,
  girthOf: (setup: SetupRecord) => number,
): Rung[] {
  const rungs = setups.flatMap((setup): Rung[] => {
    const part = stateOf(setup, girthOf(setup), usable);
    const rung = asRung(input, usable, { metric }, part, `set-up ${setup.id}`, setup.id);
    const isWhole = rung?.solved.bands.length === setup.document.bands.length;
    return rung === undefined || !isWhole || rung.refusal !== null
      ? []
      : [{ ...rung, title: setup.title }];
  });
  return inOrder(rungs, { metric });
}

function asRung(
  input: WorkbenchInput,
  usable: readonly KnownBand[],
  { metric }: Pick<LadderTarget, 'metric'>,
  part: Partial<WorkbenchState>,
  key: string,
  setupId: string,
): Rung | undefined {
  const changed = withPart(input, usable, part);
  const solved = solveWorkbench(changed);
  if (!('document' in solved)) return undefined;
  const { summary } = solved.solved;
  return {
    key,
    setupId,
    title:
      solved.bands.length === 0
        ? 'no band'
        : setupTitle(solved.document, solved.bands, input.units.length),
    part,
    solved,
    value: summary[metric] ?? 0,
    load: summary.mean,
    std: solved.spread.mean,
    locked: false,
    refusal: solved.cautions.find(({ level }) => level === 'refuse')?.text ?? null,
  };
}

export function gapsOf(rungs: readonly Rung[], target: LadderTarget): Gap[] {
  return gapsBetween(target, rungs);
}

/** What a ladder is made from today. */
export function basisOf(input: WorkbenchInput, bands: readonly KnownBand[]): LadderBasis {
  const { anchor, person } = input;
  return ladderBasis(searchOf(input, bands, USUAL_PREFERENCES), person, anchor?.id ?? null);
}

/** What a rung is kept as. */
export function keptRung({
  key,
  locked,
  part,
  setupId,
  solved,
  title,
  value,
}: Rung): Omit<LadderRung, 'load' | 'std' | 'cautions'> {
  const { continuous, open } = part.routeIds ?? { continuous: null, open: null };
  return {
    key,
    setupId,
    title,
    routeId: continuous ?? open ?? '',
    document: solved.document,
    value,
    locked,
  };
}
