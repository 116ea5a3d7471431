import { type Matrix3, quadraticForm, type Vector3 } from '../elastic/bounded-least-squares.js';
import { bandOfCopy } from '../rig/band-copies.js';
import type { SolvedRig } from './solve-setup.js';
import {
  type Accuracy,
  BY_EYE,
  FIGURES,
  placingVariance,
  poseVariance,
  solvedGradients,
} from './spread.js';

/** What makes the mean demand of one set-up unsure, apart, so that it can be held beside another's. */
export interface MeanSensitivity {
  /** By band, copies together: what its law's coefficients do to the mean. */
  readonly byBand: ReadonlyMap<string, Vector3>;
  /** 1σ of where a person stands and grips, and of how the pose is kept, in the mean's unit. */
  readonly placing: number;
  readonly pose: number;
}

/** What makes the mean demand of a solved set-up unsure; leaves rig and buffers as they were. */
export function meanSensitivity(
  solved: SolvedRig,
  runs: readonly { readonly band: string }[],
  accuracy: Accuracy = BY_EYE,
): MeanSensitivity {
  const mean = solved.rig.prepared.samples + FIGURES.indexOf('mean');
  const byBand = new Map<string, Vector3>();
  runs.forEach(({ band }, r) => {
    const [by1, by2, by3] = solvedGradients(solved, r);
    const [one, two, three] = byBand.get(bandOfCopy(band)) ?? [0, 0, 0];
    byBand.set(bandOfCopy(band), [
      one + (by1[mean] as number),
      two + (by2[mean] as number),
      three + (by3[mean] as number),
    ]);
  });
  return {
    byBand,
    placing: Math.sqrt(placingVariance(solved, accuracy.placing_m)[mean] as number),
    pose: Math.sqrt(poseVariance(solved, accuracy.poseShare)[mean] as number),
  };
}

/**
 * Standard deviation (1σ) of the difference between the mean demands of two set-ups of one person, in
 * their unit:
 *
 *     u² = Σ over bands of (∇f − ∇g)·C·(∇f − ∇g) + Δf² + Δg² + (pose f − pose g)²
 *
 * What both have in common cancels: a band that is in both is the same band, a trunk that is not quite
 * where the pose has it is the same trunk. Where a person stands is another matter each time.
 *
 * @param covarianceOf C of a band's law, N²; undefined where the law counts as exact
 */
export function differenceStd(
  one: MeanSensitivity,
  other: MeanSensitivity,
  covarianceOf: (bandId: string) => Matrix3 | undefined,
): number {
  const ids = new Set([...one.byBand.keys(), ...other.byBand.keys()]);
  let variance = one.placing ** 2 + other.placing ** 2 + (one.pose - other.pose) ** 2;
  for (const id of ids) {
    const covariance = covarianceOf(id);
    if (covariance === undefined) continue;
    const [a, b] = [one.byBand.get(id) ?? ZERO, other.byBand.get(id) ?? ZERO];
    variance += quadraticForm(covariance, [a[0] - b[0], a[1] - b[1], a[2] - b[2]]);
  }
  return Math.sqrt(variance);
}

const ZERO: Vector3 = [0, 0, 0];
