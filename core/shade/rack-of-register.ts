import type { CheckList } from '../inspection/check-list'
import { judgeKitItem } from '../inspection/judge-kit-item'
import type { KitItem } from '../streams/kit-item/kit-item'
import type { RackHelmet } from './rack'

/**
 * A helmet of the register as the rack asks of it. A look of today that passed says that its plates are sound, and that it turned dark: its
 * battery is good. What its marks do not say stays unknown: a lens of which nobody said that it is fixed is taken for one that has to turn
 * dark.
 *
 * @param today the shop day, YYYY-MM-DD
 * @param setTo what somebody said it is set to, where they did
 */
export function rackHelmetOf(item: KitItem, today: string, lists: readonly CheckList[], setTo?: number): RackHelmet {
  const { tag, marks: { lensKind = 'auto', shadeBands = [], lightState, switchingMs }, taggedOut, isRetired } = item
  const isSound = judgeKitItem(item, today, lists).mayUse
  return {
    id: tag,
    kind: lensKind,
    shades: shadeBands,
    lightState,
    switchingMs,
    ...setTo === undefined ? {} : { setTo },
    ...isSound ? { battery: 'good', coverPlates: 'sound', checkedToday: 'passed' } : {},
    ...taggedOut || isRetired ? { checkedToday: 'failed' } : {},
  }
}
