import { describe, expect, it } from 'vitest'
import { mgPerM3FromPpm } from '#core/fume/gases'
import type { Reading } from '#core/monitor/heard-air'
import { judgeMonitors } from '#core/monitor/judge-monitors'
import { nearestReading } from '#core/monitor/nearest-reading'
import { isPast, monitorBounds } from '#core/monitor/monitor-bounds'
import type { Extraction } from '#core/streams/hall/hall'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { StandingRules } from '#core/monitor/standing'
import { monitorKind } from '#core/streams/monitor/kind'
import { decideMonitor, evolveMonitor } from '#core/streams/monitor/monitor'
import type { Monitor, MonitorEvent } from '#core/streams/monitor/monitor'
import { minutesAfter } from '#core/time/instant'

/** What a monitor hears and what its bay may: written as by what reading it would open when it must not. */
const NOON = '2026-11-30T12:00:00.000Z'
const US = { ...NEW_SITE_RULES, jurisdiction: 'us', exposureBasis: 'us-legal', lelLimitPercent: 0, oxygenMaxPercent: 22 } as const
const CO = (ppm: number): number => mgPerM3FromPpm('carbon-monoxide', ppm)
const at = (minutes: number): string => minutesAfter(NOON, minutes)
const codesOf = (monitors: readonly Monitor[], now: string, rules: StandingRules = US) =>
  judgeMonitors({ monitors, extraction: null, rules, now }).map(({ severity, code }) => `${severity} ${code}`)

const PLACED = {
  type: 'monitor-placed', version: 1, payload: {
    name: 'CO at bay 4', senmlName: 'bay-4:co', bayIds: ['bay-4'], quantity: 'carbon-monoxide', silentAfterS: 120, at: at(-60),
  },
} as const satisfies MonitorEvent
const placed = (over: Partial<Monitor> = {}): Monitor => ({ ...evolveMonitor(null, PLACED)!, ...over })

/** A shop that tells a monitor what is read, keeps it, and folds what comes on record. */
function told(first: Monitor, rules: typeof US | typeof NEW_SITE_RULES = US) {
  let monitor = first
  const kept: Reading[] = []
  return {
    get monitor() { return monitor },
    tell(readings: readonly Reading[], now: string) {
      const decided = decideMonitor(monitor, { type: 'monitor.hear', payload: { readings } }, {
        id: 'bay-4-co', at: now, now, rules, bayIds: ['bay-4'], kept: [...kept].sort((a, b) => a.at.localeCompare(b.at)),
      })
      if ('refused' in decided) throw new Error('refused')
      kept.push(...readings.filter(one => !kept.some(known => known.at === one.at && known.value === one.value)))
      const before = monitor
      monitor = decided.events.reduce<Monitor>((state, event) => evolveMonitor(state, event)!, monitor)
      return { events: decided.events, news: monitorKind.news!(before, decided.events, 'bay-4-co') }
    },
  }
}
const every = (minutes: number, values: readonly number[], from = 0): Reading[] =>
  values.map((value, i) => ({ at: at(from + i * minutes), value }))

describe('what a bay may by its monitors', () => {
  it('holds until one was heard where it stands, and once it is silent', () => {
    expect(codesOf([placed()], NOON)).toEqual(['hold monitor.never-heard'])
    const shop = told(placed())
    shop.tell([{ at: NOON, value: CO(3) }], NOON)
    expect(codesOf([shop.monitor], at(1.9))).toEqual([])
    expect(codesOf([shop.monitor], at(2))).toEqual(['hold monitor.silent'])
    // Placed anew, what it read elsewhere says nothing here.
    const moved = evolveMonitor(shop.monitor, { ...PLACED, payload: { ...PLACED.payload, bayIds: ['bay-5'], at: at(1) } })!
    expect(codesOf([moved], at(1))).toEqual(['hold monitor.never-heard'])
  })
  it('stops past what is immediately dangerous at one reading, and for a quarter of an hour after', () => {
    const shop = told(placed())
    shop.tell(every(1, [CO(3), CO(1300), CO(3)]), at(2))
    expect(codesOf([shop.monitor], at(2))).toEqual(['stop monitor.over'])
    shop.tell(every(1, Array.from({ length: 13 }, () => CO(3)), 3), at(15))
    expect(codesOf([shop.monitor], at(15))).toEqual(['stop monitor.over'])
    shop.tell([{ at: at(16.1), value: CO(3) }], at(16.1))
    expect(codesOf([shop.monitor], at(16.1))).toEqual([])
  })
  it('stops where a quarter of an hour is past the short-term limit, not at one gust', () => {
    // UK short-term limit of carbon monoxide 100 ppm (EH40/2005, 4th ed.; from memory).
    const uk = { ...US, jurisdiction: 'uk', exposureBasis: 'uk' } as unknown as typeof US
    expect(monitorBounds('carbon-monoxide', uk).find(({ bound }) => bound === 'short-term')!.value).toBeCloseTo(CO(100), -1)
    const gust = told(placed(), uk)
    gust.tell(every(1, [10, 10, 10, 10, 10, 10, 10, 150, 10, 10, 10, 10].map(CO)), at(11))
    expect(codesOf([gust.monitor], at(11), uk)).toEqual([])
    const long = told(placed(), uk)
    long.tell(every(1, Array.from({ length: 10 }, () => CO(110))), at(9))
    expect(codesOf([long.monitor], at(9), uk)).toEqual(['hold monitor.heading-over'])
    long.tell(every(1, Array.from({ length: 6 }, () => CO(110)), 10), at(15))
    expect(codesOf([long.monitor], at(15), uk)).toEqual(['stop monitor.over'])
    // The first minute after it was switched on says little, and opens nothing.
    const first = told(placed(), uk)
    first.tell(every(0.5, [CO(150), CO(150)]), at(0.5))
    expect(codesOf([first.monitor], at(0.5), uk)).toEqual(['hold monitor.heading-over'])
  })
  it('takes five times the eight-hour limit where no short-term one is printed', () => {
    // US law prints 50 ppm over eight hours and nothing shorter for carbon monoxide (29 CFR 1910.1000 Table Z-1; from memory).
    const [, short] = monitorBounds('carbon-monoxide', US)
    expect(short).toMatchObject({ bound: 'short-term', isOfMean: true, source: 'usConsensusExcursion' })
    expect(short!.value).toBeCloseTo(5 * CO(50), 6)
  })
  it('stops at the ceiling of nitrogen dioxide by a single reading', () => {
    // 5 ppm, 29 CFR 1910.1000 Table Z-1 (from memory).
    const gas = placed({ quantity: 'nitrogen-dioxide' })
    const ppm = (value: number) => mgPerM3FromPpm('nitrogen-dioxide', value)
    const under = told(gas)
    under.tell(every(1, [1, 4.9, 1].map(ppm)), at(2))
    expect(codesOf([under.monitor], at(2))).toEqual([])
    const over = told(gas)
    over.tell(every(1, [1, 5.1, 1].map(ppm)), at(2))
    expect(judgeMonitors({ monitors: [over.monitor], extraction: null, rules: US, now: at(2) })[0]).toMatchObject({
      severity: 'stop', values: { bound: 'ceiling', unit: 'ppm' },
    })
  })
  it('stops for too little oxygen and too much of it, and at a tenth of what burns', () => {
    const oxygen = (...values: number[]) => {
      const shop = told(placed({ quantity: 'oxygen', name: 'Oxygen' }))
      shop.tell(every(1, values), at(values.length - 1))
      return shop.monitor
    }
    expect(codesOf([oxygen(20.9, 19.5)], at(1))).toEqual([])
    expect(codesOf([oxygen(20.9, 19.4)], at(1))).toEqual(['stop monitor.over'])
    expect(codesOf([oxygen(20.9, 22.1)], at(1))).toEqual(['stop monitor.over'])
    const flammable = (...values: number[]) => {
      const shop = told(placed({ quantity: 'flammable-gas' }))
      shop.tell(every(1, values), at(values.length - 1))
      return shop.monitor
    }
    // Beside oxygen enough it is believed; alone, or beside one that is silent, it is not.
    expect(codesOf([flammable(0, 0), oxygen(20.9, 20.9)], at(1))).toEqual([])
    expect(codesOf([flammable(0, 0)], at(1))).toEqual(['hold monitor.flammable-unproven'])
    expect(codesOf([flammable(0, 0), oxygen(11.9, 20.9)], at(1))).toContain('hold monitor.flammable-unproven')
    expect(codesOf([flammable(0, 4), oxygen(20.9, 20.9)], at(1))).toEqual(['hold monitor.flammable'])
    expect(codesOf([flammable(0, 10)], at(1))).toEqual(['stop monitor.over'])
  })
  it('holds for a hood that draws less than it is counted on for, and for a zero that drifted', () => {
    const arm = { flowM3PerS: 0.25 } as Extraction
    const flow = told(placed({ quantity: 'hood-flow' }))
    flow.tell([{ at: NOON, value: 0.24 }], NOON)
    const low = judgeMonitors({ monitors: [flow.monitor], extraction: arm, rules: US, now: NOON })
    expect(low).toMatchObject([{ severity: 'hold', code: 'monitor.flow-low' }])
    flow.tell([{ at: at(0.5), value: 0.26 }], at(0.5))
    flow.tell([{ at: at(1), value: 0.26 }], at(1))
    expect(judgeMonitors({ monitors: [flow.monitor], extraction: arm, rules: US, now: at(1) })).toEqual([])
    const drifted = told(placed())
    drifted.tell([{ at: NOON, value: CO(-30) }], NOON)
    expect(codesOf([drifted.monitor], NOON)).toEqual(['hold monitor.below-zero'])
  })
  it('what is no number is past every bound', () => {
    for (const quantity of ['carbon-monoxide', 'oxygen', 'flammable-gas', 'total-fume'] as const)
      for (const bound of monitorBounds(quantity, US)) {
        for (const odd of [Number.NaN, Infinity, -Infinity, null as unknown as number])
          expect(isPast(bound, odd), `${quantity} ${bound.bound} ${odd}`).toBe(true)
      }
  })
})

describe('what the board tells of a bay', () => {
  it('is the reading nearest to its limit, of those that speak', () => {
    const [co, oxygen] = [told(placed()), told(placed({ quantity: 'oxygen' }))]
    co.tell([{ at: NOON, value: CO(12) }], NOON)
    oxygen.tell([{ at: NOON, value: 20.6 }], NOON)
    expect(nearestReading([co.monitor, oxygen.monitor], US, NOON)).toEqual({ quantity: 'oxygen', value: 20.6, unit: '%' })
    const unheard = placed({ name: 'Unheard' })
    expect(nearestReading([co.monitor, unheard], US, NOON)).toEqual({ quantity: 'carbon-monoxide', value: 12, unit: 'ppm' })
    // Silent, it says nothing any more.
    expect(nearestReading([co.monitor], US, at(2))).toBeNull()
  })
})

describe('what comes on record', () => {
  const high = { at: at(1), value: CO(1300) }

  it('a stop at once, told to people once for one stretch, and again for the next', () => {
    const shop = told(placed())
    shop.tell([{ at: NOON, value: CO(2) }], NOON)
    expect(shop.tell([high], at(1)).news).toMatchObject([{ isStopping: true, what: { code: 'monitor.over', severity: 'stop' } }])
    expect(shop.tell([{ at: at(1.2), value: CO(1400) }], at(1.2)).news).toEqual([])
    // It goes on for longer than what is looked back on: it is the same stretch all the while.
    for (let m = 2; m < 40; m += 0.5) expect(shop.tell([{ at: at(m), value: CO(1300) }], at(m)).news, String(m)).toEqual([])
    expect(shop.monitor.over!.since).toBe(at(1))
    // The mean of a quarter of an hour takes its time to come down; then another stretch is another stop.
    for (let m = 40; m < 60; m++) shop.tell([{ at: at(m), value: CO(2) }], at(m))
    expect(codesOf([shop.monitor], at(59))).toEqual([])
    expect(shop.tell([{ at: at(60), value: CO(1300) }], at(60)).news).toHaveLength(1)
  })
  it('a peak that is told late, behind newer readings, stops all the same', () => {
    const shop = told(placed())
    shop.tell(every(1, Array.from({ length: 40 }, () => CO(2)), 2), at(41))
    expect(shop.tell([high], at(41)).news).toHaveLength(1)
    expect(shop.monitor.heard!.at).toBe(at(41))
  })
  it('a peak in the middle of an hour that is told at once', () => {
    const shop = told(placed())
    const hour = every(1, Array.from({ length: 60 }, (_, i) => CO(i === 20 ? 1300 : 2)))
    expect(shop.tell(hour, at(59)).news).toHaveLength(1)
    // The air has been fit again since: the stop is lifted by whoever may, and nothing else stands against it.
    expect(codesOf([shop.monitor], at(59))).toEqual([])
  })
  it('nothing for what was told before, and nothing for readings that say what the last one said', () => {
    const shop = told(placed())
    expect(shop.tell([{ at: NOON, value: CO(2) }], NOON).events).toHaveLength(1)
    expect(shop.tell([{ at: NOON, value: CO(2) }], at(5)).events).toEqual([])
    expect(shop.tell([{ at: at(0.5), value: CO(3) }], at(0.5)).events).toEqual([])
    expect(shop.tell([{ at: at(1), value: CO(3) }], at(1)).events).toHaveLength(1)
  })
  it('what only holds comes on record as soon as what stops: nobody strikes on it for a minute', () => {
    const gas = told(placed({ quantity: 'flammable-gas' }))
    gas.tell([{ at: NOON, value: 0 }], NOON)
    expect(gas.tell([{ at: at(0.1), value: 3 }], at(0.1)).events).toHaveLength(1)
    const drifting = told(placed())
    drifting.tell([{ at: NOON, value: CO(2) }], NOON)
    expect(drifting.tell([{ at: at(0.1), value: CO(-40) }], at(0.1)).events).toHaveLength(1)
    const rising = told(placed())
    rising.tell([{ at: NOON, value: CO(2) }], NOON)
    // 300 ppm is under the 1200 of danger, and over five times 50 on average as far as anything was heard.
    expect(rising.tell([{ at: at(0.1), value: CO(300) }], at(0.1)).events).toHaveLength(1)
    expect(codesOf([rising.monitor], at(0.1))).toEqual(['hold monitor.heading-over'])
  })
  it('two that differ at one instant both count', () => {
    const shop = told(placed())
    shop.tell([{ at: at(1), value: CO(2) }], at(1))
    expect(shop.tell([high], at(1)).news).toHaveLength(1)
  })
  it('a reading of before it was placed here says nothing of here', () => {
    const shop = told(placed({ placedAt: NOON }))
    expect(shop.tell([{ at: at(-5), value: CO(2) }], at(1)).events).toEqual([])
    expect(codesOf([shop.monitor], at(1))).toEqual(['hold monitor.never-heard'])
  })
  it('an instrument whose clock runs ahead is heard now, and no later', () => {
    const shop = told(placed())
    shop.tell([{ at: at(1.5), value: CO(2) }], NOON)
    expect(shop.monitor.heard!.at).toBe(NOON)
  })
  it('its silence, once, when its time is up; heard again it is not silent', () => {
    const shop = told(placed())
    shop.tell([{ at: NOON, value: CO(2) }], NOON)
    const silent = (now: string) => decideMonitor(shop.monitor, { type: 'monitor.fall-silent', payload: {} }, {
      id: 'bay-4-co', at: now, now, rules: US, bayIds: [], kept: [],
    })
    expect(silent(at(1.9))).toEqual({ events: [] })
    expect(silent(at(2))).toMatchObject({ events: [{ type: 'monitor-silent', payload: { since: NOON } }] })
    expect(monitorKind.clock!.dueOf(shop.monitor)).toEqual([{ kind: 'monitor-silent', dueAt: at(2) }])
    const after = evolveMonitor(shop.monitor, { type: 'monitor-silent', version: 1, payload: { since: NOON } })!
    expect(monitorKind.clock!.dueOf(after)).toEqual([])
    expect(monitorKind.clock!.dueOf(placed())).toEqual([])
    expect(monitorKind.clock!.dueOf({ ...shop.monitor, isRemoved: true })).toEqual([])
  })
})

describe('who stands where', () => {
  const today = { id: 'bay-4-co', at: NOON, now: NOON, rules: US, bayIds: ['bay-4'], kept: [] }
  const { at: _at, ...payload } = PLACED.payload

  it('is placed at bays that there are, by the id that its name makes', () => {
    expect(decideMonitor(null, { type: 'monitor.place', payload }, today)).toMatchObject({ events: [{ type: 'monitor-placed' }] })
    expect(decideMonitor(null, { type: 'monitor.place', payload: { ...payload, bayIds: ['bay-77'] } }, today)).toMatchObject({
      refused: [{ code: 'command.bay-unknown' }],
    })
    expect(decideMonitor(null, { type: 'monitor.place', payload }, { ...today, id: 'another' })).toHaveProperty('refused')
  })
  it('one that is not there, or was taken away, hears nothing', () => {
    const reading = { type: 'monitor.hear', payload: { readings: [{ at: NOON, value: 1 }] } } as const
    expect(decideMonitor(null, reading, today)).toHaveProperty('refused')
    expect(decideMonitor(placed({ isRemoved: true }), reading, today)).toHaveProperty('refused')
  })
})
