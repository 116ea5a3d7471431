import type { BandRecord } from '@wiry-otter/contracts';
import {
  type BandKind,
  calibrate,
  type Calibration,
  type Grade,
  naturalStrands,
  predictStrand,
} from '@wiry-otter/core';

/** A band with the law that the browser's core fitted to it; none without a pull or a label. */
export interface KnownBand {
  readonly record: BandRecord;
  readonly calibration: Calibration | null;
}

/** Fits the law to the readings that count, or to the label. */
export function knowBand(record: BandRecord): KnownBand {
  const samples = record.readings.filter(({ setAside }) => !setAside);
  const fitted = calibrate({ ...record, samples });
  return { record, calibration: fitted.ok ? fitted.value : null };
}

/** Pull of the band hung by its two ends at a stretch ratio, with its standard deviation, N. */
export function naturalPull(
  { record, calibration }: KnownBand,
  stretch: number,
): { force_N: number; std_N: number } | null {
  if (calibration === null) return null;
  const strands = naturalStrands(record.kind);
  const { strand_N, std_N } = predictStrand(calibration, stretch);
  return { force_N: strands * strand_N, std_N: strands * std_N };
}

/** The stretch at which bands are compared at a glance. */
export const GLANCE_STRETCH = 2;

export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  measured: 'measured',
  partial: 'partial',
  label: 'label only',
};

export const KIND_WORDS: Readonly<Record<BandKind, string>> = {
  loop: 'Loops',
  miniLoop: 'Mini',
  tube: 'Tubes',
  strip: 'Strips',
  tubing: 'Tubing',
};

export const KIND_WORD: Readonly<Record<BandKind, string>> = {
  loop: 'loop',
  miniLoop: 'mini loop',
  tube: 'tube with handles',
  strip: 'flat strip',
  tubing: 'tubing',
};
