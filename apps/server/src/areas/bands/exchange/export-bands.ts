import type { BandDocument, BandToday, Holder } from '@wiry-otter/contracts';
import Papa from 'papaparse';
import { BAND_COLUMNS, bandRow } from './band-rows.js';
import { headerOf } from './columns.js';
import { MEASUREMENT_COLUMNS, measurementRows } from './measurement-rows.js';
import { neutralised } from './read-csv.js';

/** The table of bands as CSV: comma, UTF-8 with its mark (spreadsheets ask for it), Windows line ends. */
export function bandsCsv(bands: readonly BandToday[]): string {
  return csv([headerOf(BAND_COLUMNS), ...bands.map(bandRow)]);
}

/** The table of measurements as CSV: a row for each pull. */
export function measurementsCsv(bands: readonly BandToday[]): string {
  return csv([
    headerOf(MEASUREMENT_COLUMNS),
    ...bands.flatMap((band) =>
      band.measurements.flatMap((measurement) => measurementRows(band, measurement)),
    ),
  ]);
}

/** A band as the open document, with every pull and all that happened to it. */
export function bandDocumentOf(band: BandToday): BandDocument {
  const { id, name, kind, stock, cutFrom, flatLength_m, width_mm, thickness_mm, material } = band;
  const { colour, tag, points, label, limit, fittings, note, lawFrom } = band;
  return {
    format: 'wiry-otter.band',
    version: 1,
    ...{ id, name, kind, stock, cutFrom, flatLength_m, width_mm, thickness_mm, material },
    ...{ colour, tag, points, label, limit, fittings, note },
    copies: band.copies.map((copy) => ({
      id: copy.id,
      mark: copy.mark,
      boughtOn: copy.boughtOn,
      state: copy.state,
      stateReason: copy.stateReason,
      holder: whereaboutsOf(copy.holder),
    })),
    measurements: band.measurements.map((measurement) => ({
      id: measurement.id,
      copy: measurement.copyId,
      day: measurement.startedAt.slice(0, 10),
      rigging: measurement.rigging,
      gauge: measurement.gauge,
      warmUps: measurement.warmUps,
      note: measurement.note,
      samples: measurement.readings.map((reading) => ({
        length_m: reading.length_m,
        force_N: reading.force_N,
        direction: reading.direction,
        dead_m: reading.dead_m,
        ...(reading.rest_m === null ? {} : { rest_m: reading.rest_m }),
        ...(reading.strands === null ? {} : { strands: reading.strands }),
        ...(reading.weighing === null ? {} : { weighing: reading.weighing }),
        ...(reading.setAside ? { setAside: reading.setAsideReason } : {}),
      })),
    })),
    lawFrom,
    events: band.events.map(({ copyId, at, what }) => ({
      copy: copyId,
      day: at.slice(0, 10),
      what: what.kind === 'moved' ? { ...what, holder: whereaboutsOf(what.holder) } : what,
    })),
  };
}

function whereaboutsOf(holder: Holder): BandDocument['copies'][number]['holder'] {
  if (holder.at === 'place') return { place: holder.placeId };
  if (holder.at === 'person' && holder.personId !== null) return { person: holder.personId };
  return 'bag';
}

function csv(rows: readonly (readonly string[])[]): string {
  return `\uFEFF${Papa.unparse(
    rows.map((row) => row.map(neutralised)),
    { newline: '\r\n' },
  )}\r\n`;
}
