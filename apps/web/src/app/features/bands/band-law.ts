import type { BandToday } from '@wiry-otter/contracts';
import {
  type BandKind,
  type Grade,
  type KnownBand as CoreKnownBand,
  type Material,
  type Rigging,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';

/** A band of the studio with what the browser's core makes of its record. */
export type KnownBand = CoreKnownBand<BandToday>;

export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  measured: 'measured',
  partial: 'partial',
  label: 'label only',
};

/** What pulls that do not lie on one curve tell, and what to do. */
export const MISFIT_WORDS =
  'The pulls do not lie on one curve of rubber: read the odd one again, or it is a band of another kind. The ± is widened for it.';

export const KIND_WORDS: Readonly<Record<BandKind, string>> = {
  loop: 'Loops',
  miniLoop: 'Mini',
  tube: 'Tubes',
  strip: 'Strips',
  tubing: 'Tubing',
};

export const KIND_WORD: Readonly<Record<BandKind, string>> = {
  loop: 'loop',
  miniLoop: 'mini loop',
  tube: 'tube',
  strip: 'flat strip',
  tubing: 'tubing',
};

export const MATERIAL_WORD: Readonly<Record<Material, string>> = {
  latexLayered: 'natural latex, layered',
  latexMoulded: 'natural latex, moulded',
  synthetic: 'synthetic, latex-free',
  fabric: 'fabric-covered',
};

export const RIGGING_WORD: Readonly<Record<Rigging, string>> = {
  end: 'scale at the free end',
  folded: 'folded over a bar',
  standing: 'bar and bathroom scale',
};

/** What is left on a roll: in metres, or in inches. */
export function rollWords(left_m: number, unit: LengthUnit): string {
  return `${unit === 'cm' ? `${left_m.toFixed(1)} m` : writeLength(left_m, unit)} left`;
}
