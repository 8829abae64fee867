/**
 * Lower triangle L of a symmetric matrix that has a root: L Lᵀ = A.
 *
 * @param matrix symmetric and positive; only its lower half is read
 * @returns rows of L, each as long as its number
 * @example cholesky([[4, 0], [2, 5]]) // [[2], [1, 2]]
 *
 * Source: Cholesky's factorisation; a pivot that rounding made nothing or less is held at 10⁻⁶ of its diagonal.
 */
export function cholesky(matrix: readonly (readonly number[])[]): number[][] {
  const lower: number[][] = []
  matrix.forEach((row, i) => {
    const mine: number[] = []
    for (let j = 0; j <= i; j++) {
      let sum = row[j]!
      for (let k = 0; k < j; k++) sum -= mine[k]! * (lower[j] ?? mine)[k]!
      mine.push(j < i ? sum / lower[j]![j]! : Math.sqrt(Math.max(1e-6 * row[i]!, sum)))
    }
    lower.push(mine)
  })
  return lower
}

/**
 * Solves A x = b where A = L Lᵀ.
 *
 * @param lower rows of L, from cholesky
 * @param right b
 * @returns x
 * @example solveCholesky([[2], [1, 2]], [8, 9]) // [1.375, 1.25]
 */
export function solveCholesky(lower: readonly (readonly number[])[], right: readonly number[]): number[] {
  const n = lower.length,
    x = [...right]
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i]! -= lower[i]![k]! * x[k]!
    x[i]! /= lower[i]![i]!
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i]! -= lower[k]![i]! * x[k]!
    x[i]! /= lower[i]![i]!
  }
  return x
}

/**
 * The diagonal of the inverse of a matrix from its factor, in a third of the time that solving for it takes.
 *
 * @param lower of cholesky()
 * @returns (A⁻¹)ᵢᵢ
 * @example inverseDiagonal([[2], [0, 4]]) // [0.25, 0.0625]
 *
 * Source: A⁻¹ = L⁻ᵀ L⁻¹, so that each is the sum of squares of a column of L⁻¹.
 */
export function inverseDiagonal(lower: readonly (readonly number[])[]): number[] {
  const n = lower.length,
    column = new Float64Array(n)
  return Array.from({ length: n }, (_, i) => {
    let squares = 0
    for (let k = i; k < n; k++) {
      const row = lower[k]!
      let sum = k === i ? 1 : 0
      for (let j = i; j < k; j++) sum -= row[j]! * column[j]!
      const value = sum / row[k]!
      column[k] = value
      squares += value * value
    }
    return squares
  })
}
