import type { BandKind } from '../elastic/band.js';

/** What is looked at, felt or smelt on an inspection walk, the band stretched to ×1.5. */
export const INSPECTION_POINTS = [
  'edges',
  'hitch',
  'fittings',
  'surface',
  'smell',
  'seam',
] as const;
export type InspectionPoint = (typeof INSPECTION_POINTS)[number];

/** What was found: nothing, something to keep an eye on, or a fault. */
export const FINDINGS = ['good', 'watch', 'bad'] as const;
export type Finding = (typeof FINDINGS)[number];

export type InspectionResult = 'pass' | 'watch' | 'retire';

export const MATERIALS = ['latexLayered', 'latexMoulded', 'synthetic', 'fabric'] as const;
export type Material = (typeof MATERIALS)[number];

/** What of a band the questions depend on. */
export interface InspectedBand {
  readonly kind: BandKind;
  readonly material: Material;
  readonly hasFittings: boolean;
}

/** Stretch ratio at which a band is looked at. */
export const INSPECTION_STRETCH = 1.5;

/** The points to look at for a band, in the order of the walk. */
export function inspectionPoints({
  kind,
  material,
  hasFittings,
}: InspectedBand): InspectionPoint[] {
  const points: InspectionPoint[] = kind === 'tubing' || kind === 'tube' ? [] : ['edges'];
  points.push('surface');
  if (material === 'fabric') points.push('seam');
  if (kind === 'loop' || kind === 'strip' || kind === 'tubing') points.push('hitch');
  if (hasFittings) points.push('fittings');
  if (material !== 'fabric') points.push('smell');
  return points;
}

/** Smell and a tacky surface tell of age, not of a tear: alone they put a band on watch. */
const AGE_POINTS: ReadonlySet<InspectionPoint> = new Set(['smell']);

/**
 * The result of a walk: one fault retires the band (a bad smell alone only
 * puts it on watch), anything to keep an eye on puts it on watch, else it passes.
 */
export function inspectionResult(
  findings: Readonly<Partial<Record<InspectionPoint, Finding>>>,
): InspectionResult {
  const found = Object.entries(findings) as [InspectionPoint, Finding][];
  if (found.some(([point, finding]) => finding === 'bad' && !AGE_POINTS.has(point))) {
    return 'retire';
  }
  return found.some(([, finding]) => finding !== 'good') ? 'watch' : 'pass';
}

/** The studio's rule for when a band is due. */
export interface InspectionRule {
  readonly days: number;
  /** Stretches beyond ×2. */
  readonly cycles: number;
}

export const DEFAULT_INSPECTION_RULE: InspectionRule = { days: 30, cycles: 1500 };

/** Stretch ratio beyond which a stretch counts as a cycle of wear. */
export const WEAR_STRETCH = 2;

export interface InspectionDue {
  readonly due: boolean;
  readonly daysLeft: number;
  readonly cyclesLeft: number;
}

/** When a band is due: days or cycles since its last inspection over the rule. */
export function inspectionDue(
  since: { readonly days: number; readonly cycles: number },
  rule: InspectionRule = DEFAULT_INSPECTION_RULE,
): InspectionDue {
  const daysLeft = rule.days - since.days;
  const cyclesLeft = rule.cycles - since.cycles;
  return { due: daysLeft < 0 || cyclesLeft < 0, daysLeft, cyclesLeft };
}
