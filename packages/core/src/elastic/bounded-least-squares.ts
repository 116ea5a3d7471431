/** A vector and a symmetric matrix of the three law coefficients. */
export type Vector3 = readonly [number, number, number];
export type Matrix3 = readonly [Vector3, Vector3, Vector3];

export interface BoundedMinimum {
  readonly solution: Vector3;
  /** Inverse of the matrix on the coefficients that are not at zero; zero rows and columns elsewhere. */
  readonly inverse: Matrix3;
}

const ALL_ACTIVE_SETS = [0b111, 0b110, 0b101, 0b011, 0b100, 0b010, 0b001, 0b000];

/**
 * Minimises xᵀAx − 2bᵀx over x ≥ 0, exactly: every set of active bounds is
 * tried and the feasible minimum kept. With three unknowns that is eight small
 * solves, and no iteration can stop early.
 *
 * @param matrix A, symmetric positive definite
 * @param vector b
 */
export function minimiseNonNegative(matrix: Matrix3, vector: Vector3): BoundedMinimum {
  let best: BoundedMinimum | undefined;
  let least = Infinity;
  for (const free of ALL_ACTIVE_SETS) {
    const inverse = inverseOnSubset(matrix, free);
    const solution = multiply(inverse, vector);
    if (solution.some((value) => value < 0)) continue;
    // At a stationary point of the free part xᵀAx = bᵀx, so the objective is −bᵀx.
    const objective = -dot(vector, solution);
    // Nothing bound: no bounded minimum can be lower.
    if (free === 0b111) return { solution, inverse };
    if (objective < least) {
      least = objective;
      best = { solution, inverse };
    }
  }
  if (best === undefined) throw new RangeError('minimiseNonNegative: the matrix is not finite');
  return best;
}

/** vᵀMv. */
export function quadraticForm(matrix: Matrix3, vector: Vector3): number {
  return (
    vector[0] * dot(matrix[0], vector) +
    vector[1] * dot(matrix[1], vector) +
    vector[2] * dot(matrix[2], vector)
  );
}

export function scale(matrix: Matrix3, factor: number): Matrix3 {
  const row = (v: Vector3): Vector3 => [v[0] * factor, v[1] * factor, v[2] * factor];
  return [row(matrix[0]), row(matrix[1]), row(matrix[2])];
}

/** M + factor·v·vᵀ. */
export function plusOuter(matrix: Matrix3, vector: Vector3, factor: number): Matrix3 {
  const row = (i: 0 | 1 | 2): Vector3 => [
    matrix[i][0] + factor * vector[i] * vector[0],
    matrix[i][1] + factor * vector[i] * vector[1],
    matrix[i][2] + factor * vector[i] * vector[2],
  ];
  return [row(0), row(1), row(2)];
}

export function dot(a: Vector3, b: Vector3): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}

function multiply(matrix: Matrix3, vector: Vector3): Vector3 {
  return [dot(matrix[0], vector), dot(matrix[1], vector), dot(matrix[2], vector)];
}

/**
 * Inverse of the rows and columns named by the bits of `free`. The rows and
 * columns that are left out become those of the identity first, which leaves
 * the rest as it is and lets one formula (cofactors) serve all eight cases.
 */
function inverseOnSubset(matrix: Matrix3, free: number): Matrix3 {
  const isFree = (i: number): boolean => (free & (1 << i)) !== 0;
  const entry = (i: 0 | 1 | 2, j: 0 | 1 | 2): number =>
    isFree(i) && isFree(j) ? matrix[i][j] : i === j ? 1 : 0;
  const a = entry(0, 0);
  const b = entry(0, 1);
  const c = entry(0, 2);
  const d = entry(1, 1);
  const e = entry(1, 2);
  const f = entry(2, 2);
  const coA = d * f - e * e;
  const coB = c * e - b * f;
  const coC = b * e - c * d;
  const determinant = a * coA + b * coB + c * coC;
  const keep = (i: number, j: number, cofactor: number): number =>
    isFree(i) && isFree(j) ? cofactor / determinant : 0;
  const xy = keep(0, 1, coB);
  const xz = keep(0, 2, coC);
  const yz = keep(1, 2, b * c - a * e);
  return [
    [keep(0, 0, coA), xy, xz],
    [xy, keep(1, 1, a * f - c * c), yz],
    [xz, yz, keep(2, 2, a * d - b * b)],
  ];
}
