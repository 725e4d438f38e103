import type { Instant } from '#core/time/instant'

// How well a screen hears its shop. A screen that is told of a change and cannot read it is behind: it shows what no longer
// holds, and however many beats it hears, it has not heard the shop. What it shows was whole when it last was level with it.

/** A screen that has not heard the server for this long shows nothing as clear, ms. */
export const UNHEARD_AFTER_MS = 45_000
/** The server says something every 5 s: past this the screen says that it does not hear it, ms. */
export const QUIET_AFTER_MS = 11_000

/** Two clocks of one device: its own, which may be set, and one that only runs on, ms. What is longest ago counts. */
export interface DeviceTime {
  readonly clockMs: number
  readonly runningMs: number
}

/** What a screen knows of its own standing; positions are those of the site's record. */
export interface Hearing {
  /** The position of what is shown; null before anything was read. */
  readonly shown: number | null
  /** The newest position that the shop told of. */
  readonly told: number
  /** When what is shown was last known to be all there is, by the server's clock; null before that. */
  readonly wholeAt: Instant | null
  readonly wholeOn: DeviceTime
}

export const NOTHING_HEARD: Hearing = { shown: null, told: 0, wholeAt: null, wholeOn: { clockMs: 0, runningMs: 0 } }

/** Whether the shop told of something that is not shown yet. */
export const isBehind = ({ shown, told }: Hearing): boolean => shown === null || told > shown

/** The shop said where its record stands: a beat, or a change. Only a screen that shows all of it has heard the shop. */
export function afterTold(hearing: Hearing, position: number, now: Instant, on: DeviceTime): Hearing {
  const told = { ...hearing, told: Math.max(hearing.told, position) }
  return isBehind(told) ? told : { ...told, wholeAt: now, wholeOn: on }
}

/**
 * What is shown was read anew: all there was when it was asked for, whatever was told meanwhile. In a busy shop a screen is
 * always a little behind, and still hears. An answer older than what is shown changes nothing.
 *
 * @param askedAt the instant, by the server's clock, before it was asked for: it speaks for nothing later
 */
export function afterRead(hearing: Hearing, position: number, askedAt: Instant, askedOn: DeviceTime): Hearing {
  if (hearing.shown !== null && position < hearing.shown) return hearing
  return { ...hearing, shown: position, wholeAt: askedAt, wholeOn: askedOn }
}

/** How long ago something was, by whichever clock says longer, ms: one that was set, or that slept, makes nothing younger. */
export const longestSince = (then: DeviceTime, on: DeviceTime): number =>
  Math.max(on.clockMs - then.clockMs, on.runningMs - then.runningMs)

/** How long ago what is shown was known to be whole, ms; for ever, before that. */
export function quietForMs({ wholeAt, wholeOn }: Hearing, on: DeviceTime): number {
  if (wholeAt === null) return Infinity
  return longestSince(wholeOn, on)
}
