import type {
  BandRecord,
  CompleteSetupDocument,
  PersonRecord,
  SetupRecord,
} from '@wiry-otter/contracts';
import { type AnchorKind, type Band, findCautions, rigSetup } from '@wiry-otter/core';
import { calibrateBand } from '../bands/band-store.js';
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
  readonly bands: readonly BandRecord[];
  readonly anchor: AnchorKind;
  readonly acknowledged: readonly string[];
  readonly today: string;
}

/**
 * Solves a set-up with the laws on record (never with laws a client sent) and
 * finds its cautions. It is ready when nothing refuses it and every warning was
 * acknowledged.
 */
export function judgeSetup(document: CompleteSetupDocument, facts: SetupFacts): JudgedSetup {
  const complete = { ...document, bands: document.bands.map((band) => lawOnRecord(band, facts)) };
  const solved = rigSetup(complete);
  if (!solved.ok) return refuseDocument(solved.faults, '.document');
  const { summary, rig } = solved.value;
  const cautions = findCautions({
    setup: complete,
    plane: complete.exercise.plane,
    solved: solved.value,
    anchor: facts.anchor,
    clearance: clearanceOf(facts),
    bands: facts.bands.map((band) => ({
      id: band.id,
      title: band.name,
      grade: calibrateBand(band)?.grade ?? 'label',
      retired: band.state === 'retired' || band.removed,
      flatLength_m: band.flatLength_m,
    })),
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

function lawOnRecord(
  { id }: CompleteSetupDocument['bands'][number],
  { bands }: SetupFacts,
): CompleteSetupDocument['bands'][number] {
  const record = bands.find((band) => band.id === id) ?? refuse('not-found');
  const calibration = calibrateBand(record);
  if (calibration === undefined) {
    return refuseDocument([
      {
        code: 'computation',
        path: '$.document.bands',
        found: `"${record.name}" without a measurement or a label`,
        expected: 'a band with at least one pull on the gauge, or a label',
      },
    ]);
  }
  const { kind, flatLength_m, limit } = record;
  const band: Band = {
    id,
    kind,
    flatLength_m,
    law: calibration.law,
    loss: calibration.loss,
    limit,
  };
  return { ...band, law: { ...band.law } };
}

function clearanceOf({ person, today }: SetupFacts): { needed: boolean; valid: boolean } {
  return {
    needed: person.goal === 'rehab',
    valid: person.clearance !== null && person.clearance.until >= today,
  };
}
