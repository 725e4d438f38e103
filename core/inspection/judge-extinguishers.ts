import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { BaseMetalId } from '../ids/vocabulary'
import type { ExtinguisherType } from './extinguisher-dates'
import { readRating } from './extinguisher-rating'
import type { KitItemFact } from './kit-item-fact'

/** How far from the work one may hang: 30 ft. Source: `extinguisherAtWork`. */
export const EXTINGUISHER_AT_MOST_M = 30 * 0.3048
/** How large they are at least, by whose print. Source: `extinguisherAtWork`; the European pair is the insurers' practice. */
const LEAST = { us: { a: 2, b: 20 }, eu: { a: 13, b: 55 } } as const
/** Agents that may be used on what is under voltage. */
const NON_CONDUCTING: ReadonlySet<ExtinguisherType> = new Set(['dry-chemical', 'dry-chemical-stainless', 'carbon-dioxide', 'halogenated'])
/** Metals whose swarf burns so that every other agent makes it worse. Source: `extinguisherClasses`. */
export const BURNING_METALS: readonly BaseMetalId[] = ['magnesium', 'titanium']

/** What burns, or may burn, where somebody works. */
export interface FireHere {
  /** Something is under voltage: a power source, a powered tool. */
  readonly isElectrical: boolean
  /** Swarf of a metal that burns is about; undefined where nobody said. */
  readonly metalFire: boolean | undefined
}

/**
 * Do the extinguishers here suit what burns, are they large enough, and near enough? Together they may: one for wood and
 * paper, one for liquids and voltage. One whose print or distance nobody wrote down counts for nothing.
 *
 * @param items extinguishers and whatever else; those not in service count for nothing
 * @returns why they do not serve; empty when they do, and where none is in service, for that is said by who asks
 */
export function judgeExtinguishers(items: readonly KitItemFact[], { isElectrical, metalFire }: FireHere, now: Instant): readonly Finding[] {
  const serving = items.filter(({ kind, mayUse, validUntil }) => kind === 'extinguisher' && mayUse && stands(validUntil, now))
  if (serving.length === 0) return []
  const doubts: Finding[] = []
  let [hasA, hasB, hasVoltage, hasD] = [false, false, false, false]
  for (const {
    tag,
    marks: { extinguisherRating, extinguisherType },
    distanceM,
  } of serving) {
    const rating = extinguisherRating === undefined ? null : readRating(extinguisherRating)
    if (rating === null) doubts.push(finding('hold', 'extinguisher.rating-unknown', { tag }, ['extinguisherClasses']))
    if (distanceM === null) doubts.push(finding('hold', 'extinguisher.distance-unknown', { tag }, ['extinguisherAtWork']))
    else if (distanceM > EXTINGUISHER_AT_MOST_M)
      doubts.push(
        finding('hold', 'extinguisher.too-far', { tag, distanceM, atMostM: EXTINGUISHER_AT_MOST_M }, ['extinguisherAtWork']),
      )
    if (rating === null || distanceM === null || distanceM > EXTINGUISHER_AT_MOST_M) continue
    const least = LEAST[rating.family]
    hasA ||= rating.a >= least.a
    hasB ||= rating.b >= least.b
    hasVoltage
      ||= rating.family === 'us' ? rating.c : extinguisherType !== undefined && NON_CONDUCTING.has(extinguisherType) && rating.b > 0
    hasD ||= rating.d
  }
  const lacks: Finding[] = []
  if (!hasA || !hasB)
    lacks.push(
      finding('hold', 'extinguisher.too-small', { lacks: !hasA && !hasB ? 'both' : hasA ? 'liquids' : 'solids' }, [
        'extinguisherAtWork',
      ]),
    )
  if (isElectrical && !hasVoltage) lacks.push(finding('hold', 'extinguisher.not-for-voltage', {}, ['extinguisherClasses']))
  if (metalFire !== false && !hasD)
    lacks.push(
      finding('hold', metalFire === undefined ? 'extinguisher.metal-unknown' : 'extinguisher.not-for-metal', {}, [
        'extinguisherClasses',
      ]),
    )
  // A doubt about one matters only where the rest do not serve.
  return lacks.length === 0 ? [] : [...doubts, ...lacks]
}
