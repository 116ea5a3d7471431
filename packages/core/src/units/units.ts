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

export const LENGTH_UNITS = ['cm', 'in'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

const METRES_PER: Record<LengthUnit, number> = { cm: 0.01, in: INCH_M };

/** A length given in `unit`, in metres. Example: `toMetres(10, 'in')` is 0.254. */
export function toMetres(value: number, unit: LengthUnit): number {
  return value * METRES_PER[unit];
}

/** A length in metres, in `unit`. Example: `fromMetres(0.254, 'in')` is 10. */
export function fromMetres(length_m: number, unit: LengthUnit): number {
  return length_m / METRES_PER[unit];
}

/** A length in metres as a figure for people: whole centimetres, tenths of inches. */
export function lengthFigure(length_m: number, unit: LengthUnit): string {
  return fromMetres(length_m, unit).toFixed(unit === 'cm' ? 0 : 1);
}

/** A length as exactly as it is written, in metres: whole centimetres, tenths of inches. */
export function roundLength(length_m: number, unit: LengthUnit): number {
  return unit === 'cm'
    ? Math.round(100 * length_m) / 100
    : INCH_M * Number(lengthFigure(length_m, unit));
}

/** A length in metres as it is written in a sentence. Example: `writeLength(1.9, 'in')` is `74.8 in`. */
export function writeLength(length_m: number, unit: LengthUnit = 'cm'): string {
  return `${lengthFigure(length_m, unit)} ${unit}`;
}

/** A length in metres to the millimetre or the hundredth of an inch, as a measuring tape is read. */
export function writeFineLength(length_m: number, unit: LengthUnit = 'cm'): string {
  return `${fromMetres(length_m, unit).toFixed(unit === 'cm' ? 1 : 2)} ${unit}`;
}

/** What widths and thicknesses are written in beside a length's unit. */
export const WIDTH_WORDS: Readonly<Record<LengthUnit, string>> = { cm: 'mm', in: 'in' };

const MILLIMETRES_PER: Record<LengthUnit, number> = { cm: 1, in: 1000 * INCH_M };

/** A width given in millimetres or inches, in millimetres. Example: `toMillimetres(1, 'in')` is 25.4. */
export function toMillimetres(value: number, unit: LengthUnit): number {
  return value * MILLIMETRES_PER[unit];
}

/** A width in millimetres as a figure for people: tenths of millimetres, hundredths of inches. */
export function widthFigure(width_mm: number, unit: LengthUnit): string {
  return String(Number((width_mm / MILLIMETRES_PER[unit]).toFixed(unit === 'cm' ? 1 : 2)));
}

/** A width in millimetres as it is written in a sentence. Example: `writeWidth(22, 'in')` is `0.87 in`. */
export function writeWidth(width_mm: number, unit: LengthUnit = 'cm'): string {
  return `${widthFigure(width_mm, unit)} ${WIDTH_WORDS[unit]}`;
}

export const MASS_UNITS = ['kg', 'lb'] as const;
export type MassUnit = (typeof MASS_UNITS)[number];

/** One pound in kilograms (exact by definition). */
export const POUND_KG = 0.45359237;

const KILOGRAMS_PER: Record<MassUnit, number> = { kg: 1, lb: POUND_KG };

/** A mass given in `unit`, in kilograms. Example: `toKilograms(100, 'lb')` is 45.359237. */
export function toKilograms(value: number, unit: MassUnit): number {
  return value * KILOGRAMS_PER[unit];
}

/** A mass in kilograms, in `unit`. Example: `fromKilograms(45.359237, 'lb')` is 100. */
export function fromKilograms(mass_kg: number, unit: MassUnit): number {
  return mass_kg / KILOGRAMS_PER[unit];
}

/** A mass in kilograms as a figure for people: tenths, where there are any. */
export function massFigure(mass_kg: number, unit: MassUnit): string {
  return String(Number(fromKilograms(mass_kg, unit).toFixed(1)));
}

/** A mass in kilograms as it is written in a sentence. Example: `writeMass(70, 'lb')` is `154.3 lb`. */
export function writeMass(mass_kg: number, unit: MassUnit = 'kg'): string {
  return `${massFigure(mass_kg, unit)} ${unit}`;
}

/** An angle in degrees as it is written in a sentence. Example: `writeAngle(-31.2)` is `−31°`. */
export function writeAngle(angle_deg: number): string {
  return `${Math.round(angle_deg)}°`.replace('-', '−');
}

/** What a studio writes its figures in; moments are in newton metres everywhere. */
export interface Units {
  readonly force: ForceUnit;
  readonly length: LengthUnit;
  readonly mass: MassUnit;
}

/** What figures are written in until a studio says otherwise. */
export const USUAL_UNITS: Units = { force: 'N', length: 'cm', mass: 'kg' };

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A day, ISO 8601, as it is written in a sentence. Example: `writeDay('2026-11-05')` is `5 Nov 2026`. */
export function writeDay(day: string): string {
  const [year, month, date] = day.split('-').map(Number);
  return `${date} ${MONTHS[(month ?? 0) - 1]} ${year}`;
}
