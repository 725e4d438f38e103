import { describe, expect, it } from 'vitest'
import { airOf } from '#core/air/air-facts'
import { assessAir } from '#core/air/assess-air'
import { glanceAtHall, hallField } from '#core/air/hall-field'
import type { HallFieldQuestion } from '#core/air/hall-field'
import type { Station } from '#core/streams/station/station'
import type { Spot } from '#core/streams/hall/hall-plan'
import { facts, HALL, ready, STICK } from './air-of-a-shop'

const three = (over: Partial<Record<'one' | 'two' | 'three', Partial<Station>>> = {}) =>
  facts({ one: ready(over.one), two: ready({ personId: 'b', ...over.two }), three: ready({ personId: 'c', ...over.three }) })
const SMALL = { ...HALL, volumeM3: 300, supplyM3PerS: 0.3 }
const small = (known: ReturnType<typeof facts>) => ({ ...known, halls: { hall: { ...known.halls.hall!, air: SMALL } } })
const fieldOf = (known: ReturnType<typeof facts>, over: Partial<HallFieldQuestion> = {}) =>
  hallField({ facts: known, hallId: 'hall', tried: {}, ...over })!

describe('a hall as a plan shows it', () => {
  it('is null where nothing can be said: a hall that is not described, or in which nothing burns', () => {
    const known = three()
    expect(hallField({ facts: { ...known, halls: {} }, hallId: 'hall', tried: {} })).toBeNull()
    expect(hallField({ facts: facts({ one: ready({ job: null }) }), hallId: 'hall', tried: {} })).toBeNull()
  })

  it('says of each bay the share of the limit that its gate counts', () => {
    const known = small(three({ two: { hoodPosition: { placement: 'beside', distanceM: 0.4 } } }))
    const field = fieldOf(known)
    for (const bayId of ['one', 'two', 'three']) {
      const { surveys, shopDay, elsewhere, predict, extraction } = airOf(known)(bayId)
      const { job, hoodPosition, earlierJobs, extractionCheck, personId } = known.stations[bayId]!
      const bay = { bayId, job, earlierJobs, personId, position: hoodPosition, check: extractionCheck, extraction }
      const gate = assessAir({
        bay, prediction: predict(bay), check: extractionCheck, surveys, shopDay, wearer: null, elsewhere: elsewhere(personId),
        rules: known.rules, now: known.now,
      })
      expect(field.bays.find(one => one.bayId === bayId)!.use!.fraction).toBe(gate.exposure!.fraction)
    }
  })

  it('looks every quarter of an hour from the first arc to an hour after the last, and at the worst of them first', () => {
    const field = fieldOf(three({ two: { job: { ...STICK, startsAt: '09:10', endsAt: '10:00' } } }))
    // The shop day of a new site begins at 04:00.
    expect(field.atMin[0]).toBe(240)
    expect(field.atMin.at(-1)).toBe(540)
    expect(field.atMin).toContain(310)
    expect(field.atMin).toContain(255)
    const most = field.atMin.map((_, at) => Math.max(...field.bays.map(({ near }) => near?.[at]!.high ?? 0)))
    expect(most[field.worst]).toBe(Math.max(...most))
    expect(field.hall.map(part => part[0]!.high)).toEqual([0])
  })

  it('the limit that it is compared with binds, is of the substance, and is said as the element is counted', () => {
    const field = fieldOf(three())
    expect(field.substance).toBe(field.substances[0])
    expect(field.limit!.use.binds).toBe(true)
    expect(field.limit!.use.limit.substance).toBe(field.substance)
    expect(field.limit!.mgPerM3).toBeCloseTo(field.limit!.use.limit.valueMgPerM3 / field.limit!.use.limit.perElement, 9)
    const iron = fieldOf(three(), { substance: 'iron' })
    expect(iron.substance).toBe('iron')
    expect(iron.limit!.use.limit.substance).toBe('iron')
    // One that nobody makes here is not looked at.
    expect(fieldOf(three(), { substance: 'lead' }).substance).toBe(field.substance)
  })

  it('names whose fume somebody breathes: their own first, the others by what they let loose', () => {
    const field = fieldOf(small(three({ three: { job: { ...STICK, arcMinPerH: 2 } } })))
    const { from } = field.bays.find(({ bayId }) => bayId === 'one')!.use!
    expect(from.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9)
    expect(from.reduce((sum, { share }) => sum + share, 0)).toBeGreaterThan(0.98)
    const shareOf = (bayId: string) => from.find(one => one.bayId === bayId)?.share ?? 0
    expect(shareOf('two')).toBeGreaterThan(shareOf('three'))
  })

  it('a bay that its own air holds is not counted in the hall; nor is one whose extraction nobody looked at', () => {
    const held = fieldOf(three({ two: { hoodPosition: { placement: 'beside', distanceM: 2 }, job: { ...STICK, arcMinPerH: 60 } } }))
    expect(held.bays.map(({ isCounted }) => isCounted)).toEqual([true, false, true])
    expect(fieldOf(three({ two: { extractionCheck: null } })).bays[1]!.isCounted).toBe(false)
    // It stands in its own near field all the same: nobody reads clean air where an arc would be.
    expect(held.bays[1]!.near![held.worst]!.high).toBeGreaterThan(held.bays[0]!.near![held.worst]!.high)
  })

  it('a bay that burns though nobody can say what it makes is named: there is more than is shown', () => {
    const wet = { ...STICK, process: 'gtaw', baseMetal: 'bronze', consumable: 'er70s-2' } as const
    const known = three({ two: { job: wet } })
    const masked = { ...known, wearers: {} }
    const field = fieldOf(masked)
    expect(field.bays[1]!.use!.fraction).toBeNull()
    expect([...field.unknown, ...field.bays.filter(({ isCounted }) => !isCounted).map(({ bayId }) => bayId)]).toContain('two')
  })

  it('says what holds a bay whatever the share is: a hood out of its window, a look that nobody took', () => {
    const codesOf = (over: Partial<Station>) => fieldOf(three({ two: over })).bays[1]!.use!.holds.map(({ code }) => code)
    expect(codesOf({})).toEqual([])
    const tooFar = { placement: 'beside', distanceM: 0.6 } as const
    expect(codesOf({ hoodPosition: tooFar, job: { ...STICK, arcMinPerH: 1 } })).toContain('capture.too-far')
    expect(codesOf({ extractionCheck: null })).not.toEqual([])
  })

  it('a hood that is tried nearer changes its own bay and what the others breathe, and nothing that is known', () => {
    const known = small(three({ two: { hoodPosition: { placement: 'beside', distanceM: 0.34 } } }))
    const before = fieldOf(known)
    const after = fieldOf(known, { tried: { two: { distanceM: 0.2 } } })
    const at = (field: typeof before, bayId: string) => field.bays.find(one => one.bayId === bayId)!
    expect(at(after, 'two').distanceM).toBe(0.2)
    expect(at(after, 'two').use!.fraction!).toBeLessThan(at(before, 'two').use!.fraction!)
    expect(at(fieldOf(known), 'two').distanceM).toBe(0.34)
  })
})

describe('a glance at a hall', () => {
  it('is the look of the whole field at that minute, and the use of the one bay', () => {
    const known = small(three({ two: { hoodPosition: { placement: 'beside', distanceM: 0.3 } } }))
    const tried = { two: { distanceM: 0.24 } }
    const whole = fieldOf(known, { tried })
    const look = whole.atMin.indexOf(480)
    const counted = fieldOf(known).bays.filter(({ isCounted }) => isCounted).map(({ bayId }) => bayId)
    const glance = glanceAtHall({ facts: known, hallId: 'hall', tried }, { bayId: 'two', substance: whole.substance, atMin: 480, counted })!
    expect(glance.hall).toEqual(whole.hall.map(part => [part[look]]))
    expect([glance.substance, glance.lookMin]).toEqual([whole.substance, 480])
    glance.bays.forEach((bay, spot) => {
      const same = whole.bays[spot]!
      expect(bay.near).toEqual([same.near![look]])
      expect(bay.use).toEqual(bay.bayId === 'two' ? same.use : undefined)
      expect(bay.isCounted).toBe(same.isCounted)
    })
  })
})

describe('a long hall', () => {
  /** 60 x 12 m, lengthwise along the grid or across it, with one bay at its beginning, one beside it and one at its end. */
  const along = (isAlongX: boolean, over: Partial<Record<string, Spot>> = {}) => {
    const known = small(three())
    const at = (m: number): Spot => isAlongX ? { xM: m, yM: 6 } : { xM: 6, yM: m }
    const spots: Readonly<Record<string, Spot>> = { one: at(2), two: at(4), three: at(58), ...over }
    const [lengthM, widthM] = isAlongX ? [60, 12] : [12, 60]
    return {
      ...known,
      halls: {
        hall: {
          ...known.halls.hall!,
          bays: Object.fromEntries(Object.entries(known.halls.hall!.bays).map(([id, bay]) => [id, { ...bay, ...spots[id]! }])),
          plan: { outline: { xM: 0, yM: 0, lengthM, widthM }, things: [], ductsAt: {}, hoodsTowardsDeg: {} },
        },
      },
    }
  }
  const useOf = (known: ReturnType<typeof facts>, bayId: string) => fieldOf(known).bays.find(one => one.bayId === bayId)!.use!.fraction!

  it('is shown by its parts, the fullest where most burns', () => {
    const field = fieldOf(along(true))
    expect(field.hall).toHaveLength(5)
    const held = field.hall.map(part => part[field.worst]!.high)
    expect(held[0]).toBe(Math.max(...held))
    expect(held[4]!).toBeGreaterThan(held[2]!)
  })
  it('holds more for whoever stands beside another than the same hall mixed evenly, and the same whichever way it lies', () => {
    expect(useOf(along(true), 'one')).toBeGreaterThan(useOf(small(three()), 'one'))
    const { from } = fieldOf(along(true)).bays.find(one => one.bayId === 'one')!.use!
    const shareOf = (bayId: string) => from.find(one => one.bayId === bayId)!.share
    expect(shareOf('two')).toBeGreaterThan(shareOf('three'))
    expect(useOf(along(false), 'one')).toBeCloseTo(useOf(along(true), 'one'), 12)
  })
  it('is long by its sides where nobody drew it', () => {
    const { halls, site, ...known } = along(true)
    const { plan: _none, ...undrawn } = halls.hall
    const told = {
      ...known,
      halls: { hall: undrawn },
      site: { ...site, halls: [{ hallId: 'hall', name: 'Hall', size: { lengthM: 60, widthM: 12, heightM: 5 } }] },
    }
    expect(useOf(told, 'one')).toBeCloseTo(useOf(along(true), 'one'), 12)
  })
  it('what is drawn outside of it lies in the part next to it', () =>
    expect(useOf(along(true, { two: { xM: -3, yM: 6 } }), 'one')).toBeCloseTo(useOf(along(true), 'one'), 12))
})
