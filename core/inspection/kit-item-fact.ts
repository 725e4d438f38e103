import type { Finding } from '../findings/finding'
import type { Instant } from '../time/instant'
import type { EquipmentKindId } from '../ids/vocabulary'
import type { CheckList } from './check-list'
import type { KitItemMarks, KitItem } from '../streams/kit-item/kit-item'
import { distanceOf } from '../streams/kit-item/kit-item'
import { earliestOf } from '../time/instant'
import { judgeKitItem } from './judge-kit-item'

/** What a board needs to know of a thing in use: worked out once for a shop day, good until it ends. */
export interface KitItemFact {
  readonly tag: string
  readonly kind: EquipmentKindId
  readonly name: string
  readonly marks: KitItemMarks
  readonly mayUse: boolean
  /** Holds and cautions, the tag first. */
  readonly findings: readonly Finding[]
  readonly validUntil: Instant
  /** When it was last looked at before use; null when it never was. */
  readonly seenAt: Instant | null
  /** From where it hangs to the work, m; null where nobody measured. */
  readonly distanceM: number | null
  /** When it was given to whoever has it; left out where that was not kept. */
  readonly assignedAt?: Instant
}

/**
 * How a thing stands for a shop day.
 *
 * @param today the shop day, YYYY-MM-DD
 * @param validUntil when that day ends
 */
export function kitItemFact(item: KitItem, lists: readonly CheckList[], today: string, validUntil: Instant): KitItemFact {
  const { mayUse, findings } = judgeKitItem(item, today, lists)
  const { tag, kind, name, marks, assignedAt } = item
  const looks = lists.filter(list => list.kind === kind && list.every.unit === 'use').flatMap(({ id }) => item.lists[id]?.doneAt ?? [])
  const [seenAt, distanceM] = [earliestOf(looks), distanceOf(item.assignment)]
  return { tag, kind, name, marks, mayUse, findings, validUntil, seenAt, distanceM, assignedAt }
}
