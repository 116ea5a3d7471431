import type { BandKind } from '@wiry-otter/core';
import { GLANCE_STRETCH, type KnownBand, KIND_WORDS, naturalPull } from './band-law';

/** One ribbon on the rail, px. */
export interface HungBand {
  readonly band: KnownBand;
  readonly x: number;
  readonly length: number;
  readonly width: number;
  /** Room on the rail, px. */
  readonly column: number;
}

export interface RailGroup {
  readonly kind: BandKind;
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

/** Hangs the bands side by side, grouped by kind, longest pull to the right. */
export function layOutRail(bands: readonly KnownBand[]): RailLayout {
  const groups: RailGroup[] = [];
  let x = 0;
  for (const kind of ORDER) {
    const members = bands
      .filter(({ record }) => record.kind === kind)
      .sort((a, b) => pullOf(a) - pullOf(b));
    if (members.length === 0) continue;
    const start = x;
    const hung = members.map((band) => {
      const width = band.record.width_mm * PX_PER_MILLIMETRE;
      const column = Math.max(LEAST_COLUMN, width + COLUMN_MARGIN);
      const place = {
        band,
        x: x + column / 2,
        length: band.record.flatLength_m * PX_PER_METRE,
        width,
        column,
      };
      x += column;
      return place;
    });
    groups.push({ kind, words: KIND_WORDS[kind], x: start, width: x - start, bands: hung });
    x += GROUP_GAP;
  }
  const longest = Math.max(0, ...groups.flatMap(({ bands: hung }) => hung.map((b) => b.length)));
  return { groups, width: Math.max(0, x - GROUP_GAP), height: longest };
}

function pullOf(band: KnownBand): number {
  return naturalPull(band, GLANCE_STRETCH)?.force_N ?? 0;
}
