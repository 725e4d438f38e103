import type { Advice, AdvicePlan } from '#core/air/air-advice'
import { advicePlan, airAdvice } from '#core/air/air-advice'
import type { AirFacts } from '#core/air/air-facts'
import type { DayQuestion } from '#core/air/person-day'
import { keptLately } from '#core/kept'
import { msOf } from '#core/time/instant'

const HOUR_MS = 3_600_000

/** The same as long as nothing changed that the air of a bay hangs on: a shop tells of much else. What lapses does so on the hour. */
export function airKey({ surveys, wearers, sheets, rules, now }: AirFacts, { hall, bayId, elsewhere }: DayQuestion): string {
  const halls = [hall, ...elsewhere.halls].map(of => [of.hall, of.ducts, of.bays])
  return JSON.stringify([bayId, halls, elsewhere.unknown, surveys, wearers, sheets, rules, Math.floor(msOf(now) / HOUR_MS)])
}

/** What would help at a bay, and the changes put together, worked out when they are first asked for. */
export interface AdviceGiven { readonly advice: readonly Advice[], readonly plan: () => AdvicePlan | null }

const lately = keptLately<AdviceGiven>(4)

/** Advice for a bay; what was worked out lately of the same air is not worked out again, for each piece is judged in full. */
export function adviceFor(standing: AirFacts, question: DayQuestion): AdviceGiven {
  return lately(airKey(standing, question), () => {
    let plan: AdvicePlan | null | undefined
    return {
      advice: airAdvice(question, standing.rules),
      plan: () => plan === undefined ? plan = advicePlan(question, standing.rules) : plan,
    }
  })
}
