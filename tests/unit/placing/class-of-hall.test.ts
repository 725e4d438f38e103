import { describe, expect, it } from 'vitest'
import { assessHallClass } from '#core/placing/assess-class'
import { airOfClass, hardestBefore } from '#core/placing/class-air'
import type { ClassPerson } from '#core/placing/class-question'
import { classOfHall, periodsOf } from '#core/placing/class-of-hall'
import { surveyedAt } from '#core/air/surveyed'
import { timeOfDay } from '#core/job/day-work'
import type { DayBefore } from '#core/air/person-day'
import type { Job } from '#core/job/job'
import type { SubstanceId } from '#core/ids/vocabulary'
import type { SiteStanding } from '#core/site-facts/site-standing'
import type { Station } from '#core/streams/station/station'
import { withSolver } from '../../../server/planning/solver'
import { HALL, LATER, maskOf, NOW, ready, RULES, STICK } from '../air/air-of-a-shop'
import { ASKED, standing, welder } from './standing-class'

// A class of the shop: by what it knows, and by what it does not.

const codesOf = (found: ReturnType<typeof classOfHall>) => found.findings.map(({ code }) => code)
const bayIdsOf = (found: ReturnType<typeof classOfHall>) => found.question?.bays.map(({ id }) => id)

describe('a class of the shop', () => {
  it('is planned at its bays, and given back by names and times', async () => {
    const answer = await withSolver('shop', tools => assessHallClass(standing(), ASKED, tools))
    expect(answer.periods).toEqual([{ startsAt: '13:00', endsAt: '14:00' }, { startsAt: '14:00', endsAt: '15:00' }])
    expect(answer.planned).toMatchObject({ isEnough: true })
    for (const { personId, bayId } of answer.planned!.plan!.placings) {
      expect(['p', 'q']).toContain(personId)
      expect(['one', 'two']).toContain(bayId)
    }
    expect(answer.planned!.plan!.people.every(({ fraction }) => fraction <= RULES.actionFraction)).toBe(true)
  })
  it('runs past midnight, and in no time not at all', () => {
    const night = [{ fromMin: 1140, toMin: 1200 }, { fromMin: 1200, toMin: 1260 }]
    expect(periodsOf({ ...ASKED, startsAt: '23:00', endsAt: '01:00' }, 4)).toEqual(night)
    expect([timeOfDay(1200, 4), timeOfDay(1260, 4)]).toEqual(['00:00', '01:00'])
    expect(codesOf(classOfHall(standing(), { ...ASKED, endsAt: '13:00' }))).toContain('class.no-time')
  })
  it.each<[string, Station]>([
    ['has no job', ready({ job: null })],
    ['has a job whose arc minutes nobody said', ready({ job: { ...STICK, arcMinPerH: undefined } as never })],
    ['has fume that nobody publishes', ready({ job: { ...STICK, baseMetal: 'brass' } })],
    ['has a hood that nobody placed', ready({ hoodPosition: null })],
  ])('leaves out a bay that %s, and names it', (_what, two) => {
    const found = classOfHall(standing({ two }), ASKED)
    expect(bayIdsOf(found)).toEqual(['one'])
    expect(codesOf(found)).toContain('class.bay-unknown')
  })
  it('does not plan in a hall that nobody described, nor nobody, nor at a bay of another hall', () => {
    expect(codesOf(classOfHall(standing({}, { halls: {} }), ASKED))).toEqual(['air.hall-unknown'])
    expect(codesOf(classOfHall(standing(), { ...ASKED, bayIds: ['elsewhere'] }))).toEqual(['class.nothing-to-plan'])
    expect(classOfHall(standing({}, { welders: {} }), ASKED).question).toBeNull()
  })
  it('lets nobody weld what they are not signed off for, or no longer', () => {
    const welders = { p: welder({ signedOffFor: ['gtaw'] }), q: welder({ taughtUntil: { smaw: '2026-03-01' } }) }
    const found = classOfHall(standing({}, { welders }), ASKED)
    expect(found.question).toBeNull()
    expect(codesOf(found)).toEqual(['class.nowhere', 'class.nowhere', 'class.nothing-to-plan'])
    const one = classOfHall(standing({}, { welders: { ...welders, q: welder() } }), ASKED)
    expect(one.question!.people.map(({ id }) => id)).toEqual(['q'])
  })
  it('counts a mask only where it is worn, ready and in date', () => {
    const wearer = { mask: 'papr-loose', readyUntil: LATER, isShaven: true } as const
    const masked = (change: Partial<SiteStanding>) => classOfHall(standing({}, change), ASKED).question!.people[0]!.mask
    const kit = { ...standing().kit, worn: { p: [maskOf('papr-loose')] } }
    expect(masked({ kit, wearers: { p: wearer } })).toMatchObject({ wornShare: RULES.maskWornShare })
    expect(masked({ wearers: { p: wearer } })).toBeUndefined()
    expect(masked({ kit, wearers: {} })).toBeUndefined()
    expect(masked({ kit, wearers: { p: { ...wearer, readyUntil: null } } })).toBeUndefined()
    expect(masked({ kit: { ...kit, worn: { p: [maskOf('papr-loose', { mayUse: false })] } }, wearers: { p: wearer } })).toBeUndefined()
  })
  it('counts what others burn in the hall meanwhile', async () => {
    const beside = ready({ personId: 'other', job: { ...STICK, startsAt: '12:00', endsAt: '16:00', arcMinPerH: 40 } })
    const [alone, crowded] = await Promise.all([standing(), standing({ three: beside })].map(async (site) => {
      const { planned } = await withSolver('shop', tools => assessHallClass(site, ASKED, tools))
      return Math.max(...planned?.plan?.people.map(({ fraction }) => fraction) ?? [Infinity])
    }))
    expect(crowded).toBeGreaterThan(alone!)
  })
  describe('holds where others of the hall burn what nobody can say', () => {
    const brass = (over: Partial<Station> = {}, job: Partial<Job> = {}) =>
      ready({ personId: 'other', job: { ...STICK, baseMetal: 'brass', startsAt: '14:30', endsAt: '16:00', ...job }, ...over })
    const saidOf = (stations: Record<string, Station>, asked = ASKED, change: Partial<SiteStanding> = {}) =>
      classOfHall(standing(stations, change), asked).findings.find(({ code }) => code === 'class.beside-unknown')
    const BESIDE_THREE = { severity: 'hold', values: { bays: ['three'], count: 1 } }

    it('while it lasts, or before it; what begins after it adds nothing to it', () => {
      expect(saidOf({ three: brass() })).toMatchObject(BESIDE_THREE)
      expect(saidOf({ three: brass({}, { startsAt: '08:00', endsAt: '09:00' }) })).toMatchObject(BESIDE_THREE)
      expect(saidOf({ three: brass({}, { startsAt: '15:00', endsAt: '16:00' }) })).toBeUndefined()
      expect(saidOf({ three: brass({}, { baseMetal: 'mild-steel' }) })).toBeUndefined()
      expect(saidOf({ three: ready({ job: null }) })).toBeUndefined()
      // Until it is told when, a job holds at its own bay.
      expect(saidOf({ three: brass({}, { startsAt: undefined }) })).toBeUndefined()
    })
    it('and the plan says that it is not of everything', async () => {
      const isWholeOf = async (three: Station) => {
        const { findings } = await withSolver('shop', tools => assessHallClass(standing({ three }), ASKED, tools))
        return findings.find(({ code }) => code === 'class.planned')?.values
      }
      expect(await isWholeOf(brass())).toMatchObject({ isWhole: false })
      expect(await isWholeOf(ready({ job: null }))).toMatchObject({ isWhole: true })
    })
    it('of an asked bay only for what burns there before the class', () => {
      const burnt = brass({}, { startsAt: '08:00', endsAt: '09:00' })
      const earlierJobs = [{ personId: 'other', job: burnt.job!, sinceAt: null, untilAt: null, validUntil: LATER }]
      expect(saidOf({ two: brass() })).toBeUndefined()
      // Whoever is at it still is sent away as the class begins; their morning stays in the air.
      expect(saidOf({ two: burnt })).toMatchObject({ severity: 'hold', values: { bays: ['two'] } })
      expect(saidOf({ two: brass({ job: null, earlierJobs }) })).toMatchObject({ severity: 'hold', values: { bays: ['two'] } })
      expect(saidOf({ two: brass({ job: null, earlierJobs: [{ ...earlierJobs[0]!, validUntil: NOW }] }) })).toBeUndefined()
      // Of a bay of the class too, whose own job is known.
      const one = ready({ personId: null, earlierJobs, job: { ...STICK, startsAt: '13:00', endsAt: '15:00' } })
      expect(saidOf({ one })).toMatchObject({ severity: 'hold', values: { bays: ['one'] } })
    })
    it('is a caution where its share was measured at every bay of the class, all the dust and each gas that no table knows', () => {
      const gouging = brass({}, { baseMetal: 'mild-steel', process: 'cac-a', consumable: 'carbon-rod', currentA: 300 })
      const stations = { three: gouging }
      const site = standing(stations)
      const results = [0.01, 0.012, 0.015, 0.009, 0.02, 0.011]
        .map((mgPerM3, i) => ({ label: `${i}`, mgPerM3, isBelowLoq: false, minutes: null }))
      const at = (bayId: string, substance: SubstanceId) =>
        ({ surveyId: substance, substance, takenOn: '2026-02-01', place: surveyedAt(site, bayId)!, withdrawn: false, results })
      const taken = (bayId: string, substances: readonly SubstanceId[]) => substances.map(substance => at(bayId, substance))
      const all = ['total-fume', 'ozone', 'nitrogen-dioxide', 'carbon-monoxide'] as const
      const measured = (one: readonly SubstanceId[], two: readonly SubstanceId[]) =>
        saidOf(stations, ASKED, { surveys: { one: taken('one', one), two: taken('two', two) } })?.severity
      expect(measured(all, all)).toBe('caution')
      expect(measured(all, [])).toBe('hold')
      for (const left of all) expect(measured(all, all.filter(one => one !== left))).toBe('hold')
    })
  })
  it('counts what burnt at its own bays before it, and not what would have burnt there instead', () => {
    const besidesOf = (startsAt: string, endsAt: string) => {
      const one = ready({ personId: null, job: { ...STICK, startsAt, endsAt } })
      return classOfHall(standing({ one, two: ready({ job: null }) }), { ...ASKED, bayIds: ['one'] }).question!.besides!
        .flatMap(({ work }) => work.map(({ fromMin, toMin }) => [timeOfDay(fromMin, 4), timeOfDay(toMin, 4)]))
    }
    expect(besidesOf('08:00', '12:00')).toEqual([['08:00', '12:00']])
    expect(besidesOf('12:00', '14:00')).toEqual([['12:00', '13:00']])
    expect(besidesOf('13:00', '15:00')).toEqual([])
  })
  describe('counts what each breathed before it', () => {
    /** Somebody's morning at a bay besides those of the class. */
    const morning = (job: Partial<Job> = {}, over: Partial<Station> = {}) =>
      ready({ personId: 'p', job: { ...STICK, startsAt: '08:00', endsAt: '12:00', arcMinPerH: 5, head: 'out-of-plume', ...job }, ...over })
    const plan = (three: Station, asked = ASKED, change: Partial<SiteStanding> = {}) =>
      withSolver('shop', tools => assessHallClass(standing({ three }, change), asked, tools))
    const people = ({ planned }: Awaited<ReturnType<typeof plan>>) => planned!.plan!.people
    const fractionOf = (answer: Awaited<ReturnType<typeof plan>>, id: string) =>
      people(answer).find(({ personId }) => personId === id)!.fraction
    const peopleOf = (three: Station) => classOfHall(standing({ three }), ASKED)

    it('on top of what the class makes, and only for whom it was', async () => {
      const nobody = await plan(ready({ personId: 'other', job: morning().job }))
      const theirs = await plan(morning())
      expect(fractionOf(theirs, 'p')).toBeGreaterThan(fractionOf(nobody, 'p') * 1.02)
      expect(fractionOf(theirs, 'p')).toBeLessThanOrEqual(RULES.actionFraction)
      expect(theirs.findings.map(({ code }) => code)).toContain('class.worked-before')
      expect(nobody.findings.map(({ code }) => code)).not.toContain('class.worked-before')
    })
    it('gives them less where their share is nearly had, and nothing where it is', async () => {
      const asked = { ...ASKED, wantedArcMin: 20 }
      const arcOf = async (arcMinPerH: number) =>
        people(await plan(morning({ arcMinPerH }), asked)).find(({ personId }) => personId === 'p')?.arcMin ?? 0
      expect(await arcOf(30)).toBeLessThan(await arcOf(1))
      // Twice a worst moment of nearly half of a ceiling is over it: one with the head in the plume leaves room for no other.
      expect(codesOf(peopleOf(morning({ head: undefined })))).toContain('class.over-before')
      const over = peopleOf(morning({ arcMinPerH: 40 }))
      expect(codesOf(over)).toContain('class.over-before')
      expect(over.question!.people.map(({ id }) => id)).toEqual(['q'])
      // Of a day before it in which nothing is limited no figure is told.
      const { people: [p], ...setting } = peopleOf(morning()).question!
      expect(hardestBefore(setting, p!, p!.earlier!)).toBeGreaterThan(0)
      const parts = p!.earlier!.parts.map(part => ({ ...part, breathed: {} }))
      expect(hardestBefore(setting, p!, { ...p!.earlier!, parts })).toBeNull()
    })
    it('help at another\'s arc too, and what is over no later than it begins', () => {
      const helps = { personId: 'p', sinceAt: NOW, untilAt: null, validUntil: LATER, eyes: null }
      expect(codesOf(peopleOf(morning({ currentA: 80 }, { personId: 'other', helpers: [helps] })))).toContain('class.worked-before')
      const [whole, clipped] = [morning({ startsAt: '09:00', endsAt: '13:00' }), morning({ startsAt: '09:00', endsAt: '15:00' })]
        .map(three => peopleOf(three).question!.people.find(({ id }) => id === 'p')!.earlier!)
      expect(clipped!.fromMin).toBe(whole!.fromMin)
      const twaOf = ({ parts }: DayBefore) => parts[0]!.breathed.manganese!.twa.high
      // What burns on beside them lingers no further back than it burnt.
      expect(twaOf(clipped!)).toBeCloseTo(twaOf(whole!), 6)
      expect(codesOf(peopleOf(morning({ startsAt: '13:00', endsAt: '15:00' })))).not.toContain('class.worked-before')
    })
    it('with the mask that they wear at work, and without one while they look on', async () => {
      const question = peopleOf(morning()).question!
      const [p, q] = ['p', 'q'].map(id => question.people.find(one => one.id === id)!) as [ClassPerson, ClassPerson]
      const breathes = async (first: ClassPerson): Promise<number> => {
        const [air] = await airOfClass({ ...question, people: [first, q] }, [{ person: 1, bay: 0, period: 0 }])
        return air!.judgement.uses.find(({ limit }) => limit.kind === 'twa' && limit.substance === 'manganese')!.fraction
      }
      const mask = { apf: 10_000, isSupplied: true, wornShare: 1 }
      const [bare, masked] = [await breathes(p), await breathes({ ...p, mask })]
      const rested = await breathes({ ...p, mask, earlier: undefined })
      expect(masked).toBeLessThan(bare)
      expect(masked).toBeGreaterThanOrEqual(rested)
    })
    it('and leaves out whom nobody can say it of', () => {
      for (const three of [morning({ startsAt: undefined }), morning({ baseMetal: 'brass' })]) {
        const found = peopleOf(three)
        expect(codesOf(found)).toContain('class.before-unknown')
        expect(found.question!.people.map(({ id }) => id)).toEqual(['q'])
      }
      // At a bay of the class a job without times is to get the class's.
      const one = ready({ personId: 'p', job: { ...STICK, startsAt: undefined } })
      expect(codesOf(classOfHall(standing({ one }), ASKED))).not.toContain('class.before-unknown')
    })
  })
  it('takes every damper for open, whatever was seen', () => {
    const extractionCheck = { on: true, damperOpen: false, inPosition: true, draws: true, validUntil: LATER }
    const shut = ready({ personId: null, extractionCheck })
    const duct = (id: string, into: string | null) =>
      ({ id, into, lengthM: 10, diameterM: 0.16, wall: 'galvanised', lossCoefficient: 3 }) as const
    const laid = {
      fan: [{ flowM3PerS: 0, pressurePa: 2000 }, { flowM3PerS: 1, pressurePa: 100 }],
      ducts: [duct('main', null), duct('a', 'main'), duct('b', 'main')],
      hoods: [['one', 'a'], ['two', 'b']].map(([bayId, ductId]) =>
        ({ bayId: bayId!, ductId: ductId!, entry: 'flanged-end', foundWith: 'own-open' }) as const),
    }
    const flows = (over: Record<string, Station>) => {
      const site = standing(over)
      const halls = { hall: { ...site.halls.hall!, air: HALL, ducts: laid } }
      return classOfHall({ ...site, halls }, ASKED).question!.bays.map(({ hood }) => hood!.flowM3PerS)
    }
    expect(flows({ two: shut })).toEqual(flows({}))
    expect(flows({})[0]).toBeLessThan(0.3)
  })
})
