import { fail, succeed, type Result } from '../faults.js';
import {
  type BandKind,
  DEFAULT_LOSS,
  GREATEST_LOSS,
  naturalStrands,
  type StrandLaw,
} from './band.js';
import {
  type BoundedMinimum,
  dot,
  type Matrix3,
  minimiseNonNegative,
  plusOuter,
  quadraticForm,
  scale,
  type Vector3,
} from './bounded-least-squares.js';
import { median } from '../statistics/centre.js';
import { strandForce, strandShape, strandSlope } from './strand-law.js';

/** A band is pulled, or let back. */
export const PULL_DIRECTIONS = ['loading', 'unloading'] as const;
export type PullDirection = (typeof PULL_DIRECTIONS)[number];

/** One pull on the gauge. */
export interface PullSample {
  /** Stretched length between hook and fixed end, m. */
  readonly length_m: number;
  /** Reading of the gauge, N. */
  readonly force_N: number;
  /** Unstretched straight length as rigged, m. Default: the flat length; half of it when folded over a bar. */
  readonly rest_m?: number | null | undefined;
  /** Strands that share the pull. Default 2 for loops, 1 otherwise; twice as many when folded over a bar. */
  readonly strands?: number | null | undefined;
  readonly direction?: PullDirection | undefined;
  /** Length of fittings within `length_m`, which stretches nothing, m. Default 0. */
  readonly dead_m?: number | undefined;
  /** Standard error of the gauge at the hook, N. Default 0.5; more where the pull is a difference of two readings. */
  readonly gaugeError_N?: number | undefined;
}

/** The maker's claim: a range of pull over the usual stretch, N. */
export interface LabelClaim {
  readonly min_N: number;
  readonly max_N: number;
}

export interface BandSamples {
  readonly kind: BandKind;
  readonly flatLength_m: number;
  readonly samples: readonly PullSample[];
  readonly label?: LabelClaim | null | undefined;
}

/** How far the law rests on measurements; travels with every figure computed from it. */
export const GRADES = ['measured', 'partial', 'label'] as const;
export type Grade = (typeof GRADES)[number];

/** A reading turned to one strand: stretch ratio and pull, with its standard error. */
export interface StrandReading {
  readonly stretch: number;
  readonly strand_N: number;
  /** Of the gauge alone, and of gauge and length together. */
  readonly gauge_N: number;
  readonly std_N: number;
}

export interface Calibration {
  readonly law: StrandLaw;
  /** Covariance of (c1, c2, c3), N². */
  readonly covariance: Matrix3;
  readonly loss: number;
  readonly grade: Grade;
  /** The readings are of no rubber law: a woven core, a stop. */
  readonly misfit: boolean;
}

/** Gauge error at the hook, N, and the share of the reading that goes with it. */
const GAUGE_ERROR_N = 0.5;
const GAUGE_ERROR_SHARE = 0.02;

/** Shape of a usual band's law, and how far each coefficient may stray from it (relative, 1σ). */
const PRIOR_SHAPE: Vector3 = [1, 0.8, 0.01];
const PRIOR_SPREAD: Vector3 = [1, 1, 5];

/** Error of a length as it is read, m. */
const LENGTH_ERROR_M = 0.006;

/** What no reading shows: another rubber than the family, temperature, what is left of the first stretches (1σ, relative). */
const UNSEEN_SHARE = 0.02;

/** A pull of less than so many gauge errors is mostly gauge error: it says nothing about a misfit. */
const TELLING_ERRORS = 5;

/** From so many loading samples on, readings can speak against the law, with this much weighted misfit each. */
const MISFIT_SAMPLES = 5;
const MISFIT_LIMIT = 4;

/** A label's two ends are taken at these stretch ratios of the natural pull. */
export const LABEL_STRETCH = { min: 1.5, max: 3 } as const;
/** How much of what a label claims is believed, and its relative 1σ. */
export interface LabelTrust {
  readonly believedShare: number;
  readonly errorShare: number;
}
/** Labels are optimistic. */
const LABEL_TRUST: LabelTrust = { believedShare: 0.8, errorShare: 0.4 };

/** `measured` asks for this many loading samples over this span of stretch. */
export const MEASURED_SAMPLES = 3;
const MEASURED_SPAN = 0.5;
const SPAN_TOLERANCE = 1e-9;

/** Unloading samples nearer than this to the longest stretch say nothing about the loss. */
const LOSS_DISTANCE = 0.05;

/**
 * Fits the strand law to pulls on a gauge, or, without any, to 0.8 of what the label claims.
 *
 * Minimises Σ w(t − φ·c)² + Σk((ck − s·pk)/(rk·s·pk))² over c ≥ 0 with
 * w = 1/σ², σ² = (0.5 N/strands)² + (0.02 t)² + (t·ψ·6 mm/rest)², ψ the relative
 * slope of the usual law, prior shape p = (1, 0.8, 0.01), r = (1, 1, 5), scale
 * s = Σwtφp/Σwφp², φp = p·φ(λ). Covariance: inverse of the normal matrix on the
 * coefficients not at zero, times max(1, χ²/n), plus (0.02² + ρ²)·c·cᵀ with
 * ρ² = Σ((t − φ·c)/t)²/max(1, m − 1) over the m telling pulls where χ²/n > 1.
 * `misfit`: five or more pulls with χ²/n > 4. `measured`: three pulls or more
 * over 0.5 of stretch, and no misfit.
 *
 * @param trust how a label is read, for what was computed with another trust before
 *
 * Fails when there is neither a label nor a loading sample above λ = 1 and 0 N.
 */
export function calibrate(
  document: BandSamples,
  trust: LabelTrust = LABEL_TRUST,
): Result<Calibration> {
  const loading = document.samples.filter((sample) => sample.direction !== 'unloading');
  const readings = loading.map((sample) => toStrandReading(document, sample));
  const usable = readings.some((reading) => reading.stretch > 1 && reading.strand_N > 0);
  if (!usable && !document.label) {
    return fail({
      code: 'computation',
      path: '$.samples',
      found: `${readings.length} loading samples, none above stretch 1 and 0 N, and no label`,
      expected: 'a loading sample above stretch 1 and 0 N, or a label',
    });
  }
  const evidence = usable ? readings : labelReadings(document, trust);
  const { solution, inverse, meanMisfit } = fitCoefficients(evidence);
  const [c1_N, c2_N, c3_N] = solution;
  const law = { c1_N, c2_N, c3_N };
  const scatter = usable && meanMisfit > 1 ? relativeScatter(readings, solution) : 0;
  const misfit = usable && readings.length >= MISFIT_SAMPLES && meanMisfit > MISFIT_LIMIT;
  return succeed({
    law,
    covariance: plusOuter(
      scale(inverse, Math.max(1, meanMisfit)),
      solution,
      UNSEEN_SHARE ** 2 + scatter,
    ),
    loss: measureLoss(document, law),
    grade: usable ? gradeOf(readings, misfit) : 'label',
    misfit,
  });
}

/**
 * Pull of one strand at λ under a calibration, with its standard deviation
 * √(φᵀCφ), both N.
 */
export function predictStrand(
  calibration: Calibration,
  stretch: number,
): { stretch: number; strand_N: number; std_N: number } {
  const shape = strandShape(stretch);
  return {
    stretch,
    strand_N: strandForce(calibration.law, stretch),
    std_N: Math.sqrt(Math.max(0, quadraticForm(calibration.covariance, shape))),
  };
}

/**
 * One pull as stretch ratio and pull of one strand, with the standard error of
 * the gauge: λ = (length − fittings)/rest, t = force/strands.
 */
export function toStrandReading(
  band: Pick<BandSamples, 'kind' | 'flatLength_m'>,
  sample: PullSample,
): StrandReading {
  const strands = sample.strands ?? naturalStrands(band.kind);
  const folded = strands === 2 * naturalStrands(band.kind);
  const rest_m = sample.rest_m ?? (folded ? band.flatLength_m / 2 : band.flatLength_m);
  const strand_N = sample.force_N / strands;
  const stretch = (sample.length_m - (sample.dead_m ?? 0)) / rest_m;
  const gauge_N = (sample.gaugeError_N ?? GAUGE_ERROR_N) / strands;
  return {
    stretch,
    strand_N,
    gauge_N,
    std_N: Math.hypot(
      gauge_N,
      GAUGE_ERROR_SHARE * strand_N,
      (strand_N * usualSlope(stretch) * LENGTH_ERROR_M) / rest_m,
    ),
  };
}

/** Relative slope ψ = p·φ′/p·φ of the usual law, by which an error of the length is one of the pull; 0 where slack. */
function usualSlope(stretch: number): number {
  if (stretch <= 1) return 0;
  return dot(PRIOR_SHAPE, strandSlope(stretch)) / dot(PRIOR_SHAPE, strandShape(stretch));
}

/** The two weak readings that a label stands for. */
function labelReadings({ kind, label }: BandSamples, trust: LabelTrust): StrandReading[] {
  if (!label) return [];
  const strands = naturalStrands(kind);
  const reading = (stretch: number, claimed_N: number): StrandReading => {
    const strand_N = (trust.believedShare * claimed_N) / strands;
    return { stretch, strand_N, gauge_N: 0, std_N: trust.errorShare * strand_N };
  };
  return [reading(LABEL_STRETCH.min, label.min_N), reading(LABEL_STRETCH.max, label.max_N)];
}

/** The coefficients of least misfit, the inverse of their normal matrix, and χ²/n. */
function fitCoefficients(
  readings: readonly StrandReading[],
): BoundedMinimum & { readonly meanMisfit: number } {
  const scale_N = priorScale(readings);
  const prior: Vector3 = [
    scale_N * PRIOR_SHAPE[0],
    scale_N * PRIOR_SHAPE[1],
    scale_N * PRIOR_SHAPE[2],
  ];
  const priorWeight: Vector3 = [
    1 / (PRIOR_SPREAD[0] * prior[0]) ** 2,
    1 / (PRIOR_SPREAD[1] * prior[1]) ** 2,
    1 / (PRIOR_SPREAD[2] * prior[2]) ** 2,
  ];
  const [matrix, vector] = normalEquations(readings, prior, priorWeight);
  const { solution, inverse } = minimiseNonNegative(matrix, vector);
  let misfit = 0;
  for (const { stretch, strand_N, std_N } of readings) {
    misfit += ((strand_N - dot(strandShape(stretch), solution)) / std_N) ** 2;
  }
  return { solution, inverse, meanMisfit: misfit / readings.length };
}

/** ρ²: mean square of the relative misfit of the pulls that are well above the gauge's error. */
function relativeScatter(readings: readonly StrandReading[], solution: Vector3): number {
  const telling = readings.filter(
    ({ strand_N, gauge_N }) => strand_N >= TELLING_ERRORS * gauge_N && strand_N > 0,
  );
  const sum = telling.reduce((total, { stretch, strand_N }) => {
    const law_N = dot(strandShape(stretch), solution);
    return total + ((strand_N - law_N) / strand_N) ** 2;
  }, 0);
  return sum / Math.max(1, telling.length - 1);
}

/** Scale s of the prior, N: the least-squares factor of the usual shape alone. */
function priorScale(readings: readonly StrandReading[]): number {
  let numerator = 0;
  let denominator = 0;
  for (const { stretch, strand_N, std_N } of readings) {
    const weight = 1 / std_N ** 2;
    const usual = dot(PRIOR_SHAPE, strandShape(stretch));
    numerator += weight * strand_N * usual;
    denominator += weight * usual * usual;
  }
  return numerator / denominator;
}

function normalEquations(
  readings: readonly StrandReading[],
  prior: Vector3,
  priorWeight: Vector3,
): [Matrix3, Vector3] {
  const m = [priorWeight[0], 0, 0, priorWeight[1], 0, priorWeight[2]] as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const v: [number, number, number] = [
    priorWeight[0] * prior[0],
    priorWeight[1] * prior[1],
    priorWeight[2] * prior[2],
  ];
  for (const { stretch, strand_N, std_N } of readings) {
    const weight = 1 / std_N ** 2;
    const [p1, p2, p3] = strandShape(stretch);
    m[0] += weight * p1 * p1;
    m[1] += weight * p1 * p2;
    m[2] += weight * p1 * p3;
    m[3] += weight * p2 * p2;
    m[4] += weight * p2 * p3;
    m[5] += weight * p3 * p3;
    v[0] += weight * p1 * strand_N;
    v[1] += weight * p2 * strand_N;
    v[2] += weight * p3 * strand_N;
  }
  const matrix: Matrix3 = [
    [m[0], m[1], m[2]],
    [m[1], m[3], m[4]],
    [m[2], m[4], m[5]],
  ];
  return [matrix, v];
}

function gradeOf(readings: readonly StrandReading[], misfit: boolean): Grade {
  const stretches = readings.map((reading) => reading.stretch);
  const span = Math.max(...stretches) - Math.min(...stretches);
  const enough = readings.length >= MEASURED_SAMPLES && span >= MEASURED_SPAN - SPAN_TOLERANCE;
  return enough && !misfit ? 'measured' : 'partial';
}

/**
 * Loss on the way back: per unloading sample h = (1 − t/t_law)(λm − 1)/(λm − λ)
 * with λm the longest stretch of all samples; the median, held to 0 … 0.4.
 */
function measureLoss(document: BandSamples, law: StrandLaw): number {
  const all = document.samples.map((sample) => toStrandReading(document, sample));
  const longest = Math.max(...all.map((reading) => reading.stretch));
  const losses: number[] = [];
  document.samples.forEach((sample, index) => {
    const reading = all[index];
    if (sample.direction !== 'unloading' || reading === undefined) return;
    if (reading.stretch >= longest - LOSS_DISTANCE) return;
    const law_N = strandForce(law, reading.stretch);
    if (law_N <= 0) return;
    losses.push(((1 - reading.strand_N / law_N) * (longest - 1)) / (longest - reading.stretch));
  });
  if (losses.length === 0) return DEFAULT_LOSS;
  return Math.min(GREATEST_LOSS, Math.max(0, median(losses)));
}
