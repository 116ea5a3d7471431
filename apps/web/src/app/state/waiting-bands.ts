import type { BandToday, MeasurementRecord, Reading } from '@wiry-otter/contracts';
import { STANDING_ERROR_N } from '@wiry-otter/core';
import type { WaitingWrite } from './outbox';

/** A band as it will be once what waits has reached the server, so that nothing seems lost meanwhile. */
export function withWaiting(band: BandToday, waiting: readonly WaitingWrite[]): BandToday {
  return waiting.reduce((known, write) => {
    if (write.kind === 'set' || write.bandId !== band.id) return known;
    if (write.kind === 'measurement') return withMeasurement(known, write);
    return write.kind === 'reading' ? withReading(known, write) : known;
  }, band);
}

type Waiting<Kind extends WaitingWrite['kind']> = Extract<WaitingWrite, { kind: Kind }>;

function withMeasurement(band: BandToday, { id, input }: Waiting<'measurement'>): BandToday {
  const known = band.measurements.find((measurement) => measurement.id === id);
  const next: MeasurementRecord = {
    ...(known ?? { ...input, id, takenBy: '', readings: [] }),
    finishedAt: input.finishedAt,
    note: input.note,
  };
  const others = band.measurements.filter((measurement) => measurement.id !== id);
  return { ...band, measurements: [...others, next] };
}

function withReading(band: BandToday, { id, measurementId, input }: Waiting<'reading'>): BandToday {
  return {
    ...band,
    measurements: band.measurements.map((measurement) => {
      const there = measurement.readings.some((reading) => reading.id === id);
      if (measurement.id !== measurementId || there) return measurement;
      const reading: Reading = {
        ...input,
        ...(measurement.rigging === 'standing' ? { gaugeError_N: STANDING_ERROR_N } : {}),
        id,
        takenBy: '',
        setAside: false,
        setAsideReason: '',
      };
      return { ...measurement, readings: [...measurement.readings, reading] };
    }),
  };
}
