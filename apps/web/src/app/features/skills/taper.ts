import { DOSES } from '@wiry-otter/catalogue';
import type { Dose, PrescriptionInput } from '@wiry-otter/contracts';
import { type FirstHelp, helpOver, TAPER_RANGES } from '@wiry-otter/core';
import type { Rung } from '../setups/ladder/ladder-model';
import { prescriptionOf } from '../setups/saved/first-prescription';

/** One set of a taper: a rung and the range it is to be filled. */
export interface TaperSet {
  readonly rung: Rung;
  /** Share of the need that the rung takes off, where it is read. */
  readonly share: number;
  readonly wanted: number;
  readonly from: number;
  readonly to: number;
}

/** The rung whose help comes nearest to a share; undefined where there is none. */
export function nearestHelp(
  rungs: readonly Rung[],
  { at }: Pick<FirstHelp, 'at'>,
  wanted: number,
): Rung | undefined {
  const off = (rung: Rung): number => Math.abs(shareOf(rung, at) - wanted);
  return rungs.toSorted((a, b) => off(a) - off(b))[0];
}

/** The three sets of a taper: for each share of help the rung that comes nearest, less help each. */
export function taperSets(rungs: readonly Rung[], { at, shares }: FirstHelp): TaperSet[] {
  return TAPER_RANGES.flatMap(({ from, to }, i): TaperSet[] => {
    const wanted = shares[i];
    if (wanted === undefined) return [];
    const rung = nearestHelp(rungs, { at }, wanted);
    return rung === undefined ? [] : [{ rung, share: shareOf(rung, at), wanted, from, to }];
  });
}

function shareOf({ solved: { document, solved } }: Rung, at: FirstHelp['at']): number {
  if (at === 'mean') return solved.summary.assistMean ?? 0;
  return helpOver(document, solved).hardest.share ?? 0;
}

/** A taper of three sets as it is prescribed. */
export function taperPrescription(personId: string, sets: readonly TaperSet[]): PrescriptionInput {
  const setupIds = sets.map(({ rung }) => rung.setupId);
  const dosed = prescriptionOf(DOSES.skills.taper, { personId, setupIds, track: 'main' });
  return { ...dosed, sets: sets.length, target: sets.map(({ from }) => from) };
}

/** Holds of a level with what is set, as they are prescribed. */
export function holdPrescription(personId: string, rung: Pick<Rung, 'setupId'>): PrescriptionInput {
  const setupIds = [rung.setupId];
  return prescriptionOf(DOSES.skills.hold, { personId, setupIds, track: 'main' });
}

/** Slow lowerings beside the main work: held at the top for a second and lowered in one, to begin with. */
export function loweringPrescription(
  personId: string,
  rung: Pick<Rung, 'setupId'>,
): PrescriptionInput {
  const setupIds = [rung.setupId];
  return prescriptionOf(DOSES.skills.lowering, { personId, setupIds, track: 'lowering' });
}

/** What a skill's own dose is done with: help, and none in its last sets. */
export interface DosedRungs {
  readonly helped: Rung;
  /** Undefined where the ladder has no rung without a band. */
  readonly bare: Rung | undefined;
}

/** The rungs of each set of a skill's own dose. */
export function rungsOfDose({ bareSets = 0, sets }: Dose, { bare, helped }: DosedRungs): Rung[] {
  return Array.from({ length: sets }, (_, set) =>
    set >= sets - bareSets ? (bare ?? helped) : helped,
  );
}

/** A skill's own dose as it is prescribed. */
export function dosePrescription(
  personId: string,
  dose: Dose,
  rungs: readonly Pick<Rung, 'setupId'>[],
): PrescriptionInput {
  const setupIds = rungs.map(({ setupId }) => setupId);
  return prescriptionOf(dose, { personId, setupIds, track: 'main' });
}
