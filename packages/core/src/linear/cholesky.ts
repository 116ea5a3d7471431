/**
 * Cholesky factor L of A + shift·I = L·Lᵀ for a symmetric matrix A, row by row.
 *
 * @param matrix A, n × n, of which the lower triangle is read
 * @param shift added to every entry of the diagonal
 * @param factor where L is written (lower triangle); must not be `matrix`
 * @returns whether A + shift·I is positive definite; `factor` holds nothing of use if not
 */
export function factorise(
  matrix: Float64Array,
  n: number,
  shift: number,
  factor: Float64Array,
): boolean {
  for (let i = 0; i < n; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = (matrix[i * n + j] as number) + (i === j ? shift : 0);
      for (let k = 0; k < j; k++) {
        sum -= (factor[i * n + k] as number) * (factor[j * n + k] as number);
      }
      if (i === j) {
        if (!(sum > 0)) return false;
        factor[i * n + i] = Math.sqrt(sum);
      } else {
        factor[i * n + j] = sum / (factor[j * n + j] as number);
      }
    }
  }
  return true;
}

/** Solves L·Lᵀ·x = b with the factor of {@link factorise}, into `x`, which may be `b`. */
export function solveFactorised(
  factor: Float64Array,
  n: number,
  b: Float64Array,
  x: Float64Array,
): void {
  for (let i = 0; i < n; i++) {
    let sum = b[i] as number;
    for (let k = 0; k < i; k++) sum -= (factor[i * n + k] as number) * (x[k] as number);
    x[i] = sum / (factor[i * n + i] as number);
  }
  for (let i = n - 1; i >= 0; i--) {
    let sum = x[i] as number;
    for (let k = i + 1; k < n; k++) sum -= (factor[k * n + i] as number) * (x[k] as number);
    x[i] = sum / (factor[i * n + i] as number);
  }
}
