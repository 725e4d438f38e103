import type { DrawSet } from '../chance/draw-set'
import { isGas } from '../fume/gases'
import type { SubstanceId } from '../ids/vocabulary'
import { lazily } from '../kept'
import type { Breathed, Drawn, DrawnBySubstance, PartOfAir } from './hall-shift'
import { breathedOf, KINDS, SUMMED } from './hall-shift'
import type { AirToJudge } from './judge-exposure'

/** A mask as it is worn: its factor, whether it brings its own air or only filters dust, and for what share of the work it is on. */
export interface MaskWorn {
  /** Above 0. */
  readonly apf: number
  readonly isSupplied: boolean
  /** 0 to 1. Between jobs nobody wears it. */
  readonly wornShare: number
}

/**
 * The share of what is outside that is breathed by somebody who wears a mask for a part of the time: off for a tenth of it, the best mask
 * protects less than ten times.
 *
 * @example leakOf({ apf: 50, wornShare: 0.9 }) // 0.118, a factor of 8.5
 */
export const leakOf = ({ apf, wornShare }: Pick<MaskWorn, 'apf' | 'wornShare'>): number => 1 - wornShare + wornShare / apf

/** What somebody breathes over a day, with its sums. */
export interface DrawnAir extends Required<AirToJudge> {
  readonly drawn: DrawnBySubstance
}

export interface DayAir extends DrawnAir {
  /** The same inside a mask: at work with it on and off, between jobs without. In short time it is taken to be on. */
  inside(mask: MaskWorn): DrawnAir
}

/** What was drawn, with its percentiles and sums. */
const airOf = (drawn: DrawnBySubstance, draws: DrawSet, breathed = breathedOf(drawn, draws)): DrawnAir => ({
  drawn,
  breathed,
  highOf: (parts) => {
    const sum = new Float64Array(draws.count)
    for (const { substance, kind, perMgPerM3 } of parts) {
      const values = drawn[substance]![kind]
      for (let n = 0; n < sum.length; n++) sum[n]! += values[n]! * perMgPerM3
    }
    return draws.spread(sum).high
  },
})

/** The day that was last made with a part as its first: a shop is judged every few seconds, and seldom breathes anything else. */
const days = new WeakMap<PartOfAir, { readonly parts: readonly PartOfAir[], readonly draws: DrawSet, readonly day: DayAir }>()

/**
 * A day in one part, or in several at several places: sums over the day add up draw by draw, of short time the worse one stands.
 *
 * @param parts at least one
 */
export function dayAir(parts: readonly PartOfAir[], draws: DrawSet): DayAir {
  const found = days.get(parts[0]!)
  if (found && found.draws === draws && found.parts.length === parts.length && found.parts.every((part, at) => part === parts[at]))
    return found.day
  const day = airOfDay(parts, draws)
  days.set(parts[0]!, { parts, draws, day })
  return day
}

function airOfDay(parts: readonly PartOfAir[], draws: DrawSet): DayAir {
  const [only] = parts
  const drawn = parts.length === 1 ? only!.drawn : together(parts.map(part => part.drawn), draws.count)
  return {
    ...airOf(drawn, draws, parts.length === 1 ? only!.breathed : breathedOf(drawn, draws)),
    inside: mask => airOf(
      Object.fromEntries(
        Object.entries(drawn).map(([substance, of]) => [
          substance,
          isGas(substance as SubstanceId) && !mask.isSupplied ? of : insideOf(of, mask),
        ]),
      ),
      draws,
    ),
  }
}

/** Of the worse of two moments, or of both together. */
const joinOf = (kind: keyof Breathed): (a: number, b: number) => number => SUMMED.has(kind) ? (a, b) => a + b : Math.max

function together(parts: readonly DrawnBySubstance[], count: number): DrawnBySubstance {
  const day: Partial<Record<SubstanceId, Drawn>> = {}
  for (const part of parts) {
    for (const [substance, drawn] of Object.entries(part) as [SubstanceId, Drawn][]) {
      const before = day[substance]
      day[substance] = !before
        ? drawn
        : Object.fromEntries(KINDS.map((kind) => {
          const join = joinOf(kind)
          return [kind, Float64Array.from({ length: count }, (_, n) => join(before[kind][n]!, drawn[kind][n]!))]
        })) as Record<keyof Breathed, Float64Array>
    }
  }
  return day
}

function insideOf(drawn: Drawn, mask: MaskWorn): Drawn {
  const leak = leakOf(mask)
  const through = (values: Float64Array, share: number): Float64Array => values.map(value => value * share)
  const of = lazily((kind: keyof Drawn): Float64Array => {
    if (kind === 'twa') return drawn.twa.map((all, n) => (all - drawn.twaBesides[n]!) * leak + drawn.twaBesides[n]!)
    return through(drawn[kind], kind === 'shortTerm' || kind === 'peak' ? 1 / mask.apf : leak)
  })
  // A gate reads three of them.
  return {
    ...drawn,
    get twa() { return of('twa') },
    get shortTerm() { return of('shortTerm') },
    get peak() { return of('peak') },
    get nearField() { return of('nearField') },
    get farField() { return of('farField') },
  }
}
