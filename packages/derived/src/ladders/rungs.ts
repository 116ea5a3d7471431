import type {
  BandToday,
  LadderInput,
  LadderRung,
  PlaceRecord,
  TrainedPerson,
} from '@wiry-otter/contracts';
import { knowBands, type KnownBand, type Units } from '@wiry-otter/core';
import { type Derivation, derived, refused } from '../derivation.js';
import { assessKnown, NOTHING_SEEN } from '../setups/assess.js';

/** What rungs are assessed by. */
export interface RungFacts {
  /** All bands on record, removed ones too. */
  readonly bands: readonly BandToday[];
  readonly person: TrainedPerson;
  readonly place: PlaceRecord;
  /** The studio's day, ISO 8601. */
  readonly today: string;
  readonly eyesRule: boolean;
  readonly units: Units;
}

type Draft = LadderInput['rungs'][number];

/** Rungs by the laws on record, each with what is to be said of it today, easiest first. */
export function assessedRungs(
  drafts: readonly Draft[],
  anchorId: string | null,
  facts: RungFacts,
): Derivation<LadderRung[]> {
  return rungsBy(drafts, anchorId, facts, knowBands(facts.bands));
}

/** The same where the laws of the bands are computed already. */
export function rungsBy(
  drafts: readonly Draft[],
  anchorId: string | null,
  { eyesRule, person, place, today, units }: RungFacts,
  known: readonly KnownBand[],
): Derivation<LadderRung[]> {
  const anchor = anchorId === null ? null : place.anchors.find(({ id }) => id === anchorId);
  if (anchor === undefined) return refused('not-found');
  const rungs: LadderRung[] = [];
  for (const draft of drafts) {
    const facts = { person, anchor, today, eyesRule, units };
    const assessed = assessKnown(draft.document, known, NOTHING_SEEN, facts);
    if (!assessed.ok) return assessed;
    const { cautions, document, figures } = assessed.value;
    rungs.push({ ...draft, document, load: figures.mean, std: figures.meanStd ?? 0, cautions });
  }
  return derived(rungs.sort((a, b) => a.load - b.load));
}
