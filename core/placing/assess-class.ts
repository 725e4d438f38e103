import type { AskedJob, AskedPlace } from '../air/asked-place'
import { arcAsked, hallOfRoom } from '../air/asked-place'
import { ANY_POSTURE } from '../exposure/hall-doubt'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ClassRule } from '../ids/class-ids'
import type { LimitKind } from '../ids/exposure-ids'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'
import { timeOfDay } from '../job/day-work'
import type { SiteStanding } from '../site-facts/site-standing'
import type { ClassHelmet } from './class-helmets'
import { HELMETS } from './class-helmets'
import { classOfHall } from './class-of-hall'
import type { HallClass } from './class-of-hall'
import type { ClassBay, ClassQuestion } from './class-question'
import type { ClassChange, PlannedClass, Tools } from './plan-class'
import { planClass } from './plan-class'

/** A bay that is asked about from outside. */
export interface AskedBay extends Pick<AskedPlace, 'capture' | 'hood'> {
  readonly id: string
  readonly job: AskedJob
}

export interface ClassAsked extends Omit<ClassQuestion, 'hall' | 'bays' | 'ruleSets'> {
  readonly room: AskedPlace['room']
  readonly bays: readonly AskedBay[]
  readonly ruleSets?: readonly ExposureRuleSetId[]
}

export interface ClassAnswer {
  /** Null where something needed is missing; the findings name it. */
  readonly planned: PlannedClass | null
  readonly findings: readonly Finding[]
}

/**
 * Plans a class in a room: who welds at which bay in which period. Halls start clean; only the arcs of the class burn.
 *
 * Source: as a bay of the shop; the plan derived here.
 */
export async function assessClass({ room, bays, ruleSets, ...asked }: ClassAsked, tools: Tools): Promise<ClassAnswer> {
  const { hall, findings: ofRoom } = hallOfRoom(room)
  const findings: Finding[] = [...ofRoom]
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const known = bays.map(({ id, job, ...taking }): ClassBay | null => {
    const arc = arcAsked(job, { room, ...taking }, findings)
    return arc && { id, ...arc, posture: arc.posture ?? ANY_POSTURE }
  })
  const said = [...new Map(findings.map(one => [JSON.stringify([one.severity, one.code, one.values]), one])).values()]
  if (known.some(bay => bay === null)) return { planned: null, findings: said }
  const question: ClassQuestion = { ...asked, hall, bays: known as ClassBay[], ruleSets: ruleSets ?? EXPOSURE_RULE_SETS }
  const planned = await planClass(question, tools)
  const ofPlan = classFindings(planned, { ...question, isWhole: true })
  return { planned, findings: [...said, ...ofPlan, finding('note', 'exposure.advises-only', {})] }
}

/**
 * What is said of a plan: that it is one, or what forbids one and the smallest changes that would allow one.
 *
 * @param asked arc minutes that each was to get, and whether all that burns in the hall by then could be counted
 * @param labelOf what people call a bay; left out: its id
 */
export function classFindings(
  { plan, isEnough, forbids, changes }: PlannedClass,
  asked: { readonly wantedArcMin: number, readonly isWhole: boolean },
  labelOf: (bayId: string) => string = bayId => bayId,
): readonly Finding[] {
  const { wantedArcMin, isWhole } = asked
  if (isEnough) return [finding('note', 'class.planned', { leastArcMin: plan!.leastArcMin, isWhole })]
  const said: Finding[] = [
    plan
      ? finding('hold', 'class.too-little', { leastArcMin: plan.leastArcMin, wantedArcMin, forbids })
      : finding('hold', 'class.no-plan', { forbids }),
    ...changes.map(change => sayChange(change, labelOf)),
  ]
  if (plan && !plan.isProven) said.push(finding('note', 'class.not-proven', {}))
  return said
}

function sayChange(change: ClassChange, labelOf: (bayId: string) => string): Finding {
  switch (change.kind) {
    case 'at-once':
      return change.what === HELMETS
        ? finding('note', 'class.more-helmets', { bays: change.bayIds.map(labelOf), most: change.most })
        : finding('note', 'class.more-at-once', { what: change.what, most: change.most })
    case 'air': return finding('note', 'class.more-air', { supplyM3PerS: change.supplyM3PerS })
    case 'bays': return finding('note', 'class.more-bays', { bay: labelOf(change.bayId) })
    case 'period': return finding('note', 'class.more-time', {})
  }
}

/** A plan of a class of the shop, by its bays and people. */
export interface HallPlan {
  readonly isProven: boolean
  readonly leastArcMin: number
  readonly placings: readonly { readonly personId: string, readonly bayId: string, readonly period: number }[]
  readonly people: readonly {
    readonly personId: string
    readonly arcMin: number
    readonly fraction: number
    readonly worst: { readonly substance: SubstanceId, readonly ruleSet: ExposureRuleSetId, readonly kind: LimitKind } | null
  }[]
}

export interface HallClassAnswer {
  /** The parts of its hours by the shop's clock, HH:MM. */
  readonly periods: readonly { readonly startsAt: string, readonly endsAt: string }[]
  /** Null where nothing can be planned; the findings say why. */
  readonly planned: { readonly plan: HallPlan | null, readonly isEnough: boolean, readonly forbids: readonly ClassRule[] } | null
  readonly findings: readonly Finding[]
}

/** Plans a class of the shop as it stands. */
export async function assessHallClass(
  standing: SiteStanding,
  asked: HallClass,
  tools: Tools,
  helmets: readonly ClassHelmet[] = [],
): Promise<HallClassAnswer> {
  const { question, findings } = classOfHall(standing, asked, helmets)
  const at = (minute: number): string => timeOfDay(minute, standing.rules.shopDayHour)
  const periods = (question?.periods ?? []).map(({ fromMin, toMin }) => ({ startsAt: at(fromMin), endsAt: at(toMin) }))
  if (!question) return { periods, planned: null, findings }
  const { bays, people } = question
  const planned = await planClass(question, tools)
  const { plan, isEnough, forbids } = planned
  const isWhole = findings.every(({ code }) => code !== 'class.beside-unknown')
  const labelOf = (bayId: string): string => standing.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
  return {
    periods,
    findings: [...findings, ...classFindings(planned, { ...question, isWhole }, labelOf)],
    planned: {
      isEnough,
      forbids,
      plan: plan && {
        isProven: plan.isProven,
        leastArcMin: plan.leastArcMin,
        placings: plan.placings.map(({ person, bay, period }) => ({ personId: people[person]!.id, bayId: bays[bay]!.id, period })),
        people: plan.air.map(({ fraction, judgement: { worst } }, i) => ({
          personId: people[i]!.id,
          arcMin: plan.arcMin[i]!,
          fraction,
          worst: worst && { substance: worst.limit.substance, ruleSet: worst.limit.ruleSet, kind: worst.limit.kind },
        })),
      },
    },
  }
}
