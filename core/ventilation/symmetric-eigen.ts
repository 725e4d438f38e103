/** Eigenvalues of a symmetric matrix, and its eigenvectors as columns. */
export interface SymmetricEigen { readonly values: Float64Array, readonly vectors: readonly Float64Array[] }

const SWEEPS = 60

/**
 * Eigenvalues and eigenvectors of a small symmetric matrix by cyclic Jacobi rotations: slow for thousands of rows, very
 * accurate for the tens of zones of a hall.
 *
 * @param matrix n rows of n; only read
 * @returns n values in no order; `vectors[k]` belongs to `values[k]` and has length 1
 * @throws RangeError when the matrix is not square
 */
export function symmetricEigen(matrix: readonly ArrayLike<number>[]): SymmetricEigen {
  const n = matrix.length
  const a = matrix.map((row) => {
    if (row.length !== n) throw new RangeError('a square matrix is needed')
    return Float64Array.from(row)
  })
  const v = a.map((_, i) => Float64Array.from({ length: n }, (_, j) => i === j ? 1 : 0))
  let scale = 0
  for (const row of a) for (const value of row) scale = Math.max(scale, Math.abs(value))
  for (let sweep = 0; sweep < SWEEPS; sweep++) {
    let rotated = false
    for (let p = 0; p < n - 1; p++) {
      for (let q = p + 1; q < n; q++) {
        const apq = a[p]![q]!
        if (Math.abs(apq) <= Number.EPSILON * 1e-3 * scale) continue
        rotated = true
        const theta = (a[q]![q]! - a[p]![p]!) / (2 * apq)
        const t = (theta >= 0 ? 1 : -1) / (Math.abs(theta) + Math.hypot(theta, 1))
        const c = 1 / Math.hypot(t, 1)
        rotate(a, v, p, q, c, t * c)
      }
    }
    if (!rotated) break
  }
  const values = Float64Array.from({ length: n }, (_, i) => a[i]![i]!)
  return { values, vectors: values.length === 0 ? [] : Array.from({ length: n }, (_, k) => Float64Array.from({ length: n }, (_, i) => v[i]![k]!)) }
}

/** One rotation in the plane of p and q, on both sides of `a` and on the vectors. */
function rotate(a: Float64Array[], v: Float64Array[], p: number, q: number, c: number, s: number): void {
  const n = a.length
  const rowP = a[p]!
  const rowQ = a[q]!
  for (let k = 0; k < n; k++) {
    const row = a[k]!
    const akp = row[p]!
    const akq = row[q]!
    row[p] = c * akp - s * akq
    row[q] = s * akp + c * akq
  }
  for (let k = 0; k < n; k++) {
    const apk = rowP[k]!
    const aqk = rowQ[k]!
    rowP[k] = c * apk - s * aqk
    rowQ[k] = s * apk + c * aqk
    const row = v[k]!
    const vkp = row[p]!
    const vkq = row[q]!
    row[p] = c * vkp - s * vkq
    row[q] = s * vkp + c * vkq
  }
}
