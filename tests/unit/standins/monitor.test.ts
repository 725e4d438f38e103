import { describe, expect, it } from 'vitest'
import { resolveSenml } from '#core/monitor/senml'
import { readingsRequest } from '#shared/contract/monitor-schema'
import { StandInMonitor } from '../../../standins/monitor'

const shift = (seed: number, peakAtMin: number | null = null): readonly number[] => {
  const monitor = new StandInMonitor(seed, peakAtMin)
  return Array.from({ length: 8 * 60 }, () => monitor.read(1))
}
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

describe('the stand-in for an instrument', () => {
  it('breathes a shift that somebody could have: the same for the same seed, around what a hall with an arc has', () => {
    expect(shift(7)).toEqual(shift(7))
    expect(shift(7)).not.toEqual(shift(8))
    const means = Array.from({ length: 20 }, (_, seed) => mean(shift(seed)))
    expect(mean(means)).toBeGreaterThan(6)
    expect(mean(means)).toBeLessThan(16)
    expect(Math.max(...shift(7))).toBeLessThan(50)
  })
  it('has its peak where it is asked for, and comes down from it', () => {
    const values = shift(7, 60)
    expect(Math.max(...values.slice(0, 59))).toBeLessThan(50)
    expect(Math.max(...values.slice(60, 64))).toBeGreaterThan(250)
    expect(Math.max(...values.slice(90))).toBeLessThan(50)
  })
  it('tells it as the shop reads it', () => {
    const pack = new StandInMonitor(7).pack('bay-4:carbon-monoxide', 3, 5)
    expect(readingsRequest.safeParse(pack).success).toBe(true)
    expect(resolveSenml(pack, 1000).resolved.map(({ name, unit, timeS }) => [name, unit, timeS])).toEqual([
      ['bay-4:carbon-monoxide', 'ppm', 990],
      ['bay-4:carbon-monoxide', 'ppm', 995],
      ['bay-4:carbon-monoxide', 'ppm', 1000],
    ])
  })
})
