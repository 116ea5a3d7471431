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
  findCautions,
  fittedBand,
  knowBands,
  type KnownBand,
  rigSetup,
} from '@wiry-otter/core';
import { refuse, refuseDocument } from '../problems/refusal.js';

export interface JudgedSetup {
  readonly document: CompleteSetupDocument;
  readonly figures: SetupRecord['figures'];
  readonly cautions: SetupRecord['cautions'];
  readonly ready: boolean;
}

/** What a set-up is judged by besides its document. */
export interface SetupFacts {
  readonly person: PersonRecord;
  /** The bands of the set-up and the rolls they were cut from. */
  readonly bands: readonly BandRecord[];
  readonly anchor: AnchorFacts | null;
  readonly acknowledged: readonly string[];
  readonly today: string;
  readonly eyesRule: boolean;
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
  const cautions = findCautions({
    setup: complete,
    movement: complete.exercise.cautions ?? [],
    solved: solved.value,
    anchor: facts.anchor,
    person: facts.person,
    today: facts.today,
    eyesRule: facts.eyesRule,
    bands: used.map(bandFacts),
  });
  const { start, mean, end, peak, peakStretch } = summary;
  return {
    document: complete,
    figures: { unit: rig.prepared.unit, start, mean, end, peak, peakStretch },
    cautions: cautions.map(({ cure, ...caution }) => ({
      ...caution,
      ...(cure === undefined ? {} : { cure }),
    })),
    ready: cautions.every(
      ({ level, rule }) =>
        level === 'note' || (level === 'warn' && facts.acknowledged.includes(rule)),
    ),
  };
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
