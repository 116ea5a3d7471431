import type { BandKind } from '@wiry-otter/core';
import { GLANCE_STRETCH, naturalPull } from '@wiry-otter/core';
import { type KnownBand, KIND_WORDS } from './band-law';

/** One ribbon on the rail, px. */
export interface HungBand {
  readonly band: KnownBand;
  readonly x: number;
  /** Unstretched length that is drawn, m. */
  readonly rest_m: number;
  readonly length: number;
  readonly width: number;
  /** Room on the rail, px. */
  readonly column: number;
}

export interface RailGroup {
  readonly words: string;
  readonly x: number;
  readonly width: number;
  readonly bands: readonly HungBand[];
}

export interface RailLayout {
  readonly groups: readonly RailGroup[];
  readonly width: number;
  readonly height: number;
}

/** Lengths share one scale and widths another: true to each other, and both to be seen. */
const PX_PER_METRE = 270;
const PX_PER_MILLIMETRE = 0.55;
const LEAST_COLUMN = 58;
const COLUMN_MARGIN = 16;
const GROUP_GAP = 16;
const ORDER: readonly BandKind[] = ['miniLoop', 'tube', 'tubing', 'loop', 'strip'];

/** Of a roll a free end of this length hangs down; what is on it is in words. */
const ROLL_END_M = 0.3;
/** A roll seen from the front: as wide as its strip, this high. */
export const ROLL_PX = 34;

/** Hangs the bands side by side, grouped by kind, longest pull to the right; rolls come last. */
export function layOutRail(bands: readonly KnownBand[]): RailLayout {
  const ofKind = (kind: BandKind) =>
    bands.filter(({ record }) => record.kind === kind && record.stock === 'band');
  const wanted = [
    ...ORDER.map((kind) => ({ words: KIND_WORDS[kind], members: ofKind(kind) })),
    { words: 'Rolls', members: bands.filter(({ record }) => record.stock === 'roll') },
  ];
  const groups: RailGroup[] = [];
  let x = 0;
  for (const { words, members } of wanted) {
    if (members.length === 0) continue;
    const start = x;
    const hung = [...members]
      .sort((a, b) => pullOf(a) - pullOf(b))
      .map((band) => {
        const place = hang(band, x);
        x += place.column;
        return place;
      });
    groups.push({ words, x: start, width: x - start, bands: hung });
    x += GROUP_GAP;
  }
  const longest = Math.max(0, ...groups.flatMap(({ bands: hung }) => hung.map((b) => b.length)));
  return { groups, width: Math.max(0, x - GROUP_GAP), height: longest };
}

function hang(band: KnownBand, x: number): HungBand {
  const { width_mm, flatLength_m, stock } = band.record;
  const width = width_mm * PX_PER_MILLIMETRE;
  const column = Math.max(LEAST_COLUMN, width + COLUMN_MARGIN);
  const rest_m = stock === 'roll' ? Math.min(ROLL_END_M, flatLength_m) : flatLength_m;
  return { band, x: x + column / 2, rest_m, length: rest_m * PX_PER_METRE, width, column };
}

function pullOf(band: KnownBand): number {
  return naturalPull(band, GLANCE_STRETCH)?.force_N ?? 0;
}
