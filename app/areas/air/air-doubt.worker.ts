import { airDoubt } from '#core/air/air-doubt'
import type { AirDoubt } from '#core/air/air-doubt'
import { dayQuestion } from '#core/air/air-facts'
import type { AirFacts } from '#core/air/air-facts'
import { leastChanges, leastTogether } from '#core/air/least-change'
import type { LeastChange, LeastTogether } from '#core/air/least-change'
import { tryOut } from '#core/air/what-if'
import type { WhatIf } from '#core/air/what-if'

/** What is asked: the air of one bay drawn some thousand times, off the page. */
export interface DoubtAsked {
  readonly id: number
  readonly facts: AirFacts
  readonly bayId: string
  readonly change: WhatIf
  readonly draws: number
  readonly seed: number
}
/** The least that keeps them under: each thing by itself, and what advice joins. */
export interface Least { readonly alone: readonly LeastChange[], readonly together: LeastTogether | null }
/** How far it has come, 0 to 1, and at last the answer, null where the air cannot be said, with the least that keeps them under. */
export type DoubtTold = { readonly id: number } & (
  | { readonly share: number }
  | { readonly doubt: AirDoubt | null, readonly least: Least | null }
)

self.addEventListener('message', ({ data: { id, facts, bayId, change, draws, seed } }: MessageEvent<DoubtAsked>) => {
  const tell = (told: DoubtTold): void => self.postMessage(told)
  const question = dayQuestion(facts, bayId)
  if (!question) return tell({ id, doubt: null, least: null })
  const tried = { ...question, hall: tryOut(question.hall, bayId, change) }
  const work = airDoubt(tried, facts.rules, { draws, seed })
  for (let step = work.next(); ; step = work.next()) {
    if (step.done) {
      const least = { alone: leastChanges(tried, facts.rules), together: leastTogether(tried, facts.rules) }
      return tell({ id, doubt: step.value, least })
    }
    tell({ id, share: step.value })
  }
})
