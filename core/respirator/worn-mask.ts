import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { KitItemFact } from '../inspection/kit-item-fact'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { Wearer } from './wearer'

/**
 * The wearer with the mask they really have: what was fit-tested protects only where the register has one of that kind,
 * theirs, in date and not tagged out. A test on paper is not worn.
 *
 * @param masks respirators of the register that are assigned to this person
 * @returns null where nothing counts, with the reason where a test was written down
 */
export function wornMask(
  wearer: Wearer | null,
  masks: readonly KitItemFact[],
  now: Instant,
): { readonly wearer: Wearer | null, readonly findings: readonly Finding[] } {
  if (wearer === null) return { wearer, findings: [] }
  const worn = masks.filter(({ kind, marks }) => kind === 'respirator' && marks.mask === wearer.mask)
  const isServing = worn.some(({ mayUse, validUntil }) => mayUse && stands(validUntil, now))
  return isServing
    ? { wearer, findings: [] }
    : { wearer: null, findings: [finding('note', 'respirator.not-in-register', { mask: wearer.mask }, ['usRespirators'])] }
}
