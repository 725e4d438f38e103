import type { CylinderState } from '../streams/cylinder/cylinder'
import { cylinderFact } from '../cylinder/cylinder-fact'
import type { CylinderFact } from '../cylinder/cylinder-fact'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { CheckListsState } from '../streams/check-lists/check-lists'
import { listsInForce } from '../streams/check-lists/check-lists'
import type { KitItem } from '../streams/kit-item/kit-item'
import { baysServed } from '../streams/kit-item/kit-item'
import { kitItemFact } from '../inspection/kit-item-fact'
import type { KitItemFact } from '../inspection/kit-item-fact'
import type { Instant } from '../time/instant'
import type { KitStanding } from '../clearance/kit-around'

/** Things in use as their events leave them, with the lists they are judged by. */
export interface KitReadings {
  readonly lists: CheckListsState
  readonly items: readonly KitItem[]
  readonly cylinders: readonly CylinderState[]
}

type Grouped<Fact> = Record<string, Fact[]>
const add = <Fact>(groups: Grouped<Fact>, id: string, fact: Fact): void => {
  ;(groups[id] ??= []).push(fact)
}

/**
 * Judges everything in use for a shop day.
 *
 * @param today the shop day, YYYY-MM-DD
 * @param dayEnds when it ends
 */
export function judgeKit({ lists, items, cylinders }: KitReadings, rules: HouseRules, today: string, dayEnds: Instant): KitStanding {
  const inForce = listsInForce(lists)
  const standing: {
    readonly items: Grouped<KitItemFact>
    readonly worn: Grouped<KitItemFact>
    readonly cylinders: Grouped<CylinderFact>
  } = { items: {}, worn: {}, cylinders: {} }
  for (const item of items) {
    for (const bayId of baysServed(item.assignment)) add(standing.items, bayId, kitItemFact(item, inForce, today, dayEnds))
    if (item.assignment?.to === 'person') add(standing.worn, item.assignment.id, kitItemFact(item, inForce, today, dayEnds))
  }
  for (const cylinder of cylinders)
    if (cylinder.standing?.in === 'bay') add(standing.cylinders, cylinder.standing.bayId, cylinderFact(cylinder, rules, today, dayEnds))
  return standing
}
