import type { SetupFigures } from '@wiry-otter/contracts';
import {
  FORCE_WORDS,
  forceFigure,
  type ForceUnit,
  fromNewtons,
  RANGE_90,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';

/** A figure with its unit, as it is written: large figure, small unit, ± in lighter ink. */
export interface Quantity {
  readonly figure: string;
  readonly unit: string;
  readonly spread: string | null;
}

/** The unit's short word: kilograms and pounds are meant as forces on a scale. */
export function forceWord(unit: ForceUnit): string {
  return FORCE_WORDS[unit];
}

/** What a studio may write pulls in. */
export const FORCE_CHOICES = [
  { unit: 'N', words: `newton, ${FORCE_WORDS.N}` },
  { unit: 'kgf', words: `kilogram, ${FORCE_WORDS.kgf}` },
  { unit: 'lbf', words: `pound, ${FORCE_WORDS.lbf}` },
] as const;

/** What a studio may measure lengths, and weigh bodies, in. */
export const LENGTH_CHOICES = [
  { unit: 'cm', words: 'centimetres' },
  { unit: 'in', words: 'inches' },
] as const;
export const MASS_CHOICES = [
  { unit: 'kg', words: 'kilograms' },
  { unit: 'lb', words: 'pounds' },
] as const;

/** What a week may begin with. */
export const WEEK_CHOICES = [
  { day: 'monday', words: 'Monday' },
  { day: 'sunday', words: 'Sunday' },
  { day: 'saturday', words: 'Saturday' },
] as const;

/** Words of a document, which measure in centimetres, with their lengths in the studio's unit. */
export function withLengthsIn(unit: LengthUnit, words: string): string {
  if (unit === 'cm') return words;
  return words.replace(/(\d+(?:\.\d+)?) cm\b/g, (_, cm: string) =>
    writeLength(Number(cm) / 100, unit),
  );
}

/** A force in the person's unit, with ± as the 90 % range where its deviation is known. */
export function forceQuantity(force_N: number, std_N: number | null, unit: ForceUnit): Quantity {
  return {
    figure: forceFigure(force_N, unit),
    unit: forceWord(unit),
    spread: std_N === null ? null : forceFigure(RANGE_90 * std_N, unit),
  };
}

/** A demand in the unit that forces are shown in; a moment stays in N·m. */
export function demandInUnit(value: number, demandUnit: 'N' | 'N·m', unit: ForceUnit): number {
  return demandUnit === 'N' ? fromNewtons(value, unit) : value;
}

/** A figure written in the unit that forces are shown in, as the demand's own: N or N·m. */
export function demandOfUnit(figure: number, demandUnit: 'N' | 'N·m', unit: ForceUnit): number {
  return demandUnit === 'N' ? figure / fromNewtons(1, unit) : figure;
}

/** A demand: forces in the person's unit, moments in N·m. */
export function demandQuantity(
  value: number,
  std: number | null,
  demandUnit: 'N' | 'N·m',
  unit: ForceUnit,
): Quantity {
  if (demandUnit === 'N') return forceQuantity(value, std, unit);
  return {
    figure: value.toFixed(1),
    unit: 'N·m',
    spread: std === null ? null : (RANGE_90 * std).toFixed(1),
  };
}

/** What a saved set-up asks on average. */
export function meanQuantity(
  { mean, meanStd, unit: demandUnit }: SetupFigures,
  unit: ForceUnit,
): Quantity {
  return demandQuantity(mean, meanStd, demandUnit, unit);
}

/** A quantity in a line of text: 84 ±5 N. */
export function quantityWords({ figure, spread, unit }: Quantity): string {
  return [figure, ...(spread === null ? [] : [`±${spread}`]), unit].join(' ');
}

/** ±, in per cent of the figure; a dash where there is no figure. */
export function percentSpread(value: number, std: number): string {
  return value > 0 ? `${Math.round((100 * RANGE_90 * std) / value)} %` : '–';
}

/** The stretch of a band in a set-up: ×1.80, or that it hangs slack. */
export function pulledWord(stretch: number): string {
  return stretch > 1 ? stretchWord(stretch) : 'slack';
}

/** A stretch ratio as it is written: ×1.80. */
export function stretchWord(stretch: number): string {
  return `×${stretch.toFixed(2)}`;
}
