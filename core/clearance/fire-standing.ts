import type { KitReadings } from './judge-kit'
import type { FireAround } from './fire-gate'
import type { KeptPermit, PermitFact } from '../hotwork/permit-fact'
import { shownPermit } from '../hotwork/permit-fact'
import { listsInForce } from '../inspection/check-lists'
import { itemFact } from '../inspection/item-fact'
import type { Instant } from '../station/station'

/** What the Fire gates of some bays are read from: their open permits, how many screens are heard, names of people. */
export interface FireReadings {
  readonly permits: readonly KeptPermit[]
  readonly screens: number
  readonly names: Readonly<Record<string, string>>
}

/** The same, ready for judging: by bay. */
export interface FireStanding {
  readonly byBay: Readonly<Record<string, readonly PermitFact[]>>
  readonly screens: number
  readonly names: Readonly<Record<string, string>>
}
export const NO_FIRE_STANDING: FireStanding = { byBay: {}, screens: 0, names: {} }

/** Joins permits with what is assigned to them, judged for a shop day. */
export function fireStanding({ permits, screens, names }: FireReadings, { items, lists }: KitReadings, today: string, dayEnds: Instant): FireStanding {
  const byBay: Record<string, PermitFact[]> = {}
  const inForce = listsInForce(lists)
  for (const { permitId, version, permit } of permits) {
    const { bayId } = permit.request.place
    if (bayId === null) continue
    const kit = items.filter(({ assignment }) => assignment?.to === 'permit' && assignment.id === permitId).map(item => itemFact(item, inForce, today, dayEnds))
    ;(byBay[bayId] ??= []).push({ permitId, version, permit: shownPermit(permit), kit })
  }
  return { byBay, screens, names }
}

/** What of it concerns one bay. */
export const fireAt = ({ byBay, screens, names }: FireStanding, bayId: string): FireAround => ({ permits: byBay[bayId] ?? [], secondScreen: screens >= 2, nameOf: personId => names[personId] ?? 'the watch' })
