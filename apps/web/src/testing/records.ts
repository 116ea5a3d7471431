import type { BandRecord } from '@wiry-otter/contracts';

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
