import { rigSetup } from '../demand/solve-setup.js';
import { BY_EYE, BY_MARKS, solutionSpread, type SpreadPart } from '../demand/spread.js';
import { MODEL } from '../model.js';
import { type Result, succeed } from '../faults.js';
import type { AnchoredSetup, Caution, CautionContext } from './caution.js';
import { findCautions } from './rules.js';

/** A set-up with all that its figures and cautions follow from; goes to another thread as it is. */
export interface SetupFacts extends Omit<CautionContext, 'setup' | 'solved'> {
  readonly document: AnchoredSetup;
}

/** The figures a set-up is listed and compared by, N or N·m. */
export interface AssessedFigures {
  /** Number of the model that computed them. */
  model: number;
  unit: 'N' | 'N·m';
  start: number;
  mean: number;
  /** 1σ of the mean. */
  meanStd: number;
  /** What makes the mean unsure most; null where nothing does. */
  mostly: SpreadPart | null;
  end: number;
  peak: number;
  peakStretch: number;
}

export interface Assessment {
  readonly figures: AssessedFigures;
  readonly cautions: readonly Caution[];
}

/**
 * Solves a set-up and finds its cautions: what the server keeps of it, and what a device without a
 * network comes to meanwhile, are this one computation.
 *
 * @returns the faults of a document that cannot be laid
 */
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
