import type {
  CompleteSetupDocument,
  LadderInput,
  LadderRecord,
  LadderRung,
} from '@wiry-otter/contracts';
import {
  distanceMarks,
  type DistanceMark,
  find,
  findLadder,
  type Found,
  type LadderSearch,
  type MarkedSetup,
  type Result,
  type Rungs,
  type Search,
} from '@wiry-otter/core';
import {
  assess,
  type AssessedSetup,
  assessedRungs,
  type AssessmentFacts,
  type Derivation,
  type LadderFacts,
  ladderOfToday,
  type LadderToday,
  type RungFacts,
} from '@wiry-otter/derived';

// Runs in a thread of the pool (see solver.ts): what takes long must not hold up other requests.

/** Asked first: the thread has started once it is answered. */
export function ready(): void {}

/** A set-up by the laws on record. */
export function assessed({
  document,
  facts,
}: {
  readonly document: CompleteSetupDocument;
  readonly facts: AssessmentFacts;
}): Derivation<AssessedSetup> {
  return assess(document, facts);
}

/** Rungs of a ladder by the laws on record. */
export function rungs({
  anchorId,
  drafts,
  facts,
}: {
  readonly drafts: LadderInput['rungs'];
  readonly anchorId: string | null;
  readonly facts: RungFacts;
}): Derivation<LadderRung[]> {
  return assessedRungs(drafts, anchorId, facts);
}

/** A kept ladder as it is to be climbed today. */
export function climbToday({
  facts,
  kept,
}: {
  readonly kept: LadderRecord;
  readonly facts: LadderFacts;
}): LadderToday {
  return ladderOfToday(kept, facts);
}

/** What a set-up asks at other distances. */
export function marksAt({
  setup,
  distances_m,
}: {
  readonly setup: MarkedSetup;
  readonly distances_m: readonly number[];
}): DistanceMark[] {
  return distanceMarks(setup, distances_m);
}

/** The best set-ups of a kit. */
export function findBest(search: Search): Result<Found> {
  return find(search);
}

/** A ladder of a kit. */
export function climb(search: LadderSearch): Result<Rungs> {
  return findLadder(search);
}

export default assessed;
