import type { BandToday, CompleteSetupDocument, SetupRecord } from '@wiry-otter/contracts';
import {
  assessSetup,
  bandOfCopy,
  canBeUsed,
  type Caution,
  copiesInUse,
  copyOfId,
  factsOfLaid,
  fittedBand,
  knowBands,
  type KnownBand,
  type SetupFacts,
} from '@wiry-otter/core';
import { type Derivation, derived, refused, refusedDocument } from '../derivation.js';

type StoredCaution = SetupRecord['cautions'][number];

export interface AssessedSetup {
  readonly document: CompleteSetupDocument;
  readonly figures: SetupRecord['figures'];
  readonly cautions: SetupRecord['cautions'];
  readonly ready: boolean;
}

/** Which warnings are seen to, and by whom. */
export interface SeenFacts {
  /** Rules whose warning is acknowledged. */
  readonly acknowledged: readonly string[];
  /** Who says so now, and when. */
  readonly present: NonNullable<StoredCaution['seen']>;
  /** The cautions of the version before: who saw to one that still says the same stays on record. */
  readonly before: readonly StoredCaution[];
}

/** What a set-up is assessed by besides its document. */
export interface AssessmentFacts extends Omit<SetupFacts, 'document' | 'bands'> {
  /** The bands of the set-up and the rolls they were cut from, at least. */
  readonly bands: readonly BandToday[];
  readonly seen: SeenFacts;
}

/** Only what refuses is looked for: nobody acknowledges anything. */
export const NOTHING_SEEN: SeenFacts = {
  acknowledged: [],
  present: { by: '', name: '', at: '' },
  before: [],
};

/**
 * Solves a set-up with the laws on record (never with laws that it brings along) and finds its
 * cautions. It is ready when nothing refuses it and every warning was acknowledged.
 */
export function assess(
  document: CompleteSetupDocument,
  { seen, bands, ...facts }: AssessmentFacts,
): Derivation<AssessedSetup> {
  return assessKnown(document, knowBands(bands), seen, facts);
}

/** The same where the laws of the bands are computed already. */
export function assessKnown(
  document: CompleteSetupDocument,
  known: readonly KnownBand[],
  seen: SeenFacts,
  facts: Omit<AssessmentFacts, 'bands' | 'seen'>,
): Derivation<AssessedSetup> {
  const ids = document.bands.map(({ id }) => id);
  const laid: CompleteSetupDocument['bands'] = [];
  for (const id of ids) {
    const usable = usableBand(id, known);
    if (!usable.ok) return usable;
    laid.push(asSetupBand(id, usable.value));
  }
  const complete = { ...document, bands: laid };
  const solved = assessSetup({ ...facts, document: complete, bands: factsOfLaid(ids, known) });
  if (!solved.ok) return refusedDocument(solved.faults, '.document');
  const cautions = solved.value.cautions.map((caution) => withSeen(caution, seen));
  const { figures } = solved.value;
  return derived({ document: complete, figures, cautions, ready: isReady(cautions) });
}

/** No refusal stands, and every warning was acknowledged. */
export function isReady(cautions: readonly StoredCaution[]): boolean {
  return cautions.every(
    ({ level, seen }) => level === 'note' || (level === 'warn' && seen !== undefined),
  );
}

function withSeen(caution: Caution, { acknowledged, before, present }: SeenFacts): StoredCaution {
  const stored = storedCaution(caution);
  const { level, rule, text } = caution;
  if (level !== 'warn' || !acknowledged.includes(rule)) return stored;
  const same = before.find((other) => other.rule === rule && other.text === text);
  return { ...stored, seen: same?.seen ?? present };
}

export function storedCaution({ cure, ...caution }: Caution): StoredCaution {
  return { ...caution, ...(cure === undefined ? {} : { cure }) };
}

/**
 * A band that may be in a set-up, has as many copies as are laid, and has a law; a refusal that
 * names it otherwise.
 */
export function usableBand(id: string, known: readonly KnownBand[]): Derivation<KnownBand> {
  const band = known.find(({ record }) => record.id === bandOfCopy(id));
  if (band === undefined) return refused('not-found');
  const { name, stock, state } = band.record;
  const fault = (found: string, expected: string) => [
    { in: 'document' as const, path: '$.document.bands', found, expected },
  ];
  if (!canBeUsed(band)) {
    const is = stock === 'roll' ? 'a roll' : state === 'retired' ? 'retired' : 'off the rail';
    return refused('band-unusable', fault(`"${name}", ${is}`, 'a band in use'));
  }
  const copies = copiesInUse(band);
  if (copyOfId(id) > copies) {
    return refused(
      'band-unusable',
      fault(`${copies} of "${name}" in use`, `${copyOfId(id)} equal ones`),
    );
  }
  if (band.calibration !== null) return derived(band);
  return refused(
    'document-fault',
    fault(
      `"${name}" without a measurement or a label`,
      'a band with at least one pull on the gauge, or a label',
    ),
  );
}

function asSetupBand(id: string, band: KnownBand): CompleteSetupDocument['bands'][number] {
  const { fittingsMass_kg: _weight, law, ...fitted } = fittedBand(band);
  return { ...fitted, id, law: { ...law } };
}
