import type { z } from 'zod'
import { assessClass } from '#core/placing/assess-class'
import type { assessPlanResponse } from '#shared/contract/assess-plan-schema'
import { assessPlanRequest } from '#shared/contract/assess-plan-schema'
import { withSolver } from '../../../planning/solver'
import { spoken } from '../../../spoken'
import { api, findingsOut, parseBody } from '../../../http'

/** Who welds at which bay in which period of a class, so that nobody exceeds. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessPlanResponse>> => {
  const { bays, people, atOnce, daysPerWeek, ...rest } = await parseBody(event, assessPlanRequest)
  const { planned, findings } = await withSolver('outside', tools => assessClass({
    ...rest,
    daysAWeek: daysPerWeek,
    bays: bays.map(({ job: { strippedMm, ...job }, ...bay }) => ({ ...bay, job: { ...job, strippedWidthMm: strippedMm ?? 0 } })),
    people: people.map(({ id, bays: bayIds, mask }) => ({
      id, bayIds, mask: mask && { apf: mask.apf, isSupplied: mask.supplied, wornShare: mask.wornShare },
    })),
    atOnce: atOnce.map(({ what, bays: bayIds, most }) => ({ what, bayIds, most })),
  }, tools))
  const plan = planned?.plan ?? null
  return {
    isEnough: planned?.isEnough ?? false,
    isProven: plan?.isProven ?? null,
    leastArcMin: plan?.leastArcMin ?? null,
    placings: plan?.placings.map(({ person, bay, period }) => ({ person: people[person]!.id, bay: bays[bay]!.id, period })) ?? [],
    people: plan?.air.map(({ fraction, judgement: { worst } }, i) => ({
      id: people[i]!.id,
      arcMin: plan.arcMin[i]!,
      fraction,
      worst: worst && { substance: worst.limit.substance, ruleSet: worst.limit.ruleSet, kind: worst.limit.kind },
    })) ?? [],
    forbids: [...planned?.forbids ?? []],
    changes: planned?.changes.map(change =>
      change.kind === 'at-once' ? { kind: change.kind, what: change.what, most: change.most } : { ...change }) ?? [],
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
