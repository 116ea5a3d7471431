import type { BandToday, CompleteSetupDocument, SetupRecord } from '@wiry-otter/contracts';
import {
  type SetupFacts,
  bandOfCopy,
  canBeUsed,
  type Caution,
  copiesInUse,
  copyOfId,
  factsOfLaid,
  fittedBand,
  knowBands,
  type KnownBand,
} from '@wiry-otter/core';
import { refuse, refuseDocument } from '../../platform/problems/refusal.js';
import type { Solver } from '../../platform/solving/solver.js';

export interface AssessedSetup {
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

/** What a set-up is assessed by besides its document. */
export interface AssessmentFacts extends Omit<SetupFacts, 'document' | 'bands'> {
  /** The bands of the set-up and the rolls they were cut from. */
  readonly bands: readonly BandToday[];
  readonly seen: SeenFacts;
}

/**
 * Solves a set-up with the laws on record (never with laws a client sent) and
 * finds its cautions. It is ready when nothing refuses it and every warning was
 * acknowledged.
 */
export async function assess(
  solver: Solver,
  document: CompleteSetupDocument,
  { seen, bands, ...facts }: AssessmentFacts,
): Promise<AssessedSetup> {
  const known = knowBands(bands);
  const ids = document.bands.map(({ id }) => id);
  const complete = { ...document, bands: ids.map((id) => asSetupBand(id, usableBand(id, known))) };
  const solved = await solver.assess({
    ...facts,
    document: complete,
    bands: factsOfLaid(ids, known),
  });
  if (!solved.ok) return refuseDocument(solved.faults, '.document');
  const cautions = solved.value.cautions.map((caution) => withSeen(caution, seen));
  return {
    document: complete,
    figures: solved.value.figures,
    cautions,
    ready: isReady(cautions),
  };
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
export function usableBand(id: string, known: readonly KnownBand[]): KnownBand {
  const band = known.find(({ record }) => record.id === bandOfCopy(id)) ?? refuse('not-found');
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
  const copies = copiesInUse(band);
  if (copyOfId(id) > copies) {
    return refuse('band-unusable', [
      {
        in: 'document',
        path: '$.document.bands',
        found: `${copies} of "${name}" in use`,
        expected: `${copyOfId(id)} equal ones`,
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

function asSetupBand(id: string, band: KnownBand): CompleteSetupDocument['bands'][number] {
  const { fittingsMass_kg: _weight, law, ...fitted } = fittedBand(band);
  return { ...fitted, id, law: { ...law } };
}
