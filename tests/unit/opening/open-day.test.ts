import { describe, expect, it } from 'vitest'
import { jobsOf, keptDay, openDay, PLAIN_PIECES } from '#core/opening/open-day'
import { decideDayPlans, evolveDayPlans, NO_DAY_PLANS } from '#core/streams/day-plans/day-plans'
import type { DayPlan } from '#core/streams/day-plans/day-plans'
import { forAnotherDay, setAgain } from '#core/job/job'
import type { Job } from '#core/job/job'
import { NO_SITE } from '#core/streams/site/site'
import type { Site } from '#core/streams/site/site'

const TIG: Job = { process: 'gtaw', currentA: 85, baseMetal: 'stainless-steel', startsAt: '08:00', endsAt: '12:00' }
const STICK: Job = { process: 'smaw', currentA: 120, consumable: 'e6013', coating: 'zinc' }
const PLAN: DayPlan = {
  planId: 'p',
  name: 'Monday',
  bays: [
    { bayId: 'one', personId: 'kit', job: TIG },
    { bayId: 'two', personId: 'imke', job: STICK },
    { bayId: 'three', personId: null, job: STICK },
    { bayId: 'gone', personId: 'sol', job: TIG },
  ],
}
const empty = (bayId: string) => ({ bayId, personId: null, job: null })
const everybody = () => true

describe('a day that was kept, opened', () => {
  it('brings whoever is free, sets what is welded, and says one job once', () => {
    const day = openDay(PLAN, ['one', 'two', 'three', 'four'].map(empty), everybody)
    expect(day.bays.map(({ bayId, comes }) => [bayId, comes])).toEqual([['one', 'comes'], ['two', 'comes'], ['three', 'nobody']])
    expect(day.gone).toEqual(['gone'])
    expect(jobsOf(day)).toEqual([{ job: TIG, bayIds: ['one'] }, { job: STICK, bayIds: ['two', 'three'] }])
  })
  it('moves nobody, brings nobody twice, and nobody who may not stand there', () => {
    const one = (bays: Parameters<typeof openDay>[1], mayStand = everybody) => openDay(PLAN, bays, mayStand).bays[0]!
    expect(one([{ bayId: 'one', personId: 'kit', job: null }])).toMatchObject({ comes: 'stands', sets: TIG })
    // Whoever stands there now keeps the bay and its work.
    expect(one([{ bayId: 'one', personId: 'sol', job: STICK }])).toMatchObject({ comes: 'somebody-else', sets: null })
    expect(one([empty('one'), { bayId: 'four', personId: 'kit', job: null }])).toMatchObject({ comes: 'elsewhere' })
    expect(one([empty('one')], () => false)).toMatchObject({ comes: 'may-not' })
  })
  it('takes no answer about a workpiece from another day, whatever was kept', () => {
    const told: Job = {
      ...STICK, head: 'beside-plume', residue: 'none', container: 'not-a-container', coatingStripped: true, strippedWidthMm: 30,
      waterTable: 'under-water',
      assumed: ['head', 'residue', 'arcMinPerH'],
    }
    expect(forAnotherDay(told)).toEqual({ ...STICK, assumed: ['arcMinPerH'] })
    // A job of before that is tapped once more is asked about its workpiece anew, and the job that stood there lends it no answer.
    expect({ ...told, ...setAgain(told) }).toEqual({ ...STICK, residue: undefined, container: undefined })
    const plan = { ...PLAN, bays: [{ bayId: 'one', personId: null, job: told }] }
    expect(openDay(plan, [empty('one')], everybody).bays[0]!.sets).toEqual({ ...STICK, assumed: ['arcMinPerH'] })
    expect(openDay(plan, [empty('one')], everybody, PLAIN_PIECES).bays[0]!.sets).toEqual({
      ...STICK, assumed: ['arcMinPerH'], residue: 'none', container: 'not-a-container',
    })
    expect(keptDay([{ bayId: 'one', personId: null, job: told }])![0]!.job).toEqual({ ...STICK, assumed: ['arcMinPerH'] })
    expect(keptDay([empty('one')])).toBeNull()
  })
  it('leaves what was said of a workpiece today where the same work stands already', () => {
    const now = { bayId: 'one', personId: 'kit', job: { ...TIG, residue: 'present' as const, head: 'beside-plume' as const } }
    expect(openDay(PLAN, [now], everybody).bays[0]!.sets).toBeNull()
    // One tick for all bays does not undo what somebody found at this one.
    expect(openDay(PLAN, [now], everybody, PLAIN_PIECES).bays[0]!.sets).toEqual({ ...now.job, container: 'not-a-container' })
    const odd = { ...now, job: { ...now.job, container: 'held-something' as const } }
    expect(openDay(PLAN, [odd], everybody, PLAIN_PIECES).bays[0]!.sets).toBeNull()
    expect(openDay(PLAN, [{ ...now, job: { ...now.job, ...PLAIN_PIECES } }], everybody, PLAIN_PIECES).bays[0]!.sets).toBeNull()
  })
})

describe('what is kept of a day', () => {
  const site: Site = { ...NO_SITE, bays: [{ bayId: 'one', areaId: 'a', label: '1', kind: 'designated', closed: false }] }
  const AT_ONE = [{ bayId: 'one', personId: null, job: TIG }]
  const keep = (over: Partial<DayPlan> = {}) =>
    ({ type: 'day-plan.keep', payload: { planId: 'p', name: 'Monday', bays: AT_ONE, ...over } }) as const
  const codes = (decided: ReturnType<typeof decideDayPlans>) => 'refused' in decided ? decided.refused.map(({ code }) => code) : []
  const kept = (plans = NO_DAY_PLANS, command = keep()) => {
    const decided = decideDayPlans(plans, command, site)
    if ('refused' in decided) throw new Error(codes(decided).join())
    return decided.events.reduce(evolveDayPlans, plans)
  }
  it('holds no answer about a workpiece, though somebody sent one', () => {
    const job: Job = { ...TIG, residue: 'none', container: 'not-a-container', coatingStripped: true }
    expect(kept(NO_DAY_PLANS, keep({ bays: [{ bayId: 'one', personId: 'kit', job }] })).plans[0]!.bays[0]!.job).toEqual(TIG)
  })
  it('stands under one name, is changed in its place, and is dropped', () => {
    const plans = kept(kept(), keep({ planId: 'q', name: 'Tuesday' }))
    expect(codes(decideDayPlans(plans, keep({ planId: 'r', name: ' monday ' }), site))).toEqual(['command.name-taken'])
    expect(kept(plans, keep({ name: 'Monday, late' })).plans.map(({ name }) => name)).toEqual(['Monday, late', 'Tuesday'])
    const drop = (planId: string) => decideDayPlans(plans, { type: 'day-plan.drop', payload: { planId } }, site)
    expect(codes(drop('nothing'))).toEqual(['command.unknown-stream'])
    const dropped = drop('p')
    expect('events' in dropped && dropped.events.reduce(evolveDayPlans, plans).plans.map(({ planId }) => planId)).toEqual(['q'])
  })
  it('is of bays of the site', () =>
    expect(codes(decideDayPlans(NO_DAY_PLANS, keep({ bays: [{ bayId: 'nowhere', personId: null, job: TIG }] }), site)))
      .toEqual(['command.bay-unknown']))
})
