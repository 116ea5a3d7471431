import type { CompleteSetupDocument, PersonRecord, SetupFigures } from '@wiry-otter/contracts';
import {
  type AnchorFacts,
  type BandFacts,
  BY_EYE,
  BY_MARKS,
  type Caution,
  findCautions,
  type ForceUnit,
  MODEL,
  type Result,
  rigSetup,
  solutionSpread,
  succeed,
} from '@wiry-otter/core';

/** A set-up with all that its figures and cautions follow from; goes to another thread as it is. */
export interface SetupFacts {
  readonly document: CompleteSetupDocument;
  /** Facts of the bands of the set-up. */
  readonly bands: readonly BandFacts[];
  readonly person: PersonRecord;
  readonly anchor: AnchorFacts | null;
  readonly today: string;
  readonly eyesRule: boolean;
  /** What forces are told in. */
  readonly unit: ForceUnit;
}

export interface Assessment {
  readonly figures: SetupFigures;
  readonly cautions: readonly Caution[];
}

/** Solves a set-up and finds its cautions. */
export function assessSetup(facts: SetupFacts): Result<Assessment> {
  const { document, bands } = facts;
  const rigged = rigSetup(document);
  if (!rigged.ok) return rigged;
  const solved = rigged.value;
  const { start, mean, end, peak, peakStretch } = solved.summary;
  const covariances = document.runs.map(
    (run) => bands.find(({ id }) => id === run.band)?.covariance,
  );
  const spread = solutionSpread(solved, covariances, document.marked === true ? BY_MARKS : BY_EYE);
  const { unit } = solved.rig.prepared;
  return succeed({
    figures: {
      model: MODEL,
      unit,
      start,
      mean,
      meanStd: spread.mean,
      mostly: spread.mostly ?? null,
      end,
      peak,
      peakStretch,
    },
    cautions: findCautions({ ...facts, setup: document, solved }),
  });
}
