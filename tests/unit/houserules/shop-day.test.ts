import { describe, expect, it } from 'vitest'
import { shopDayEndsAtMs, shopDayOf, shopDaySpan } from '#core/time/shop-day'

const ends = (at: string, zone: string, hour = 4) => new Date(shopDayEndsAtMs(Date.parse(at), zone, hour)).toISOString()

describe('the shop day', () => {
  it('ends at the next shop-day hour, local', () => {
    expect(ends('2026-11-23T08:00:00Z', 'Europe/London')).toBe('2026-11-24T04:00:00.000Z')
    expect(ends('2026-11-23T03:59:59Z', 'Europe/London')).toBe('2026-11-23T04:00:00.000Z')
    expect(ends('2026-11-23T04:00:00Z', 'Europe/London')).toBe('2026-11-24T04:00:00.000Z')
    expect(ends('2026-07-01T12:00:00Z', 'America/Los_Angeles')).toBe('2026-07-02T11:00:00.000Z')
  })
  it('is an hour shorter or longer where the clocks change', () => {
    // Europe/London goes to summer time on 29 March 2026 at 01:00 UTC and back on 25 October 2026 at 01:00 UTC (published rule: last
    // Sundays).
    expect(ends('2026-03-28T12:00:00Z', 'Europe/London')).toBe('2026-03-29T03:00:00.000Z')
    expect(ends('2026-10-24T12:00:00Z', 'Europe/London')).toBe('2026-10-25T04:00:00.000Z')
  })
  it('always ends after the instant, also inside the repeated hour', () => {
    for (let minute = 0; minute < 180; minute += 7) {
      const at = Date.parse('2026-10-25T00:00:00Z') + minute * 60_000
      for (const hour of [0, 1, 2, 4]) expect(shopDayEndsAtMs(at, 'Europe/London', hour)).toBeGreaterThan(at)
    }
  })
  it('is called by the local date on which it began', () => {
    expect(shopDayOf(Date.parse('2026-11-24T03:00:00Z'), 'Europe/London', 4)).toBe('2026-11-23')
    expect(shopDayOf(Date.parse('2026-11-24T04:00:00Z'), 'Europe/London', 4)).toBe('2026-11-24')
  })
  it('is the same day whatever was asked before, also where a zone repeats or skips hours', () => {
    // Zones that turn at midnight, by half an hour, and by two hours; the days around every turn of 2026 (rules: the platform's own).
    const zones = ['America/Havana', 'Atlantic/Azores', 'Australia/Lord_Howe', 'Antarctica/Troll', 'America/Santiago']
    for (const zone of zones) {
      for (const hour of [0, 2]) {
        const asked = Array.from({ length: 365 * 2 }, (_, index) => Date.parse('2026-01-01T00:10:00Z') + index * 12.3 * 3_600_000)
        const told = (at: number) => `${shopDayOf(at, zone, hour)} ${shopDayEndsAtMs(at, zone, hour)}`
        const forward = asked.map(told)
        const backward = asked.toReversed().map(told).toReversed()
        expect(forward, `${zone} ${hour}`).toEqual(backward)
        // One end to each day, and one day to each end.
        expect(new Set(forward).size, `${zone} ${hour}`).toBe(new Set(forward.map(day => day.split(' ')[0])).size)
      }
    }
  })
  it('spans from its first instant to the first of the next, also where a zone repeats or skips hours', () => {
    for (const zone of ['America/Havana', 'Atlantic/Azores', 'Australia/Lord_Howe', 'Antarctica/Troll'])
      for (const hour of [0, 2])
        for (let day = 0; day < 366; day++) {
          const date = new Date(Date.UTC(2026, 0, 1 + day)).toISOString().slice(0, 10)
          const { sinceMs, endsAtMs } = shopDaySpan(date, zone, hour)
          const told = [sinceMs - 1, sinceMs, endsAtMs - 1, endsAtMs].map(at => shopDayOf(at, zone, hour) === date)
          expect(told, `${date} ${zone} ${hour}`).toEqual([false, true, true, false])
        }
  })
  it('refuses what is no date', () => {
    for (const date of ['', '2026-02-30', 'today', '2026-11-23T08:00']) expect(() => shopDaySpan(date, 'UTC', 4)).toThrow()
  })
  it('refuses a zone that is not known', () => expect(() => shopDayEndsAtMs(0, 'Fen/Marsh', 4)).toThrow())
})
