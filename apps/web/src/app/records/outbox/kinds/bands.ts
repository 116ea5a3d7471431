import type {
  BandEventInput,
  BandInput,
  BandRecord,
  CutInput,
  LawChoice,
  MeasurementInput,
  Reading,
  ReadingAsideInput,
  ReadingInput,
} from '@wiry-otter/contracts';
import { bestCopyState, copyAfter, STANDING_ERROR_N } from '@wiry-otter/core';
import { format } from 'date-fns';
import {
  type RecordView,
  shown,
  type ShownRecord,
  type WriteFacts,
  type WriteKindOf,
} from '../write-kind';
import { fieldsOf } from './band-input';

interface Band {
  readonly id: string;
}
interface Measurement extends Band {
  readonly measurementId: string;
}
interface PulledOnce extends Measurement {
  readonly readingId: string;
}

type Change = (band: BandRecord) => BandRecord;

/** A band that is there already, changed; nothing where this device does not know it. */
function changed(view: RecordView, { id }: Band, change: Change): ShownRecord[] {
  const band = view.get('band', id);
  return band === undefined ? [] : [shown('band', { ...change(band), version: band.version + 1 })];
}

export const putBand: WriteKindOf<Band, BandInput> = {
  method: 'PUT',
  path: ({ id }) => `/bands/${id}`,
  answers: 'band',
  // The record tells more of its copies than is written of them.
  fieldsOf: (record) => fieldsOf(record as BandRecord),
  about: ({ id }, { cutFrom }) => [id, ...(cutFrom === null ? [] : [cutFrom])],
  show(view, { at, body: { copies, ...fields }, params: { id } }) {
    const before = view.get('band', id);
    const added = copies.map((copy) => ({
      state: 'inUse' as const,
      stateReason: '',
      holder: { at: 'bag' as const },
      lastInspection: null,
      countsFrom: copy.boughtOn ?? format(new Date(at), 'yyyy-MM-dd'),
      ...before?.copies.find((known) => known.id === copy.id),
      ...copy,
    }));
    const others = before?.copies.filter((known) => copies.every((copy) => copy.id !== known.id));
    const all = [...added, ...(others ?? [])];
    return [
      shown('band', {
        measurements: [],
        events: [],
        lawFrom: null,
        removed: false,
        ...before,
        ...fields,
        id,
        version: fields.version + 1,
        state: bestCopyState(all),
        copies: all,
      }),
    ];
  },
};

const setRemoved =
  (removed: boolean): Change =>
  (band) => ({ ...band, removed });

export const removeBand: WriteKindOf<Band, null> = {
  method: 'DELETE',
  path: ({ id }) => `/bands/${id}`,
  answers: 'band',
  about: ({ id }) => [id],
  show: (view, { params }) => changed(view, params, setRemoved(true)),
};

export const restoreBand: WriteKindOf<Band, null> = {
  method: 'POST',
  path: ({ id }) => `/bands/${id}/restore`,
  answers: 'band',
  about: ({ id }) => [id],
  show: (view, { params }) => changed(view, params, setRemoved(false)),
};

export const chooseLaw: WriteKindOf<Band, LawChoice> = {
  method: 'PUT',
  path: ({ id }) => `/bands/${id}/law`,
  answers: 'band',
  fieldsOf(record) {
    const { lawFrom, version } = record as BandRecord;
    return { version, measurementId: lawFrom } satisfies LawChoice;
  },
  about: ({ id }) => [id],
  show: (view, { body, params }) =>
    changed(view, params, (band) => ({ ...band, lawFrom: body.measurementId })),
};

export const cutPiece: WriteKindOf<Band, CutInput> = {
  method: 'POST',
  path: ({ id }) => `/bands/${id}/cut`,
  answers: 'band',
  // All else is of the piece, which nobody has but this device.
  fieldsOf: (record) => ({ version: (record as BandRecord).version }),
  about: ({ id }, { pieceId }) => [id, pieceId],
  show(view, { at, body: { copyId, length_m, name, pieceId, tag }, params }) {
    const roll = view.get('band', params.id);
    if (roll === undefined) return [];
    const copy = {
      id: copyId,
      mark: 'a',
      boughtOn: null,
      state: 'inUse' as const,
      stateReason: '',
      holder: { at: 'bag' as const },
      lastInspection: null,
      countsFrom: format(new Date(at), 'yyyy-MM-dd'),
    };
    const piece: BandRecord = {
      ...roll,
      ...{ id: pieceId, version: 1, name, tag, stock: 'band', cutFrom: roll.id, state: 'inUse' },
      ...{ flatLength_m: length_m, label: null, lawFrom: null, note: '', removed: false },
      ...{ copies: [copy], measurements: [], events: [] },
    };
    const left = Number((roll.flatLength_m - length_m).toFixed(4));
    return [
      ...changed(view, params, (band) => ({ ...band, flatLength_m: left })),
      shown('band', piece),
    ];
  },
};

export const putMeasurement: WriteKindOf<Measurement, MeasurementInput> = {
  method: 'PUT',
  path: ({ id, measurementId }) => `/bands/${id}/measurements/${measurementId}`,
  answers: 'band',
  about: ({ id }) => [id],
  show: (view, { body, by, params }) =>
    changed(view, params, (band) => {
      const known = band.measurements.find(({ id }) => id === params.measurementId);
      const next = {
        ...(known ?? { ...body, id: params.measurementId, takenBy: by.name, readings: [] }),
        finishedAt: body.finishedAt,
        note: body.note,
      };
      const others = band.measurements.filter(({ id }) => id !== params.measurementId);
      return { ...band, measurements: [...others, next] };
    }),
};

/** The readings of a measurement, changed. */
function withReadings(
  view: RecordView,
  params: Measurement,
  change: (readings: readonly Reading[], isStanding: boolean) => Reading[],
): ShownRecord[] {
  return changed(view, params, (band) => ({
    ...band,
    measurements: band.measurements.map((measurement) =>
      measurement.id === params.measurementId
        ? {
            ...measurement,
            readings: change(measurement.readings, measurement.rigging === 'standing'),
          }
        : measurement,
    ),
  }));
}

export const addReading: WriteKindOf<PulledOnce, ReadingInput> = {
  method: 'PUT',
  path: ({ id, measurementId, readingId }) =>
    `/bands/${id}/measurements/${measurementId}/readings/${readingId}`,
  answers: 'band',
  about: ({ id }) => [id],
  show: (view, { body, by, params }) =>
    withReadings(view, params, (readings, isStanding) => [
      ...readings.filter(({ id }) => id !== params.readingId),
      {
        ...body,
        ...(isStanding ? { gaugeError_N: STANDING_ERROR_N } : {}),
        id: params.readingId,
        takenBy: by.name,
        setAside: false,
        setAsideReason: '',
      },
    ]),
};

export const setReadingAside: WriteKindOf<PulledOnce, ReadingAsideInput> = {
  method: 'PUT',
  path: ({ id, measurementId, readingId }) =>
    `/bands/${id}/measurements/${measurementId}/readings/${readingId}/set-aside`,
  answers: 'band',
  about: ({ id }) => [id],
  show: (view, { body: { reason, setAside }, params }) =>
    withReadings(view, params, (readings) =>
      readings.map((reading) =>
        reading.id === params.readingId
          ? { ...reading, setAside, setAsideReason: reason }
          : reading,
      ),
    ),
};

interface Happened extends Band {
  readonly eventId: string;
}

export const addBandEvent: WriteKindOf<Happened, BandEventInput> = {
  method: 'PUT',
  path: ({ eventId, id }) => `/bands/${id}/events/${eventId}`,
  answers: 'band',
  about: ({ id }) => [id],
  show(view, { body, by, params }: WriteFacts<Happened, BandEventInput>) {
    const { at, copyId, what } = body;
    const personId =
      what.kind === 'moved' && what.holder.at === 'person' ? what.holder.personId : null;
    const happened = changed(view, params, (band) => {
      if (band.events.some(({ id }) => id === params.eventId)) return band;
      const day = format(new Date(at), 'yyyy-MM-dd');
      const copies = band.copies.map((copy) =>
        copy.id === copyId
          ? {
              ...copy,
              ...copyAfter(what, copy),
              ...(what.kind === 'inspected' ? { lastInspection: day, countsFrom: day } : {}),
            }
          : copy,
      );
      const event = { id: params.eventId, copyId, at, by: by.name, what };
      return { ...band, copies, state: bestCopyState(copies), events: [...band.events, event] };
    });
    return personId === null
      ? happened
      : [
          ...happened,
          shown('bandMove', { id: params.eventId, bandId: params.id, copyId, personId }),
        ];
  },
};
