import type { AskedPlace } from '../air/asked-place'
import { hallOfRoom, takenAt } from '../air/asked-place'
import { postureOf } from '../exposure/hall-doubt'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { FumeQuestion } from '../fume/emission'
import { emissionOf } from '../fume/emission'
import type { ClassRule } from '../ids/class-ids'
import type { LimitKind } from '../ids/exposure-ids'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'
import { timeOfDay } from '../job/day-work'
import type { Job } from '../job/job'
import type { SiteStanding } from '../site-facts/site-standing'
import { classOfHall } from './class-of-hall'
import type { HallClass } from './class-of-hall'
import type { ClassBay, ClassQuestion } from './class-question'
import type { ClassChange, PlannedClass, Solver } from './plan-class'
import { planClass } from './plan-class'

/** A bay that is asked about from outside. */
export interface AskedBay extends Pick<AskedPlace, 'capture' | 'hood'> {
  readonly id: string
  readonly job: FumeQuestion & Pick<Job, 'head' | 'position' | 'confinement'> & { readonly arcMinPerH?: number }
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

/** A bay with what its arc makes; null where nobody can say. */
function bayOf({ id, job, ...taking }: AskedBay, room: AskedPlace['room'], findings: Finding[]): ClassBay | null {
  const emission = emissionOf(job)
  const { hood, isUnplaced, inDraught: [captureInCalm, capture, captureInDraught], findings: ofHood } = takenAt({ room, ...taking }, job)
  findings.push(...emission.findings, ...ofHood)
  if (job.arcMinPerH === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'arcTime' }))
  const isKnown = emission.substances['total-fume'] !== undefined && !emission.findings.some(({ severity }) => severity === 'hold')
  if (isUnplaced || job.arcMinPerH === undefined || !isKnown) return null
  return {
    id, hood, capture, captureInCalm, captureInDraught,
    arcMinPerH: job.arcMinPerH,
    emission: Object.fromEntries(Object.entries(emission.substances).map(([what, { parts }]) => [what, parts])),
    posture: postureOf(job),
  }
}

/**
 * Plans a class in a room: who welds at which bay in which period. Halls start clean; only the arcs of the class burn.
 *
 * @param solver of mixed-integer problems
 * Source: as a bay of the shop; the plan derived here.
 */
export async function assessClass({ room, bays, ruleSets, ...asked }: ClassAsked, solver: Solver): Promise<ClassAnswer> {
  const { hall, findings: ofRoom } = hallOfRoom(room)
  const findings: Finding[] = [...ofRoom]
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const known = bays.map(bay => bayOf(bay, room, findings))
  const said = [...new Map(findings.map(one => [JSON.stringify([one.severity, one.code, one.values]), one])).values()]
  if (known.some(bay => bay === null)) return { planned: null, findings: said }
  const question: ClassQuestion = { ...asked, hall, bays: known as ClassBay[], ruleSets: ruleSets ?? EXPOSURE_RULE_SETS }
  const planned = await planClass(question, solver)
  return { planned, findings: [...said, ...classFindings(planned, question), finding('note', 'exposure.advises-only', {})] }
}

/** What is said of a plan: that it is one, or what forbids one and the smallest changes that would allow one. */
export function classFindings(
  { plan, isEnough, forbids, changes }: PlannedClass,
  { wantedArcMin }: ClassQuestion,
  labelOf: (bayId: string) => string = bayId => bayId,
): readonly Finding[] {
  if (isEnough) return [finding('note', 'class.planned', { leastArcMin: plan!.leastArcMin })]
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
    case 'at-once': return finding('note', 'class.more-at-once', { what: change.what, most: change.most })
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
export async function assessHallClass(standing: SiteStanding, asked: HallClass, solver: Solver): Promise<HallClassAnswer> {
  const { question, findings } = classOfHall(standing, asked)
  const at = (minute: number): string => timeOfDay(minute, standing.rules.shopDayHour)
  const periods = (question?.periods ?? []).map(({ fromMin, toMin }) => ({ startsAt: at(fromMin), endsAt: at(toMin) }))
  if (!question) return { periods, planned: null, findings }
  const { bays, people } = question
  const planned = await planClass(question, solver)
  const { plan, isEnough, forbids } = planned
  const labelOf = (bayId: string): string => standing.site.bays.find(bay => bay.bayId === bayId)?.label ?? bayId
  return {
    periods,
    findings: [...findings, ...classFindings(planned, question, labelOf)],
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
