import { airDoubt } from '#core/air/air-doubt'
import type { AirDoubt } from '#core/air/air-doubt'
import { dayQuestion } from '#core/air/air-facts'
import type { AirFacts } from '#core/air/air-facts'
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
/** How far it has come, 0 to 1, and at last the answer; null where the air cannot be said. */
export type DoubtTold = { readonly id: number } & ({ readonly share: number } | { readonly doubt: AirDoubt | null })

self.addEventListener('message', ({ data: { id, facts, bayId, change, draws, seed } }: MessageEvent<DoubtAsked>) => {
  const tell = (told: DoubtTold): void => self.postMessage(told)
  const question = dayQuestion(facts, bayId)
  if (!question) return tell({ id, doubt: null })
  const work = airDoubt({ ...question, hall: tryOut(question.hall, bayId, change) }, facts.rules, { draws, seed })
  for (let step = work.next(); ; step = work.next()) {
    if (step.done) return tell({ id, doubt: step.value })
    tell({ id, share: step.value })
  }
})
