import { normalCdf } from './normal'
import type { SampleValue } from './substitution'

/** Categories of exposure by where the 95th percentile of shifts lies, as a share of the limit: up to each of these, and above. */
export const CATEGORY_ENDS = [0.01, 0.1, 0.5, 1] as const

/** What is held possible before anything was measured: middles as shares of the limit, and spreads. Source: `bayesianDecision`. */
const POSSIBLE = { middle: [0.0005, 5], gsd: [1.05, 4] } as const
const GRID = 201
const Z95 = 1.644_853_626_951_472_2

/** So many limits of quantification are told apart. */
const APART = 10

/** Logarithms with how often each is there. Many are put together, each up to the next: what was under the one was under the other. */
function together(ys: readonly number[]): readonly (readonly [y: number, times: number])[] {
  const sorted = [...ys].sort((a, b) => a - b)
  const every = Math.max(1, Math.ceil(new Set(sorted).size / APART))
  const distinct = [...new Set(sorted)]
  const times = new Map<number, number>()
  for (const y of sorted) {
    const last = Math.min(distinct.length - 1, (Math.floor(distinct.indexOf(y) / every) + 1) * every - 1)
    times.set(distinct[last]!, (times.get(distinct[last]!) ?? 0) + 1)
  }
  return [...times]
}

/**
 * How likely each category of exposure is by a sample: Bayesian decision analysis on a grid, with every middle and spread held equally
 * likely, on logarithmic scales, within what is possible. A result below the limit of quantification counts by the chance of that.
 *
 * @param limit in the unit of the values, above 0
 * @returns five chances that add up to one: at most 1 %, 10 %, 50 %, 100 % of the limit, and above; null without results
 * Source: `bayesianDecision`.
 */
export function exposureCategories(sample: readonly SampleValue[], limit: number): readonly number[] | null {
  if (sample.length === 0 || !(limit > 0)) return null
  const logs = sample.map(({ value, isBelowLoq }) => ({ y: Math.log(value / limit), isBelowLoq }))
  const found = logs.filter(({ isBelowLoq }) => !isBelowLoq).map(({ y }) => y)
  const sum = found.reduce((all, y) => all + y, 0)
  const squares = found.reduce((all, y) => all + y * y, 0)
  const below = together(logs.filter(({ isBelowLoq }) => isBelowLoq).map(({ y }) => y))
  const between = ([low, high]: readonly [number, number], i: number): number =>
    Math.log(low) + (Math.log(high) - Math.log(low)) * i / (GRID - 1)
  const cells: { readonly log: number, readonly p95: number }[] = []
  for (let i = 0; i < GRID; i++) {
    const middle = between(POSSIBLE.middle, i)
    for (let j = 0; j < GRID; j++) {
      const sd = between(POSSIBLE.gsd, j)
      let log = -found.length * Math.log(sd)
      log -= (squares - 2 * middle * sum + found.length * middle * middle) / (2 * sd * sd)
      for (const [y, times] of below) log += times * Math.log(Math.max(normalCdf((y - middle) / sd), Number.MIN_VALUE))
      cells.push({ log, p95: middle + Z95 * sd })
    }
  }
  const top = cells.reduce((most, { log }) => Math.max(most, log), -Infinity)
  const chances = [0, 0, 0, 0, 0]
  for (const { log, p95 } of cells) {
    const category = CATEGORY_ENDS.findIndex(end => p95 <= Math.log(end))
    chances[category === -1 ? CATEGORY_ENDS.length : category]! += Math.exp(log - top)
  }
  const whole = chances.reduce((all, chance) => all + chance, 0)
  return chances.map(chance => chance / whole)
}
