import type { StrandLaw } from './band.js';

/** Up to this stretch ratio a band counts as slack: lengths add up to the last bits only. */
export const SLACK_STRETCH = 1 + 1e-9;

/**
 * Pull of one strand at stretch ratio λ, N.
 *
 *     t(λ) = 0                           λ ≤ 1
 *     t(λ) = c1·φ1 + c2·φ2 + c3·φ3       λ > 1
 *     φ1 = λ − λ⁻²   φ2 = 1 − λ⁻³   φ3 = (λ − λ⁻²)(λ² + 2/λ − 3)
 *
 * φ1 and φ2 are the Mooney-Rivlin terms of incompressible rubber in simple
 * tension, φ3 the second Yeoh term, which gives the upturn at long stretch.
 * All three rise with λ, so t does too: a root in λ is unique.
 * Source: Treloar, The Physics of Rubber Elasticity; Yeoh 1993.
 *
 * @param stretch λ, stretched by unstretched length, dimensionless, ≥ 0
 * @example strandForce({ c1_N: 10, c2_N: 0, c3_N: 0 }, 1.3) // 7.08284… N
 */
export function strandForce(law: StrandLaw, stretch: number): number {
  if (stretch <= 1) return 0;
  const inverse = 1 / stretch;
  const inverseSquare = inverse * inverse;
  const phi1 = stretch - inverseSquare;
  const phi2 = 1 - inverseSquare * inverse;
  const phi3 = phi1 * (stretch * stretch + 2 * inverse - 3);
  return law.c1_N * phi1 + law.c2_N * phi2 + law.c3_N * phi3;
}

/**
 * The three shape functions φ1, φ2, φ3 of the law at λ, dimensionless; all 0
 * for λ ≤ 1. The pull is linear in the coefficients: t = c · φ.
 */
export function strandShape(stretch: number): [number, number, number] {
  if (stretch <= 1) return [0, 0, 0];
  const inverse = 1 / stretch;
  const phi1 = stretch - inverse * inverse;
  return [phi1, 1 - inverse * inverse * inverse, phi1 * (stretch * stretch + 2 * inverse - 3)];
}

/**
 * How the three shape functions rise with λ, dimensionless; all 0 for λ ≤ 1.
 *
 *     φ1′ = 1 + 2λ⁻³   φ2′ = 3λ⁻⁴   φ3′ = φ1′·(λ² + 2/λ − 3) + 2·φ1²
 */
export function strandSlope(stretch: number): [number, number, number] {
  if (stretch <= 1) return [0, 0, 0];
  const inverse = 1 / stretch;
  const inverseSquare = inverse * inverse;
  const phi1 = stretch - inverseSquare;
  const slope1 = 1 + 2 * inverseSquare * inverse;
  return [
    slope1,
    3 * inverseSquare * inverseSquare,
    slope1 * (stretch * stretch + 2 * inverse - 3) + 2 * phi1 * phi1,
  ];
}

/**
 * Energy stored in one strand per metre of rest length, J/m: the integral of t
 * from 1 to λ.
 *
 *     W(λ) = c1(λ²/2 + 1/λ − 3/2) + c2(λ + 1/(2λ²) − 3/2) + c3(λ² + 2/λ − 3)²/4
 *
 * @param stretch λ, dimensionless, ≥ 0; below 1 nothing is stored
 */
export function strandEnergyPerRestMetre(law: StrandLaw, stretch: number): number {
  if (stretch <= 1) return 0;
  const inverse = 1 / stretch;
  const yeoh = stretch * stretch + 2 * inverse - 3;
  return (
    law.c1_N * (yeoh / 2) +
    law.c2_N * (stretch + 0.5 * inverse * inverse - 1.5) +
    law.c3_N * (yeoh * yeoh) * 0.25
  );
}

/**
 * Pull of one strand at λ while it shortens from the longest stretch λm, N:
 * rubber gives back less than it took.
 *
 *     t_short = t(λ)·(1 − h·(λm − λ)/(λm − 1)),   t itself where λm ≤ 1
 *
 * @param loss h, dimensionless, 0 … 0.4
 * @param longestStretch λm, the longest stretch of the rep, ≥ λ
 */
export function shorteningForce(
  law: StrandLaw,
  stretch: number,
  loss: number,
  longestStretch: number,
): number {
  const lengthening_N = strandForce(law, stretch);
  if (longestStretch <= 1) return lengthening_N;
  return lengthening_N * (1 - (loss * (longestStretch - stretch)) / (longestStretch - 1));
}
