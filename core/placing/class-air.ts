import { JUDGED } from '../chance/draw-set'
import type { DrawnAir, MaskWorn } from '../exposure/day-air'
import { dayAir } from '../exposure/day-air'
import { USUAL_DOUBT } from '../exposure/hall-doubt'
import type { HallBay } from '../exposure/drawn-hall'
import type { HallShift, PartOfAir } from '../exposure/hall-shift'
import { hallShift } from '../exposure/hall-shift'
import type { Visit } from '../exposure/heard'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import { keyed } from '../kept'
import type { Stay } from '../time/stays'
import { joined, minutesOf, without } from '../time/stays'
import type { DayBefore } from '../air/person-day'
import type { ClassBay, ClassPerson, ClassQuestion, ClassSetting, Placing } from './class-question'
import { classStay } from './class-question'

/** What one placing adds: limit by limit, as a share of it. */
export type Shares = ReadonlyMap<string, number>

/** What the placings of a class make people breathe, one by one: sums of them tell roughly what all make together. */
export interface ClassEffects {
  /** To whoever stands in the hall from first to last, for work at a bay in a period; eight-hour limits. */
  ofHall: (bay: number, period: number) => Shares
  /** Beyond that, to who does the work, with or without a mask. */
  ofOwn: (bay: number, period: number, mask: MaskWorn | undefined) => Shares
  /** Limits of short time and ceilings: to who does the work by themselves, and to somebody else at work beside it. */
  atOnceOwn: (bay: number, period: number, mask: MaskWorn | undefined) => Shares
  atOnceBeside: (bay: number, period: number) => Shares
  /** What somebody has used of each eight-hour limit before the class, by their place in it; nothing without work before it. */
  before: (person: number) => Shares
}

/** Somebody who stands at no arc. */
const IDLE: HallBay = { hood: null, capture: { low: 0, mid: 0, high: 0 }, work: [] }

const bayWith = (bay: ClassBay, stays: readonly Stay[]): HallBay => {
  const { hood, capture, captureInCalm, captureInDraught, part, arcMinPerH, emission, posture } = bay
  return {
    hood, capture,
    ...captureInCalm ? { captureInCalm } : {},
    ...captureInDraught ? { captureInDraught } : {},
    ...part === undefined ? {} : { part },
    // Parts that follow each other at a bay are one stretch of the same work: its runs are not counted twice.
    work: joined(stays).map(({ fromMin, toMin }) => ({ fromMin, toMin, arcMinPerH, emission, posture })),
  }
}

const shiftOf = (question: ClassSetting, staysOf: (bay: number) => readonly Stay[]): HallShift =>
  hallShift(
    question.hall,
    [...question.bays.map((bay, at) => bayWith(bay, staysOf(at))), IDLE, ...question.besides ?? []],
    { shiftHours: minutesOf([classStay(question)]) / 60, draws: JUDGED, doubt: USUAL_DOUBT, long: question.long ?? null },
  )

/** Some parts of a day as they are breathed, with or without a mask on at work. */
function breathing(parts: readonly PartOfAir[], mask: MaskWorn | undefined): DrawnAir {
  const air = dayAir(parts, JUDGED)
  return mask ? air.inside(mask) : air
}

/** A day in the class, judged; with its hours before it, where somebody worked by then. */
function judged(question: ClassSetting, air: DrawnAir, earlier?: DayBefore): ExposureJudgement {
  const { fromMin, toMin } = classStay(question)
  const pattern = { hoursADay: (toMin - Math.min(fromMin, earlier?.fromMin ?? fromMin)) / 60, daysAWeek: question.daysAWeek }
  return judgeExposure(air, question.ruleSets, question.actionFraction, pattern, NOTHING_MEASURED)
}

const sharesOf = ({ uses }: ExposureJudgement, isLong: boolean): Shares =>
  new Map(uses
    .filter(({ binds, limit: { kind } }) => binds && (kind === 'twa') === isLong)
    .map(({ limit: { substance, ruleSet, kind }, fraction }) => [`${substance} ${ruleSet} ${kind}`, fraction]))
/** No share is less than nothing: what rounding makes so is none. */
const minus = (all: Shares, part: Shares): Shares =>
  new Map([...all].map(([key, share]) => [key, Math.max(0, share - (part.get(key) ?? 0))]))

/** Lets others have their turn: a plan takes seconds, and what it is made beside waits for no part of it. */
export type Pause = () => Promise<void>
const NO_PAUSE: Pause = () => Promise.resolve()

/** Of each bay the first that is fitted and set like it: what one adds the other adds, within what draws of another bay may differ. */
function firstAlike(bays: readonly ClassBay[]): readonly number[] {
  const looks = bays.map(({ id: _id, ...bay }) => JSON.stringify(bay))
  return looks.map(look => looks.indexOf(look))
}

/**
 * What single placings add, each worked out once by the solver that the gates use; of booths that are all alike for one of them.
 *
 * @param pause taken after every bay of a period
 */
export async function classEffects(question: ClassQuestion, pause: Pause = NO_PAUSE): Promise<ClassEffects> {
  const { bays, people, periods } = question
  const idle = bays.length
  const like = firstAlike(bays)
  const whole = classStay(question)
  const once = keyed((key: string, make: () => Shares) => ({ key, make }))
  const shifts = periods.map(period => shiftOf(question, () => [period]))
  const airAt = (period: number, spot: number, from: number, visit: Visit, mask?: MaskWorn): DrawnAir =>
    breathing([shifts[period]!.partAt(spot, source => source === from, visit)], mask)
  const atWork = (period: number): Visit => ({ work: [periods[period]!], besides: without(whole, [periods[period]!]) })
  const maskKey = (mask: MaskWorn | undefined): string => JSON.stringify(mask ?? null)
  const hallOf = (bay: number, period: number): Shares => once(`hall ${bay} ${period}`, () =>
    sharesOf(judged(question, airAt(period, idle, bay, { work: [whole], besides: [] })), true))
  const ownOf = (bay: number, period: number, mask: MaskWorn | undefined): Shares => once(`own ${bay} ${period} ${maskKey(mask)}`, () =>
    minus(sharesOf(judged(question, airAt(period, bay, bay, atWork(period), mask)), true), hallOf(bay, period)))
  const atOnceOf = (bay: number, period: number, mask: MaskWorn | undefined): Shares =>
    once(`at once ${bay} ${period} ${maskKey(mask)}`, () =>
      sharesOf(judged(question, airAt(period, bay, bay, atWork(period), mask)), false))
  const besideOf = (bay: number, period: number): Shares => once(`beside ${bay} ${period}`, () =>
    sharesOf(judged(question, airAt(period, idle, bay, { work: [periods[period]!], besides: [] })), false))
  const effects: ClassEffects = {
    ofHall: (bay, period) => hallOf(like[bay]!, period),
    ofOwn: (bay, period, mask) => ownOf(like[bay]!, period, mask),
    atOnceOwn: (bay, period, mask) => atOnceOf(like[bay]!, period, mask),
    atOnceBeside: (bay, period) => besideOf(like[bay]!, period),
    before: person => once(`before ${person}`, () => {
      const { earlier, mask } = people[person]!
      return earlier ? sharesOf(judged(question, breathing(earlier.parts, mask), earlier), true) : new Map()
    }),
  }
  const masks = new Map(people.map(({ mask }) => [maskKey(mask), mask]))
  for (const period of periods.keys()) {
    for (const bay of bays.keys()) {
      effects.ofHall(bay, period)
      effects.atOnceBeside(bay, period)
      for (const mask of masks.values()) {
        effects.ofOwn(bay, period, mask)
        effects.atOnceOwn(bay, period, mask)
      }
      await pause()
    }
  }
  return effects
}

/**
 * How much of the hardest limit or sum of any kind somebody has used before the class, at the 95th percentile, as a fraction of it;
 * null where none of it is limited. Source: as a bay of the shop.
 */
export const hardestBefore = (setting: ClassSetting, { mask }: Pick<ClassPerson, 'mask'>, earlier: DayBefore): number | null =>
  judged(setting, breathing(earlier.parts, mask), earlier).fraction

/**
 * Bays of a class at which somebody stays under the action fraction who worked before it, with one part of it alone and nothing beside it.
 * Of the worst moments of a day the worse counts, and of two that nobody measured one is likelier bad than either: sums do not tell that.
 *
 * @returns their ids. Source: as a bay of the shop; derived here.
 */
export function baysAfter(setting: ClassSetting, { mask, bayIds }: ClassPerson, earlier: DayBefore): readonly string[] {
  const [first] = setting.periods
  const visit: Visit = { work: [first!], besides: without(classStay(setting), [first!]) }
  const shift = shiftOf(setting, () => [first!])
  return setting.bays.flatMap(({ id }, bay) => {
    if (bayIds && !bayIds.includes(id)) return []
    const air = breathing([...earlier.parts, shift.partAt(bay, source => source === bay, visit)], mask)
    return (judged(setting, air, earlier).fraction ?? Infinity) <= setting.actionFraction ? [id] : []
  })
}

/** What somebody breathes in a class: how much of the hardest limit or sum, and of which. */
export interface PersonInClass { readonly fraction: number, readonly judgement: ExposureJudgement }

/**
 * What each person of a plan breathes, by the exact solver: everything that burns in the class together.
 *
 * @param pause taken after every person
 */
export async function airOfClass(
  question: ClassQuestion,
  placings: readonly Placing[],
  pause: Pause = NO_PAUSE,
): Promise<readonly PersonInClass[]> {
  const { bays, people, periods } = question
  const whole = classStay(question)
  const shift = shiftOf(question, bay => placings.filter(one => one.bay === bay).map(({ period }) => periods[period]!))
  /** Whoever does the same with the same mask breathes the same. */
  const airOf = keyed(({ id, mask, earlier }: ClassPerson, own: readonly Placing[]) => ({
    key: JSON.stringify([mask, earlier ? id : null, own.map(({ bay, period }) => [bay, period])]),
    make: () => breathedBy({ mask, earlier }, own),
  }))
  const found: PersonInClass[] = []
  for (const [at, person] of people.entries()) {
    found.push(airOf(person, placings.filter(one => one.person === at)))
    await pause()
  }
  return found

  function breathedBy({ mask, earlier }: Pick<ClassPerson, 'mask' | 'earlier'>, own: readonly Placing[]): PersonInClass {
    const besides = without(whole, own.map(({ period }) => periods[period]!))
    const at = [...new Set(own.map(({ bay }) => bay))]
    const parts = at.length === 0
      ? [shift.partAt(bays.length, undefined, { work: besides, besides: [] })]
      : at.map((bay, first): PartOfAir => shift.partAt(bay, undefined, {
          work: own.filter(one => one.bay === bay).map(({ period }) => periods[period]!),
          besides: first === 0 ? besides : [],
        }))
    // Whoever looks on wears no mask, whatever they wore before.
    const inClass = breathing(parts, own.length > 0 ? mask : undefined)
    const theirDay = earlier ? dayAir([breathing(earlier.parts, mask), inClass], JUDGED) : inClass
    const judgement = judged(question, theirDay, earlier)
    // Where nothing burns at all, nothing is breathed.
    const isStill = placings.length === 0 && !question.besides?.length && !earlier
    return { fraction: isStill ? 0 : judgement.fraction ?? Infinity, judgement }
  }
}
