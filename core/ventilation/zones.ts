import { phi1, phi2 } from './phi'
import { symmetricEigen } from './symmetric-eigen'

/** Air in zones that exchange with each other and lose air. */
export interface ZoneNetwork {
  /** Volume of each zone, m³. */
  readonly volumesM3: readonly number[]
  /** Flow both ways between two zones, m³/s. */
  readonly exchanges: readonly (readonly [zoneA: number, zoneB: number, flowM3PerS: number])[]
  /** What leaves each zone for good: outflow, filters, settling, as a flow of clean air, m³/s. */
  readonly removalM3PerS: readonly number[]
}

/** Concentrations after a stretch of steady work, and their means over it, mg/m³, one for each zone. */
export interface Advanced { readonly endMgPerM3: Float64Array, readonly meanMgPerM3: Float64Array }

/**
 * The exact solution of V dC/dt = S·C + G for piecewise-constant G, any number of zones.
 * S is symmetric (what flows one way flows back), so V^-½·S·V^-½ = Q·Λ·Qᵀ with real Λ ≤ 0, and in the coordinates
 * z = Qᵀ·V^½·C each mode runs by itself: z(T) = z₀·e^(λT) + h·T·φ₁(λT), mean z₀·φ₁(λT) + h·T·φ₂(λT). No step size.
 *
 * Source: mass balance of well-mixed zones (`twoZone`); the solution is derived here.
 */
export class Zones {
  readonly count: number
  readonly #lambda: Float64Array
  /** Mode k over the zones, row by row: mode × √V, which takes concentrations into modes. */
  readonly #into: Float64Array
  /** Mode ÷ √V, which takes sources into modes, and modes back into concentrations. */
  readonly #back: Float64Array

  /** @throws RangeError when a zone has no volume or a flow is negative */
  constructor(network: ZoneNetwork) {
    const { volumesM3, exchanges, removalM3PerS } = network
    const n = volumesM3.length
    if (volumesM3.some(volume => !(volume > 0))) throw new RangeError('every zone needs a volume above zero')
    if (removalM3PerS.length !== n || removalM3PerS.some(flow => !(flow >= 0)) || exchanges.some(([, , flow]) => !(flow >= 0)))
      throw new RangeError('flows are zero or more')
    this.count = n
    const s = volumesM3.map((_, i) => Float64Array.from({ length: n }, (_, j) => i === j ? -removalM3PerS[i]! : 0))
    for (const [a, b, flow] of exchanges) {
      s[a]![a]! -= flow
      s[b]![b]! -= flow
      s[a]![b]! += flow
      s[b]![a]! += flow
    }
    const rootV = Float64Array.from(volumesM3, Math.sqrt)
    const { values, vectors } = symmetricEigen(s.map((row, i) => row.map((value, j) => value / (rootV[i]! * rootV[j]!))))
    // Rounding may lift a zero mode above zero; nothing grows by itself.
    this.#lambda = values.map(value => Math.min(0, value))
    this.#into = new Float64Array(n * n)
    this.#back = new Float64Array(n * n)
    vectors.forEach((mode, k) => mode.forEach((part, i) => {
      this.#into[k * n + i] = part * rootV[i]!
      this.#back[k * n + i] = part / rootV[i]!
    }))
  }

  /**
   * Advances the concentrations through a stretch of steady work.
   *
   * @param startMgPerM3 one for each zone
   * @param sourceMgPerS what each zone receives, mg/s
   * @param seconds length of the stretch, 0 or more
   */
  advance(startMgPerM3: ArrayLike<number>, sourceMgPerS: ArrayLike<number>, seconds: number): Advanced {
    const n = this.count
    const lambda = this.#lambda
    const into = this.#into
    const back = this.#back
    const end = new Float64Array(n)
    const mean = new Float64Array(n)
    for (let k = 0, at = 0; k < n; k++, at += n) {
      let z0 = 0
      let h = 0
      for (let i = 0; i < n; i++) {
        z0 += into[at + i]! * startMgPerM3[i]!
        h += back[at + i]! * sourceMgPerS[i]!
      }
      if (z0 === 0 && h === 0) continue
      const x = lambda[k]! * seconds
      const first = phi1(x)
      const zEnd = z0 * Math.exp(x) + h * seconds * first
      const zMean = z0 * first + h * seconds * phi2(x)
      for (let i = 0; i < n; i++) {
        end[i]! += back[at + i]! * zEnd
        mean[i]! += back[at + i]! * zMean
      }
    }
    return { endMgPerM3: end, meanMgPerM3: mean }
  }

  /**
   * Where the concentrations settle under a source that never stops, mg/m³; null where nothing leaves and they rise for ever.
   */
  steady(sourceMgPerS: ArrayLike<number>): Float64Array | null {
    const n = this.count
    const settled = new Float64Array(n)
    const fastest = Math.max(...this.#lambda.map(Math.abs), Number.MIN_VALUE)
    for (let k = 0, at = 0; k < n; k++, at += n) {
      let h = 0
      for (let i = 0; i < n; i++) h += this.#back[at + i]! * sourceMgPerS[i]!
      if (h === 0) continue
      if (-this.#lambda[k]! <= fastest * 1e-13) return null
      for (let i = 0; i < n; i++) settled[i]! += this.#back[at + i]! * h / -this.#lambda[k]!
    }
    return settled
  }
}
