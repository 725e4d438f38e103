import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { WearableId } from '#core/ids/wearable-ids'
import { WEARABLES } from '#core/ids/wearable-ids'
import { ZONES } from '#core/ids/vocabulary'
import type { Job } from '#core/job/job'
import { judgeGarments } from '#core/ppe/judge-garments'
import { likelyAt, usualOf, wear, wearablesAt, zonesOf } from '#core/ppe/wearables'
import type { ToldGarment } from '#core/ppe/wearables'
import { usualToday } from '#core/opening/usual-outfit'
import { garmentSchema, toldGarmentSchema } from '#shared/contract/garment-schema'

const dressed = (...wearables: readonly WearableId[]) =>
  wearables.reduce<readonly ToldGarment[]>((worn, wearable) => wear(worn, wearable), [])
const TIG: Job = { process: 'gtaw', currentA: 60, position: 'flat' }
const FOR_TIG = [
  'cap-cotton', 'plugs', 'glasses-clear', 'helmet', 'collar-closed', 'gloves-thin', 'jacket-treated', 'under-cotton', 'lap-by-jacket',
  'jeans', 'boots-covered', 'pockets-empty',
] as const
const failing = (job: Job, worn: readonly ToldGarment[], house = {}) =>
  judgeGarments(job, worn, house).zones.filter(({ verdict }) => verdict === 'fail').map(({ zone }) => zone)

describe('what is told by what one sees', () => {
  it('is offered once, at a zone that it covers, and every zone has something to tell', () => {
    const offered = ZONES.flatMap(zone => wearablesAt(zone))
    expect([...offered].sort()).toEqual([...WEARABLES].sort())
    for (const zone of ZONES) for (const one of wearablesAt(zone)) expect(zonesOf(one), one).toContain(zone)
  })
  it('is taken by the schema, part by part', () => {
    for (const wearable of WEARABLES) for (const { like, loanId: _none, ...garment } of dressed(wearable)) {
      expect(toldGarmentSchema.safeParse({ ...garment, like }).success, wearable).toBe(true)
      expect(garmentSchema.safeParse(garment).success, wearable).toBe(true)
    }
  })
  it('one thing takes the place of another at its zones, and nothing above it takes off what is underneath', () => {
    const first = dressed('jacket-cotton', 'under-cotton')
    expect(wear(first, 't-shirt').map(({ item }) => item).sort()).toEqual(['base-layer', 't-shirt', 't-shirt'])
    expect(wear(first, 'under-synthetic').filter(({ zone }) => zone === 'torso').map(({ like }) => like)).toEqual([
      'jacket-cotton', 'under-synthetic',
    ])
    // Sleeves over a jacket leave the jacket.
    expect(wear(first, 'sleeves-leather').filter(({ like }) => like === 'jacket-cotton').map(({ zone }) => zone)).toEqual(['torso'])
  })
  it('a lap that a jacket covered is bare once another thing is worn in its place', () => {
    const other = wear(dressed(...FOR_TIG), 'top-synthetic')
    expect(other.some(({ zone }) => zone === 'lap')).toBe(false)
    expect(wear(dressed(...FOR_TIG), 'under-synthetic').some(({ zone }) => zone === 'lap')).toBe(true)
  })
  it('a jacket over the lap is the jacket that is worn; without one nobody knows what it is made of', () => {
    expect(failing(TIG, dressed(...FOR_TIG))).toEqual([])
    expect(failing(TIG, dressed(...FOR_TIG.filter(one => one !== 'jacket-treated')))).toEqual(['arms', 'torso', 'lap'])
  })
})

describe('judged for the work', () => {
  const instead = (...wearables: readonly WearableId[]) => dressed(...FOR_TIG, ...wearables)
  // ISO 11611 and EN 12477 for what each asks, from memory; common practice for how cloth behaves.
  it.each<[WearableId, Job, string]>([
    ['gloves-thin', { process: 'smaw', currentA: 140, position: 'flat' }, 'hands'],
    ['gloves-mechanics', TIG, 'hands'],
    ['bare-hands', TIG, 'hands'],
    ['top-synthetic', TIG, 'torso'],
    ['t-shirt', TIG, 'arms'],
    ['under-synthetic', TIG, 'torso'],
    ['trousers-synthetic', TIG, 'legs'],
    ['shorts', TIG, 'legs'],
    ['trainers', TIG, 'feet'],
    ['boots-open', TIG, 'feet'],
    ['bare-loose', TIG, 'hair-head'],
    ['pockets-full', TIG, 'pockets'],
    ['glasses-own', TIG, 'eyes'],
    ['lap-bare', TIG, 'lap'],
    ['jacket-treated', { ...TIG, process: 'cac-a' }, 'torso'],
  ])('%s does not do', (wearable, job, zone) => expect(failing(job, instead(wearable))).toContain(zone))

  it('a house asks for more, or counts a school that asks for less only where little spatters', () => {
    expect(failing(TIG, dressed(...FOR_TIG), { linedGlovesOnly: true })).toEqual(['hands'])
    const hands = judgeGarments(TIG, dressed(...FOR_TIG), { linedGlovesOnly: true }).zones.find(({ zone }) => zone === 'hands')
    expect(hands?.requirement).toBe('lined-gauntlet')
    expect(failing(TIG, dressed(...FOR_TIG), { safetyToe: true })).toEqual(['feet'])
    expect(failing(TIG, instead('boots-toe'), { safetyToe: true })).toEqual([])
    const shirt = instead('shirt-cotton', 'apron-leather')
    const shoes = instead('shoes-leather')
    expect([failing(TIG, shirt), failing(TIG, shirt, { sleevesDo: true })]).toEqual([['torso'], []])
    expect([failing(TIG, shoes), failing(TIG, shoes, { lowShoesDo: true })]).toEqual([['feet'], []])
    const heavy: Job = { process: 'smaw', currentA: 140, consumable: 'e7018', position: 'flat' }
    expect(failing(heavy, shirt, { sleevesDo: true })).toContain('torso')
    expect(failing(heavy, shoes, { lowShoesDo: true })).toContain('feet')
  })
  it('plugs against sparks are protection against noise too, and noise of the neighbours asks for it by its name', () => {
    const ears = (twaDbA: number | null) =>
      judgeGarments(TIG, dressed(...FOR_TIG), {}, { noise: { rule: 'us-hearing-conservation', twaDbA } })
        .zones.find(one => one.zone === 'ears')!
    expect([ears(null), ears(85)].map(({ requirement, verdict }) => [requirement, verdict])).toEqual([
      ['ear-plugs-sparks', 'pass'], ['hearing-protection', 'pass'],
    ])
  })
  it('leaving anything out never passes what did not pass', () => {
    fc.assert(fc.property(fc.subarray([...WEARABLES]), fc.nat(), (wearables, at) => {
      const worn = dressed(...wearables)
      if (worn.length === 0) return
      const { facts: _facts, materials: _materials, ...forgotten } = worn[at % worn.length]!
      const less = worn.map((one, index) => (index === at % worn.length ? forgotten : one))
      const before = failing(TIG, worn)
      expect(failing(TIG, less)).toEqual(expect.arrayContaining(before))
    }))
  })
})

describe('what somebody usually wears', () => {
  const at = '2026-11-22T12:00:00.000Z'
  const last = (worn: readonly ToldGarment[], validUntil = '2026-11-23T09:00:00.000Z') => ({ worn, at, validUntil })
  const NOW = '2026-11-23T12:00:00.000Z'
  it('is whole again, nothing of it lent, and hair and pockets are asked anew', () => {
    const worn = wear(dressed(...FOR_TIG), 'sleeves-leather', { loanId: 'one', condition: ['hole'] })
    const usual = usualOf(last(wear(worn, 'jeans', { condition: ['fray'] })))
    expect(usual.some(({ zone }) => zone === 'pockets' || zone === 'hair-head' || zone === 'arms')).toBe(false)
    expect(usual.find(({ zone }) => zone === 'legs')?.condition).toEqual([])
  })
  it('is said again in one word only where it does for today\'s work, and nothing was told today', () => {
    const whole = last(dressed(...FOR_TIG))
    expect(usualToday(whole, TIG, {}, {}, NOW)).toHaveLength(dressed(...FOR_TIG).length)
    expect(usualToday(whole, { process: 'cac-a', position: 'flat' }, {}, {}, NOW)).toBe('apart')
    expect(usualToday(last(dressed('jeans')), TIG, {}, {}, NOW)).toBe('apart')
    expect(usualToday(last(dressed(...FOR_TIG), '2026-11-24T09:00:00.000Z'), TIG, {}, {}, NOW)).toBe('apart')
    expect(usualToday(null, TIG, {}, {}, NOW)).toBeNull()
    // A jacket that was lent went back: whoever came in it comes without.
    expect(usualToday(last(wear(dressed(...FOR_TIG), 'jacket-treated', { loanId: 'one' })), TIG, {}, {}, NOW)).toBe('apart')
  })
  it('is offered first, then what most of the class wear', () => {
    const own = last(dressed('trousers-cotton'))
    const others = [last(dressed('leggings-leather')), last(dressed('leggings-leather')), last(dressed('shorts')), null]
    expect(likelyAt('legs', own, others).slice(0, 3)).toEqual(['trousers-cotton', 'leggings-leather', 'shorts'])
    expect(likelyAt('legs', null, [])[0]).toBe('jeans')
  })
})
