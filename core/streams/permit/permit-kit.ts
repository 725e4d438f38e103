import type { KitItemFact } from '../../inspection/kit-item-fact'
import { kitItemFact } from '../../inspection/kit-item-fact'
import type { Instant } from '../../time/instant'
import { listsInForce } from '../check-lists/check-lists'
import type { CheckListsState } from '../check-lists/check-lists'
import { baysServed } from '../kit-item/kit-item'
import type { KitItem } from '../kit-item/kit-item'
import { dayEndsAfter, shopDayAt } from '../scene'
import type { Scene } from '../scene'

/** Is it what a permit rests on: assigned to it, or an extinguisher of its bay? */
export const servesPermit = ({ assignment, isRetired, kind }: KitItem, permitId: string, bayId: string | null): boolean =>
  !isRetired
  && (assignment?.to === 'permit'
    ? assignment.id === permitId
    : assignment?.to === 'bay' && bayId !== null && kind === 'extinguisher' && baysServed(assignment).includes(bayId))

/** The kit of a permit, judged for the shop day that stands now, whenever a command was made. */
export function permitKitFacts(
  items: readonly KitItem[],
  lists: CheckListsState,
  scene: Pick<Scene, 'site' | 'rules'>,
  now: Instant,
): readonly KitItemFact[] {
  const inForce = listsInForce(lists)
  return items.map(item => kitItemFact(item, inForce, shopDayAt(scene, now), dayEndsAfter(scene, now)))
}
