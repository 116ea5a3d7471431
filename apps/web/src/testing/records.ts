import type { BandRecord, PersonRecord, PlaceRecord } from '@wiry-otter/contracts';

/** A band as the server would send it, for specs. */
export function bandRecord(part: Partial<BandRecord> = {}): BandRecord {
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
    limit: 2.5,
    state: 'inUse',
    note: '',
    removed: false,
    readings: [],
    ...part,
  };
}

/** A pull as the server would send it. */
export function pull(length_m: number, force_N: number): BandRecord['readings'][number] {
  return {
    id: `${length_m}-${force_N}`,
    length_m,
    force_N,
    rest_m: null,
    strands: null,
    direction: 'loading',
    takenAt: '2026-11-20T09:00:00.000Z',
    takenBy: 'Mika Ferrow',
    setAside: false,
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
    clearance: null,
    ...part,
  };
}

/** A place with one anchor of each kind that a row can use. */
export function placeRecord(): PlaceRecord {
  return {
    id: `${UUID}2`,
    name: 'Boatyard loft',
    about: '',
    anchors: [
      { id: `${UUID}3`, name: 'Wall strap', kind: 'wall', lowest_m: 0.4, highest_m: 2 },
      { id: `${UUID}4`, name: 'Hall door', kind: 'door', lowest_m: 0.8, highest_m: 1.3 },
      { id: `${UUID}5`, name: 'Bar', kind: 'bar', lowest_m: 2.25, highest_m: 2.25 },
    ],
  };
}
