import { describe, expect, it } from 'vitest'
import { afterRead, afterTold, isBehind, NOTHING_HEARD, quietForMs } from '#shared/hearing'
import type { DeviceTime, Hearing } from '#shared/hearing'

const at = (s: number) => new Date(Date.UTC(2026, 10, 28, 8, 0, s)).toISOString()
const on = (s: number, clockS = s): DeviceTime => ({ clockMs: clockS * 1000, runningMs: s * 1000 })
/** A screen that read position 10 at second 0. */
const level: Hearing = afterRead(NOTHING_HEARD, 10, at(0), on(0))

describe('a screen', () => {
  it('has heard nothing before it read anything, however often the shop beats', () => {
    const beaten = afterTold(NOTHING_HEARD, 0, at(5), on(5))
    expect(beaten.wholeAt).toBeNull()
    expect(quietForMs(beaten, on(5))).toBe(Infinity)
    expect(isBehind(beaten)).toBe(true)
  })
  it('that shows all there is has heard the shop at each beat', () => {
    const beaten = afterTold(level, 10, at(5), on(5))
    expect(beaten.wholeAt).toBe(at(5))
    expect(quietForMs(beaten, on(7))).toBe(2000)
  })
  it('that was told of a change and could not read it has not heard the shop, however often it beats', () => {
    let hearing = afterTold(level, 11, at(5), on(5))
    for (const s of [10, 15, 20]) hearing = afterTold(hearing, 11, at(s), on(s))
    expect(hearing.wholeAt).toBe(at(0))
    expect(quietForMs(hearing, on(20))).toBe(20_000)
  })
  it('that is told of less than it was told before is still behind', () => {
    const behind = afterTold(afterTold(level, 12, at(5), on(5)), 10, at(10), on(10))
    expect(isBehind(behind)).toBe(true)
    expect(behind.wholeAt).toBe(at(0))
  })
  it('that read what it was told of has heard the shop as of when it asked', () => {
    const caughtUp = afterRead(afterTold(level, 12, at(5), on(5)), 12, at(6), on(6))
    expect(caughtUp).toMatchObject({ shown: 12, wholeAt: at(6) })
  })
  it('in a busy shop, told of more while it reads, has heard as of when it asked, and no beat makes that later', () => {
    const halfway = afterRead(afterTold(level, 12, at(5), on(5)), 11, at(4), on(4))
    expect(halfway).toMatchObject({ shown: 11, wholeAt: at(4) })
    expect(isBehind(halfway)).toBe(true)
    expect(afterTold(halfway, 12, at(10), on(10)).wholeAt).toBe(at(4))
  })
  it('takes no answer that is older than what it shows', () => {
    expect(afterRead(level, 9, at(30), on(30))).toBe(level)
  })
  it('counts the longest of its two clocks: one that was set back shortens nothing', () => {
    expect(quietForMs(level, on(60, -3600))).toBe(60_000)
    expect(quietForMs(level, on(1, 50))).toBe(50_000)
  })
})
