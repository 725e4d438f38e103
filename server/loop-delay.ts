import { monitorEventLoopDelay } from 'node:perf_hooks'
import type { IntervalHistogram } from 'node:perf_hooks'

/** How late the process came to its work, ms: the longest, and what all but one in a hundred times were under. */
export interface LoopDelayReading {
  readonly p99Ms: number
  readonly maxMs: number
}

const WINDOW_MS = 60_000
const RESOLUTION_MS = 20
const NONE: LoopDelayReading = { p99Ms: 0, maxMs: 0 }

/**
 * Measures how long the event loop keeps work waiting: a sum that takes seconds keeps every Stop waiting for it. Told of the last
 * one to two minutes: of the minute that runs, and the whole one before it.
 */
export class LoopDelay {
  readonly #histogram: Pick<IntervalHistogram, 'enable' | 'disable' | 'reset' | 'max' | 'percentile'>
  readonly #timer: NodeJS.Timeout
  #before = NONE

  constructor(
    histogram: Pick<IntervalHistogram, 'enable' | 'disable' | 'reset' | 'max' | 'percentile'> = monitorEventLoopDelay({
      resolution: RESOLUTION_MS,
    }),
  ) {
    this.#histogram = histogram
    histogram.enable()
    this.#timer = setInterval(() => {
      this.#before = this.#now()
      histogram.reset()
    }, WINDOW_MS).unref()
  }

  /** The measured interval holds the waiting itself: what is over it is delay. Nanoseconds in, ms out. */
  #now(): LoopDelayReading {
    const late = (ns: number) => Math.max(0, Math.round(ns / 1e6 - RESOLUTION_MS))
    return { p99Ms: late(this.#histogram.percentile(99)), maxMs: late(this.#histogram.max) }
  }

  read(): LoopDelayReading {
    const now = this.#now()
    return { p99Ms: Math.max(now.p99Ms, this.#before.p99Ms), maxMs: Math.max(now.maxMs, this.#before.maxMs) }
  }

  close(): void {
    clearInterval(this.#timer)
    this.#histogram.disable()
  }
}
