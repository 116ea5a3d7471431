import type {
  BandToday,
  MeasurementRecord,
  AnchorRecord,
  PersonRecord,
  PlaceRecord,
  Reading,
} from '@wiry-otter/contracts';
import { NOTHING_SAID_YET } from '@wiry-otter/derived';

/** A band as the server would send it, for specs. */
export function bandRecord(part: Partial<BandToday> = {}): BandToday {
  return {
    id: 'a',
    version: 1,
    name: 'Plank',
    kind: 'loop',
    flatLength_m: 1.04,
    width_mm: 22,
    colour: '#446688',
    tag: 3,
    label: null,
    stock: 'band',
    cutFrom: null,
    thickness_mm: null,
    material: 'latexLayered',
    points: null,
    fittings: null,
    limit: 2.5,
    lawFrom: null,
    state: 'inUse',
    note: '',
    removed: false,
    copies: [copyRecord()],
    measurements: [],
    events: [],
    ...part,
  };
}

/** A copy in the bag, inspected lately. */
export function copyRecord(
  part: Partial<BandToday['copies'][number]> = {},
): BandToday['copies'][number] {
  return {
    id: `${UUID}e`,
    mark: 'a',
    boughtOn: null,
    state: 'inUse',
    stateReason: '',
    holder: { at: 'bag' },
    lastInspection: '2026-11-09',
    countsFrom: '2026-11-09',
    cycles: { total: 0, sinceInspection: 0 },
    inspectionDue: false,
    ...part,
  };
}

/** A finished measurement of these pulls. */
export function measurementRecord(
  readings: readonly Reading[],
  part: Partial<MeasurementRecord> = {},
): MeasurementRecord {
  return {
    id: 'm',
    copyId: `${UUID}e`,
    rigging: 'end',
    gauge: { kind: 'typed', name: 'Luggage scale' },
    warmUps: 3,
    startedAt: '2026-11-20T09:00:00.000Z',
    finishedAt: '2026-11-20T09:10:00.000Z',
    note: '',
    takenBy: 'Mika Ferrow',
    readings: [...readings],
    ...part,
  };
}

/** A band with one finished measurement of these pulls. */
export function measuredBand(
  readings: readonly Reading[],
  part: Partial<BandToday> = {},
): BandToday {
  return bandRecord({ measurements: [measurementRecord(readings)], ...part });
}

/** A pull as the server would send it. */
export function pull(length_m: number, force_N: number, part: Partial<Reading> = {}): Reading {
  return {
    id: `${length_m}-${force_N}`,
    length_m,
    force_N,
    rest_m: null,
    strands: null,
    dead_m: 0,
    direction: 'loading',
    weighing: null,
    takenAt: '2026-11-20T09:00:00.000Z',
    takenBy: 'Mika Ferrow',
    setAside: false,
    setAsideReason: '',
    ...part,
  };
}

export const UUID = '0190a6c8-0000-7000-8000-00000000000';

/** A person as the server would send them. */
export function personRecord(part: Partial<PersonRecord> = {}): PersonRecord {
  return {
    id: `${UUID}1`,
    version: 1,
    name: 'Tobias Quill',
    about: 'Ferry cook',
    stature_m: 1.8,
    mass_kg: 85,
    goal: 'keep',
    painLimit: 3,
    latexAllergy: false,
    bornOn: null,
    conditions: [],
    mountLimit_N: 250,
    ranges: [],
    clearance: null,
    trainedSince: {},
    trainerIds: [],
    clearancesBefore: [],
    ...NOTHING_SAID_YET,
    ...part,
  };
}

/** A strap on a wall, unless said otherwise. */
export function anchorRecord(part: Partial<AnchorRecord> = {}): AnchorRecord {
  return {
    id: `${UUID}3`,
    name: 'Wall strap',
    kind: 'wall',
    lowest_m: 0,
    highest_m: 2,
    girth_m: null,
    ratedLoad_N: 2000,
    room_m: null,
    door: null,
    ...part,
  };
}

/** A place with one anchor of each kind that a row can use. */
export function placeRecord(): PlaceRecord {
  return {
    id: `${UUID}2`,
    name: 'Boatyard loft',
    version: 1,
    about: '',
    anchors: [
      anchorRecord({ id: `${UUID}3`, name: 'Wall strap', lowest_m: 0.4, highest_m: 2 }),
      anchorRecord({
        id: `${UUID}4`,
        name: 'Hall door',
        kind: 'door',
        lowest_m: 0.8,
        highest_m: 1.3,
        door: { side: 'hinge', opens: 'away', locked: false, foamEnd: true },
      }),
      anchorRecord({
        id: `${UUID}5`,
        name: 'Bar',
        kind: 'bar',
        lowest_m: 2.25,
        highest_m: 2.25,
        girth_m: 0.1,
      }),
    ],
  };
}
