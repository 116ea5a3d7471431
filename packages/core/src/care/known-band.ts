import { naturalStrands } from '../elastic/band.js';
import { type Calibration, predictStrand } from '../elastic/calibration.js';
import {
  firstMeasurement,
  lawOfBand,
  lawOfMeasurement,
  type MeasuredBand,
  standingMeasurement,
} from '../elastic/measurements.js';
import { bandOfCopy } from '../rig/band-copies.js';
import type { FittedBand } from '../rig/compose.js';
import type { BandFacts } from '../safety/caution.js';
import type { Material } from './inspection.js';
import { type Softening, softening } from './softening.js';

/** Where a copy of a band is; a person who is not this trainer's has no name. */
export type BandHolder =
  | { readonly at: 'bag' }
  | { readonly at: 'place'; readonly placeId: string }
  | { readonly at: 'person'; readonly personId: string | null };

/** A band as it is recorded, as far as its use depends on it. */
export interface RecordedBand extends MeasuredBand {
  readonly id: string;
  readonly name: string;
  readonly stock: 'band' | 'roll';
  readonly cutFrom: string | null;
  readonly state: 'inUse' | 'watch' | 'retired';
  readonly removed: boolean;
  readonly material: Material;
  readonly limit: number;
  readonly fittings: { readonly deadLength_m: number; readonly mass_kg: number } | null;
  readonly copies: readonly {
    readonly holder: BandHolder;
    readonly state: 'inUse' | 'watch' | 'retired';
    readonly inspectionDue: boolean;
  }[];
}

/** A band with what follows from its record: its law, and how soft it has become. */
export interface KnownBand<Recorded extends RecordedBand = RecordedBand> {
  readonly record: Recorded;
  /** Null without a pull and without a label. */
  readonly calibration: Calibration | null;
  /** Null for a band measured once. */
  readonly softening: Softening | null;
}

/** Fits the law of a band; `roll` is the one it was cut from, if it was. */
export function knowBand<Recorded extends RecordedBand>(
  record: Recorded,
  roll?: RecordedBand,
): KnownBand<Recorded> {
  const law = lawOfBand(record, roll);
  return {
    record,
    calibration: law.ok ? law.value : null,
    softening: law.ok ? softeningOf(record, law.value) : null,
  };
}

/** Fits the laws of bands among which are the rolls that some were cut from. */
export function knowBands<Recorded extends RecordedBand>(
  records: readonly Recorded[],
): KnownBand<Recorded>[] {
  const byId = new Map(records.map((record) => [record.id, record]));
  return records.map((record) =>
    knowBand(record, record.cutFrom === null ? undefined : byId.get(record.cutFrom)),
  );
}

/** Whether a band may be put into a set-up: on the rail, not a roll, some copy of it not retired. */
export function canBeUsed({ record }: KnownBand): boolean {
  return !record.removed && record.stock === 'band' && record.state !== 'retired';
}

/** How many equal copies of a band may be put into one set-up. */
export function copiesInUse(band: KnownBand): number {
  return canBeUsed(band) ? band.record.copies.filter(({ state }) => state !== 'retired').length : 0;
}

/**
 * What the cautions weigh about the bands of a set-up, each under the id that it has there; bands
 * that are not known are left out.
 */
export function factsOfLaid(ids: readonly string[], known: readonly KnownBand[]): BandFacts[] {
  return ids.flatMap((id) => {
    const band = known.find(({ record }) => record.id === bandOfCopy(id));
    return band === undefined ? [] : { ...bandFacts(band), id };
  });
}

/** What the cautions weigh about a band. */
function bandFacts({ record, calibration, softening }: KnownBand): BandFacts {
  return {
    id: record.id,
    title: record.name,
    grade: calibration?.grade ?? 'label',
    retired: record.removed || record.state === 'retired',
    flatLength_m: record.flatLength_m,
    material: record.material,
    inspectionDue: record.copies.some((copy) => copy.state !== 'retired' && copy.inspectionDue),
    softening,
    covariance: calibration?.covariance,
    hasHandles: record.fittings !== null,
  };
}

/** The stretch at which bands are compared at a glance. */
export const GLANCE_STRETCH = 2;

/** Pull of the band hung by its two ends at a stretch ratio, with its standard deviation, N; null without a law. */
export function naturalPull(
  { record, calibration }: KnownBand,
  stretch: number,
): { readonly force_N: number; readonly std_N: number } | null {
  if (calibration === null) return null;
  const strands = naturalStrands(record.kind);
  const { strand_N, std_N } = predictStrand(calibration, stretch);
  return { force_N: strands * strand_N, std_N: strands * std_N };
}

/** The band as a set-up takes it. Throws for a band without a law. */
export function fittedBand({ record, calibration }: KnownBand): FittedBand {
  if (calibration === null) throw new RangeError(`${record.name} has no law`);
  const { id, kind, flatLength_m, limit, fittings } = record;
  return {
    id,
    kind,
    flatLength_m,
    limit,
    law: calibration.law,
    loss: calibration.loss,
    deadLength_m: fittings?.deadLength_m ?? 0,
    fittingsMass_kg: fittings?.mass_kg ?? 0,
  };
}

function softeningOf(record: RecordedBand, now: Calibration): Softening | null {
  const standing = standingMeasurement(record);
  if (standing === undefined) return null;
  // Equal bands differ a little and age apart: a copy is compared with itself.
  const first = firstMeasurement(record, standing.copyId);
  if (first === undefined || first === standing) return null;
  const before = lawOfMeasurement(record, first);
  return before.ok ? softening(before.value, now, record.limit) : null;
}
