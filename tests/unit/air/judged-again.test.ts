import { beforeAll, describe, expect, it, vi } from 'vitest'
import { airOf } from '#core/air/air-facts'
import { NOWHERE_ELSE, personDay } from '#core/air/person-day'
import type { Station } from '#core/streams/station/station'
import { CHECKED, facts, gateOf, HALL, LATER, NEAR, ready, RULES, STICK } from './air-of-a-shop'

// A shop is judged every few seconds, and what was worked out is kept. By what change would an answer of before be given?

type Shop = Parameters<typeof gateOf>
const WORN = { wearers: { imke: { mask: 'full-p100', readyUntil: LATER, isShaven: true } } } as const
const stations = (over: Partial<Station> = {}, other: Partial<Station> = {}): Record<string, Station> => ({
  one: ready(over),
  two: ready({ personId: 'jun', ...other }),
  three: ready({ personId: 'bea', job: { ...STICK, process: 'gmaw', consumable: 'er70s-6', currentA: 180 } }),
})
const job = (over: Partial<typeof STICK>) => ({ job: { ...STICK, ...over } })

const hall = facts(stations()).halls.hall!
const inHall = (over: Partial<typeof HALL>) => ({ halls: { hall: { ...hall, air: { ...HALL, ...over } } } })
/** Five times as long as it is wide, one of its bays so far along it, the others at its beginning. */
const longHall = (xM: number) => ({
  halls: {
    hall: {
      ...hall,
      plan: { outline: { xM: 0, yM: 0, lengthM: 40, widthM: 8 }, things: [], ductsAt: {}, hoodsTowardsDeg: {} },
      bays: { ...hall.bays, two: { ...hall.bays.two!, xM } },
    },
  },
})

/** Each differs from the one before it in one thing. */
const SHOPS: readonly (readonly [what: string, ...shop: Shop])[] = [
  ['as it is', stations()],
  ['more arc here', stations(job({ arcMinPerH: 20 }))],
  ['more arc at a bay beside', stations(job({ arcMinPerH: 20 }), job({ arcMinPerH: 6 }))],
  ['the same, later', stations(job({ arcMinPerH: 20, endsAt: '14:00' }), job({ arcMinPerH: 6 }))],
  ['the hood farther away', stations({ ...job({ arcMinPerH: 20 }), hoodPosition: { ...NEAR, distanceM: 0.35 } }, job({ arcMinPerH: 6 }))],
  ['a hood beside that was not looked at', stations(job({ arcMinPerH: 20 }), { ...job({ arcMinPerH: 6 }), extractionCheck: null })],
  ['who stands there', stations(job({ arcMinPerH: 20 }), { ...job({ arcMinPerH: 6 }), personId: 'imke' })],
  ['less air', stations(job({ arcMinPerH: 20 })), 'one', inHall({ supplyM3PerS: 1 })],
  ['what comes in', stations(), 'one', inHall({ backgroundMgPerM3: 0.3 })],
  ['what the house acts at', stations(), 'one', { rules: { ...RULES, actionFraction: 0.1 } }],
  ['which limits bind', stations(), 'one', { rules: { ...RULES, exposureBasis: 'us-legal' } }],
  ['a longer week', stations(), 'one', { rules: { ...RULES, workDaysPerWeek: 7 } }],
  ['no hood at all', stations({ hoodPosition: null, extractionCheck: null }), 'one', { extraction: null }],
  ['much more arc', stations(job({ arcMinPerH: 40 }))],
  ['a mask in which it is less', stations(job({ arcMinPerH: 40 })), 'one', WORN],
  ['worn for less of the time', stations(job({ arcMinPerH: 40 })), 'one', { ...WORN, rules: { ...RULES, maskWornShare: 0.5 } }],
  ['drawn as a long hall', stations(), 'one', longHall(0)],
  ['another bay at the other end of it', stations(), 'one', longHall(39)],
  ['as it was', stations()],
]

/** All that is found and worked out, draw by draw. */
const told = (gate: ReturnType<typeof gateOf>): string => JSON.stringify(gate)

describe('an answer that is kept', () => {
  let again: ReturnType<typeof gateOf>[]
  // Twice over, so that everything is kept that is ever kept.
  beforeAll(() => {
    for (const [, ...shop] of SHOPS) gateOf(...shop)
    again = SHOPS.map(([, ...shop]) => gateOf(...shop))
  })

  it.each(SHOPS.map(([what], at) => [what, at] as const))('is the answer of a core that never judged before: %s', async (_, at) => {
    vi.resetModules()
    const fresh = await import('./air-of-a-shop')
    const [, ...shop] = SHOPS[at]!
    expect(told(again[at]!)).toBe(told(fresh.gateOf(...shop)))
  })

  it('and what was changed shows: none of these shops has the figures of another', () => {
    // The last is as the first.
    expect(new Set(again.map(told)).size).toBe(SHOPS.length - 1)
  })
})

describe('what is worked out anew', () => {
  const dayAt = (shop: Record<string, Station>, bayId: string) => {
    const { job: own, hoodPosition: position, extractionCheck: check, earlierJobs, personId } = shop[bayId]!
    const hall = airOf(facts(shop))(bayId).predict({ bayId, job: own, position, check, earlierJobs, personId, extraction: undefined })!
    return personDay(personId, bayId, hall, NOWHERE_ELSE)!.air
  }
  const idle = { ...job({ arcMinPerH: 30 }), extractionCheck: null }

  it('nothing where a bay changes whose arcs may not burn', () => {
    const before = dayAt(stations({}, idle), 'one')
    expect(dayAt(stations({}, { ...idle, ...job({ arcMinPerH: 31 }) }), 'one')).toBe(before)
  })

  it('everything where it may burn', () => {
    const before = dayAt(stations({}, { ...idle, extractionCheck: CHECKED, ...job({ arcMinPerH: 6 }) }), 'one')
    const after = dayAt(stations({}, { ...idle, extractionCheck: CHECKED, ...job({ arcMinPerH: 7 }) }), 'one')
    expect(after.breathed['total-fume']!.twa.high).toBeGreaterThan(before.breathed['total-fume']!.twa.high)
  })
})
