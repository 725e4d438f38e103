import { describe, expect, it } from 'vitest'
import { airOf, UNKNOWN_AIR } from '#core/air/air-facts'
import { NOWHERE_ELSE } from '#core/air/person-day'
import type { AirSurroundings } from '#core/air/air-facts'
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
