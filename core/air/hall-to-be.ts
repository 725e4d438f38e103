import type { FumeDataSheets } from '../streams/fume-sheets/fume-sheets'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { Instant } from '../time/instant'
import { shopDayOf } from '../time/shop-day'
import { msOf } from '../time/instant'
import type { HallAir } from '../ventilation/hall'
import { longHall } from '../ventilation/long-hall'
import type { AirAssessment } from './assess-air'
import { assessAir } from './assess-air'
import type { BayAir } from './bay-air'
import { predictHall } from './hall-prediction'
import { NOWHERE_ELSE } from './person-day'

/** Bays of a hall that is not there yet, each as one that is: its work, its extraction, where its hood stands. */
export interface BaysToBe {
  readonly like: Pick<BayAir, 'job' | 'extraction' | 'position'>
  /** Whole, 0 or more. */
  readonly count: number
}

/** So many bays of all kinds at most: each is judged as one types, and more of them are waited for. */
export const MOST_BAYS_TO_BE = 24

/** In a plan every hood runs as it should: what is looked for each day is looked for once it stands. */
const RUNS = { on: true, damperOpen: true, inPosition: true, draws: true, validUntil: '9999-12-31T00:00:00.000Z' } as const

/** What is unknown is less than anything that is known: of bays that are alike, it is unknown of all. */
const fractionOf = ({ exposure }: AirAssessment): number => exposure?.fraction ?? -1

/**
 * The air of a hall before it exists: all its bays weld on one day as the bays do that they are planned after, each with one person of its
 * own who wears no mask, each hood on a fan of its own, none measured yet. The judgement is the gate's own; what a bay keeps to itself
 * until it may strike is counted here, for a hall is built for all of them.
 *
 * @param air the hall as it is planned
 * @param sides of it, m: a long hall is cut along its length, and as its bays stand nowhere yet each counts as beside the others
 * @param kinds how many bays of each kind; {@link MOST_BAYS_TO_BE} together at most
 * @returns what the worst bay of each kind comes to, in their order: null for one with no bay
 * @throws RangeError for more bays than that, or a count that is not whole and not negative
 */
export function judgeHallToBe(
  air: HallAir,
  sides: { readonly lengthM: number, readonly widthM: number },
  kinds: readonly BaysToBe[],
  { rules, sheets, timeZone, now }: {
    readonly rules: HouseRules
    readonly sheets: FumeDataSheets
    readonly timeZone: string
    readonly now: Instant
  },
): readonly (AirAssessment | null)[] {
  const total = kinds.reduce((sum, { count }) => sum + count, 0)
  if (kinds.some(({ count }) => !Number.isInteger(count) || count < 0) || total > MOST_BAYS_TO_BE)
    throw new RangeError(`bays to be: whole counts, ${MOST_BAYS_TO_BE} together at most`)
  const named = kinds.map(({ like: { job, extraction, position }, count }, kind) =>
    Array.from({ length: count }, (_, nth): BayAir => {
      const id = `to-be-${kind}-${nth}`
      return { bayId: id, personId: id, job, extraction, position, earlierJobs: [] }
    }))
  const long = longHall(sides, air.ceilingM)
  const prediction = predictHall({
    hall: air,
    length: long ? { long, partOf: {} } : undefined,
    bays: named.flat(),
    sheets,
    shiftHours: rules.shiftHours,
    shopDayHour: rules.shopDayHour,
    timeZone,
    now,
  })
  const judged = (bay: BayAir): AirAssessment => assessAir({
    bay,
    prediction,
    check: RUNS,
    surveys: [],
    shopDay: shopDayOf(msOf(now), timeZone, rules.shopDayHour),
    wearer: null,
    elsewhere: NOWHERE_ELSE,
    rules,
    now,
  })
  // Bays of one kind are alike, but what is doubted is drawn for each by itself: the one that comes to most speaks for all.
  return named.map(bays => bays.map(judged).reduce<AirAssessment | null>((most, one) =>
    most === null || fractionOf(one) > fractionOf(most) ? one : most, null))
}
