import type { Result } from '../faults.js';
import type { BandKind } from './band.js';
import { calibrate, type Calibration, type LabelClaim, type PullSample } from './calibration.js';

/** A pull that may have been set aside: kept, but not counted. */
export interface KeptPull extends PullSample {
  readonly setAside: boolean;
}

/** Pulls taken in one go. */
export interface Measurement {
  readonly id: string;
  /** Which of several equal bands was pulled; they age apart. */
  readonly copyId?: string | undefined;
  /** ISO 8601, comparable as text. */
  readonly startedAt: string;
  /** Null while it goes on. */
  readonly finishedAt: string | null;
  readonly readings: readonly KeptPull[];
}

/** What of a band its law follows from. */
export interface MeasuredBand {
  readonly kind: BandKind;
  readonly flatLength_m: number;
  readonly label?: LabelClaim | null | undefined;
  /** The measurement chosen for the law; none for the latest. */
  readonly lawFrom?: string | null | undefined;
  readonly measurements: readonly Measurement[];
}

/**
 * The measurement whose law a band has: the one chosen, else the latest that is
 * finished, else the latest begun. Measurements without a pull that counts are
 * passed over, so that one just begun does not hide the law known before.
 */
export function standingMeasurement(band: MeasuredBand): Measurement | undefined {
  const useful = band.measurements.filter(hasLoadingPull);
  const chosen = useful.find(({ id }) => id === band.lawFrom);
  return chosen ?? latest(useful.filter(({ finishedAt }) => finishedAt !== null)) ?? latest(useful);
}

/**
 * The first measurement of a copy with a pull that counts: what its later ones
 * are compared with.
 */
export function firstMeasurement(band: MeasuredBand, copyId?: string): Measurement | undefined {
  return band.measurements
    .filter((measurement) => measurement.copyId === copyId && hasLoadingPull(measurement))
    .reduce<Measurement | undefined>(
      (first, next) => (first === undefined || next.startedAt < first.startedAt ? next : first),
      undefined,
    );
}

/**
 * The law of a band: of its standing measurement; of the roll it was cut from,
 * since a strand's law does not depend on its length; of its label. Fails when
 * there is none of them.
 */
export function lawOfBand(band: MeasuredBand, roll?: MeasuredBand): Result<Calibration> {
  const own = standingMeasurement(band);
  if (own !== undefined) return lawOfMeasurement(band, own);
  if (roll !== undefined) {
    const standing = standingMeasurement(roll);
    if (standing !== undefined || !band.label) return lawOfBand(roll);
  }
  return calibrate({ ...band, samples: [] });
}

/** The law fitted to the pulls of one measurement that count; of the label where there are none. */
export function lawOfMeasurement(
  band: Omit<MeasuredBand, 'measurements' | 'lawFrom'>,
  measurement: Measurement,
): Result<Calibration> {
  const { kind, flatLength_m, label } = band;
  return calibrate({ kind, flatLength_m, label, samples: countedPulls(measurement) });
}

/** The pulls of a measurement that were not set aside. */
export function countedPulls(measurement: Measurement): KeptPull[] {
  return measurement.readings.filter(({ setAside }) => !setAside);
}

function hasLoadingPull({ readings }: Measurement): boolean {
  return readings.some(
    ({ setAside, direction, force_N }) => !setAside && direction !== 'unloading' && force_N > 0,
  );
}

function latest(measurements: readonly Measurement[]): Measurement | undefined {
  return measurements.reduce<Measurement | undefined>(
    (last, next) => (last === undefined || next.startedAt >= last.startedAt ? next : last),
    undefined,
  );
}
