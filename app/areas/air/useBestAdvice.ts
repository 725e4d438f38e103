import { capital } from '#shared/words/capital'
import { bestAdvice } from '#core/air/air-advice'
import type { Advice } from '#core/air/air-advice'
import { dayQuestion } from '#core/air/air-facts'
import type { WhatIf } from '#core/air/what-if'
import type { Quantities } from '#shared/words/quantities'
import { airPages } from '~/words/air'
import { adviceFor } from './adviceFor'

const says = airPages.bestAdvice

/** A change in words, as an order to somebody who can carry it out. */
export function changeWords(
  { strippedWidthMm, process, consumable, placement, distanceM, flowM3PerS, supplyM3PerS, othersShare, arcMinPerH }: WhatIf,
  q: Quantities,
): string {
  return [
    strippedWidthMm !== undefined && says.stripOnEachSideBoth(q.strip(strippedWidthMm)),
    (process || consumable)
    && says.use([process && words.processes[process], consumable && words.consumables[consumable]].filter(Boolean).join(says.with)),
    distanceM !== undefined && says.putTheHood(q.reach(distanceM), placement ? words.placements[placement] : 'away'),
    flowM3PerS !== undefined && says.draw(q.airFlow(flowM3PerS)),
    supplyM3PerS !== undefined && says.blowIn(q.airFlow(supplyM3PerS)),
    othersShare !== undefined && says.letHalfTheOtherArcs,
    arcMinPerH !== undefined && says.burnAnHour(q.minutes(arcMinPerH)),
  ]
    .filter(Boolean)
    .join(says.then)
}

/** One piece of advice in words. */
export const adviceWords = ({ kind, change, masks }: Advice, q: Quantities): string =>
  kind === 'respirator' ? capital(says.orBetter(words.masks[masks![0]!])) : capital(changeWords(change, q))

/** The best fix for a bay's air in one sentence, or null when nothing is wrong or nothing helps. Worked out in the browser. */
export function useBestAdvice(bayId: () => string) {
  const facts = useFacts()
  const judged = useJudged()
  const lookup = useLookup()
  const q = useQuantities()
  return computed(() => {
    const placed = lookup.find(bayId())
    const fraction = placed?.verdict.air.exposure?.fraction
    if (
      fraction === undefined
      || fraction === null
      || fraction <= facts.rules.actionFraction
      || placed!.verdict.air.worn !== null
    )
      return null
    const question = dayQuestion(judged.standing, bayId())
    if (!question) return null
    const given = adviceFor(judged.standing, question)
    const single = bestAdvice(given.advice)
    if (single?.isEnough && single.kind !== 'respirator')
      return says.ofTheLimit(adviceWords(single, q.value), q.value.part(single.fractionAfter!))
    const plan = given.plan()
    if (plan?.isEnough) return says.thenOfTheLimit(capital(changeWords(plan.change, q.value)), q.value.part(plan.fractionAfter))
    return single
      ? `${adviceWords(single, q.value)}${single.kind === 'respirator' ? says.untilTheFumeIsLess : says.notEnoughAlone(q.value.part(single.fractionAfter!))}`
      : null
  })
}
