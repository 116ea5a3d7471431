/** How a band is made, as far as its path over contacts depends on it. */
export const BAND_KINDS = ['loop', 'miniLoop', 'tube', 'strip', 'tubing'] as const;
export type BandKind = (typeof BAND_KINDS)[number];

/** The coefficients of one strand's law, newtons, none negative. */
export interface StrandLaw {
  readonly c1_N: number;
  readonly c2_N: number;
  readonly c3_N: number;
}

/** A band as the statics sees it. */
export interface Band {
  readonly id: string;
  readonly kind: BandKind;
  /** Lay-flat length, m: half the circumference of a loop, the elastic length of the others. */
  readonly flatLength_m: number;
  readonly law: StrandLaw;
  /** Share of the pull lost on the way back, 0 … 0.4. Default {@link DEFAULT_LOSS}. */
  readonly loss?: number | undefined;
  /** Highest stretch ratio allowed. Default {@link DEFAULT_STRETCH_LIMIT}. */
  readonly limit?: number | undefined;
  /** Length of handles and clips at both ends together, m: on the path, but stretching nothing. Default 0. */
  readonly deadLength_m?: number | undefined;
}

/** Loss on the way back where none was measured (dimensionless). */
export const DEFAULT_LOSS = 0.1;

/** Greatest loss that the model accepts (dimensionless). */
export const GREATEST_LOSS = 0.4;

/** Highest stretch ratio allowed for a band that says nothing of its own. */
export const DEFAULT_STRETCH_LIMIT = 2.5;

/** No band may ever be planned beyond this stretch ratio. */
export const GREATEST_STRETCH_LIMIT = 3;

/** Whether a band of this kind closes on itself, so that its path does too. */
export function isContinuous(kind: BandKind): boolean {
  return kind === 'loop' || kind === 'miniLoop';
}

/** Strands that share the pull when the band hangs by its two ends: 2 for a loop, 1 otherwise. */
export function naturalStrands(kind: BandKind): number {
  return isContinuous(kind) ? 2 : 1;
}

/** All the unstretched material of a band along a path, m: 2 · flat length for a loop, once otherwise. */
export function materialLength(kind: BandKind, flatLength_m: number): number {
  return naturalStrands(kind) * flatLength_m;
}
