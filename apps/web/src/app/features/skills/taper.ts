import type { PrescriptionInput } from '@wiry-otter/contracts';
import { type FirstHelp, helpOver, TAPER_RANGES } from '@wiry-otter/core';
import type { Rung } from '../setups/ladder/ladder-model';

/** One set of a taper: a rung and the range it is to be filled. */
export interface TaperSet {
  readonly rung: Rung;
  /** Share of the need that the rung takes off, where it is read. */
  readonly share: number;
  readonly wanted: number;
  readonly from: number;
  readonly to: number;
}

/** The three sets of a taper: for each share of help the rung that comes nearest, less help each. */
export function taperSets(rungs: readonly Rung[], { at, shares }: FirstHelp): TaperSet[] {
  const known = rungs.map((rung) => ({ rung, share: shareOf(rung, at) }));
  return TAPER_RANGES.flatMap(({ from, to }, i): TaperSet[] => {
    const wanted = shares[i];
    if (wanted === undefined) return [];
    const off = ({ share }: { readonly share: number }): number => Math.abs(share - wanted);
    const [nearest] = known.toSorted((a, b) => off(a) - off(b));
    return nearest === undefined ? [] : [{ ...nearest, wanted, from, to }];
  });
}

function shareOf({ solved: { document, solved } }: Rung, at: FirstHelp['at']): number {
  if (at === 'mean') return solved.summary.assistMean ?? 0;
  return helpOver(document, solved).hardest.share ?? 0;
}

/** Rest between the sets of a skill, s. */
const REST_S = 120;

/** A taper of three sets as it is prescribed. */
export function taperPrescription(personId: string, sets: readonly TaperSet[]): PrescriptionInput {
  return {
    personId,
    setupIds: sets.map(({ rung }) => rung.setupId),
    track: 'main',
    school: 'taper',
    sets: sets.length,
    // The ranges are the school's own; this is what all of them lie in.
    work: { kind: 'reps', from: TAPER_RANGES[2].from, to: TAPER_RANGES[0].to },
    rest_s: REST_S,
    target: sets.map(({ from }) => from),
    drop: null,
  };
}

/** Holds of a level with what is set, as they are prescribed. */
export function holdPrescription(personId: string, rung: Pick<Rung, 'setupId'>): PrescriptionInput {
  return {
    personId,
    setupIds: [rung.setupId],
    track: 'main',
    school: 'hold',
    sets: 4,
    work: { kind: 'hold', from_s: 5, to_s: 15 },
    rest_s: REST_S,
    target: [5, 5, 5, 5],
    drop: null,
  };
}

/** Slow lowerings beside the main work: held at the top for a second and lowered in one, to begin with. */
export function loweringPrescription(
  personId: string,
  rung: Pick<Rung, 'setupId'>,
): PrescriptionInput {
  return {
    personId,
    setupIds: [rung.setupId],
    track: 'lowering',
    school: 'lowering',
    sets: 3,
    work: { kind: 'lowering', hold_s: 1, lower_s: 1, reps: 3 },
    rest_s: REST_S,
    target: [1, 1, 1],
    drop: null,
  };
}
