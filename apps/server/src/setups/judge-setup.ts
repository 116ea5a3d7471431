import type {
  BandRecord,
  CompleteSetupDocument,
  PersonRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import {
  type AnchorFacts,
  bandFacts,
  canBeUsed,
  type Caution,
  findCautions,
  fittedBand,
  type ForceUnit,
  knowBands,
  type KnownBand,
  rigSetup,
  solutionSpread,
} from '@wiry-otter/core';
import { refuse, refuseDocument } from '../problems/refusal.js';

export interface JudgedSetup {
  readonly document: CompleteSetupDocument;
  readonly figures: SetupRecord['figures'];
  readonly cautions: SetupRecord['cautions'];
  readonly ready: boolean;
}

type StoredCaution = SetupRecord['cautions'][number];

/** Which warnings are seen to, and by whom. */
export interface SeenFacts {
  /** Rules whose warning is acknowledged. */
  readonly acknowledged: readonly string[];
  /** Who says so now, and when. */
  readonly present: NonNullable<StoredCaution['seen']>;
  /** The cautions of the version before: who saw to one that still says the same stays on record. */
  readonly before: readonly StoredCaution[];
}

/** What a set-up is judged by besides its document. */
export interface SetupFacts {
  readonly person: PersonRecord;
  /** The bands of the set-up and the rolls they were cut from. */
  readonly bands: readonly BandRecord[];
  readonly anchor: AnchorFacts | null;
  readonly seen: SeenFacts;
  readonly today: string;
  readonly eyesRule: boolean;
  /** What forces are told in. */
  readonly unit: ForceUnit;
}

/**
 * Solves a set-up with the laws on record (never with laws a client sent) and
 * finds its cautions. It is ready when nothing refuses it and every warning was
 * acknowledged.
 */
export function judgeSetup(document: CompleteSetupDocument, facts: SetupFacts): JudgedSetup {
  const known = knowBands(facts.bands);
  const used = document.bands.map(({ id }) => usableBand(id, known));
  const complete = { ...document, bands: used.map(asSetupBand) };
  const solved = rigSetup(complete);
  if (!solved.ok) return refuseDocument(solved.faults, '.document');
  const { summary, rig } = solved.value;
  const found = findCautions({
    setup: complete,
    movement: complete.exercise.cautions ?? [],
    solved: solved.value,
    anchor: facts.anchor,
    person: facts.person,
    today: facts.today,
    eyesRule: facts.eyesRule,
    unit: facts.unit,
    bands: used.map(bandFacts),
  });
  const { start, mean, end, peak, peakStretch } = summary;
  const laws = used.map(({ calibration }) => calibration?.covariance);
  const meanStd = solutionSpread(solved.value, laws).mean;
  const cautions = found.map((caution) => withSeen(caution, facts.seen));
  return {
    document: complete,
    figures: { unit: rig.prepared.unit, start, mean, meanStd, end, peak, peakStretch },
    cautions,
    ready: cautions.every(
      ({ level, seen }) => level === 'note' || (level === 'warn' && seen !== undefined),
    ),
  };
}

function withSeen(
  { cure, ...caution }: Caution,
  { acknowledged, before, present }: SeenFacts,
): StoredCaution {
  const stored = { ...caution, ...(cure === undefined ? {} : { cure }) };
  const { level, rule, text } = caution;
  if (level !== 'warn' || !acknowledged.includes(rule)) return stored;
  const same = before.find((other) => other.rule === rule && other.text === text);
  return { ...stored, seen: same?.seen ?? present };
}

/** A band that may be in a set-up and has a law; a refusal that names it otherwise. */
export function usableBand(id: string, known: readonly KnownBand[]): KnownBand {
  const band = known.find(({ record }) => record.id === id) ?? refuse('not-found');
  const { name, stock, state } = band.record;
  if (!canBeUsed(band)) {
    return refuse('band-unusable', [
      {
        in: 'document',
        path: '$.document.bands',
        found: `"${name}", ${stock === 'roll' ? 'a roll' : state === 'retired' ? 'retired' : 'off the rail'}`,
        expected: 'a band in use',
      },
    ]);
  }
  if (band.calibration !== null) return band;
  return refuseDocument([
    {
      code: 'computation',
      path: '$.document.bands',
      found: `"${name}" without a measurement or a label`,
      expected: 'a band with at least one pull on the gauge, or a label',
    },
  ]);
}

function asSetupBand(band: KnownBand): CompleteSetupDocument['bands'][number] {
  const { fittingsMass_kg: _weight, law, ...fitted } = fittedBand(band);
  return { ...fitted, law: { ...law } };
}
