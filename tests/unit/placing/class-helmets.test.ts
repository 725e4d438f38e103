import { describe, expect, it } from 'vitest'
import { helmetsOfClass } from '#core/placing/class-helmets'
import type { ClassHelmet } from '#core/placing/class-helmets'
import { assessHallClass } from '#core/placing/assess-class'
import { planClass } from '#core/placing/plan-class'
import type { RackHelmet } from '#core/shade/rack'
import type { ShadeQuestion } from '#core/shade/shade-question'
import type { Sight } from '#core/shade/settled-shade'
import { NEW_SITE_RULES, shadeRulesOf } from '#core/streams/house-rules/house-rules'
import { withSolver } from '../../../server/planning/solver'
import { classOf } from './class-of-a-shop'
import { ASKED, standing } from './standing-class'

// By what rack would somebody be planned at an arc with nothing before their eyes?

const helmet = (id: string, over: Partial<RackHelmet> = {}, holderId: string | null = null): ClassHelmet => ({
  holderId,
  helmet: {
    id,
    kind: 'auto',
    shades: [[9, 13]],
    lightState: 4,
    switchingMs: 0.1,
    battery: 'good',
    coverPlates: 'sound',
    checkedToday: 'passed',
    ...over,
  },
})
const STICK: ShadeQuestion = { process: 'smaw', currentA: 165, electrodeDiameterMm: 4 }
const TIG: ShadeQuestion = { process: 'gtaw', currentA: 60 }
const GRIND: ShadeQuestion = { process: 'grinding' }
const RULES = shadeRulesOf(NEW_SITE_RULES)
const jobs = (of: Readonly<Record<string, ShadeQuestion>>) => new Map(Object.entries(of))
const people = (of: Readonly<Record<string, Sight>>) => new Map(Object.entries(of))
const TWO: Readonly<Record<string, Sight>> = { p: {}, q: {} }
const found = (of: Readonly<Record<string, ShadeQuestion>>, helmets: readonly ClassHelmet[], who = TWO) =>
  helmetsOfClass(jobs(of), people(who), helmets, RULES)

describe('helmets of a class', () => {
  it('that hang free do for so many bays at once', () => {
    const { atOnce, bareBayIds, mayAt } = found({ one: STICK, two: STICK, three: STICK }, [helmet('a'), helmet('b')])
    expect(atOnce).toMatchObject([{ what: 'helmets', bayIds: ['one', 'two', 'three'], most: 2 }])
    expect(bareBayIds).toEqual([])
    expect(mayAt('p', 'one')).toBe(true)
  })
  it('are no limit where there is one for each bay', () => {
    expect(found({ one: STICK, two: TIG }, [helmet('a'), helmet('b')]).atOnce).toEqual([])
  })
  it('one for two kinds of work is not counted twice: of both together no more burn than there are', () => {
    // A fixed 9 does for thin TIG alone; the automatic one for both.
    const rack = [helmet('auto'), helmet('nine', { kind: 'fixed', shades: [[9, 9]] })]
    const { atOnce } = found({ one: STICK, two: STICK, three: TIG, four: TIG }, rack)
    expect(atOnce).toMatchObject([
      { bayIds: ['one', 'two'], most: 1 },
      { bayIds: ['one', 'two', 'three', 'four'], most: 2 },
    ])
  })
  it('that are tagged out, not looked at for sound plates, or somebody\'s outside the class hang free for nobody', () => {
    for (const one of [helmet('a', { checkedToday: 'failed' }), helmet('a', { shades: [[5, 8]] }), helmet('a', {}, 'stranger')]) {
      const { bareBayIds, mayAt } = found({ one: STICK }, [one])
      expect(bareBayIds).toEqual(['one'])
      expect(mayAt('p', 'one')).toBe(false)
    }
  })
  it('of their own are worn by their owner and asked of nobody else', () => {
    const { atOnce } = found({ one: STICK, two: STICK }, [helmet('own', {}, 'p'), helmet('free')])
    expect(atOnce).toMatchObject([{ most: 1, ownAt: { p: ['one', 'two'], q: [] } }])
    const alone = found({ one: STICK }, [helmet('own', {}, 'p')])
    expect([alone.mayAt('p', 'one'), alone.mayAt('q', 'one')]).toEqual([true, false])
    // One of their own that is too light does for nothing.
    expect(found({ one: STICK }, [helmet('own', { kind: 'fixed', shades: [[8, 8]] }, 'p')]).mayAt('p', 'one')).toBe(false)
  })
  it('do for who starts darker as for everybody: the least is one for all', () => {
    const least = helmet('free', { shades: [[10, 10]], kind: 'fixed' })
    for (const oneDarker of [false, true]) expect(found({ one: STICK }, [least], { p: { oneDarker } }).bareBayIds).toEqual([])
  })
  it('are asked for by no work that needs no shade, and do for none whose shade is not known', () => {
    expect(found({ one: GRIND }, [helmet('own', {}, 'p')])).toMatchObject({ bareBayIds: [], atOnce: [] })
    expect(found({ one: { process: 'smaw' } }, [helmet('a')]).bareBayIds).toEqual(['one'])
  })
})

describe('a plan with helmets', () => {
  it('lets no more burn at once than there are, but for who brings their own', async () => {
    const question = {
      ...classOf(4, 3, 2),
      wantedArcMin: 1,
      atOnce: [{ what: 'helmets', bayIds: ['b1', 'b2', 'b3'], most: 1, ownAt: { p1: ['b1'] } }],
    }
    const { plan } = await withSolver('shop', tools => planClass(question, tools))
    for (const period of [0, 1]) {
      const there = plan!.placings.filter(one => one.period === period)
      const borrowed = there.filter(one => !(question.people[one.person]!.id === 'p1' && question.bays[one.bay]!.id === 'b1'))
      expect(borrowed.length).toBeLessThanOrEqual(1)
    }
  })
  it('of the shop says that helmets are not counted where none is registered, and what would do where they are too few', async () => {
    const plan = (helmets: readonly ClassHelmet[], wantedArcMin = 4) =>
      withSolver('shop', tools => assessHallClass(standing(), { ...ASKED, wantedArcMin }, tools, helmets))
    expect((await plan([])).findings.map(({ code }) => code)).toContain('class.helmets-not-counted')
    const none = await plan([helmet('a', { shades: [[5, 8]] })])
    expect(none.findings.map(({ code }) => code))
      .toEqual(['class.no-helmet', 'class.no-helmet', 'class.no-helmet-for', 'class.no-helmet-for', 'class.nothing-to-plan'])
    // Two hours, two bays, two people who each want the whole of it: one helmet is too few.
    const one = await plan([helmet('a')], 10)
    expect(one.planned).toMatchObject({ isEnough: false, forbids: ['at-once'] })
    expect(one.findings).toContainEqual(expect.objectContaining({ code: 'class.more-helmets', values: { bays: ['one', 'two'], most: 2 } }))
    expect((await plan([helmet('a'), helmet('b')], 10)).planned).toMatchObject({ isEnough: true })
  })
})
