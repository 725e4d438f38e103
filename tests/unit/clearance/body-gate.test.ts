import { describe, expect, it } from 'vitest'
import { judgeBody } from '#core/clearance/body-gate'
import type { Welder } from '#core/clearance/person-around'
import type { NoiseSpan } from '#core/hearing/noise-rules'
import { workRateOf } from '#core/heat/heat-of-day'
import type { Job } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { wear } from '#core/ppe/wearables'
import type { ToldGarment } from '#core/ppe/wearables'
import type { RequirementId } from '#core/ids/ppe-ids'
import type { WearableId } from '#core/ids/wearable-ids'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { decidePerson, evolvePerson, NOBODY } from '#core/streams/person/person'
import type { Person, PersonCommand } from '#core/streams/person/person'
import { welderOf, NO_CARE } from '#core/site-facts/site-facts'
import type { ToldHeat, Warmth } from '#core/streams/hall/hall'
import type { Station } from '#core/streams/station/station'
import { minutesAfter } from '#core/time/instant'
import { COOL } from './told-heat'

const [EARLY, NOW, ENDS] = ['2026-11-23T08:00:00.000Z', '2026-11-23T12:00:00.000Z', '2026-11-24T09:00:00.000Z'] as const
const TIG: Job = { process: 'gtaw', currentA: 60, position: 'flat' }
const FOR_TIG: readonly WearableId[] = [
  'cap-cotton', 'plugs', 'glasses-clear', 'helmet', 'collar-closed', 'gloves-thin', 'jacket-treated', 'under-cotton', 'lap-by-jacket',
  'jeans', 'boots-covered', 'pockets-empty',
]
const dressed = (wearables: readonly WearableId[]) => wearables.reduce<readonly ToldGarment[]>((worn, one) => wear(worn, one), [])

/** Somebody to whom these things happened, at the instants that are said. */
type Said = readonly [at: string, command: PersonCommand]
function person(...said: readonly Said[]): Person {
  return said.reduce<Person>((known, [at, command]) => {
    const decided = decidePerson(known, command, {
      safetyLeads: 1, dayEnds: ENDS, today: '2026-11-23', at, id: 'kit', by: 'maren',
    })
    if (!('events' in decided)) throw new Error(JSON.stringify(decided))
    return decided.events.reduce(evolvePerson, known)
  }, { ...NOBODY, name: 'Kit' })
}
const tells = (worn: readonly ToldGarment[]): PersonCommand => ({ type: 'person.tell-outfit', payload: { worn } })
const welder = (...said: readonly Said[]): Welder => welderOf(person(...said), NO_CARE)
const ticks = (at: string, passes = true, job = TIG): Station['zones'] =>
  Object.fromEntries(requiredOutfit(job).map(({ zone, requirement }) => [zone, { passes, requirement, at, validUntil: ENDS }]))
const gate = (
  who: Welder | null,
  { zones = {}, job = TIG, now = NOW, around = [], before = [], rules = NEW_SITE_RULES, heat = COOL }: {
    zones?: Station['zones']
    job?: Job
    now?: string
    around?: readonly NoiseSpan[]
    before?: Station['earlierJobs']
    rules?: HouseRules
    heat?: ToldHeat | null
  } = {},
) => judgeBody({ job, zones, earlierJobs: before, personId: 'kit' }, {
  welder: who, rules, noiseElsewhere: () => around, now, ...heat && { heat },
})
const codes = (...asked: Parameters<typeof gate>) => {
  const { state, findings } = gate(...asked)
  return [state, ...findings.map(({ code }) => code)]
}

describe('by what input would Body read open in the heat', () => {
  const dressedUp = (job: Job = TIG) => ({ zones: ticks(EARLY, true, job), job })
  const told = (warmth: Warmth, over: Partial<ToldHeat> = {}): ToldHeat =>
    ({ warmth, isEverybodyUsed: false, at: NOW, validUntil: ENDS, ...over })
  const overhead: Job = { ...TIG, position: 'overhead' }
  it('told by nobody, told yesterday, or of another hall', () => {
    expect(codes(null, { ...dressedUp(), heat: null })).toEqual(['to-do', 'body.heat-not-told'])
    expect(codes(null, { ...dressedUp(), heat: { ...COOL, validUntil: NOW } })).toEqual(['to-do', 'body.heat-not-told'])
    expect(codes(null, { ...dressedUp(), heat: null, rules: { ...NEW_SITE_RULES, heatRule: 'when-told' } })).toEqual(['open'])
  })
  it('warm in the morning and not told again: after four hours it is asked, whatever the house rule; where it is cool it is not', () => {
    const since = (at: string) => told({ wbgtC: 20 }, { at })
    for (const heatRule of ['asked-daily', 'when-told'] as const) {
      const rules = { ...NEW_SITE_RULES, heatRule }
      expect(codes(null, { ...dressedUp(), rules, heat: since(minutesAfter(NOW, -240)) })).toEqual(['to-do', 'body.heat-old'])
      expect(codes(null, { ...dressedUp(), rules, heat: since(minutesAfter(NOW, -239)) })).toEqual(['open'])
    }
    // A cool morning may grow too warm as well: eight degrees below the limit it cannot.
    const early = minutesAfter(NOW, -240)
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 13.1 }, { at: early }) })).toEqual(['to-do', 'body.heat-old'])
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 12.9 }, { at: early }) })).toEqual(['open'])
  })
  // With 4 °C for leathers; who is not used to it: 59.9 − 14.1·log₁₀300 = 25.0 °C for moderate work, 23.0 °C at 415 W (limits from memory).
  it('too hot for any share of an hour holds; a share of it is a caution that says how much', () => {
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 20.9 }) })).toEqual(['open'])
    expect(gate(null, { ...dressedUp(), heat: told({ wbgtC: 21.1 }) }).findings).toMatchObject([
      { code: 'body.heat-rest', severity: 'caution', values: { workMin: 45 } },
    ])
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 25.1 }) })).toEqual(['hold', 'body.too-hot'])
  })
  it('harder work, and people who are not used to it, bear less', () => {
    expect(codes(null, { ...dressedUp(overhead), heat: told({ wbgtC: 20.5 }) })).toEqual(['open', 'body.heat-rest'])
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 22 }, { isEverybodyUsed: true }) })).toEqual(['open'])
    expect(codes(null, { ...dressedUp(), heat: told({ wbgtC: 22 }) })).toEqual(['open', 'body.heat-rest'])
    expect(['overhead', 'flat'].map(position => workRateOf({ ...TIG, position: position as 'flat' }))).toEqual(['heavy', 'moderate'])
    expect(workRateOf({ ...TIG, confinement: 'restricted' })).toBe('heavy')
    // The table has no full hour of heavy work: in the cold that says nothing of heat.
    expect(codes(null, { ...dressedUp(overhead), heat: told({ wbgtC: 13.9 }) })).toEqual(['open'])
    expect(codes(null, { ...dressedUp(overhead), heat: told({ wbgtC: 14.1 }) })).toEqual(['open', 'body.heat-rest'])
    expect(workRateOf({ ...TIG, process: 'cac-a' })).toBe('heavy')
  })
  it('the sun is counted, and no tick passes what is too hot', () => {
    const [air, mild] = [{ airC: 33, humidityPercent: 50 }, { airC: 22, humidityPercent: 50 }]
    expect(codes(null, { ...dressedUp(), heat: told({ ...air, isInSun: false }) })[1]).toBe('body.too-hot')
    expect(codes(null, { ...dressedUp(), heat: told({ ...mild, isInSun: false }) })).toEqual(['open'])
    expect(codes(null, { ...dressedUp(), heat: told({ ...mild, isInSun: true }) })).toEqual(['open', 'body.heat-rest'])
    expect(codes(null, { zones: {}, heat: told({ ...air, isInSun: true }) })[1]).toBe('body.too-hot')
  })
})

describe('by what input would Body read open when it must hold', () => {
  it('told and right it is open, and the air of the bay is asked elsewhere', () =>
    expect(codes(welder([EARLY, tells(dressed(FOR_TIG))]))).toEqual(['open']))
  it('what was told yesterday, of another day, or nothing at all', () => {
    const told = welder([EARLY, tells(dressed(FOR_TIG))])
    expect(codes(told, { now: '2026-11-24T09:00:01.000Z' })).toEqual(['to-do', 'body.zones-to-check'])
    expect(codes(welder())).toEqual(['to-do', 'body.zones-to-check'])
    expect(codes(null)).toEqual(['to-do', 'body.zones-to-check'])
  })
  it('no tick passes what garments fail, whenever it was made', () => {
    const bad = welder([EARLY, tells(wear(dressed(FOR_TIG), 'top-synthetic'))])
    for (const at of ['2026-11-23T07:00:00.000Z', NOW])
      expect(codes(bad, { zones: ticks(at) })).toEqual(['hold', 'body.garment-fails', 'body.garment-fails'])
  })
  it('a look that failed after it was told holds; one from before it is outrun', () => {
    const told = welder([EARLY, tells(dressed(FOR_TIG))])
    expect(codes(told, { zones: ticks(NOW, false) })[0]).toBe('hold')
    expect(codes(told, { zones: ticks('2026-11-23T07:00:00.000Z', false) })).toEqual(['open'])
  })
  it('another job judges the same clothes anew', () => {
    const told = welder([EARLY, tells(dressed(FOR_TIG))])
    expect(codes(told, { job: { ...TIG, position: 'overhead' } })[0]).toBe('hold')
    expect(codes(told, { job: { process: 'smaw', currentA: 140, position: 'flat' } })[0]).toBe('hold')
  })
  it('a zone of which nothing was told is asked for; a tick answers for it alone', () => {
    const told = welder([EARLY, tells(dressed(FOR_TIG).filter(({ zone }) => zone !== 'feet'))])
    expect(codes(told)).toEqual(['to-do', 'body.zones-to-check'])
    expect(codes(told, { zones: ticks(NOW) })).toEqual(['open'])
  })
  it('what was lent and went back is on nobody, and a look from before says nothing of that zone', () => {
    const worn = wear(wear(dressed(FOR_TIG), 'jacket-treated', { loanId: 'one' }), 'lap-by-jacket')
    const lent: readonly [string, PersonCommand] = [
      '2026-11-23T07:50:00.000Z', { type: 'person.lend', payload: { loanId: 'one', wearable: 'jacket-treated', size: 'L' } },
    ]
    const back: readonly [string, PersonCommand] = [
      '2026-11-23T10:00:00.000Z', { type: 'person.give-back', payload: { loanId: 'one', isLost: false } },
    ]
    expect(codes(welder(lent, [EARLY, tells(worn)]))).toEqual(['open'])
    const without = welder(lent, [EARLY, tells(worn)], back)
    expect(codes(without, { zones: ticks('2026-11-23T09:00:00.000Z') })[0]).not.toBe('open')
    // Told late, of when it was still on: it is not on them now.
    const late = welder(lent, back, ['2026-11-23T09:59:00.000Z', tells(worn)])
    expect(codes(late, { zones: ticks('2026-11-23T09:00:00.000Z') })[0]).not.toBe('open')
  })
  it('of two things that went back, the later one says from when a zone is bare, whichever report came first', () => {
    const lend = (loanId: string): PersonCommand => ({ type: 'person.lend', payload: { loanId, wearable: 'jacket-treated', size: loanId } })
    const back = (loanId: string): PersonCommand => ({ type: 'person.give-back', payload: { loanId, isLost: false } })
    const who = welder(
      [EARLY, lend('a')],
      [EARLY, lend('b')],
      ['2026-11-23T10:00:00.000Z', back('b')],
      ['2026-11-23T08:30:00.000Z', back('a')],
    )
    expect(codes(who, { zones: ticks('2026-11-23T09:00:00.000Z') })).toEqual(['to-do', 'body.zones-to-check'])
  })
  it('nobody leaves with clothes of the shop', () => {
    const lent = person(['2026-11-23T07:50:00.000Z', { type: 'person.lend', payload: { loanId: 'one', wearable: 'muffs', size: '' } }])
    const leave = (who: Person) => decidePerson(who, { type: 'person.leave', payload: {} }, {
      safetyLeads: 1, dayEnds: ENDS, today: '2026-11-23', at: NOW, id: 'kit', by: 'oskar',
    })
    expect(leave(lent)).toMatchObject({ refused: [{ code: 'person.has-loans', values: { count: 1 } }] })
    const lost = decidePerson(lent, { type: 'person.give-back', payload: { loanId: 'one', isLost: true } }, {
      safetyLeads: 1, dayEnds: ENDS, today: '2026-11-23', at: NOW, id: 'kit', by: 'oskar',
    })
    expect('events' in lost && 'events' in leave(lost.events.reduce(evolvePerson, lent))).toBe(true)
  })
  it('told late, of an instant before what was told since, changes nothing', () => {
    const bad = wear(dressed(FOR_TIG), 'trainers')
    expect(codes(welder([NOW, tells(bad)], [EARLY, tells(dressed(FOR_TIG))]))).toEqual(['hold', 'body.garment-fails'])
  })
  it('ears that were looked at before the neighbour began to cut are looked at again', () => {
    expect(codes(null, { zones: ticks(EARLY) })).toEqual(['open'])
    expect(codes(null, { zones: ticks(EARLY), around: [{ levelDbA: 105, hours: 1 }] }))
      .toEqual(['to-do', 'body.requirement-changed', 'body.noise-of-day'])
  })
  it('a tick for ears in general says nothing of a label, one label nothing of two, and none helps where nothing does', () => {
    const cut: Job = { ...TIG, process: 'pac', arcMinPerH: 20 }
    const looked = (requirement: RequirementId) =>
      ({ ...ticks(EARLY, true, cut), ears: { passes: true, at: EARLY, validUntil: ENDS, requirement } })
    const rated = looked('hearing-protection-rated')
    expect(codes(null, { job: cut, zones: looked('hearing-protection') }))
      .toEqual(['to-do', 'body.requirement-changed', 'body.noise-of-day'])
    expect(codes(null, { job: cut, zones: rated })).toEqual(['open', 'body.noise-of-day'])
    const gouging = [{ levelDbA: 105, hours: 2 }]
    expect(codes(null, { job: cut, zones: rated, around: gouging })).toEqual(['to-do', 'body.requirement-changed', 'body.noise-of-day'])
    const gouge: Job = { process: 'cac-a', currentA: 300, position: 'flat' }
    const all = { ...ticks(EARLY, true, gouge), ears: looked('hearing-protection-two').ears }
    expect(codes(null, { job: gouge, zones: all })).toEqual(['hold', 'body.too-loud'])
  })
  it('what they did before at this bay, today, is at their ear', () => {
    const earlier = { job: { process: 'pac', arcMinPerH: 20 } as Job, personId: 'kit', sinceAt: null, untilAt: null, validUntil: ENDS }
    expect(codes(null, { zones: ticks(EARLY), before: [earlier] })).toEqual(['to-do', 'body.requirement-changed', 'body.noise-of-day'])
    expect(codes(null, { zones: ticks(EARLY), before: [{ ...earlier, validUntil: NOW }] })).toEqual(['open'])
  })
  it('a house that asks for a safety toe asks for it of whoever nobody asked', () => {
    const told = welder([EARLY, tells(dressed(FOR_TIG))])
    expect(codes(told, { rules: { ...NEW_SITE_RULES, safetyToe: true } })).toEqual(['hold', 'body.garment-fails'])
  })
  it('what passes with a caution is open, and says so', () => {
    const inCotton = wear(wear(dressed(FOR_TIG), 'jacket-cotton'), 'lap-by-jacket')
    expect(codes(welder([EARLY, tells(inCotton)]))).toEqual(['open', 'body.with-caution'])
  })
})
