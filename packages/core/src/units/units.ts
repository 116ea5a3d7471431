/**
 * The core counts in metre, newton, kilogram, second and joule; angles in
 * degrees in documents and in radians inside a function. Figures for people
 * are converted at the edge with these constants.
 */

/** Standard gravity, m/s² (exact by definition, CGPM 1901). */
export const STANDARD_GRAVITY_M_S2 = 9.80665;

/** One pound-force in newtons (exact: 0.45359237 kg · 9.80665 m/s²). */
export const POUND_FORCE_N = 4.4482216152605;

/** One kilogram-force in newtons (exact by definition). */
export const KILOGRAM_FORCE_N = STANDARD_GRAVITY_M_S2;

/** One inch in metres (exact by definition). */
export const INCH_M = 0.0254;

const RADIANS_PER_DEGREE = Math.PI / 180;

/** Degrees to radians. */
export function toDegrees(angle_rad: number): number {
  return angle_rad / RADIANS_PER_DEGREE;
}

export function toRadians(angle_deg: number): number {
  return angle_deg * RADIANS_PER_DEGREE;
}

export const FORCE_UNITS = ['N', 'kgf', 'lbf'] as const;
export type ForceUnit = (typeof FORCE_UNITS)[number];

const NEWTONS_PER: Record<ForceUnit, number> = {
  N: 1,
  kgf: KILOGRAM_FORCE_N,
  lbf: POUND_FORCE_N,
};

/** A force given in `unit`, in newtons. Example: `toNewtons(10, 'kgf')` is 98.0665. */
export function toNewtons(value: number, unit: ForceUnit): number {
  return value * NEWTONS_PER[unit];
}

/** The short word of each unit: kilograms and pounds are meant as forces on a scale. */
export const FORCE_WORDS: Readonly<Record<ForceUnit, string>> = { N: 'N', kgf: 'kg', lbf: 'lb' };

/** A force in newtons as a figure for people: whole newtons, tenths of kilograms and pounds. */
export function forceFigure(force_N: number, unit: ForceUnit): string {
  return fromNewtons(force_N, unit).toFixed(unit === 'N' ? 0 : 1);
}

/** A force in newtons as it is written in a sentence. Example: `writeForce(98, 'kgf')` is `10.0 kg`. */
export function writeForce(force_N: number, unit: ForceUnit = 'N'): string {
  return `${forceFigure(force_N, unit)} ${FORCE_WORDS[unit]}`;
}

/** A force in newtons, in `unit`. Example: `fromNewtons(98.0665, 'kgf')` is 10. */
export function fromNewtons(force_N: number, unit: ForceUnit): number {
  return force_N / NEWTONS_PER[unit];
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A day, ISO 8601, as it is written in a sentence. Example: `writeDay('2026-11-05')` is `5 Nov 2026`. */
export function writeDay(day: string): string {
  const [year, month, date] = day.split('-').map(Number);
  return `${date} ${MONTHS[(month ?? 0) - 1]} ${year}`;
}
