import type { Reading } from '@wiry-otter/contracts';
import {
  naturalStrands,
  predictStrand,
  standingMeasurement,
  toStrandReading,
  RANGE_90,
} from '@wiry-otter/core';

import type { KnownBand } from './band-law';

export interface CurvePoint {
  readonly x: number;
  readonly y: number;
}

/** What the curve of a band shows: pull of the band hung by its ends over stretch, N. */
export interface CurveData {
  readonly line: readonly CurvePoint[];
  readonly above: readonly CurvePoint[];
  readonly below: readonly CurvePoint[];
  readonly readings: readonly CurvePoint[];
  readonly wayBack: readonly CurvePoint[];
  readonly setAside: readonly CurvePoint[];
  readonly claim: readonly CurvePoint[];
}

const STEPS = 60;
/** The label's ends are taken at these stretch ratios (see docs/method.md). */
const CLAIM_STRETCH = { min: 1.5, max: 3 } as const;

/**
 * The law with its 90 % range up to the band's limit, the pulls of the standing
 * measurement (or those given) and the label's claim.
 */
export function curveData(
  { record, calibration }: KnownBand,
  readings: readonly Reading[] = standingReadings(record),
): CurveData {
  const strands = naturalStrands(record.kind);
  const line: CurvePoint[] = [];
  const above: CurvePoint[] = [];
  const below: CurvePoint[] = [];
  for (let i = 0; calibration !== null && i <= STEPS; i++) {
    const x = 1 + ((record.limit - 1) * i) / STEPS;
    const { strand_N, std_N } = predictStrand(calibration, x);
    line.push({ x, y: strands * strand_N });
    above.push({ x, y: strands * (strand_N + RANGE_90 * std_N) });
    below.push({ x, y: strands * Math.max(0, strand_N - RANGE_90 * std_N) });
  }
  const points = readings.map((reading) => {
    const { stretch, strand_N } = toStrandReading(record, reading);
    return { reading, point: { x: stretch, y: strands * strand_N } };
  });
  const pick = (wanted: (reading: (typeof points)[number]['reading']) => boolean): CurvePoint[] =>
    points.filter(({ reading }) => wanted(reading)).map(({ point }) => point);
  return {
    line,
    above,
    below,
    readings: pick((r) => !r.setAside && r.direction === 'loading'),
    wayBack: pick((r) => !r.setAside && r.direction === 'unloading'),
    setAside: pick((r) => r.setAside),
    claim:
      record.label === null
        ? []
        : [
            { x: CLAIM_STRETCH.min, y: record.label.min_N },
            { x: CLAIM_STRETCH.max, y: record.label.max_N },
          ],
  };
}

/** The pulls that the law of a band rests on, those set aside among them. */
export function standingReadings(record: KnownBand['record']): readonly Reading[] {
  const standing = standingMeasurement(record)?.id;
  return record.measurements.find(({ id }) => id === standing)?.readings ?? [];
}
