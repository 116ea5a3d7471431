import type { StrengthShape } from '../body/exercise.js';

/**
 * Strength of the muscle at a phase of the rep as share of its best,
 * dimensionless: ascending 0.5 + 0.5p, descending 1 − 0.5p, bell
 * 0.6 + 0.4·sin(πp), flat 1. Coarse shapes after the classic survey of human
 * strength curves (Kulig, Andrews & Hay 1984).
 *
 * @param phase p, 0 at the start of the effort, 1 at its end
 */
export function strengthAt(shape: StrengthShape, phase: number): number {
  switch (shape) {
    case 'ascending':
      return 0.5 + 0.5 * phase;
    case 'descending':
      return 1 - 0.5 * phase;
    case 'bell':
      return 0.6 + 0.4 * Math.sin(Math.PI * phase);
    case 'flat':
      return 1;
  }
}
