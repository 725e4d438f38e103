import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { LoopDelay } from '#server/loop-delay'

/** A histogram whose figures are set by hand, ns. */
class Figures {
  max = 20e6
  p99 = 20e6
  isOn = false
  enable = () => (this.isOn = true)
  disable = () => !(this.isOn = false)
  reset = () => {
    ;[this.max, this.p99] = [0, 0]
  }

  percentile = () => this.p99
}

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
})

it('says how late the process came to its work, beyond the measure\'s own step', () => {
  const figures = new Figures()
  const delay = new LoopDelay(figures)
  expect(figures.isOn).toBe(true)
  expect(delay.read()).toEqual({ p99Ms: 0, maxMs: 0 })
  ;[figures.max, figures.p99] = [6_020e6, 45e6]
  expect(delay.read()).toEqual({ p99Ms: 25, maxMs: 6000 })
  delay.close()
  expect(figures.isOn).toBe(false)
})

it('remembers the worst for at least a minute, and at most for two', () => {
  const figures = new Figures()
  const delay = new LoopDelay(figures)
  vi.advanceTimersByTime(59_000)
  figures.max = 6_020e6
  vi.advanceTimersByTime(2000)
  expect(delay.read().maxMs).toBe(6000)
  vi.advanceTimersByTime(58_000)
  expect(delay.read().maxMs).toBe(6000)
  vi.advanceTimersByTime(2000)
  expect(delay.read().maxMs).toBe(0)
  delay.close()
})

it('measures this process itself', async () => {
  vi.useRealTimers()
  const delay = new LoopDelay()
  await new Promise(resolve => setTimeout(resolve, 50))
  const until = performance.now() + 200
  while (performance.now() < until);
  await new Promise(resolve => setTimeout(resolve, 50))
  expect(delay.read().maxMs).toBeGreaterThan(100)
  delay.close()
})
