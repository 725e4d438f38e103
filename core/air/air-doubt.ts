import { drawSet } from '../chance/draw-set'
import type { Cause, DoubtId } from '../chance/draw-set'
import type { Driver } from '../chance/drivers'
import { driversOf } from '../chance/drivers'
import { spreadOf } from '../chance/draws'
import { CONCENTRATION, judgeExposure } from '../exposure/judge-exposure'
import type { ExposureLimit } from '../exposure/limits'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { Range } from '../range'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { HallPrediction, HallQuestion } from './hall-prediction'
import type { DayQuestion } from './person-day'
import { predictDay } from './person-day'

/** What an answer about air hangs on: what is not known here, and whatever other bays do. */
export type AirInputId = DoubtId | 'others'

/** One limit that binds, with how likely it is kept. */
export interface LimitChance {
  readonly limit: ExposureLimit
  /** Of the limit: the 5th, 50th and 95th percentile. */
  readonly fraction: Range
  /** Chances, 0 to 1, to stay under the limit, and under what this site acts at. */
  readonly underLimit: number
  readonly underAction: number
}

/** How sure the air of a bay is. */
export interface AirDoubt {
  readonly draws: number
  /** Every limit that binds, the hardest first. */
  readonly limits: readonly LimitChance[]
  /** Chance that every one of them stays under what this site acts at. */
  readonly allUnderAction: number
  /** What the doubt of the largest fraction comes from, the most first. */
  readonly drivers: readonly Driver<AirInputId>[]
}

/** Draws between two looks at whether somebody still waits for the answer. */
const AT_ONCE = 500
/** What belongs to one bay, and not to a table or the hall. */
const OF_A_BAY = /^bay /

type Columns = Map<string, { readonly cause: Cause, readonly chances: Float64Array }>

/** Columns of several goes put one after the other. */
function append(to: Columns, from: ReadonlyMap<Cause, Float64Array>, at: number, count: number): void {
  for (const [cause, chances] of from) {
    const key = `${cause.doubt} ${cause.of}`
    const column = to.get(key) ?? { cause, chances: new Float64Array(count) }
    to.set(key, column)
    column.chances.set(chances, at)
  }
}

/** A hall in which the bays burn that a judgement found to. */
function burningIn(question: HallQuestion, judged: HallPrediction, bayId = ''): HallQuestion {
  const held = new Set(judged.heldBeside(bayId))
  return { ...question, mayStrike: other => !held.has(other) }
}

/**
 * Draws the day of whoever works at a bay many times over: how likely each limit that binds is kept, and what the doubt comes from. The
 * model alone speaks, without masks and without what was measured. Which bays burn is settled by the gate's own judgement.
 *
 * @param draws rounded up to whole goes of 500
 * @returns a generator: each step is the share done, 0 to 1; it ends with the answer, null where the air of the bay cannot be said
 */
export function* airDoubt(
  question: DayQuestion,
  rules: HouseRules,
  { draws, seed }: { readonly draws: number, readonly seed: number },
): Generator<number, AirDoubt | null> {
  const { bayId } = question
  const judged = predictDay(question)
  if (!judged.day) return null
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const work = workPatternOf(rules, judged.day.hours)
  const { uses } = judgeExposure(judged.day.air, inForce, rules.actionFraction, work)
  const binding = uses.filter(({ binds, mgPerM3 }) => binds && mgPerM3 > 0)
  if (binding.length === 0) return null
  const burning: DayQuestion = {
    ...question,
    hall: burningIn(question.hall, judged.hall, bayId),
    elsewhere: { ...question.elsewhere, halls: question.elsewhere.halls.map((hall, at) => burningIn(hall, judged.elsewhere[at]!)) },
  }

  const goes = Math.ceil(draws / AT_ONCE)
  const count = goes * AT_ONCE
  const fractions = binding.map(() => new Float64Array(count))
  const columns: Columns = new Map()
  const place = judged.hall.placeAt(bayId)
  for (let go = 0; go < goes; go++) {
    yield go / goes
    const set = drawSet(AT_ONCE, seed + go)
    const { drawn } = predictDay(burning, set).day!.air
    binding.forEach(({ limit, fraction, mgPerM3 }, index) => {
      const perMg = (fraction / mgPerM3) * limit.perElement
      const breathed = drawn[limit.substance]![CONCENTRATION[limit.kind]]
      for (let n = 0; n < AT_ONCE; n++) fractions[index]![go * AT_ONCE + n] = breathed[n]! * perMg
    })
    append(columns, set.causes(), go * AT_ONCE, count)
  }
  yield 1
  const most = Float64Array.from({ length: count }, (_, n) => Math.max(...fractions.map(of => of[n]!)))
  const chanceUnder = (values: Float64Array, bound: number): number =>
    values.reduce((under, value) => under + (value <= bound ? 1 : 0), 0) / count
  return {
    draws: count,
    limits: binding.map(({ limit }, index) => ({
      limit,
      fraction: spreadOf(fractions[index]!),
      underLimit: chanceUnder(fractions[index]!, 1),
      underAction: chanceUnder(fractions[index]!, rules.actionFraction),
    })),
    allUnderAction: chanceUnder(most, rules.actionFraction),
    drivers: driversOf(most, new Map([...columns.values()].map(({ cause, chances }) => [cause, chances])), ({ doubt, of }): AirInputId =>
      OF_A_BAY.test(of) && of !== place ? 'others' : doubt),
  }
}
