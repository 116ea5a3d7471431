import type { BandToday } from '@wiry-otter/contracts';
import type { KnownBand } from './band-law';

/** Whether a copy of it wants to be inspected; a roll is looked at when a piece is cut from it. */
export function isInspectionDue({ copies, stock }: BandToday): boolean {
  return (
    stock === 'band' &&
    copies.some(({ inspectionDue, state }) => state !== 'retired' && inspectionDue)
  );
}

/** Why a band asks for a look: its state, its age, or figures that rest on little. */
export function wantingWords({ record, calibration, softening }: KnownBand): string | null {
  if (record.state === 'retired') return null;
  if (record.state === 'watch') return 'on watch: inspect before every use';
  if (isInspectionDue(record)) return 'inspection due';
  if (softening?.soft === true) return 'softer than when first measured';
  if (record.measurements.some(({ finishedAt }) => finishedAt === null)) {
    return 'a measurement is not finished';
  }
  if (calibration === null) return 'no pull and no label yet: in no set-up';
  if (calibration.grade === 'label') return 'label only: the figures can be off by a third';
  return calibration.grade === 'partial'
    ? 'partly measured: a pull or two more would narrow the ±'
    : null;
}
