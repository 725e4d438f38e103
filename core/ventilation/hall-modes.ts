import type { HallBalance } from './hall'
import { phi1, phi2 } from './phi'

/**
 * A hall whose near fields are all alike, in closed form. The far field and the mean of the near fields are two zones, with two modes; what
 * one near field has beyond that mean passes to the far field by itself, as a third. So a hall of any number of bays has three modes, where
 * the zones of any network ask for as many as there are zones (`zones.ts`, against which this is tested).
 */
export interface HallModes {
  /** Rates of the three modes, 1/s, none above zero. */
  readonly rates: readonly [number, number, number]
  /**
   * By the first two modes, 1/m³: the far field's answer to a source of 1 mg/s in one near field, and the mean near field's to one in the
   * far field.
   */
  readonly farOfNear: readonly [number, number]
  /** The mean near field's answer to a source in one of them. */
  readonly nearOfNear: readonly [number, number]
  readonly farOfFar: readonly [number, number]
  /** By the third mode: the near field that holds the source, and each of the others. */
  readonly own: number
  readonly other: number
}

/**
 * The modes of a hall. With x = √V_F·C_F and y = √(N·V_N)·mean C_N the balance of two zones is symmetric: its modes are at right
 * angles.
 *
 * @param spots number of near fields, 1 or more
 * Source: mass balance of well-mixed zones (`twoZone`); the solution is derived here.
 */
export function hallModes({ farM3, nearM3, exchangeM3PerS, removalM3PerS }: HallBalance, spots: number): HallModes {
  const nearsM3 = nearM3 * spots
  const exchange = exchangeM3PerS * spots
  const far = -(removalM3PerS + exchange) / farM3
  const near = -exchangeM3PerS / nearM3
  const between = exchange / Math.sqrt(farM3 * nearsM3)
  const fast = (far + near) / 2 - Math.hypot((far - near) / 2, between)
  // By the product of both: subtracting two near numbers would lose the slow one.
  const slow = fast === 0 ? 0 : (removalM3PerS * exchangeM3PerS) / (farM3 * nearM3) / fast
  // The slow mode has both zones of one sign, the fast one is at right angles to it.
  const [x, y] = between === 0 ? (far > near ? [1, 0] : [0, 1]) : [slow - near, between]
  const length = Math.hypot(x, y)
  const [slowFar, slowNear] = [x / length, y / length]
  const both = (slowFar * slowNear) / Math.sqrt(farM3 * nearsM3)
  return {
    rates: [slow, fast, near],
    farOfNear: [both, -both],
    nearOfNear: [slowNear ** 2 / nearsM3, slowFar ** 2 / nearsM3],
    farOfFar: [slowFar ** 2 / farM3, slowNear ** 2 / farM3],
    own: (1 - 1 / spots) / nearM3,
    other: -1 / (spots * nearM3),
  }
}

/**
 * Where a mode stands some time after its source of 1 began, s.
 *
 * @param rate of the mode, 1/s, 0 or less
 * @param afterS since the source began; before that nothing
 * @param onS how long the source runs
 */
export function risen(rate: number, afterS: number, onS: number): number {
  if (afterS <= 0) return 0
  return afterS <= onS ? afterS * phi1(rate * afterS) : Math.exp(rate * (afterS - onS)) * onS * phi1(rate * onS)
}

/** Its sum up to then, s². */
export function risenSum(rate: number, afterS: number, onS: number): number {
  if (afterS <= 0) return 0
  if (afterS <= onS) return afterS * afterS * phi2(rate * afterS)
  const left = afterS - onS
  return onS * onS * phi2(rate * onS) + onS * phi1(rate * onS) * left * phi1(rate * left)
}
