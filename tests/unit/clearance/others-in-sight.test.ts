import { describe, expect, it } from 'vitest'
import { airOf, UNKNOWN_AIR } from '#core/air/air-facts'
import { NOWHERE_ELSE } from '#core/air/person-day'
import type { AirSurroundings, StationAir } from '#core/air/air-facts'
import type { ScreenId } from '#core/streams/hall/hall'
import { judgeSight } from '#core/clearance/others-in-sight'
import type { Job } from '#core/job/job'
import { factsFromTold } from '#core/site-facts/told-site'
import { joinFacts } from '#core/site-facts/join-facts'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { CLEAR_SHOP } from '../never-clear/shops'

const MIG: Job = { process: 'gmaw', baseMetal: 'mild-steel', currentA: 180, arcMinPerH: 30 }
const near = (distanceM: number | null) => ({ label: '5', distanceM })
const air = (over: Partial<AirSurroundings>): AirSurroundings => ({ ...UNKNOWN_AIR, elsewhere: () => NOWHERE_ELSE, ...over })
const said = (over: Partial<AirSurroundings>, job = MIG) =>
  judgeSight(job, air(over), NEW_SITE_RULES).map(({ severity, code }) => `${severity} ${code}`)

describe('others in sight of an arc', () => {
  it('a shut screen, or goggles for everybody, is enough; no arc needs none', () => {
    expect(said({ screen: 'screened', neighbour: near(2) })).toEqual([])
    expect(said({ screen: 'goggles', neighbour: near(2) })).toEqual([])
    for (const process of ['grinding', 'ofw', 'saw', 'lbw'] as const)
      expect(said({ screen: 'open', neighbour: near(2) }, { ...MIG, process })).toEqual([])
  })
  it('where nothing stands between it holds; where nobody said it is cautioned; wherever the other stands', () => {
    for (const distanceM of [0, 2, 20, null]) {
      expect(said({ screen: 'open', neighbour: near(distanceM) })).toEqual(['hold eyes.sight-open'])
      expect(said({ neighbour: near(distanceM) })).toEqual(['caution eyes.sight-unsaid'])
    }
  })
  it('nobody at another bay is still somebody who comes by', () => {
    expect(said({ screen: 'open', neighbour: null })).toEqual(['caution eyes.sight-open-alone'])
    expect(said({ neighbour: null })).toEqual([])
  })
  it('so far away that a whole day of it does no harm, nothing is asked; an arc of which nothing is known harms at any distance', () => {
    // E = 8·1.9 W/m² at one metre, seen for 4 h: 30 J/m² at 85.4 m (inverse square; the envelope of published surveys, from memory).
    expect(said({ screen: 'open', neighbour: near(85) })).toEqual(['hold eyes.sight-open'])
    expect(said({ screen: 'open', neighbour: near(86) })).toEqual([])
    // An hour of it is taken for the whole shift: what burned here before was seen by the same eyes.
    expect(said({ screen: 'open', neighbour: near(85) }, { ...MIG, startsAt: '08:00', endsAt: '09:00' })).toEqual(['hold eyes.sight-open'])
    expect(said({ screen: 'open', walls: 'dull', neighbour: near(66) })).toEqual([])
    for (const process of ['paw', 'gtaw'] as const)
      expect(said({ screen: 'open', neighbour: near(900) }, { ...MIG, process })).toEqual(['hold eyes.sight-open'])
  })
  it('how long eyes bear it is said, rounded as physics has it', () => {
    const [only] = judgeSight(MIG, air({ neighbour: near(2), walls: 'dull' }), NEW_SITE_RULES)
    // 30 J/m² over 8·1.1/4 W/m².
    expect(only!.values).toMatchObject({ bay: '5', distanceM: 2 })
    expect((only!.values as { safeS: number }).safeS).toBeCloseTo(13.636, 3)
  })
  it('of several arcs in sight each may send its share: together they send an eye no more than one might alone', () => {
    // 30 J/m² parted among four: E·t = 7.5 J/m² from each, at twice the distance of one arc (inverse square).
    expect(said({ screen: 'open', neighbour: near(86), arcsBeside: 3 })).toEqual(['hold eyes.sight-open'])
    expect(said({ screen: 'open', neighbour: near(170.7), arcsBeside: 3 })).toEqual(['hold eyes.sight-open'])
    expect(said({ screen: 'open', neighbour: near(171), arcsBeside: 3 })).toEqual([])
    const [only] = judgeSight(MIG, air({ neighbour: near(2), walls: 'dull', arcsBeside: 3 }), NEW_SITE_RULES)
    expect(only!.values).toMatchObject({ arcs: 4 })
    expect((only!.values as { safeS: number }).safeS).toBeCloseTo(13.636 / 4, 3)
  })
  it('an arc beside counts where it burns today, or did, and nobody said that it is screened', () => {
    const { facts } = factsFromTold(CLEAR_SHOP)
    const joined = joinFacts(facts)
    const [first] = facts.site.bays
    const { hallId } = facts.site.areas.find(area => area.areaId === first!.areaId)!
    const bay = (bayId: string) => ({ ...first!, bayId, label: bayId, closed: false })
    const site = (closed: boolean) => ({ ...joined.site, bays: [bay('own'), { ...bay('other'), closed }] })
    const burning = (job: Job | null): StationAir =>
      ({ job, earlierJobs: [], hoodPosition: null, extractionCheck: null, personId: null, helpers: [] })
    const countedWith = (other: StationAir, screen?: ScreenId, closed = false) => airOf({
      ...joined,
      site: site(closed),
      stations: { own: burning(MIG), other },
      halls: { [hallId!]: { air: null, bays: { other: { xM: 0, yM: 0, extraction: null, ...screen ? { screen } : {} } } } },
    })('own').arcsBeside
    expect(countedWith(burning(MIG))).toBe(1)
    expect(countedWith(burning(MIG), 'open')).toBe(1)
    expect(countedWith(burning(MIG), 'screened')).toBe(0)
    expect(countedWith(burning(MIG), 'goggles')).toBe(0)
    expect(countedWith(burning(null))).toBe(0)
    expect(countedWith(burning({ ...MIG, process: 'grinding' }))).toBe(0)
    // What burned here this morning was seen by the same eyes; what burned yesterday was not.
    const before = (validUntil: string): StationAir =>
      ({ ...burning(null), earlierJobs: [{ job: MIG, personId: null, validUntil, sinceAt: null, untilAt: null }] })
    expect(countedWith(before('9999-01-01T00:00:00.000Z'))).toBe(1)
    expect(countedWith(before('9999-01-01T00:00:00.000Z'), undefined, true)).toBe(1)
    expect(countedWith(burning(MIG), undefined, true)).toBe(0)
    expect(countedWith(before('2000-01-01T00:00:00.000Z'))).toBe(0)
  })
  it('the neighbour is the nearest bay in use of the hall, and one that stands nobody knows where is near', () => {
    const { facts } = factsFromTold(CLEAR_SHOP)
    const [first] = facts.site.bays
    const areaId = first!.areaId
    const site = {
      ...facts.site,
      bays: [
        first!,
        ...['a', 'b', 'c'].map(label => ({ ...first!, bayId: label, label, areaId, closed: label === 'a' })),
      ],
    }
    const { hallId } = site.areas.find(area => area.areaId === areaId)!
    const at = (xM: number) => ({ xM, yM: 0, extraction: null })
    const neighbourWith = (bays: Record<string, ReturnType<typeof at>>) =>
      airOf({ ...joinFacts({ ...facts, site }), halls: { [hallId]: { air: null, bays } } })(first!.bayId).neighbour
    expect(neighbourWith({ [first!.bayId]: at(0), a: at(1), b: at(3), c: at(7) })).toEqual({ label: 'b', distanceM: 3 })
    expect(neighbourWith({ [first!.bayId]: at(0), b: at(3) })).toEqual({ label: 'c', distanceM: null })
  })
})
