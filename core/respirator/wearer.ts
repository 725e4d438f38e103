import { monthsAfter } from '../time/months-after'
import { speaksFor } from './fit-test'
import type { FitTest } from './fit-test'
import { earlierOf, isAfter } from '../time/instant'
import type { MaskId } from '../ids/vocabulary'
import type { Instant } from '../time/instant'

/** What the health table holds of somebody who wears a mask. Never in the record: it is erasable. */
export interface WearerRecord {
  readonly mask: MaskId
  /** Date of the fit test with this very mask, YYYY-MM-DD; null when never tested. */
  readonly fitTestedOn: string | null
  /** Date of the medical clearance, YYYY-MM-DD; null when never cleared. */
  readonly medicallyClearedOn: string | null
  /** How that fit test went; left out where only its date was written down, which makes nobody ready who needs one. */
  readonly fit?: FitTest
}

/** What the floor may know of a wearer: which mask, and until when test and clearance both stand. Not which of them is missing. */
export interface Wearer {
  readonly mask: MaskId
  /** Instant until which the wearer is ready: the end of the shop day; null when they are not ready for all of it. */
  readonly readyUntil: Instant | null
  /** Seen clean-shaven today; null when nobody looked. */
  readonly isShaven: boolean | null
}

/** A date counts until its day begins, in UTC: never longer than it says. */
const startOf = (date: string): string => `${date}T00:00:00.000Z`

/**
 * Until when a wearer is ready: the earlier end of fit test and medical clearance. A mask that does not seal needs no fit test. A test
 * of which nobody said how it went, that was failed, proves too little of its mask, or came to less than it must, makes nobody ready; one
 * that says when the next is due counts no longer.
 *
 * @param isTight the mask seals to the face
 * @returns an instant, or null when what is needed was never done
 */
export function readyUntil(
  { mask, fitTestedOn, medicallyClearedOn, fit }: WearerRecord,
  isTight: boolean,
  months: { readonly fitTest: number, readonly medical: number },
): string | null {
  if (medicallyClearedOn === null || (isTight && fitTestedOn === null)) return null
  const medical = startOf(monthsAfter(medicallyClearedOn, months.medical))
  if (!isTight) return medical
  if (!fit || !speaksFor(fit, mask)) return null
  const tested = startOf(monthsAfter(fitTestedOn!, months.fitTest))
  const fitUntil = fit.nextOn === null ? tested : earlierOf(tested, startOf(fit.nextOn))
  return earlierOf(fitUntil, medical)
}

/**
 * What others are told of it: ready for the whole shop day, or not ready. A date of somebody's health that falls within the day
 * is nobody's business on the floor, so a test that ends today no longer carries today.
 *
 * @param until an instant, or null for somebody who never was
 * @param dayEnds when the shop day ends
 */
export const readyForTheDay = (until: Instant | null, dayEnds: Instant): string | null =>
  until !== null && !isAfter(dayEnds, until) ? dayEnds : null
