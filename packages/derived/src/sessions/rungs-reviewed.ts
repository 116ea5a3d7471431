import type {
  CompleteSetupDocument,
  DecisionRecord,
  LadderRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import {
  bandsLaid,
  BY_EYE,
  BY_MARKS,
  differenceStd,
  knowBands,
  type KnownBand,
  knownLaws,
  type LadderChange,
  type LadderRung,
  type Matrix3,
  meanSensitivity,
  type MeanSensitivity,
  movedWeight,
  remeasured,
  rigSetup,
  solveSetup,
  withKnownLaws,
} from '@wiry-otter/core';
import { safeRungs } from '../ladders/safe-rungs.js';
import type { ReviewFacts } from './review-session.js';

/** A kept ladder as it stands when the session ends. */
export interface ClimbedLadder {
  readonly ladder: LadderRecord;
  /** What has changed since it was kept. */
  readonly changes: readonly LadderChange[];
  /** It was made anew for that; else it is climbed as it was kept. */
  readonly isRemade: boolean;
}

/** The rungs that are weighed, and the ladder they are of where one was kept. */
export interface ReviewedRungs {
  /** Easiest first, no two of one load. */
  readonly rungs: DecisionRecord['ladder'];
  /** The same as the rules weigh them: with what is moved besides, and how sure. */
  readonly weighed: readonly LadderRung[];
  /** Of every set-up that stands at a rung, which. */
  readonly rungOf: ReadonlyMap<string, number>;
  readonly climbed: ClimbedLadder | undefined;
  /** What of the body is lifted with the bands, N; 0 where nothing is. */
  readonly moved_N: number;
}

/** Loads this near are one rung (relative). */
const SAME_LOAD = 1e-9;

/**
 * The ladder that was kept for the place, without what a caution refuses; else the person's ready
 * set-ups of the exercise by mean demand. The set-up just used is always among them. Where the school
 * ends without help, the bare exercise is the last rung.
 */
export function rungsReviewed(facts: ReviewFacts, endsBare: boolean): ReviewedRungs {
  const { climbed, session, setups } = facts;
  const usedIds = session.setups.map(({ id }) => id);
  const kept = climbed?.ladder;
  const known = knowBands(facts.bands);
  // As known today: a band that was thought to pull more is no reason to put more of it on.
  const laws = knownLaws(known);
  const saved = setups
    .filter(({ id, ready }) => usedIds.includes(id) || (kept === undefined && ready))
    .map(({ document, id, title, figures }) => ({
      ...{ setupId: id, title, load: remeasured(document, laws)?.mean ?? figures.mean },
      document: withKnownLaws(document, laws),
    }));
  const found = safeRungs(kept?.rungs ?? []).map(({ document, load, setupId, title }) => ({
    ...{ setupId, title, load, document },
  }));
  const others = saved.filter(({ setupId }) => !found.some((rung) => rung.setupId === setupId));
  const { distinct, rungOf } = oneALoad([...found, ...others], usedIds);
  const inForce = rungOf.get(session.prescription.setupIds[0] ?? '') ?? 0;
  const moved_N = movedWith(distinct[inForce]?.document);
  const unsure = uncertainties(distinct, inForce, known);
  const bare = endsBare ? withoutHelp(distinct) : [];
  return {
    rungs: distinct.map(({ load, setupId, title }) => ({ setupId, title, load })),
    weighed: [
      ...distinct.map(({ load, title }, rung) => ({
        ...{ id: title, load: load + moved_N, u: unsure[rung] ?? 0 },
      })),
      ...bare,
    ],
    rungOf,
    climbed,
    moved_N,
  };
}

interface Rung {
  readonly setupId: string;
  readonly title: string;
  readonly load: number;
  readonly document: CompleteSetupDocument;
}

/** Several set-ups may stand at one load: the one just used stands for them. */
function oneALoad(
  rungs: readonly Rung[],
  usedIds: readonly string[],
): { readonly distinct: readonly Rung[]; readonly rungOf: ReadonlyMap<string, number> } {
  const distinct: Rung[] = [];
  const rungOf = new Map<string, number>();
  for (const rung of rungs.toSorted((a, b) => a.load - b.load)) {
    const last = distinct.at(-1);
    if (last === undefined || rung.load > last.load * (1 + SAME_LOAD)) distinct.push(rung);
    else if (usedIds.includes(rung.setupId)) distinct[distinct.length - 1] = rung;
    rungOf.set(rung.setupId, distinct.length - 1);
  }
  return { distinct, rungOf };
}

/** 1σ of how far each rung's load lies from the one in force. */
function uncertainties(
  rungs: readonly Rung[],
  inForce: number,
  known: readonly KnownBand[],
): readonly number[] {
  const laid = new Set(rungs.flatMap(({ document }) => bandsLaid(document)));
  const covariances = new Map<string, Matrix3>();
  for (const { calibration, record } of known) {
    if (calibration !== null && laid.has(record.id))
      covariances.set(record.id, calibration.covariance);
  }
  const sensitivities = rungs.map(({ document }) => sensitivityOf(document));
  const present = sensitivities[inForce];
  return sensitivities.map((one, rung) =>
    rung === inForce || one === undefined || present === undefined
      ? 0
      : differenceStd(one, present, (id) => covariances.get(id)),
  );
}

function sensitivityOf(document: CompleteSetupDocument): MeanSensitivity | undefined {
  const rigged = rigSetup(document);
  if (!rigged.ok) return undefined;
  const accuracy = document.marked === true ? BY_MARKS : BY_EYE;
  return meanSensitivity(rigged.value, document.runs, accuracy);
}

function movedWith(document: CompleteSetupDocument | undefined): number {
  return document === undefined ? 0 : movedWeight(document.exercise, document.body);
}

/** The exercise without bands, where the body's own weight is what is asked and it is no rung yet. */
function withoutHelp(rungs: readonly Rung[]): LadderRung[] {
  const top = rungs.at(-1);
  if (top === undefined || top.document.runs.length === 0) return [];
  if (!top.document.exercise.bodyweight) return [];
  const solved = solveSetup({ ...top.document, runs: [], bands: [], links: {} });
  if (!solved.ok || solved.value.summary.mean <= top.load) return [];
  return [{ id: 'without help', load: solved.value.summary.mean }];
}

/** The set-up of a session that says where it was done: its ladder is that place's. */
export function setupOfSession(
  { setups: used }: Pick<ReviewFacts['session'], 'setups'>,
  setups: readonly SetupRecord[],
): SetupRecord | undefined {
  return setups.find(({ id }) => used.some((one) => one.id === id));
}
