import type { DayBefore } from '../air/person-day'
import type { MaskWorn } from '../exposure/day-air'
import type { Posture } from '../exposure/hall-doubt'
import type { HallBay } from '../exposure/drawn-hall'
import type { MadeOf } from '../fume/emission'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import type { Stay } from '../time/stays'
import type { HallAir } from '../ventilation/hall'
import type { LongHall } from '../ventilation/long-hall'

/** Somebody who is to weld in the class. */
export interface ClassPerson {
  readonly id: string
  /** Bays at which they may weld: signed off, with a helmet that does. Left out: all of them. */
  readonly bayIds?: readonly string[] | undefined
  /** The mask that they wear at work; left out: none. */
  readonly mask?: MaskWorn | undefined
  /** What they have breathed before the class; left out: nothing. */
  readonly earlier?: DayBefore | undefined
}

/** A bay with the work that is done there whenever somebody stands at it. */
export interface ClassBay extends Pick<HallBay, 'hood' | 'capture' | 'captureInCalm' | 'captureInDraught' | 'part'> {
  readonly id: string
  /** While its arc burns, mg/min. */
  readonly emission: Readonly<Partial<Record<SubstanceId, MadeOf>>>
  readonly arcMinPerH: number
  readonly posture: Posture
}

/** Of these bays so many at once: dampers on one fan, helmets that do, a gas that reaches for two. */
export interface AtOnce {
  readonly what: string
  readonly bayIds: readonly string[]
  readonly most: number
  /** Whoever brings their own, by id, with the bays at which it does: there they ask for none of these. */
  readonly ownAt?: Readonly<Record<string, readonly string[]>> | undefined
}

/** Who goes where in which period, so that nobody exceeds, nothing is asked for twice, and everybody gets arc time. */
export interface ClassQuestion {
  readonly hall: HallAir
  /** How it is cut along its length; left out or null: it is not long. Whoever stands at no arc may stand where it is thickest. */
  readonly long?: LongHall | null
  readonly bays: readonly ClassBay[]
  /** Bays of the hall that are not of the class, with what burns there meanwhile. */
  readonly besides?: readonly HallBay[] | undefined
  readonly people: readonly ClassPerson[]
  /** One after the other, minutes of the shop day; between and round them everybody is in the hall. */
  readonly periods: readonly Stay[]
  readonly atOnce: readonly AtOnce[]
  /** Minutes of burning arc that each of them is to get. */
  readonly wantedArcMin: number
  readonly ruleSets: readonly ExposureRuleSetId[]
  readonly actionFraction: number
  readonly daysAWeek: number
}

/** A class as it is before anybody is in it: where, when, and by which limits. */
export type ClassSetting = Omit<ClassQuestion, 'people' | 'atOnce' | 'wantedArcMin'>

/** Somebody at a bay in a period, by their places in the question. */
export interface Placing { readonly person: number, readonly bay: number, readonly period: number }

export const CLASS_LIMITS = { people: 30, bays: 16, periods: 8 } as const

/** Arc minutes of a period at a bay. */
export const arcMinutes = ({ bays, periods }: Pick<ClassQuestion, 'bays' | 'periods'>, bay: number, period: number): number => {
  const { fromMin, toMin } = periods[period]!
  return bays[bay]!.arcMinPerH * (toMin - fromMin) / 60
}

/** From the first period to the last. */
export const classStay = ({ periods }: Pick<ClassQuestion, 'periods'>): Stay => ({
  fromMin: Math.min(...periods.map(({ fromMin }) => fromMin)),
  toMin: Math.max(...periods.map(({ toMin }) => toMin)),
})
