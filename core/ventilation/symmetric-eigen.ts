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
  // Rows one after the other in one array: the rotations walk along them.
  const a = new Float64Array(n * n)
  const v = new Float64Array(n * n)
  let scale = 0
  matrix.forEach((row, i) => {
    if (row.length !== n) throw new RangeError('a square matrix is needed')
    for (let j = 0; j < n; j++) {
      a[i * n + j] = row[j]!
      scale = Math.max(scale, Math.abs(row[j]!))
    }
    v[i * n + i] = 1
  })
  const nothing = Number.EPSILON * 0.01 * scale
  for (let sweep = 0, rotated = true; rotated && sweep < SWEEPS; sweep++) {
    rotated = false
    for (let p = 0; p < n - 1; p++) {
      for (let q = p + 1; q < n; q++) {
        const apq = a[p * n + q]!
        if (Math.abs(apq) <= nothing) continue
        rotated = true
        const theta = (a[q * n + q]! - a[p * n + p]!) / (2 * apq)
        const t = (theta >= 0 ? 1 : -1) / (Math.abs(theta) + Math.sqrt(theta * theta + 1))
        const c = 1 / Math.sqrt(t * t + 1)
        rotate(a, v, n, p, q, c, t * c, t * apq)
      }
    }
  }
  return {
    values: Float64Array.from({ length: n }, (_, i) => a[i * n + i]!),
    // The vectors are kept as rows while they are turned.
    vectors: Array.from({ length: n }, (_, k) => v.slice(k * n, (k + 1) * n)),
  }
}

/** One rotation in the plane of p and q, on the rows and columns of `a` and on the vectors. */
function rotate(a: Float64Array, v: Float64Array, n: number, p: number, q: number, c: number, s: number, shift: number): void {
  const atP = p * n
  const atQ = q * n
  a[atP + p]! -= shift
  a[atQ + q]! += shift
  a[atP + q] = 0
  a[atQ + p] = 0
  for (let k = 0; k < n; k++) {
    if (k !== p && k !== q) {
      const akp = a[atP + k]!
      const akq = a[atQ + k]!
      const newP = c * akp - s * akq
      const newQ = s * akp + c * akq
      a[atP + k] = newP
      a[k * n + p] = newP
      a[atQ + k] = newQ
      a[k * n + q] = newQ
    }
    const vkp = v[atP + k]!
    const vkq = v[atQ + k]!
    v[atP + k] = c * vkp - s * vkq
    v[atQ + k] = s * vkp + c * vkq
  }
}
