import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { GarmentFactId, GarmentId } from '#core/ids/garment-ids'
import { GARMENT_FACTS, GARMENTS } from '#core/ids/garment-ids'
import type { ZoneId } from '#core/ids/vocabulary'
import { ZONES } from '#core/ids/vocabulary'
import type { Job } from '#core/job/job'
import { judgeGarments } from '#core/ppe/judge-garments'
import type { WornGarment } from '#core/ppe/judge-garments'

const yes = (...facts: readonly GarmentFactId[]) => Object.fromEntries(facts.map(fact => [fact, true]))
const of = (zone: ZoneId, item: GarmentId, more: Partial<WornGarment> = {}): WornGarment => ({ zone, item, condition: [], ...more })
const leather = { leather: 100 }
const treated = { 'flame-resistant': 100 }

/** Dressed for bench TIG at 60 A: nothing that anybody can say is left out. */
const TIG: Job = { process: 'gtaw', currentA: 60, position: 'flat' }
const FOR_TIG: readonly WornGarment[] = [
  of('hair-head', 'cap', { materials: { cotton: 100 }, facts: yes('hair-covered') }),
  of('ears', 'ear-plugs'),
  of('eyes', 'safety-glasses', { facts: yes('impact-rated', 'side-shields', 'clear') }),
  of('face', 'welding-helmet'),
  of('neck', 'collar', { materials: { cotton: 100 }, facts: yes('closed') }),
  of('hands', 'tig-gloves', { materials: leather, facts: yes('gauntlet-cuff') }),
  of('arms', 'jacket', { materials: treated, facts: yes('long-sleeves') }),
  of('torso', 'jacket', { materials: treated, facts: yes('closed') }),
  of('torso', 'base-layer', { materials: { cotton: 100 } }),
  of('lap', 'jacket', { materials: treated, facts: yes('covers-lap') }),
  of('legs', 'trousers', { materials: { denim: 100 }, facts: yes('full-length') }),
  of('feet', 'boots', { materials: leather, facts: yes('above-ankle', 'laces-covered') }),
  of('pockets', 'pockets', { facts: yes('closed', 'no-lighter', 'no-jewellery') }),
]
const STICK: Job = { process: 'smaw', currentA: 140, position: 'flat' }
const zoneOf = (zone: ZoneId, job: Job, worn: readonly WornGarment[], house = {}) =>
  judgeGarments(job, worn, house).zones.find(one => one.zone === zone)!
const codes = (zone: ZoneId, job: Job, worn: readonly WornGarment[], house = {}) =>
  zoneOf(zone, job, worn, house).findings.map(({ code }) => code)
const instead = (zone: ZoneId, item: GarmentId, more: Partial<WornGarment>) => [
  ...FOR_TIG.filter(one => one.zone !== zone),
  of(zone, item, more),
]

describe('dressed for the job', () => {
  it('everything told and right passes; only the air is left to be said elsewhere', () => {
    const { zones, verdict } = judgeGarments(TIG, FOR_TIG)
    expect(zones.filter(one => one.verdict !== 'pass').map(({ zone }) => zone)).toEqual(['lungs'])
    expect(verdict).toBe('pass-with-caution')
  })
  it('nothing worn is no pass, in no zone but that of the air', () => {
    const { zones, verdict } = judgeGarments(TIG, [])
    expect(verdict).toBe('fail')
    expect(zones.filter(one => one.verdict !== 'fail').map(({ zone }) => zone)).toEqual(['lungs'])
  })
  // EN 12477 type B against type A: a thin glove is for TIG, and for nothing that throws spatter.
  it('thin goat gloves pass at TIG 60 A and fail at stick 140 A', () => {
    expect(zoneOf('hands', TIG, FOR_TIG).verdict).toBe('pass')
    expect(codes('hands', STICK, FOR_TIG)).toContain('garment.not-for-this')
  })
  it.each([TIG, STICK, { process: 'grinding', position: 'flat' } as Job])('mechanic\'s gloves of synthetics never pass', (job) => {
    const worn = instead('hands', 'mechanics-gloves', { materials: { nylon: 60, polyester: 40 }, facts: yes('gauntlet-cuff', 'lined') })
    expect(zoneOf('hands', job, worn).verdict).toBe('fail')
    expect(codes('hands', job, worn)).toContain('garment.melts')
  })
  it.each([
    ['torso', 'jacket', { materials: { polyester: 100 }, facts: yes('closed') }, 'garment.melts'],
    ['torso', 'jacket', { materials: { cotton: 65, polyester: 35 }, facts: yes('closed') }, 'garment.melts'],
    ['legs', 'trousers', { materials: { denim: 98, elastane: 2 }, facts: yes('full-length') }, 'garment.melts-a-little'],
    ['legs', 'trousers', { materials: { denim: 100 }, facts: yes('full-length'), condition: ['turned-up-cuff'] }, 'garment.condition'],
    ['legs', 'trousers', { materials: { denim: 100 }, facts: yes('full-length'), condition: ['fray'] }, 'garment.condition'],
    ['legs', 'shorts', { materials: { denim: 100 } }, 'garment.not-for-this'],
    ['feet', 'shoes', { materials: leather, facts: yes('laces-covered') }, 'garment.not-for-this'],
    ['feet', 'boots', { materials: leather, facts: { 'above-ankle': true, 'laces-covered': false } }, 'garment.fact-wrong'],
    ['eyes', 'safety-glasses', { facts: { ...yes('impact-rated', 'side-shields'), clear: false } }, 'garment.tinted'],
    ['pockets', 'pockets', { facts: { ...yes('closed', 'no-jewellery'), 'no-lighter': false } }, 'garment.fact-wrong'],
    ['face', 'welding-helmet', { condition: ['cracked-shell'] }, 'garment.condition'],
  ] as const)('%s, %s %j: %s', (zone, item, more, code) => expect(codes(zone, TIG, instead(zone, item, more))).toContain(code))
  it('overhead and gouging ask for leather, where flame-resistant cloth does for stick on the bench', () => {
    const worn = instead('torso', 'jacket', { materials: treated, facts: yes('closed') })
    expect(zoneOf('torso', STICK, worn).verdict).not.toBe('fail')
    for (const job of [{ ...STICK, position: 'overhead' }, { process: 'cac-a', currentA: 300, position: 'flat' }] as Job[])
      expect(codes('torso', job, worn)).toContain('garment.material-too-light')
  })
  it('the house chooses among schools: a safety toe, laces of leather', () => {
    const laced = { 'above-ankle': true, 'laces-covered': false, 'leather-laces': true }
    const bare = instead('feet', 'boots', { materials: leather, facts: laced })
    expect(zoneOf('feet', TIG, bare).verdict).toBe('fail')
    expect(zoneOf('feet', TIG, bare, { leatherLaces: true }).verdict).toBe('pass')
    expect(codes('feet', TIG, FOR_TIG, { safetyToe: true })).toContain('garment.fact-unknown')
  })
  it('a laser is not answered for by what is worn alone: its power and wavelength are not known here', () => {
    const worn = [...FOR_TIG, of('eyes', 'laser-eyewear'), of('face', 'laser-helmet')]
    for (const zone of ['eyes', 'face'] as const) expect(codes(zone, { process: 'lbw' }, worn)).toContain('garment.laser-decides')
    expect(judgeGarments({ process: 'lbw' }, worn).verdict).toBe('fail')
  })
  it('what melts underneath is no better for the jacket over it', () =>
    expect(codes('torso', TIG, [...FOR_TIG, of('torso', 'base-layer', { materials: { polyester: 100 } })])).toContain('garment.melts'))
})

describe('whatever is worn', () => {
  const better = { 'fail': 0, 'pass-with-caution': 1, 'pass': 2 } as const
  const jobs: fc.Arbitrary<Job> = fc.record({
    process: fc.constantFrom('gtaw', 'smaw', 'gmaw', 'cac-a', 'grinding', 'ofc', 'lbw'),
    currentA: fc.integer({ min: 20, max: 500 }),
    position: fc.constantFrom('flat', 'overhead'),
  })
  it('forgetting a fact, a material, or that somebody looked never makes it better', () => {
    for (const job of [TIG, STICK])
      for (const [index, garment] of FOR_TIG.entries()) {
        const less: WornGarment[] = [
          ...Object.keys(garment.facts ?? {}).map(fact => ({ ...garment, facts: { ...garment.facts, [fact]: undefined } })),
          { ...garment, materials: undefined },
          { ...garment, condition: undefined },
        ]
        for (const forgotten of less)
          expect(better[zoneOf(garment.zone, job, FOR_TIG.with(index, forgotten)).verdict])
            .toBeLessThanOrEqual(better[zoneOf(garment.zone, job, FOR_TIG).verdict])
      }
  })
  it('every fact that passes a garment is needed: forgotten, it fails', () => {
    for (const [index, garment] of FOR_TIG.entries())
      for (const fact of Object.keys(garment.facts ?? {}))
        expect(zoneOf(garment.zone, TIG, FOR_TIG.with(index, { ...garment, facts: { ...garment.facts, [fact]: undefined } })).verdict, fact)
          .toBe('fail')
  })
  it('sound leather on top of what passes never makes it fail', () => {
    const more = fc.record({
      zone: fc.constantFrom(...ZONES),
      item: fc.constantFrom(...GARMENTS),
      facts: fc.constant(yes(...GARMENT_FACTS)),
      materials: fc.constant(leather),
      condition: fc.constant([]),
    })
    fc.assert(fc.property(jobs, more, (job, garment) => {
      const before = judgeGarments(job, FOR_TIG)
      const after = judgeGarments(job, [...FOR_TIG, garment])
      for (const [i, zone] of before.zones.entries())
        if (zone.verdict !== 'fail') expect(after.zones[i]!.verdict).not.toBe('fail')
    }), { numRuns: 300, seed: 14 })
  })
  it('a conflict is named: whatever melts fails its zone, whatever else is worn there', () => {
    fc.assert(fc.property(jobs, fc.constantFrom('jacket', 'shirt', 'base-layer', 'sleeves', 'apron'), (job, item) => {
      expect(codes('torso', job, [...FOR_TIG, of('torso', item, { materials: { acrylic: 100 } })])).toContain('garment.melts')
    }), { numRuns: 60, seed: 5 })
  })
})
