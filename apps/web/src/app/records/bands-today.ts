import type {
  BandMoveRecord,
  BandRecord,
  BandToday,
  BandWearRecord,
  StudioRecord,
} from '@wiry-otter/contracts';
import { bandToday, DEFAULT_INSPECTION_RULE } from '@wiry-otter/core';

/** Records that bands as they stand on a day follow from. */
export interface BandRecords {
  readonly bands: readonly BandRecord[];
  readonly wear: readonly BandWearRecord[];
  readonly moves: readonly BandMoveRecord[];
  readonly studio: StudioRecord | undefined;
}

/** Bands as they stand on a day, ISO 8601. */
export function bandsToday(
  { bands, moves, studio, wear }: BandRecords,
  today: string,
): BandToday[] {
  const facts = {
    wear: new Map(wear.map((row) => [row.id, row])),
    moves: new Map(moves.map((row) => [row.id, row])),
    rule:
      studio === undefined
        ? DEFAULT_INSPECTION_RULE
        : { days: studio.inspectionDays, cycles: studio.inspectionCycles },
    today,
  };
  return bands.map((band) => bandToday(band, facts));
}
