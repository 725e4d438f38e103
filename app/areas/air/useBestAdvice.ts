import { advicePlan, airAdvice, bestAdvice } from '#core/air/air-advice'
import type { Advice } from '#core/air/air-advice'
import { hallIdOf, hallQuestion } from '#core/air/air-facts'
import type { WhatIf } from '#core/air/what-if'
import type { Quantities } from '#shared/words/quantities'

/** A change in words, as an order to somebody who can carry it out. */
export function changeWords(
  { strippedWidthMm, process, consumable, placement, distanceM, flowM3PerS, supplyM3PerS, othersShare, arcMinPerH }: WhatIf,
  q: Quantities,
): string {
  return [
    strippedWidthMm !== undefined && `strip ${q.length(strippedWidthMm)} on each side, both faces`,
    (process || consumable)
    && `use ${[process && words.processes[process], consumable && words.consumables[consumable]].filter(Boolean).join(' with ')}`,
    distanceM !== undefined && `put the hood ${q.reach(distanceM)} ${placement ? words.placements[placement] : 'away'}`,
    flowM3PerS !== undefined && `draw ${q.airFlow(flowM3PerS)}`,
    supplyM3PerS !== undefined && `blow in ${q.airFlow(supplyM3PerS)}`,
    othersShare !== undefined && 'let half the other arcs burn at once',
    arcMinPerH !== undefined && `burn ${q.minutes(arcMinPerH)} an hour`,
  ]
    .filter(Boolean)
    .join(', then ')
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** One piece of advice in words. */
export const adviceWords = ({ kind, change, masks }: Advice, q: Quantities): string =>
  kind === 'respirator' ? capital(`${words.masks[masks![0]!]} or better`) : capital(changeWords(change, q))

/** The best fix for a bay's air in one sentence, or null when nothing is wrong or nothing helps. Worked out in the browser. */
export function useBestAdvice(bayId: () => string) {
  const facts = useFacts()
  const judged = useJudged()
  const lookup = useLookup()
  const q = useQuantities()
  return computed(() => {
    const placed = lookup.find(bayId())
    const hallId = hallIdOf(facts.site, bayId())
    const fraction = placed?.verdict.air.exposure?.fraction
    if (
      hallId === null
      || fraction === undefined
      || fraction === null
      || fraction <= facts.rules.actionFraction
      || placed!.verdict.air.wornApf !== null
    )
      return null
    const question = hallQuestion(judged.standing, hallId)
    if (!question) return null
    const single = bestAdvice(airAdvice(question, bayId(), facts.rules))
    if (single?.isEnough && single.kind !== 'respirator')
      return `${adviceWords(single, q.value)}: ${q.value.part(single.fractionAfter!)} of the limit.`
    const plan = advicePlan(question, bayId(), facts.rules)
    if (plan?.isEnough) return `${capital(changeWords(plan.change, q.value))}: then ${q.value.part(plan.fractionAfter)} of the limit.`
    return single
      ? `${adviceWords(single, q.value)}${single.kind === 'respirator' ? ', until the fume is less.' : `: ${q.value.part(single.fractionAfter!)}, not enough alone.`}`
      : null
  })
}
