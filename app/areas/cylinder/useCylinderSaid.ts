import type { CylinderRow } from '#shared/contract/readings'
import { gasPages } from '~/words/gas'

const says = gasPages.row

/** What a line says of a cylinder: how it stands, in a few words, and when its test falls due. */
export function useCylinderSaid() {
  const lookup = useLookup()
  const { due, until, day } = useDates()
  return ({ cylinder, fact, nextDue }: CylinderRow, today: string) => {
    const settling = fact.settlesAt === null ? null : until(fact.settlesAt)
    const worst
      = fact.findings.find(({ severity }) => severity === 'stop')
        ?? fact.findings.find(({ severity }) => severity === 'hold')
        ?? fact.findings[0]
        ?? null
    const word = settling
      ? says.settlesMore(settling)
      : worst
        ? lookup.say(worst).brief
        : cylinder.isEmpty
          ? says.empty
          : says.inOrder
    const tone = worst?.severity === 'stop'
      ? 'state-stop'
      : worst?.severity === 'hold' || settling
        ? 'state-hold'
        : worst
          ? ''
          : 'state-open'
    const isLate = nextDue !== null && nextDue < today
    const test = nextDue === null ? says.testDate : isLate ? says.test(due(nextDue, today)) : says.test2(day(nextDue.slice(0, 7)))
    return { word, tone, isLate, test }
  }
}
