import type { PermitFact } from '../streams/permit/permit-fact'
import { shownPermit } from '../streams/permit/permit-fact'
import { listsInForce } from '../streams/check-lists/check-lists'
import { kitItemFact } from '../inspection/kit-item-fact'
import type { Instant } from '../time/instant'
import type { FireReadings, FireStanding } from './fire-standing'
import type { KitReadings } from './judge-kit'

/** Joins permits with what is assigned to them, judged for a shop day. Apart from what the board needs: it carries no check lists. */
export function fireStanding(
  { permits, screens, names }: FireReadings,
  { items, lists }: KitReadings,
  today: string,
  dayEnds: Instant,
): FireStanding {
  const byBay: Record<string, PermitFact[]> = {}
  const inForce = listsInForce(lists)
  for (const { permitId, version, permit } of permits) {
    const { bayId } = permit.request.place
    if (bayId === null) continue
    const kit = items
      .filter(({ assignment }) => assignment?.to === 'permit' && assignment.id === permitId)
      .map(item => kitItemFact(item, inForce, today, dayEnds))
    const here = (byBay[bayId] ??= [])
    here.push({ permitId, version, permit: shownPermit(permit), kit })
  }
  return { byBay, screens, names }
}
