import { asLanded, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideDayPlans, evolveDayPlans, NO_DAY_PLANS } from './day-plans'
import type { DayPlans, DayPlansCommand, DayPlansEvent } from './day-plans'

/** Days that are kept to be opened again. No gate rests on one. */
export const dayPlansKind: StreamKind<'day-plans', DayPlans, DayPlansEvent, DayPlansCommand> = {
  id: 'day-plans',
  initial: NO_DAY_PLANS,
  evolve: evolveDayPlans,
  upcast: asLanded,
  commands: { 'day-plan.keep': request('set-jobs'), 'day-plan.drop': request('set-jobs') },
  decide: (plans, command, { site }) => decideDayPlans(plans, command, site),
}
