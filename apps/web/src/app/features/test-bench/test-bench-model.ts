import type { BandToday, MeasurementRecord, Reading } from '@wiry-otter/contracts';
import {
  calibrate,
  type Calibration,
  countedPulls,
  isMeasuringDone,
  nextStretch,
  nextWayBackStretch,
  type Residual,
  residuals,
  riggedForGauge,
  type Rigged,
  riggedLength,
  type Rigging,
  toStrandReading,
  worstSpread,
  type WorstSpread,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';

/** A roll is measured on a piece of it that is marked off, m. */
export const ROLL_PIECE_M = 0.5;

/** Warm-up stretches before the first reading, to the band's limit: what it has not been stretched to since it rested, it pulls too hard at. */
export const WARM_UPS = 1;

/** One reading with how it lies to the law. */
export interface ReadingWithResidual {
  readonly reading: Reading;
  readonly stretch: number;
  /** Null for a reading that was set aside. */
  readonly residual: Residual | null;
}

/** All that the test bench shows of a measurement, worked out anew with every reading. */
export interface TestBenchFigures {
  /** Null before the first pull and without a label. */
  readonly calibration: Calibration | null;
  readonly worst: WorstSpread | null;
  readonly done: boolean;
  readonly readings: readonly ReadingWithResidual[];
  readonly next: { readonly stretch: number; readonly length_m: number } | null;
}

/** The band as it is rigged; of a roll the piece marked off on it. */
export function riggedToMeasure(band: BandToday, rigging: Rigging, piece_m: number): Rigged {
  return riggedForGauge(
    {
      kind: band.kind,
      flatLength_m: band.stock === 'roll' ? piece_m : band.flatLength_m,
      deadLength_m: band.fittings?.deadLength_m,
    },
    rigging,
  );
}

/** What a reading of a band so rigged carries besides length and pull. */
export function riggedFields(rigged: Rigged): Pick<Reading, 'rest_m' | 'strands' | 'dead_m'> {
  return { rest_m: rigged.rest_m, strands: rigged.strands, dead_m: rigged.dead_m };
}

export function figuresOf(
  band: BandToday,
  measurement: MeasurementRecord | undefined,
  rigged: Rigged,
  direction: 'loading' | 'unloading',
): TestBenchFigures {
  const { kind, flatLength_m, label, limit } = band;
  const samples = measurement === undefined ? [] : countedPulls(measurement);
  const pulled = { kind, flatLength_m, label, samples };
  const fitted = calibrate(pulled);
  const calibration = fitted.ok ? fitted.value : null;
  const off = residuals(pulled);
  const worst =
    calibration === null || samples.length === 0 ? null : worstSpread(calibration, limit);
  const stretch = direction === 'loading' ? nextStretch(pulled, limit) : nextWayBackStretch(pulled);
  return {
    calibration,
    worst,
    done: isMeasuringDone(pulled, limit),
    readings: (measurement?.readings ?? []).map((reading) => ({
      reading,
      stretch: toStrandReading(band, reading).stretch,
      residual: off[samples.findIndex((sample) => sample === reading)] ?? null,
    })),
    next: stretch === null ? null : { stretch, length_m: riggedLength(rigged, stretch) },
  };
}

/** Why a pull at this length is refused; null when it may be done. */
export function lengthFault(
  band: BandToday,
  rigged: Rigged,
  length_m: number,
  unit: LengthUnit,
): string | null {
  const stretch = (length_m - rigged.dead_m) / rigged.rest_m;
  if (stretch > band.limit * (1 + 1e-9)) {
    const most = riggedLength(rigged, band.limit);
    return `That is ×${stretch.toFixed(2)}, past this band's limit of ×${band.limit.toFixed(2)}: not beyond ${writeLength(most, unit)}.`;
  }
  return stretch <= 1 ? 'That is no longer than the band at rest.' : null;
}
