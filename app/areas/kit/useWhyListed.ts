import type { KitItemReading } from '#shared/contract/readings'
import { kitPages } from '~/words/kit'

const says = kitPages.row

/** Why a thing is listed: what was wrong when it was tagged out, or when it falls due. */
export function useWhyListed() {
  const { due } = useDates()
  return ({ item: { taggedOut }, dueOn }: KitItemReading, today: string): string =>
    taggedOut ? taggedOut.reason || taggedOut.checks.map(id => checkWords({ id })).join(', ') || says.noReasonGiven : due(dueOn, today)
}
