import { forAnotherDay } from '../../job/job'
import type { Job } from '../../job/job'
import type { Site } from '../site/site'
import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import { refuseBayId } from '../bay-ids'

/** What a day has in mind for one bay: who stands there, and what is welded. */
export interface PlannedBay {
  readonly bayId: string
  readonly personId: string | null
  readonly job: Job | null
}

/** A day as it was kept to be opened again. It is no word on any bay: what it sets is judged as if it were set by hand. */
export interface DayPlan {
  readonly planId: string
  readonly name: string
  readonly bays: readonly PlannedBay[]
}

/** The days that a site keeps. */
export interface DayPlans { readonly plans: readonly DayPlan[] }
export const NO_DAY_PLANS: DayPlans = { plans: [] }

export interface DayPlansCommands {
  'day-plan.keep': DayPlan
  'day-plan.drop': { readonly planId: string }
}
type CommandOf<Type extends keyof DayPlansCommands> = { readonly type: Type, readonly payload: DayPlansCommands[Type] }
export type DayPlansCommand = { [Type in keyof DayPlansCommands]: CommandOf<Type> }[keyof DayPlansCommands]

export type DayPlansEvent
  = | { readonly type: 'day-plan-kept', readonly version: 1, readonly payload: DayPlan }
    | { readonly type: 'day-plan-dropped', readonly version: 1, readonly payload: DayPlansCommands['day-plan.drop'] }

export function evolveDayPlans({ plans }: DayPlans, event: DayPlansEvent): DayPlans {
  const { planId } = event.payload
  if (event.type === 'day-plan-dropped') return { plans: plans.filter(plan => plan.planId !== planId) }
  const at = plans.findIndex(plan => plan.planId === planId)
  return { plans: at < 0 ? [...plans, event.payload] : plans.with(at, event.payload) }
}

/**
 * Decides what is kept of a day: its name stands once, its bays are bays of the site, and no answer of the day about a workpiece is kept
 * with it, whoever sends one.
 */
export function decideDayPlans({ plans }: DayPlans, command: DayPlansCommand, site: Site): Decision<DayPlansEvent> {
  const { planId } = command.payload
  if (command.type === 'day-plan.drop')
    return plans.some(plan => plan.planId === planId)
      ? { events: [{ type: 'day-plan-dropped', version: 1, payload: { planId } }] }
      : { refused: [finding('hold', 'command.unknown-stream', { streamId: planId })] }
  const { name, bays } = command.payload
  const unknown = bays.map(({ bayId }) => refuseBayId(bayId, site)).find(refused => refused !== null)
  if (unknown) return { refused: [unknown] }
  const isTaken = plans.some(plan => plan.planId !== planId && plan.name.trim().toLowerCase() === name.trim().toLowerCase())
  if (isTaken) return { refused: [finding('hold', 'command.name-taken', { name })] }
  const kept = bays.map(bay => ({ ...bay, job: bay.job && forAnotherDay(bay.job) }))
  return { events: [{ type: 'day-plan-kept', version: 1, payload: { planId, name, bays: kept } }] }
}
